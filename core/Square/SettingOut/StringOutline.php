<?php

declare(strict_types=1);

namespace Aequus\Square\SettingOut;

use Aequus\Measure\Length;
use Aequus\Plan\Grid\Grid;
use Aequus\Plan\Grid\GridLines;
use Aequus\Plan\Grid\Mark;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Side;

/** The rectangle that the outer strings make, wherever they run, and the marks along them from where they cross. */
final readonly class StringOutline
{
    /** Between the two outer strings along x. */
    public Length $length;

    /** Between the two outer strings along y. */
    public Length $width;

    /** From crossing to far crossing. */
    public Length $diagonal;

    /** @var list<StringMark> columns, along a string that runs with the base line */
    public array $columns;

    /** @var list<StringMark> rows, along a string that runs away from it */
    public array $rows;

    /** How far a post between stands back from a string that touches heavier ones: from those along the base line, and from those away from it. */
    public Length $backAlong;

    public Length $backAway;

    public function __construct(Plan $plan)
    {
        [$columns, $rows] = [$plan->grid->columns, $plan->grid->rows];
        $this->length = $columns->length()->plus(self::off($plan, $columns, Side::PlusX, 0))->plus(
            self::off($plan, $columns, Side::PlusX, $columns->count() - 1),
        );
        $this->width = $rows->length()->plus(self::off($plan, $rows, Side::PlusY, 0))->plus(self::off($plan, $rows, Side::PlusY, $rows->count() - 1));
        $this->diagonal = Diagonal::of($this->length, $this->width);
        $this->columns = self::marks($plan, $columns, Side::PlusX, Grid::letters(...));
        $this->rows = self::marks($plan, $rows, Side::PlusY, fn (int $row) => (string) ($row + 1));
        // A row has strings one way only.
        $this->backAlong = self::back($plan, $columns->count() < 2 ? Side::PlusX : Side::PlusY);
        $this->backAway = self::back($plan, $rows->count() < 2 ? Side::PlusY : Side::PlusX);
    }

    /** How far the string of one line runs outside of its posts; none in a row, where no string runs across. */
    private static function off(Plan $plan, GridLines $lines, Side $across, int $line): Length
    {
        return $plan->grid->isRow() ? Length::zero() : $plan->layout->strings->off($plan->stoutestOn($lines->lines[$line], $across), $across);
    }

    private static function back(Plan $plan, Side $across): Length
    {
        $run = $plan->layout->strings;

        return $plan->heavy === null ? Length::zero() : $run->off($plan->heavy, $across)->minus($run->off($plan->post, $across));
    }

    /**
     * The faces are those of the first post on each line, the way the tape goes.
     *
     * @param  callable(int): string  $name
     * @return list<StringMark>
     */
    private static function marks(Plan $plan, GridLines $lines, Side $axis, callable $name): array
    {
        $zero = self::off($plan, $lines, $axis, 0);

        return array_map(
            fn (Mark $mark, int $i) => new StringMark(
                $name($i), $mark->nearFace->plus($zero), $mark->centre->plus($zero), $mark->farFace->plus($zero),
            ),
            $plan->marks($axis), array_keys($lines->lines),
        );
    }
}
