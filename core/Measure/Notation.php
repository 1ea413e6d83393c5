<?php

declare(strict_types=1);

namespace Aequus\Measure;

use InvalidArgumentException;

/** How a job writes its lengths: feet and inches to a smallest fraction, or decimal figures. Halves are rounded away from zero. */
final readonly class Notation
{
    private function __construct(
        public Unit $unit,
        /** Of the smallest fraction of an inch; 1 where figures are decimal. */
        public int $denominator,
        /** Of a figure; 0 where an inch is divided. */
        public int $decimals,
    ) {
    }

    /** The usual one of a unit. */
    public static function of(Unit $unit): self
    {
        return self::parted($unit, array_values($unit->system()->notations)[0]);
    }

    /** The finest one of a unit, as figures are checked. */
    public static function finest(Unit $unit): self
    {
        return self::parted($unit, max($unit->system()->notations));
    }

    /** @throws InvalidArgumentException when the denominator is not 2, 4, 8, 16, 32 or 64 */
    public static function feetInches(int $denominator): self
    {
        return self::parted(Unit::Inch, $denominator);
    }

    /** @throws InvalidArgumentException when the decimals are not 0 or 1 */
    public static function millimetres(int $decimals): self
    {
        return self::parted(Unit::Millimetre, $decimals);
    }

    /** By its code, such as “in16”, “mm”, “mm.1”; null where it is none. */
    public static function named(string $code): ?self
    {
        foreach (Unit::cases() as $unit) {
            $fineness = $unit->system()->notations[$code] ?? null;
            if ($fineness !== null) {
                return self::parted($unit, $fineness);
            }
        }

        return null;
    }

    public function code(): string
    {
        return (string) array_search($this->system()->isDivided ? $this->denominator : $this->decimals, $this->system()->notations, true);
    }

    /**
     * As plans keep it.
     *
     * @throws InvalidArgumentException when the unit is not written so
     */
    public static function kept(Unit $unit, int $denominator, int $decimals): self
    {
        return self::parted($unit, $unit->system()->isDivided ? $denominator : $decimals);
    }

    /** @param  int  $fineness  into how many parts an inch is divided, or decimals */
    private static function parted(Unit $unit, int $fineness): self
    {
        $system = $unit->system();
        if (! in_array($fineness, $system->notations, true)) {
            throw new InvalidArgumentException("Lengths in {$unit->value} are not written to {$fineness}: ".implode(', ', $system->notations).'.');
        }

        return $system->isDivided ? new self($unit, $fineness, 0) : new self($unit, 1, $fineness);
    }

    /** The smallest length this notation can tell apart. */
    public function smallestMark(): Length
    {
        return $this->system()->isDivided ? Length::inchFraction(1, $this->denominator)
            : Length::nanometres((int) round(Length::millimetres($this->system()->one)->nanometres / 10 ** $this->decimals));
    }

    /** Goods and figures that go with its unit. */
    public function system(): UnitSystem
    {
        return $this->unit->system();
    }

    public function round(Length $length): Length
    {
        $mark = $this->smallestMark()->nanometres;
        $marks = intdiv(2 * abs($length->nanometres) + $mark, 2 * $mark);

        return Length::nanometres(($length->isNegative() ? -1 : 1) * $marks * $mark);
    }

    public function write(Length $length): string
    {
        return $this->system()->isDivided ? $this->feetInchesOf($length)->text() : $this->decimal($length).' '.$this->system()->sign;
    }

    /** As it is typed into a field or said on the quick line: no more than has to be. */
    public function typed(Length $length): string
    {
        return match (true) {
            $this->system()->isDivided => $this->feetInchesOf($length)->typed(),
            $this->decimals === 0 => $this->decimal($length),
            default => rtrim(rtrim($this->decimal($length), '0'), '.'),
        };
    }

    private function decimal(Length $length): string
    {
        return number_format($this->round($length)->inMillimetres() / $this->system()->one, $this->decimals, '.', '');
    }

    public function feetInchesOf(Length $length): FeetInches
    {
        $rounded = $this->round($length);
        $parts = intdiv($rounded->magnitude()->nanometres, $this->smallestMark()->nanometres);
        $perFoot = 12 * $this->denominator;
        [$feet, $rest] = [intdiv($parts, $perFoot), $parts % $perFoot];
        [$inches, $numerator] = [intdiv($rest, $this->denominator), $rest % $this->denominator];
        $denominator = $this->denominator;
        while ($numerator > 0 && $numerator % 2 === 0) {
            [$numerator, $denominator] = [intdiv($numerator, 2), intdiv($denominator, 2)];
        }

        return new FeetInches($rounded->isNegative(), $feet, $inches, $numerator, $denominator);
    }
}
