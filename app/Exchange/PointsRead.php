<?php

declare(strict_types=1);

namespace App\Exchange;

use Aequus\Measure\Length;
use Aequus\Measure\Unit;
use Aequus\Measure\UnitSystem;
use Aequus\Measure\Vector;
use Aequus\Plan\Terms\Point;
use Aequus\Site\PlanInWorld;
use Illuminate\Support\Str;

/**
 * Points out of a table of whatever order, unit and separator: what its first line calls its columns, else label, along, across. East and north are
 * turned into places on the plan where that lies in the world. Nothing is stored: what was read is shown first.
 */
final readonly class PointsRead
{
    /** More posts than these nobody adds at once. */
    public const MOST = 200;

    /** What columns are called, in small letters. */
    private const CALLED = [
        'label' => ['label', 'point', 'name', 'no', 'nr', 'id', 'post', 'number'], 'x' => ['x', 'along'], 'y' => ['y', 'across'],
        'east' => ['east', 'easting', 'e', 'rechts'],
        'north' => ['north', 'northing', 'n', 'hoch'],
    ];

    private const UNITS = ['mm' => 1.0, 'cm' => 10.0, 'm' => 1000.0, 'ft' => 304.8, 'in' => 25.4];

    /** @var list<array{string, Point}> label and place on the plan */
    public array $points;

    /** @var list<string> what each line that was no point said, at most a few */
    public array $left;

    /** @var array<string, int> which column was taken for what, from 0 */
    public array $columns;

    /** Why nothing could be read; null where something was. */
    public ?PointsRefusal $refused;

    /**
     * @param  Unit  $unit  of the job, where the table names none
     * @param  ?PlanInWorld  $world  null where the plan lies nowhere
     */
    public function __construct(string $bytes, Unit $unit, ?PlanInWorld $world)
    {
        $lines = Csv::read($bytes);
        [$columns, $sizes, $isHead] = self::head($lines[0] ?? [], $unit->system());
        $isWorld = isset($columns['east'], $columns['north']) && ! isset($columns['x'], $columns['y']);
        $points = $left = [];
        foreach (array_slice($lines, $isHead ? 1 : 0) as $cells) {
            [$one, $other] = $isWorld ? ['east', 'north'] : ['x', 'y'];
            $at = self::at($cells, [$columns[$one] ?? -1, $columns[$other] ?? -1], [$sizes[$one] ?? 1.0, $sizes[$other] ?? 1.0]);
            if ($at === null) {
                $left[] = mb_substr(implode(', ', $cells), 0, 60);

                continue;
            }
            $at = $isWorld ? $world?->fit?->toPlan($at) ?? $at : $at;
            $points[] = [
                mb_substr($cells[$columns['label'] ?? -1] ?? '', 0, 20),
                new Point(Length::millimetres(round($at->x, 4)), Length::millimetres(round($at->y, 4))),
            ];
        }
        $this->refused = match (true) {
            $isWorld && ! ($world?->holds() ?? false) => PointsRefusal::LiesNowhere,
            $points === [] => PointsRefusal::NoPoints,
            count($points) > self::MOST => PointsRefusal::TooMany,
            default => null,
        };
        [$this->points, $this->left, $this->columns] = [$points, array_slice($left, 0, 5), $columns];
    }

    /**
     * @param  list<string>  $cells  of the first line
     * @return array{array<string, int>, array<string, float>, bool} columns, the size of their unit in mm, and whether the line is one of names
     */
    private static function head(array $cells, UnitSystem $usual): array
    {
        $columns = $sizes = [];
        foreach ($cells as $i => $cell) {
            $words = preg_split('/[^\p{L}]+/u', Str::lower($cell), flags: PREG_SPLIT_NO_EMPTY) ?: [];
            foreach (self::CALLED as $what => $names) {
                if (! isset($columns[$what]) && in_array($words[0] ?? '', $names, true)) {
                    $columns[$what] = $i;
                    $unit = array_values(array_intersect(array_slice($words, 1), array_keys(self::UNITS)))[0] ?? null;
                    // Coordinates of the world are metres, or feet, where nothing is said.
                    $sizes[$what] = $unit !== null ? self::UNITS[$unit] : (in_array($what, ['east', 'north'], true) ? $usual->far : $usual->one);
                }
            }
        }

        return isset($columns['x'], $columns['y']) || isset($columns['east'], $columns['north']) ? [$columns, $sizes, true]
            : [['label' => 0, 'x' => 1, 'y' => 2], ['x' => $usual->one, 'y' => $usual->one], false];
    }

    /**
     * @param  list<string>  $cells
     * @param  array{int, int}  $columns
     * @param  array{float, float}  $sizes
     */
    private static function at(array $cells, array $columns, array $sizes): ?Vector
    {
        $figures = array_map(fn (int $column) => str_replace([',', '−', ' '], ['.', '-', ''], $cells[$column] ?? ''), $columns);
        if (! is_numeric($figures[0]) || ! is_numeric($figures[1]) || abs((float) $figures[0]) > 1e10 || abs((float) $figures[1]) > 1e10) {
            return null;
        }

        return new Vector((float) $figures[0] * $sizes[0], (float) $figures[1] * $sizes[1]);
    }
}
