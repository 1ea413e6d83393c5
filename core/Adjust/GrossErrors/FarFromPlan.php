<?php

declare(strict_types=1);

namespace Aequus\Adjust\GrossErrors;

use Aequus\Adjust\Network\Distance;
use Aequus\Adjust\Network\Reading;
use Aequus\Measure\Guess;
use Aequus\Measure\Guesses;
use Aequus\Measure\Vector;

/**
 * Distances far from the plan, before the first adjustment: one such tape would drag every stake with it, so it waits until it is confirmed.
 * A stake that several of them speak of is itself off its plan, and they enter.
 */
final readonly class FarFromPlan
{
    /** Median of read over planned outside of these: everything was read in another unit. */
    private const SAME_UNIT = [0.8, 1.25];

    /** So many distances make a median that says something of all. */
    private const ENOUGH = 3;

    /** From so many far distances on, the stake they share is off, not they. */
    private const STAKE_IS_OFF = 3;

    /** With fewer distances than this the scatter of the stakes is not known. */
    private const SCATTER_KNOWN = 5;

    /** @var list<FarReading> set aside until confirmed, in reading order */
    public array $setAside;

    /** @var list<string> stakes that are themselves off their plan */
    public array $offPlan;

    /** @var ?list<Guess> what all figures were taken for; null unless they seem to be in another unit */
    public ?array $inAnotherUnit;

    /** How far off the plan a distance may be, mm; with few distances more where it is long. */
    private float $bound;

    /** Of the planned distance, what it may be off with few distances. */
    private float $share;

    /** Median of read over planned. */
    public float $ratio;

    /**
     * @param  list<Reading>  $readings
     * @param  array<string, Vector>  $design  by station
     * @param  list<string>  $confirmed  ids of readings that are right as typed
     */
    public function __construct(array $readings, array $design, Guesses $guesses, array $confirmed = [])
    {
        $distances = array_values(
            array_filter($readings, fn (Reading $reading) => $reading instanceof Distance && $reading->computed($design) > 0.0),
        );
        $misfits = array_map(fn (Distance $reading) => $reading->observed() - $reading->computed($design), $distances);
        $this->ratio = self::median(array_map(fn (Distance $reading) => $reading->observed() / $reading->computed($design), $distances), 1.0);
        $scatter = 1.4826 * self::median(array_map(abs(...), $misfits), 0.0);
        $known = count($distances) >= self::SCATTER_KNOWN;
        [$this->bound, $this->share] = $known ? [max(150.0, 6 * $scatter), 0.0] : [300.0, 0.05];
        $free = array_diff(array_map(fn (Distance $reading) => $reading->id(), $distances), $confirmed);
        if (count($distances) >= self::ENOUGH && ($this->ratio < self::SAME_UNIT[0] || $this->ratio > self::SAME_UNIT[1]) && $free !== []) {
            [$this->inAnotherUnit, $this->setAside, $this->offPlan] = [Guesses::ofRatio($this->ratio), [], []];

            return;
        }
        $this->inAnotherUnit = null;
        $far = array_filter(
            $distances, fn (Distance $reading, int $i) => abs($misfits[$i]) > $this->bound($reading->computed($design)), ARRAY_FILTER_USE_BOTH,
        );
        $times = [];
        foreach ($far as $reading) {
            foreach ($reading->stations() as $station) {
                $times[$station] = ($times[$station] ?? 0) + 1;
            }
        }
        $this->offPlan = array_values(
            array_filter(array_map(strval(...), array_keys($design)), fn (string $name) => ($times[$name] ?? 0) >= self::STAKE_IS_OFF),
        );
        $setAside = [];
        foreach ($far as $i => $reading) {
            if (array_intersect($reading->stations(), $this->offPlan) === [] && ! in_array($reading->id(), $confirmed, true)) {
                $within = max(3.0, 3 * hypot($reading->sigma(), $scatter));
                $planned = $reading->computed($design);
                $setAside[] = new FarReading($reading->id(), $planned, $misfits[$i], $guesses->ofFigure($reading->observed(), $planned, $within));
            }
        }
        $this->setAside = $setAside;
    }

    /** How far off the plan a distance of this planned length may be; both mm. */
    public function bound(float $planned): float
    {
        return max($this->bound, $this->share * $planned);
    }

    public function setsAside(string $id): ?FarReading
    {
        foreach ($this->setAside as $one) {
            if ($one->id === $id) {
                return $one;
            }
        }

        return null;
    }

    /** @param  list<float>  $values */
    private static function median(array $values, float $ofNone): float
    {
        sort($values);
        $n = count($values);

        return $n === 0 ? $ofNone : ($values[intdiv($n - 1, 2)] + $values[intdiv($n, 2)]) / 2;
    }
}
