<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

use Aequus\Plan\Grid\Grid;

/** By which other way something was measured once more before a point of no return. */
enum CheckRoute: string
{
    case LongDiagonal = 'long_diagonal';
    case WholeLength = 'whole_length';
    case FixedPoints = 'fixed_points';
    case OtherTape = 'other_tape';
    case OtherLevel = 'other_level';
    case OneRodForAll = 'one_rod';

    /** @return non-empty-list<self> that suit before a pour, or before a row of cuts: one post has no side, a row no diagonal */
    public static function before(PointOfNoReturn $point, Grid $grid): array
    {
        return match (true) {
            $point === PointOfNoReturn::Cut => [self::OtherLevel, self::OneRodForAll],
            count($grid->posts) === 1 => [self::FixedPoints, self::OtherLevel],
            $grid->isRow() => [self::WholeLength, self::OtherTape, self::OtherLevel],
            default => [self::LongDiagonal, self::OtherTape, self::OtherLevel],
        };
    }
}
