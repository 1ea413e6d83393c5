<?php

declare(strict_types=1);

namespace Aequus\Adjust\Network;

use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;

/** The distances that were not read yet and could be: within the tape’s length, shortest first, at most five hundred. */
final readonly class FurtherDistances
{
    private const MOST = 500;

    /** @var list<array{string, string, float}> from, to, standard deviation, in millimetres; in stake order */
    public array $pairs;

    /**
     * @param  array<string, array{float, float}>  $at  x and y by station
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
        $lengths = [];
        foreach ($names as $i => $from) {
            for ($j = $i + 1; $j < count($names); $j++) {
                $length = hypot($at[$names[$j]][0] - $at[$from][0], $at[$names[$j]][1] - $at[$from][1]);
                if (! isset($known["{$from} {$names[$j]}"]) && ($reach === null || $length <= $reach)) {
                    $lengths[$i * count($names) + $j] = $length;
                }
            }
        }
        asort($lengths);
        $shortest = array_slice($lengths, 0, self::MOST, true);
        $pairs = [];
        foreach (array_intersect_key($lengths, $shortest) as $key => $length) {
            [$from, $to] = [$names[intdiv($key, count($names))], $names[$key % count($names)]];
            $pairs[$key] = [$from, $to, $tape->sigma(Length::millimetres($length))];
        }
        ksort($pairs);
        $this->pairs = array_values($pairs);
    }
}
