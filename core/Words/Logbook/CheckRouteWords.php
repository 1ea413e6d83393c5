<?php

declare(strict_types=1);

namespace Aequus\Words\Logbook;

use Aequus\Logbook\Set\CheckRoute;

/** What measuring again by another way would catch. */
final class CheckRouteWords
{
    public static function catches(CheckRoute $route): string
    {
        return match ($route) {
            CheckRoute::LongDiagonal => 'a frame that is racked, a side measured from a wrong edge',
            CheckRoute::WholeLength => 'a bay measured from a wrong mark, errors that add up along the row',
            CheckRoute::FixedPoints => 'a post beside its place, a foot misread',
            CheckRoute::OtherTape => 'a worn hook, a foot misread, a tape held at its case',
            CheckRoute::OtherLevel => 'a benchmark that moved, a level out of true, a foot misread',
            CheckRoute::OneRodForAll => 'a mark struck from the ground instead of the line, a line struck on the wrong side',
        };
    }
}
