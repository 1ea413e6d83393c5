<?php

declare(strict_types=1);

namespace Aequus\Measure;

/** A length along a tape, held in whole nanometres, so that every sixty-fourth of an inch and every millimetre is exact. */
final readonly class Length
{
    private const PER_MILLIMETRE = 1_000_000;

    private const PER_INCH = 25_400_000;

    private const PER_FOOT = 304_800_000;

    private function __construct(public int $nanometres)
    {
    }

    public static function zero(): self
    {
        return new self(0);
    }

    public static function nanometres(int $nanometres): self
    {
        return new self($nanometres);
    }

    /** Rounded to the nearest nanometre, halves away from zero. */
    public static function millimetres(int|float $millimetres): self
    {
        return self::scaled($millimetres, self::PER_MILLIMETRE);
    }

    /** Rounded to the nearest nanometre, halves away from zero. */
    public static function inches(int|float $inches): self
    {
        return self::scaled($inches, self::PER_INCH);
    }

    /** Rounded to the nearest nanometre, halves away from zero. */
    public static function feet(int|float $feet): self
    {
        return self::scaled($feet, self::PER_FOOT);
    }

    /** A proper fraction of an inch with a denominator that divides 64: exact. */
    public static function inchFraction(int $numerator, int $denominator): self
    {
        return new self(intdiv($numerator * self::PER_INCH, $denominator));
    }

    /** @param  list<self>  $lengths */
    public static function sum(array $lengths): self
    {
        return new self(array_sum(array_map(fn (self $length) => $length->nanometres, $lengths)));
    }

    public function inMillimetres(): float
    {
        return $this->nanometres / self::PER_MILLIMETRE;
    }

    public function inFeet(): float
    {
        return $this->nanometres / self::PER_FOOT;
    }

    public function plus(self $other): self
    {
        return new self($this->nanometres + $other->nanometres);
    }

    public function minus(self $other): self
    {
        return new self($this->nanometres - $other->nanometres);
    }

    /** Rounded to the nearest nanometre, halves away from zero. */
    public function times(int|float $factor): self
    {
        return is_int($factor) ? new self($this->nanometres * $factor) : self::scaled($factor, $this->nanometres);
    }

    public function half(): self
    {
        return self::scaled(0.5, $this->nanometres);
    }

    public function negated(): self
    {
        return new self(-$this->nanometres);
    }

    public function magnitude(): self
    {
        return new self(abs($this->nanometres));
    }

    public function isZero(): bool
    {
        return $this->nanometres === 0;
    }

    public function isNegative(): bool
    {
        return $this->nanometres < 0;
    }

    public function isPositive(): bool
    {
        return $this->nanometres > 0;
    }

    public function equals(self $other): bool
    {
        return $this->nanometres === $other->nanometres;
    }

    public function isLongerThan(self $other): bool
    {
        return $this->nanometres > $other->nanometres;
    }

    public function isShorterThan(self $other): bool
    {
        return $this->nanometres < $other->nanometres;
    }

    private static function scaled(int|float $amount, int $unit): self
    {
        return new self(is_int($amount) ? $amount * $unit : (int) round($amount * $unit));
    }
}
