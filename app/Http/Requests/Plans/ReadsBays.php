<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Measure\Length;
use Aequus\Measure\LengthReader;
use Aequus\Measure\Unit;
use App\Type\Say;

/** Reads lists of lengths and of pairs of them, as they are typed into one field. */
trait ReadsBays
{
    /** @return list<?Length> “3 × 8'; 9'” and one a row are both understood; null for “rest” */
    private function bays(string $field, Unit $unit): array
    {
        $bays = [];
        foreach (preg_split('/\s*(?:;|\R|,\s)\s*/', $this->text($field)) ?: [] as $typed) {
            if ($typed === '') {
                continue;
            }
            $times = 1;
            if (preg_match('/^(\d{1,2})\s*[x×*]\s*(.+)$/iu', $typed, $match)) {
                [$times, $typed] = [(int) $match[1], $match[2]];
            }
            array_push($bays, ...array_fill(0, $times, mb_strtolower($typed) === 'rest' ? null : LengthReader::read($typed, $unit)));
        }

        return $bays;
    }

    /** @return ?non-empty-list<array{Length, Length}> “2400 : 610; 3050 : 790”; null where it was refused */
    private function pairs(string $field, Unit $unit): ?array
    {
        $rows = $this->tuples($field, $unit, 2);

        return $rows === null ? null : array_map(fn (array $row) => [$row[0], $row[1] ?? Length::zero()], $rows);
    }

    /**
     * @param  int  $of  how many figures a row has
     * @return ?non-empty-list<non-empty-list<Length>> “40 : 47 : 48.5; 310 : 49 : 46”; null where it was refused
     */
    private function tuples(string $field, Unit $unit, int $of): ?array
    {
        $rows = [];
        foreach (preg_split('/\s*(?:;|\R)\s*/', $this->text($field), flags: PREG_SPLIT_NO_EMPTY) ?: [''] as $typed) {
            $parts = $of === 1 ? [$typed] : explode(':', $typed);
            if (count($parts) !== $of) {
                $this->refuse($field, Say::text($of === 2 ? 'refusals.thing.two_figures' : 'refusals.thing.three_figures', typed: $typed));

                return null;
            }
            $row = $this->attempt($field, fn () => array_map(fn (string $part) => LengthReader::read(trim($part), $unit), $parts));
            if ($row === null) {
                return null;
            }
            $rows[] = $row;
        }

        return $rows;
    }
}
