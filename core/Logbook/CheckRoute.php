<?php

declare(strict_types=1);

namespace Aequus\Logbook;

/** By which other way something was measured once more before a point of no return, and what that would catch. */
enum CheckRoute: string
{
    case LongDiagonal = 'long_diagonal';
    case OtherTape = 'other_tape';
    case OtherLevel = 'other_level';
    case OneRodForAll = 'one_rod';

    public function inWords(): string
    {
        return match ($this) {
            self::LongDiagonal => 'the longest diagonal, from a zero of its own',
            self::OtherTape => 'one side with another tape, by another person',
            self::OtherLevel => 'the height of the far post with another instrument',
            self::OneRodForAll => 'one rod cut to the mark, held on every line',
        };
    }

    public function catches(): string
    {
        return match ($this) {
            self::LongDiagonal => 'a frame that is racked, a side measured from a wrong edge',
            self::OtherTape => 'a worn hook, a foot misread, a tape held at its case',
            self::OtherLevel => 'a benchmark that moved, a level out of true, a foot misread',
            self::OneRodForAll => 'a mark struck from the ground instead of the line, a line struck on the wrong side',
        };
    }

    /** @return list<self> that suit before a pour, or before a row of cuts */
    public static function before(PointOfNoReturn $point): array
    {
        return $point === PointOfNoReturn::Pour ? [self::LongDiagonal, self::OtherTape, self::OtherLevel] : [self::OtherLevel, self::OneRodForAll];
    }
}
