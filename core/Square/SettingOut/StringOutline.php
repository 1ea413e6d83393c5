<?php

declare(strict_types=1);

namespace Aequus\Square\SettingOut;

use Aequus\Measure\Length;
use Aequus\Plan\Grid\Grid;
use Aequus\Plan\Grid\GridLines;
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

    public function __construct(Plan $plan)
    {
        $run = $plan->layout->strings;
        [$offX, $offY] = [$run->off($plan->post, Side::PlusX), $run->off($plan->post, Side::PlusY)];
        $this->length = $plan->grid->columns->length()->plus($plan->grid->columns->count() > 1 ? $offX->times(2) : Length::zero());
        $this->width = $plan->grid->rows->length()->plus($plan->grid->rows->count() > 1 ? $offY->times(2) : Length::zero());
        $this->diagonal = Diagonal::of($this->length, $this->width);
        $this->columns = self::marks($plan->grid->columns, $offX, $plan->post->along(Side::PlusX), Grid::letters(...));
        $this->rows = self::marks($plan->grid->rows, $offY, $plan->post->along(Side::PlusY), fn (int $row) => (string) ($row + 1));
    }

    /**
     * @param  callable(int): string  $name
     * @return list<StringMark>
     */
    private static function marks(GridLines $lines, Length $off, Length $post, callable $name): array
    {
        $zero = $lines->count() > 1 ? $off : Length::zero();

        return array_map(
            fn ($mark, int $i) => new StringMark($name($i), $mark->nearFace->plus($zero), $mark->centre->plus($zero), $mark->farFace->plus($zero)),
            $lines->spacing()->marks($post), array_keys($lines->lines),
        );
    }
}
