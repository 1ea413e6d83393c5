<?php

declare(strict_types=1);

namespace Aequus\Plan\Grid;

use Aequus\Measure\Length;
use Aequus\Plan\Terms\PlanRefused;

/** Where the post centres of one axis stand, counted from one zero, so that no rounding adds up. */
final readonly class Spacing
{
    public const MOST_LINES = 60;

    /** @param  non-empty-list<Length>  $centres from the zero, growing */
    private function __construct(public array $centres)
    {
    }

    /**
     * @param  list<Length>  $bays  centre to centre; none for a single line
     *
     * @throws PlanRefused when a bay has no length or there are too many
     */
    public static function bays(array $bays): self
    {
        $centres = [Length::zero()];
        foreach ($bays as $i => $bay) {
            if (! $bay->isPositive()) {
                throw PlanRefused::bayNotPositive($i + 1);
            }
            $centres[] = $centres[$i]->plus($bay);
        }
        if (count($centres) > self::MOST_LINES) {
            throw PlanRefused::tooManyLines(self::MOST_LINES);
        }

        return new self($centres);
    }

    /**
     * Bays of which some take what the others leave of the distance between the end centres, in equal parts.
     *
     * @param  list<?Length>  $bays  null for a bay that takes the rest
     *
     * @throws PlanRefused when nothing is left for them, or a bay has no length
     */
    public static function withRest(Length $between, array $bays): self
    {
        $given = array_filter($bays);
        $left = array_reduce($given, fn (Length $left, Length $bay) => $left->minus($bay), $between);
        $shares = count($bays) - count($given);
        if ($shares > 0 && ! $left->isPositive()) {
            throw PlanRefused::nothingIsLeft();
        }

        return self::bays(array_map(fn (?Length $bay) => $bay ?? $left->times(1 / $shares), $bays));
    }

    /**
     * Equal bays over an overall size, first post at zero.
     *
     * @throws PlanRefused when the posts would stand in each other, or there is no bay
     */
    public static function overall(Length $size, TapeHeld $held, Length $post, int $bays): self
    {
        return self::even(Length::zero(), $held->centres($size, $post), $bays);
    }

    /**
     * First and last post stand back from the edges of an overall size; the zero is the edge.
     *
     * @throws PlanRefused when nothing is left between the offsets, or there is no bay
     */
    public static function betweenEnds(Length $size, Length $first, Length $last, int $bays): self
    {
        return self::even($first, $size->minus($first)->minus($last), $bays);
    }

    /**
     * The fewest equal bays over a distance between end centres that are no wider than the largest allowed, at least one.
     *
     * @throws PlanRefused when the largest bay has no length
     */
    public static function fewestBays(Length $centres, Length $largest): int
    {
        if (! $largest->isPositive()) {
            throw PlanRefused::bayNotPositive(1);
        }

        return max(1, (int) ceil($centres->nanometres / $largest->nanometres - 1e-9));
    }

    /** @return list<Length> centre to centre */
    public function gaps(): array
    {
        $gaps = [];
        for ($i = 1; $i < count($this->centres); $i++) {
            $gaps[] = $this->centres[$i]->minus($this->centres[$i - 1]);
        }

        return $gaps;
    }

    /**
     * @param  callable(int): Length  $thick  along this axis, of the post at one of them
     * @return non-empty-list<Mark>
     */
    public function marks(callable $thick): array
    {
        return array_map(
            fn (Length $centre, int $i) => new Mark($centre->minus($thick($i)->half()), $centre, $centre->plus($thick($i)->half())), $this->centres,
            array_keys($this->centres),
        );
    }

    private static function even(Length $start, Length $between, int $bays): self
    {
        if ($bays < 1) {
            throw PlanRefused::noBays();
        }
        if ($bays >= self::MOST_LINES) {
            throw PlanRefused::tooManyLines(self::MOST_LINES);
        }
        if (! $between->isPositive()) {
            throw PlanRefused::overallTooSmall();
        }

        return new self(array_map(fn (int $i) => $start->plus($between->times($i / $bays)), range(0, $bays)));
    }
}
