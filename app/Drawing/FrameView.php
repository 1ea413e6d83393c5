<?php

declare(strict_types=1);

namespace App\Drawing;

/** From where a frame is looked at. */
enum FrameView: string
{
    case FromAbove = 'plan';
    case MinusY = 'minus_y';
    case PlusY = 'plus_y';
    case MinusX = 'minus_x';
    case PlusX = 'plus_x';
    case Corner1 = 'corner_1';
    case Corner2 = 'corner_2';
    case Corner3 = 'corner_3';
    case Corner4 = 'corner_4';

    /** Turned round the upright, degrees, so that what it is looked at from lies nearest. */
    public function turn(): float
    {
        return match ($this) {
            self::FromAbove, self::MinusY => 0.0,
            self::PlusX => 90.0,
            self::PlusY => 180.0,
            self::MinusX => 270.0,
            self::Corner1 => -30.0,
            self::Corner2 => 60.0,
            self::Corner3 => 150.0,
            self::Corner4 => 240.0,
        };
    }

    /** How steeply it is looked down on, degrees. */
    public function down(): float
    {
        return match ($this) {
            self::FromAbove => 90.0,
            self::Corner1, self::Corner2, self::Corner3, self::Corner4 => 28.0,
            default => 0.0,
        };
    }

    public function isCorner(): bool
    {
        return in_array($this, [self::Corner1, self::Corner2, self::Corner3, self::Corner4], true);
    }
}
