<?php

declare(strict_types=1);

namespace Aequus\Cut;

use Aequus\Measure\Length;

/** Rafters, joists or battens across a length, outside to outside: the near face of each from one zero. */
final readonly class Members
{
    /** @param  list<Length>  $nearFaces */
    private function __construct(
        public array $nearFaces,
        /** Clear space between two members of an even row; null at fixed centres. */
        public ?Length $gap,
        /** From the last full centre to the outside of the last member, where that is not a whole bay; null where it is. */
        public ?Length $remainder,
    ) {
    }

    /** @throws CutRefused when they do not fit */
    public static function even(Length $length, int $count, Length $thickness): self
    {
        if ($count < 2 || ! $thickness->isPositive() || $thickness->times($count)->isLongerThan($length)) {
            throw CutRefused::membersDoNotFit();
        }
        $step = ($length->nanometres - $thickness->nanometres) / ($count - 1);
        $faces = array_map(fn (int $i) => Length::nanometres((int) round($i * $step)), range(0, $count - 1));

        return new self($faces, Length::nanometres((int) round($step))->minus($thickness), null);
    }

    /**
     * Dividers of a trellis or a shelf: equal cells between them and at both ends.
     *
     * @throws CutRefused when they leave no cells
     */
    public static function dividers(Length $length, int $count, Length $thickness): self
    {
        $open = $length->minus($thickness->times($count));
        if ($count < 0 || ! $open->isPositive() || $thickness->isNegative()) {
            throw CutRefused::membersDoNotFit();
        }
        $cell = $open->nanometres / ($count + 1);
        $faces = array_map(
            fn (int $i) => Length::nanometres((int) round($i * $cell + ($i - 1) * $thickness->nanometres)), $count === 0 ? [] : range(1, $count),
        );

        return new self($faces, Length::nanometres((int) round($cell)), null);
    }

    /** @throws CutRefused when they do not fit */
    public static function atCentres(Length $length, Length $thickness, Length $centres): self
    {
        if (! $centres->isPositive() || ! $thickness->isPositive() || $thickness->times(2)->isLongerThan($length)) {
            throw CutRefused::membersDoNotFit();
        }
        $faces = [Length::zero()];
        $last = $length->minus($thickness);
        $i = 1;
        for (; ! $centres->times($i)->plus($thickness->half())->isLongerThan($last); $i++) {
            $faces[] = $centres->times($i)->minus($thickness->half());
        }
        $faces[] = $last;
        $remainder = $length->minus($centres->times($i - 1));

        return new self($faces, null, $remainder->equals($centres) ? null : $remainder);
    }

    /**
     * The fewest members that leave no gap larger than wanted.
     *
     * @throws CutRefused when they have no thickness, or the gap is below zero
     */
    public static function fewest(Length $length, Length $thickness, Length $largestGap): int
    {
        if (! $thickness->isPositive() || $largestGap->isNegative()) {
            throw CutRefused::membersDoNotFit();
        }

        return (int) ceil(($length->nanometres + $largestGap->nanometres) / ($largestGap->nanometres + $thickness->nanometres) - 1e-9);
    }

    /** A beam that runs past both of its end posts. */
    public static function beam(Length $span, Length $overhang): Length
    {
        return $span->plus($overhang->times(2));
    }
}
