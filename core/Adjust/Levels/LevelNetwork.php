<?php

declare(strict_types=1);

namespace Aequus\Adjust\Levels;

use Aequus\Adjust\Network\NotDetermined;
use Aequus\Adjust\Solve\NormalEquations;
use Aequus\Adjust\Solve\Observation;
use Aequus\Adjust\Solve\Solution;

/**
 * Heights from all instruments together: every point but the benchmarks, a height of instrument for each set-up, and each spirit level’s own
 * error, believed to be 0 ± 0.5 mm in a metre. Linear, so one round of least squares is enough.
 */
final readonly class LevelNetwork
{
    /** Prior standard deviation of a spirit level’s own error, mm per mm. */
    public const LEVEL_PRIOR = 0.5e-3;

    /** One instrument is weaker than another when its readings are so many times rougher. */
    private const UNLIKE = 1.2;

    /** @var array<string, int> place of each unknown by its name */
    private array $places;

    /**
     * @param  array<string, float>  $benchmarks  known heights by name
     * @param  list<LevelReading>  $readings
     * @param  list<string>  $levels  names of the spirit levels among the parts
     * @param  list<string>  $points  names of all points, so that one nothing was read to is named too
     */
    public function __construct(private array $benchmarks, public array $readings, private array $levels, private array $points)
    {
        $places = [];
        foreach ([
            ...$points,
            ...array_merge(...array_map(fn (LevelReading $reading) => array_map(strval(...), array_keys($reading->parts)), $readings), ...[[]]),
        ] as $name) {
            if (! isset($benchmarks[$name])) {
                $places[$name] ??= count($places);
            }
        }
        $this->places = $places;
    }

    /** @param  list<string>  $ids of the readings to leave aside */
    public function without(array $ids): self
    {
        $out = array_flip($ids);

        return new self(
            $this->benchmarks, array_values(array_filter($this->readings, fn (LevelReading $reading) => ! isset($out[$reading->id]))), $this->levels,
            $this->points,
        );
    }

    /** @throws NotDetermined naming the points and set-ups that no reading ties to a benchmark */
    public function adjust(): AdjustedLevels
    {
        $start = array_fill(0, count($this->places), 0.0);
        $observations = $this->observations($start);
        $first = array_keys($start);
        foreach ($observations as $observation) {
            foreach ($observation->row as $i => $_) {
                $first[$i] = min($first[$i], ...array_keys($observation->row));
            }
        }
        $normal = new NormalEquations(array_values($first));
        foreach ($observations as $observation) {
            $normal->add($observation->row, 1 / $observation->sigma ** 2, -$observation->residual);
        }
        $free = $normal->factor();
        if ($free !== null) {
            throw NotDetermined::heights(array_map(strval(...), array_keys(array_intersect($this->places, $free))));
        }
        $values = $normal->solve();
        $solved = array_map(fn (int $place) => $values[$place], $this->places);

        return new AdjustedLevels($this->benchmarks + $solved, $this->places, new Solution($this->observations($values), $normal));
    }

    /**
     * A further hop between two points that none joins directly yet.
     *
     * @return list<array{list<string>, Observation}>
     */
    public function furtherHops(float $sigma): array
    {
        $further = [];
        foreach ($this->points as $i => $one) {
            foreach (array_slice($this->points, $i + 1) as $other) {
                if (array_filter($this->readings, fn (LevelReading $reading) => $reading->joins($one, $other)) === []) {
                    $reading = LevelReading::difference("{$one} {$other}", $one, $other, 0.0, $sigma);
                    $further[] = [[$one, $other], new Observation($reading->id, $this->row($reading), $sigma, 0.0)];
                }
            }
        }

        return $further;
    }

    /**
     * The same readings taken once more.
     *
     * @param  list<string>  $ids
     * @return list<array{list<string>, Observation}>
     */
    public function again(array $ids): array
    {
        $again = [];
        foreach ($this->readings as $reading) {
            if (in_array($reading->id, $ids, true)) {
                $again[] = [[$reading->id], new Observation("{$reading->id} again", $this->row($reading), $reading->sigma, 0.0)];
            }
        }

        return $again;
    }

    /**
     * Of readings in doubt, those of the weakest instrument: doubted and read again before the others. None where all are about alike.
     *
     * @param  list<string>  $named
     * @return list<string>
     */
    public function doubtedFirst(array $named): array
    {
        $sigmas = [];
        foreach ($named as $id) {
            $sigmas[$id] = $this->find($id)->sigma ?? 0.0;
        }
        if ($sigmas === [] || max($sigmas) < self::UNLIKE * min($sigmas)) {
            return [];
        }

        return array_map(strval(...), array_keys(array_filter($sigmas, fn (float $sigma) => $sigma >= max($sigmas) * (1 - 1e-9))));
    }

    /**
     * The one point that all of these rods stood on; null where it is more than one, or no rods.
     *
     * @param  list<string>  $named
     */
    public function pointOf(array $named): ?string
    {
        $points = array_unique(array_map(fn (string $id) => $this->find($id)?->rodPoint(), $named));

        return count($points) === 1 ? $points[0] : null;
    }

    public function find(string $id): ?LevelReading
    {
        foreach ($this->readings as $reading) {
            if ($reading->id === $id) {
                return $reading;
            }
        }

        return null;
    }

    /**
     * @param  array<int, float>  $values  of the unknowns
     * @return list<Observation>
     */
    private function observations(array $values): array
    {
        $observations = [];
        foreach ($this->readings as $reading) {
            $computed = 0.0;
            foreach ($reading->parts as $name => $times) {
                $computed += $times * ($this->benchmarks[$name] ?? $values[$this->places[$name]]);
            }
            $observations[] = new Observation($reading->id, $this->row($reading), $reading->sigma, $computed - $reading->observed);
        }
        foreach ($this->levels as $level) {
            if (isset($this->places[$level])) {
                $observations[] = new Observation(
                    "prior {$level}", [$this->places[$level] => 1.0], self::LEVEL_PRIOR, $values[$this->places[$level]], isPrior: true,
                );
            }
        }

        return $observations;
    }

    /** @return array<int, float> */
    private function row(LevelReading $reading): array
    {
        $row = [];
        foreach ($reading->parts as $name => $times) {
            if (isset($this->places[$name])) {
                $row[$this->places[$name]] = $times;
            }
        }

        return $row;
    }
}
