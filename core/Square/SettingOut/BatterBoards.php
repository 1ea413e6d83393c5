<?php

declare(strict_types=1);

namespace Aequus\Square\SettingOut;

use Aequus\Logbook\Clear\ServiceLine;
use Aequus\Measure\Length;
use Aequus\Plan\Grid\Grid;
use Aequus\Plan\Grid\GridLine;
use Aequus\Plan\Place\Segment;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\Side;

/**
 * The boards (profiles) that hold the strings: one at each end of each string, joined where two would overlap. A line with a single post needs no
 * string across: in a row the tape along the one string says where each post stands. No board stands behind a wall, over a boundary or in a no-dig
 * band: it moves to where it can stand, nearer first, or is named.
 */
final class BatterBoards
{
    /** How much nearer or further a board is tried each time, and how far it stays from a line and from a hole, mm. */
    private const STEP = 100.0;

    private const CLEAR = 100.0;

    /** A board is moved out to so many times its setback at most. */
    private const FURTHEST = 2.0;

    /**
     * @param  list<ServiceLine>  $services  buried lines with their no-dig distance
     * @return list<BatterBoard> side by side: base line side, far side, then the two ends
     */
    public static function of(Plan $plan, array $services = []): array
    {
        $boards = [];
        foreach ([Side::MinusY, Side::PlusY, Side::MinusX, Side::PlusX] as $side) {
            foreach (self::joined($plan->grid->strung($side), $plan->layout->boards->length) as $together) {
                $boards[] = self::board($plan, $side, $together, $services);
            }
        }

        return $boards;
    }

    /**
     * @param  list<GridLine>  $lines
     * @return list<non-empty-list<array{int, GridLine}>> lines with their number, those together whose boards would overlap
     */
    private static function joined(array $lines, Length $length): array
    {
        $joined = [];
        foreach ($lines as $i => $line) {
            $before = array_pop($joined);
            $together = $before !== null && $line->at->minus($before[count($before) - 1][1]->at)->isShorterThan($length);
            $joined = [
                ...$joined, ...($before === null ? [] : [$together ? [...$before, [$i, $line]] : $before]), ...($together ? [] : [[[$i, $line]]]),
            ];
        }

        return $joined;
    }

    /**
     * @param  non-empty-list<array{int, GridLine}>  $lines
     * @param  list<ServiceLine>  $services
     */
    private static function board(Plan $plan, Side $side, array $lines, array $services): BatterBoard
    {
        $length = $plan->layout->boards->length;
        $start = $lines[0][1]->at->minus($length->half());
        $end = $lines[count($lines) - 1][1]->at->plus($length->half());
        $acrossX = ! $side->isAlongX();
        $count = count($acrossX ? $plan->grid->columns->lines : $plan->grid->rows->lines);
        $thickness = $acrossX ? Side::PlusX : Side::PlusY;
        $nails = [];
        foreach ($lines as [$i, $line]) {
            $name = $acrossX ? Grid::letters($i) : (string) ($i + 1);
            $centre = $line->at->minus($start);
            foreach ($plan->layout->strings->offLines($plan->stoutestOn($line, $thickness), $thickness, $i, $count) as $off) {
                $nails[] = new Nail($name, $line->at, $centre, $centre->plus($off), $off);
            }
        }
        $far = $acrossX ? $plan->grid->rows->length() : $plan->grid->columns->length();
        $at = fn (Length $setback): Length => $side->sign() > 0 ? $far->plus($setback) : $setback->negated();
        $hinders = function (Length $setback) use ($plan, $services, $acrossX, $start, $end, $at): ?BoardObstacle {
            $point = fn (Length $along): Point => $acrossX ? new Point($along, $at($setback)) : new Point($at($setback), $along);

            return self::obstacle(new Segment($point($start), $point($end)), $plan, $services);
        };
        $planned = $plan->layout->boards->setback;
        $obstacle = $hinders($planned);
        $setback = $obstacle === null ? $planned : self::free($planned, $plan->hole->reach(), $hinders);

        return new BatterBoard($side, $start, $end, $at($setback ?? $planned), $setback ?? $planned, $nails, $obstacle, $setback !== null);
    }

    /**
     * The nearest place to the planned one where nothing hinders: nearer to the posts first, clear of the holes, then further out.
     *
     * @param  callable(Length): ?BoardObstacle  $hinders
     */
    private static function free(Length $planned, Length $hole, callable $hinders): ?Length
    {
        $least = $hole->plus(Length::millimetres(self::CLEAR));
        for ($setback = $planned; ! $setback->isShorterThan($least); $setback = $setback->minus(Length::millimetres(self::STEP))) {
            if ($hinders($setback) === null) {
                return $setback;
            }
        }
        for ($setback = $planned; ! $setback->isLongerThan($planned->times(
            self::FURTHEST,
        )); $setback = $setback->plus(Length::millimetres(self::STEP))) {
            if ($hinders($setback) === null) {
                return $setback;
            }
        }

        return null;
    }

    /** @param  list<ServiceLine>  $services */
    private static function obstacle(Segment $board, Plan $plan, array $services): ?BoardObstacle
    {
        foreach ($plan->fixedLines() as $line) {
            $nearest = $line->nearest($plan->grid)[0]->at;
            $side = $line->off($nearest)->isNegative() ? -1 : 1;
            foreach ([$board->from, $board->to] as $end) {
                $touches = $board->distanceToPiece(new Segment($line->from, $line->to))->inMillimetres() < self::CLEAR;
                // Beyond the ends of the line there is nothing to stand behind.
                $beside = ! $line->along($end)->isNegative() && ! $line->along($end)->isLongerThan($line->from->distanceTo($line->to));
                if ($line->kind->shutsOff() && ($touches || $beside && $line->off($end)->times($side)->inMillimetres() < self::CLEAR)) {
                    return new BoardObstacle($line->name, false);
                }
            }
        }
        foreach ($services as $service) {
            foreach (Segment::pieces($service->points) as $piece) {
                if ($board->distanceToPiece($piece)->isShorterThan($service->noDig)) {
                    return new BoardObstacle($service->name, true);
                }
            }
        }

        return null;
    }
}
