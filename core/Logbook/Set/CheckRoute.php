<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

use Aequus\Plan\Grid\Grid;

/** By which other way something was measured once more before a point of no return, and what that would catch. */
enum CheckRoute: string
{
    case LongDiagonal = 'long_diagonal';
    case WholeLength = 'whole_length';
    case FixedPoints = 'fixed_points';
    case OtherTape = 'other_tape';
    case OtherLevel = 'other_level';
    case OneRodForAll = 'one_rod';

    public function catches(): string
    {
        return match ($this) {
            self::LongDiagonal => 'a frame that is racked, a side measured from a wrong edge',
            self::WholeLength => 'a bay measured from a wrong mark, errors that add up along the row',
            self::FixedPoints => 'a post beside its place, a foot misread',
            self::OtherTape => 'a worn hook, a foot misread, a tape held at its case',
            self::OtherLevel => 'a benchmark that moved, a level out of true, a foot misread',
            self::OneRodForAll => 'a mark struck from the ground instead of the line, a line struck on the wrong side',
        };
    }

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
