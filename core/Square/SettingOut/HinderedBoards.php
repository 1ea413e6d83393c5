<?php

declare(strict_types=1);

namespace Aequus\Square\SettingOut;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;

/** Boards that do not stand where the plan sets them back to: those of one side that one thing keeps from it are told together. */
final class HinderedBoards
{
    /**
     * @param  list<BatterBoard>  $boards
     * @return list<Fact>
     */
    public static function facts(array $boards, Length $planned): array
    {
        $together = [];
        foreach ($boards as $board) {
            $why = $board->obstacle;
            if ($why !== null) {
                $alike = implode(' ', [$board->side->value, $board->setback->nanometres, (int) $board->canStand, (int) $why->isBuried, $why->name]);
                $together[$alike][] = $board;
            }
        }

        return array_map(fn (array $alike) => self::fact($alike, $planned), array_values($together));
    }

    /** @param  non-empty-list<BatterBoard>  $alike */
    private static function fact(array $alike, Length $planned): Fact
    {
        $first = $alike[0];
        $buried = $first->obstacle->isBuried ?? false;

        return Fact::of(
            match (true) {
                $first->canStand => $buried ? BoardHindrance::MovedForService : BoardHindrance::MovedForLine,
                default => $buried ? BoardHindrance::NoPlaceForService : BoardHindrance::NoPlaceForLine,
            },
            lines: array_merge(...array_map(fn (BatterBoard $board) => array_column($board->nails, 'line'), $alike)),
            side: $first->side, setback: $first->setback, planned: $planned, name: $first->obstacle->name ?? '',
        );
    }
}
