<?php

declare(strict_types=1);

namespace Aequus\Adjust\Network;

use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Measure\Vector;

/** The distances that were not read yet and could be: within the tape’s length, shortest first, at most five hundred. */
final readonly class FurtherDistances
{
    private const MOST = 500;

    /** @var list<array{string, string, float}> from, to, standard deviation, in millimetres; in stake order */
    public array $pairs;

    /**
     * @param  array<string, Vector>  $at  by station
     * @param  list<Reading>  $read  what was read already, also where it was left aside
     * @param  TapeClass  $tape  it would be read with
     * @param  ?float  $reach  of that tape, mm; null for long enough
     */
    public function __construct(array $at, array $read, TapeClass $tape, ?float $reach = null)
    {
        $known = [];
        foreach ($read as $reading) {
            if ($reading instanceof Distance) {
                $known["{$reading->from} {$reading->to}"] = $known["{$reading->to} {$reading->from}"] = true;
            }
        }
        $names = array_map(strval(...), array_keys($at));
        [$n, $lengths, $longest] = [count($names), [], $reach ?? INF];
        foreach ($names as $i => $from) {
            [$x, $y] = [$at[$from]->x, $at[$from]->y];
            for ($j = $i + 1; $j < $n; $j++) {
                [$toX, $toY] = [$at[$names[$j]]->x, $at[$names[$j]]->y];
                if (abs($toX - $x) > $longest || abs($toY - $y) > $longest) {
                    continue;
                }
                $length = hypot($toX - $x, $toY - $y);
                if ($length <= $longest && ! isset($known["{$from} {$names[$j]}"])) {
                    $lengths[$i * $n + $j] = $length;
                }
            }
            // What is longer than so many that were found already is not looked at further.
            if (count($lengths) > 4 * self::MOST) {
                $lengths = self::shortest($lengths);
                $longest = (float) end($lengths);
            }
        }
        $lengths = self::shortest($lengths);
        ksort($lengths);
        $pairs = [];
        foreach ($lengths as $key => $length) {
            [$from, $to] = [$names[intdiv($key, $n)], $names[$key % $n]];
            $pairs[$key] = [$from, $to, $tape->sigma(Length::millimetres($length))];
        }
        $this->pairs = array_values($pairs);
    }

    /**
     * @param  array<int, float>  $lengths  in stake order
     * @return array<int, float> of equal ones the first in stake order
     */
    private static function shortest(array $lengths): array
    {
        asort($lengths);

        return array_slice($lengths, 0, self::MOST, true);
    }
}
