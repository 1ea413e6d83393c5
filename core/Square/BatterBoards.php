<?php

declare(strict_types=1);

namespace Aequus\Square;

use Aequus\Measure\Length;
use Aequus\Plan\Grid;
use Aequus\Plan\GridLine;
use Aequus\Plan\Plan;
use Aequus\Plan\Side;

/** The boards (profiles) that hold the strings: one at each end of each string, joined where two would overlap. */
final class BatterBoards
{
    /** @return list<BatterBoard> side by side: base line side, far side, then the two ends */
    public static function of(Plan $plan): array
    {
        $boards = [];
        foreach ([Side::MinusY, Side::PlusY, Side::MinusX, Side::PlusX] as $side) {
            $lines = $side->isAlongX() ? $plan->grid->rows->lines : $plan->grid->columns->lines;
            foreach (self::joined($lines, $plan->layout->boards->length) as $together) {
                $boards[] = self::board($plan, $side, $together);
            }
        }

        return $boards;
    }

    /**
     * @param  non-empty-list<GridLine>  $lines
     * @return list<non-empty-list<array{int, GridLine}>> lines with their number, those together whose boards would overlap
     */
    private static function joined(array $lines, Length $length): array
    {
        $joined = [];
        foreach ($lines as $i => $line) {
            $before = array_pop($joined);
            $together = $before !== null && $line->at->minus($before[count($before) - 1][1]->at)->isShorterThan($length);
            $joined = [...$joined, ...($before === null ? [] : [$together ? [...$before, [$i, $line]] : $before]), ...($together ? [] : [[[$i, $line]]])];
        }

        return $joined;
    }

    /** @param  non-empty-list<array{int, GridLine}>  $lines */
    private static function board(Plan $plan, Side $side, array $lines): BatterBoard
    {
        $length = $plan->layout->boards->length;
        $start = $lines[0][1]->at->minus($length->half());
        $end = $lines[count($lines) - 1][1]->at->plus($length->half());
        $acrossX = ! $side->isAlongX();
        $last = count($acrossX ? $plan->grid->columns->lines : $plan->grid->rows->lines) - 1;
        $thickness = $acrossX ? Side::PlusX : Side::PlusY;
        $nails = [];
        foreach ($lines as [$i, $line]) {
            $name = $acrossX ? Grid::letters($i) : (string) ($i + 1);
            // Outward of the layout: the first line runs its string before the centres, every other one beyond them.
            $off = $plan->layout->strings->off($plan->post, $thickness)->times($i === 0 && $last > 0 ? -1 : 1);
            $centre = $line->at->minus($start);
            $nails[] = new Nail($name, $line->at, $centre, $centre->plus($off), $off);
        }
        $far = $acrossX ? $plan->grid->rows->length() : $plan->grid->columns->length();
        $stands = $side->sign() > 0 ? $far->plus($plan->layout->boards->setback) : $plan->layout->boards->setback->negated();

        return new BatterBoard($side, $start, $end, $stands, $nails);
    }
}
