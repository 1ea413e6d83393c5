<?php

declare(strict_types=1);

namespace Aequus\Plan\Terms;

/** One of the four sides of a job, by the plan axis that points at it. */
enum Side: string
{
    case MinusY = 'minus_y';
    case PlusY = 'plus_y';
    case MinusX = 'minus_x';
    case PlusX = 'plus_x';

    public static function alongX(float $x): self
    {
        return $x < 0 ? self::MinusX : self::PlusX;
    }

    public static function alongY(float $y): self
    {
        return $y < 0 ? self::MinusY : self::PlusY;
    }

    public function opposite(): self
    {
        return match ($this) {
            self::MinusY => self::PlusY,
            self::PlusY => self::MinusY,
            self::MinusX => self::PlusX,
            self::PlusX => self::MinusX,
        };
    }

    public function isAlongX(): bool
    {
        return $this === self::MinusX || $this === self::PlusX;
    }

    /** +1 or −1: which way along its axis this side lies. */
    public function sign(): int
    {
        return $this === self::PlusX || $this === self::PlusY ? 1 : -1;
    }

    /** 1 where this side lies to the left of the way from one point to another, −1 to the right, 0 along it. */
    public function leftOf(Point $from, Point $to): int
    {
        return ($this->isAlongX() ? $from->y->minus($to->y) : $to->x->minus($from->x))->nanometres * $this->sign() <=> 0;
    }
}
