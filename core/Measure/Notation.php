<?php

declare(strict_types=1);

namespace Aequus\Measure;

use InvalidArgumentException;

/** How a job writes its lengths: feet and inches to a smallest fraction, or millimetres. Halves are rounded away from zero. */
final readonly class Notation
{
    private function __construct(
        public Unit $unit,
        /** Of the smallest fraction of an inch; 1 in a millimetre job. */
        public int $denominator,
        /** Of a millimetre; 0 in an inch job. */
        public int $decimals,
    ) {
    }

    /** The usual one of a unit. */
    public static function of(Unit $unit): self
    {
        return $unit === Unit::Inch ? self::feetInches(16) : self::millimetres(0);
    }

    /** @throws InvalidArgumentException when the denominator is not 2, 4, 8, 16, 32 or 64 */
    public static function feetInches(int $denominator): self
    {
        if (! in_array($denominator, [2, 4, 8, 16, 32, 64], true)) {
            throw new InvalidArgumentException('An inch is divided into 2, 4, 8, 16, 32 or 64.');
        }

        return new self(Unit::Inch, $denominator, 0);
    }

    /** @throws InvalidArgumentException when the decimals are not 0 or 1 */
    public static function millimetres(int $decimals): self
    {
        if ($decimals !== 0 && $decimals !== 1) {
            throw new InvalidArgumentException('Millimetres are written whole or to a tenth.');
        }

        return new self(Unit::Millimetre, 1, $decimals);
    }

    /** By its code: “in16”, “mm”, “mm.1”; null where it is none. */
    public static function named(string $code): ?self
    {
        return match (true) {
            $code === 'mm' => self::millimetres(0),
            $code === 'mm.1' => self::millimetres(1),
            preg_match('/^in(2|4|8|16|32|64)$/', $code, $found) === 1 => self::feetInches((int) $found[1]),
            default => null,
        };
    }

    public function code(): string
    {
        return match ($this->unit) {
            Unit::Inch => "in{$this->denominator}",
            Unit::Millimetre => $this->decimals === 1 ? 'mm.1' : 'mm',
        };
    }

    /** As plans keep it. */
    public static function kept(Unit $unit, int $denominator, int $decimals): self
    {
        return match ($unit) {
            Unit::Inch => self::feetInches($denominator),
            Unit::Millimetre => self::millimetres($decimals),
        };
    }

    /** The smallest length this notation can tell apart. */
    public function smallestMark(): Length
    {
        return $this->unit === Unit::Inch ? Length::inchFraction(1, $this->denominator) : Length::nanometres(
            $this->decimals === 1 ? 100_000 : 1_000_000,
        );
    }

    /** Goods and figures that go with its unit. */
    public function system(): UnitSystem
    {
        return UnitSystem::of($this->unit);
    }

    public function round(Length $length): Length
    {
        $mark = $this->smallestMark()->nanometres;
        $marks = intdiv(2 * abs($length->nanometres) + $mark, 2 * $mark);

        return Length::nanometres(($length->isNegative() ? -1 : 1) * $marks * $mark);
    }

    public function write(Length $length): string
    {
        return $this->unit === Unit::Inch
            ? $this->feetInchesOf($length)->text()
            : number_format($this->round($length)->nanometres / 1_000_000, $this->decimals, '.', '').' mm';
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
