<?php

declare(strict_types=1);

namespace App\Plan;

use Aequus\Measure\Length;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Part\PartKind;
use Aequus\Plan\Part\RowGate;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Point;
use Aequus\Words\Names;

/** What stands in the fields of a further part before anyone types, and what the list says of it. */
final readonly class PartForm
{
    public string $id;

    /** “S1 to S4” */
    public string $labels;

    public string $kind;

    /** @var array<string, string> what the job calls the side nearest to each of its own, by field */
    public array $sides;

    /** @var array<string, string> by field */
    private array $values;

    private function __construct(?Part $part, Plan $plan)
    {
        $write = fn (Length $length): string => PlanForm::exactly($plan, $length);
        $this->id = $part->id ?? '';
        $this->sides = [
            'part_minus_y' => $plan->sides->minusY, 'part_plus_y' => $plan->sides->plusY, 'part_minus_x' => $plan->sides->minusX,
            'part_plus_x' => $plan->sides->plusX,
        ];
        $labels = array_map(fn (Post $post) => $post->label, $part->posts ?? []);
        $this->labels = implode('–', array_unique([$labels[0] ?? '', $labels[count($labels) - 1] ?? '']));
        $this->kind = Names::of($part?->kind);
        $this->values = $part === null ? ['part_name' => self::free($plan), 'part_kind' => PartKind::Row->value, 'part_turn' => '0'] : [
            'part_name' => $part->name, 'part_kind' => $part->kind->value, 'part_x' => $write($part->origin->x), 'part_y' => $write($part->origin->y),
            'part_turn' => rtrim(rtrim(number_format($part->turn, 3, '.', ''), '0'), '.'),
            'part_points' => implode('; ', array_map(fn (Point $at) => "{$write($at->x)} : {$write($at->y)}", $part->points)),
            'part_columns' => implode('; ', array_map($write, $part->columns)), 'part_rows' => implode('; ', array_map($write, $part->rows)),
            'part_largest' => $part->largest === null ? '' : $write($part->largest),
            'part_across' => $part->closeness === null ? '' : $write($part->closeness->across),
            'part_along' => $part->closeness === null || $part->closeness->along->equals($part->closeness->across) ? ''
                : $write($part->closeness->along),
            'part_gates' => implode('; ', array_map(fn (RowGate $gate) => implode(' : ', [
                $gate->section, $write($gate->from), $write($gate->leaf), $write($gate->gap),
            ]), $part->gates)),
            'part_minus_y' => $part->sides->minusY ?? '', 'part_plus_y' => $part->sides->plusY ?? '',
            'part_minus_x' => $part->sides->minusX ?? '', 'part_plus_x' => $part->sides->plusX ?? '',
        ];
    }

    /** @return list<self> every part there is */
    public static function all(Plan $plan): array
    {
        return array_map(fn (Part $part) => new self($part, $plan), $plan->parts);
    }

    /** For one that is to come. */
    public static function fresh(Plan $plan): self
    {
        return new self(null, $plan);
    }

    public function value(string $field): string
    {
        return $this->values[$field] ?? '';
    }

    /** A letter that no post begins with. */
    private static function free(Plan $plan): string
    {
        $taken = array_map(fn (Post $post) => preg_replace('/\d+$/', '', $post->label), $plan->grid->posts);

        return array_values(array_diff(['S', 'T', 'W', 'F', 'G', 'P', ...range('A', 'Z')], $taken))[0] ?? '';
    }
}
