<?php

declare(strict_types=1);

namespace App\Square;

use Aequus\Measure\Length;
use Aequus\Plan\Terms\Side;
use Aequus\Square\SettingOut\BatterBoard;
use Aequus\Square\SettingOut\Nail;

/** Nails of one side that stand alike on their boards: one line of the table of batter boards. */
final readonly class NailRow
{
    /** @param  non-empty-list<string>  $lines  letters of columns or numbers of rows */
    private function __construct(
        public Side $side,
        public array $lines,
        public Length $length,
        public Nail $nail,
    ) {
    }

    /**
     * @param  list<BatterBoard>  $boards
     * @return list<self>
     */
    public static function of(array $boards): array
    {
        $rows = [];
        foreach ($boards as $board) {
            foreach ($board->nails as $nail) {
                $key = implode(' ', [$board->side->value, $board->length()->nanometres, $nail->centre->nanometres, $nail->nail->nanometres]);
                $rows[$key] = new self($board->side, [...($rows[$key]->lines ?? []), $nail->line], $board->length(), $nail);
            }
        }

        return array_values($rows);
    }
}
