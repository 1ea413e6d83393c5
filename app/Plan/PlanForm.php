<?php

declare(strict_types=1);

namespace App\Plan;

use Aequus\Measure\Length;
use Aequus\Measure\Unit;
use Aequus\Plan\Grid\GridLines;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Work\Work;
use App\Type\Say;

/** What stands in the fields of the plan form before anyone types. */
final readonly class PlanForm
{
    /**
     * @param  array<string, string>  $values  by field
     * @param  list<string>  $columns  labels of the columns in force; none for a new job
     * @param  list<string>  $rows
     */
    private function __construct(private array $values, private array $columns, private array $rows)
    {
    }

    /** Goods of the trade that measures so: nothing is converted from the other. */
    public static function fresh(Unit $unit = Unit::Inch): self
    {
        return new self($unit->system()->goods + [
            'kind' => 'pergola', 'side_minus_y' => 'road', 'side_plus_y' => 'garden', 'side_minus_x' => 'left', 'side_plus_x' => 'right',
            'tolerance' => 'building', 'post_nominal' => '6x6', ...self::work(new Work),
            'by_x' => 'bays', 'by_y' => 'bays', 'held_x' => 'outside', 'held_y' => 'outside',
        ], [], []);
    }

    public static function of(Plan $plan): self
    {
        $write = fn (Length $length): string => $plan->write($length);
        $exactly = fn (Length $length): string => self::exactly($plan, $length);
        $labels = array_map(fn (Post $post) => $post->label, $plan->grid->leftOut());

        return new self([
            'kind' => $plan->kind->value,
            'notation' => $plan->notation->code(),
            'side_minus_y' => $plan->sides->minusY, 'side_plus_y' => $plan->sides->plusY, 'side_minus_x' => $plan->sides->minusX,
            'side_plus_x' => $plan->sides->plusX,
            'tolerance' => $plan->tolerances->class->value, 'squareness' => $write($plan->tolerances->squareness),
            'along' => $plan->tolerances->along === null ? '' : $write($plan->tolerances->along),
            'post_shape' => $plan->post->round ? 'round'
                : 'measured', 'post_nominal' => '6x6', 'post_b' => $exactly($plan->post->b), 'post_d' => $plan->post->round ? ''
                    : $exactly($plan->post->d),
            'heavy' => $plan->heavy === null ? '' : $exactly($plan->heavy->thicker()), ...self::work($plan->work),
            'hole' => $exactly($plan->hole->width), 'standing' => $exactly($plan->standing),
            'by_x' => 'bays', 'by_y' => 'bays', 'held_x' => 'outside', 'held_y' => 'outside',
            'bays_x' => self::bays($plan, $plan->grid->columns), 'bays_y' => self::bays($plan, $plan->grid->rows),
            'left_out' => implode(' ', $labels),
        ], array_map($plan->grid::letters(...), array_keys($plan->grid->columns->lines)), array_map(
            fn (int $i) => (string) ($i + 1), array_keys($plan->grid->rows->lines),
        ));
    }

    public function value(string $field): string
    {
        return $this->values[$field] ?? '';
    }

    /** @return array<string, string> */
    private static function work(Work $work): array
    {
        return ['crew' => $work->crew->value, 'lasting' => $work->lasting->value, 'timber' => $work->timber->value, 'make' => $work->make->value];
    }

    private static function bays(Plan $plan, GridLines $lines): string
    {
        return implode('; ', array_map(fn (Length $bay) => self::exactly($plan, $bay), $lines->spacing()->gaps()));
    }

    /** As the job writes it where that is exact, else in millimetres with all their decimals, so that saving a form changes nothing. */
    public static function exactly(Plan $plan, Length $length): string
    {
        return $plan->notation->round($length)->equals($length)
            ? $plan->write($length) : Say::text('plan.plan.mm', part: rtrim(rtrim(number_format($length->inMillimetres(), 6, '.', ''), '0'), '.'));
    }

    /**
     * @param  'x'|'y'  $axis
     * @return list<string> labels of the lines in force along it; none for a new job
     */
    public function lines(string $axis): array
    {
        return $axis === 'x' ? $this->columns : $this->rows;
    }

    /**
     * @param  'x'|'y'  $axis
     * @return list<string> where lines can come in or go, from before the first to after the last
     */
    public function places(string $axis): array
    {
        return [
            Say::text('plan.plan.before', lines: $this->lines($axis)[0]),
            ...array_map(fn (string $line) => Say::text('plan.plan.after', line: $line), $this->lines($axis)),
        ];
    }
}
