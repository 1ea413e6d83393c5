<?php

declare(strict_types=1);

namespace Aequus\Adjust\Network;

use Aequus\Adjust\Solve\NormalEquations;
use Aequus\Adjust\Solve\Observation;
use Aequus\Adjust\Solve\Solution;
use Aequus\Measure\Vector;

/**
 * Stakes and what was read between them. Least squares by Gauss and Newton from the design; each tape other than the reference tape may
 * have a constant error, believed to be 0 ± 5 mm.
 */
final readonly class Network
{
    /** Prior standard deviation of a tape’s constant error, mm. */
    public const TAPE_PRIOR = 5.0;

    private const SETTLED_MILLIMETRES = 1e-4;

    private const MOST_ROUNDS = 50;

    /** @var non-empty-array<string, Vector> */
    private array $design;

    /** @var list<string> tapes with a constant error of their own */
    private array $tapes;

    private Unknowns $unknowns;

    /**
     * @param  non-empty-list<Station>  $stations
     * @param  list<Reading>  $readings
     */
    public function __construct(private array $stations, public array $readings, private Datum $datum)
    {
        $design = $tapes = [];
        foreach ($stations as $station) {
            $design[$station->name] = $station->design;
        }
        foreach ($readings as $reading) {
            if ($reading->tape() !== null) {
                $tapes[$reading->tape()] = true;
            }
        }
        $this->design = $design;
        $this->tapes = array_map(strval(...), array_keys($tapes));
        $this->unknowns = new Unknowns($design, $datum, $this->tapes);
    }

    /** @param  list<string>  $ids of the readings to leave aside */
    public function without(array $ids): self
    {
        $out = array_flip($ids);

        return new self(
            $this->stations, array_values(array_filter($this->readings, fn (Reading $reading) => ! isset($out[$reading->id()]))), $this->datum,
        );
    }

    /** @throws NotDetermined naming the stations that the readings leave free, or that come to no rest */
    public function adjust(): AdjustedNetwork
    {
        $at = $this->design;
        foreach ($this->stations as $station) {
            $at[$station->name] = $station->start ?? $at[$station->name];
        }
        $constants = array_fill_keys($this->tapes, 0.0);
        $step = [];
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $normal = $this->normalEquations($at, $constants);
            $step = $normal->solve();
            foreach ($this->unknowns->shifts($step) as $name => $shift) {
                $at[$name] = $at[$name]->plus($shift);
            }
            foreach ($this->tapes as $tape) {
                $constants[$tape] += $step[$this->unknowns->ofTape($tape)];
            }
            if ($step === [] || max(array_map(abs(...), $step)) < self::SETTLED_MILLIMETRES) {
                return new AdjustedNetwork($at, $constants, new Solution($this->observations($at, $constants), $normal), $this->unknowns);
            }
        }
        throw NotDetermined::doesNotSettle(
            $this->unknowns->owners(array_keys(array_filter($step, fn (float $part) => ! (abs($part) < self::SETTLED_MILLIMETRES)))),
        );
    }

    /**
     * What these readings would prove, before any is pulled: everything at its design place.
     *
     * @throws NotDetermined naming the stations that the readings would leave free
     */
    public function planned(): AdjustedNetwork
    {
        $constants = array_fill_keys($this->tapes, 0.0);

        return new AdjustedNetwork(
            $this->design, $constants,
            new Solution($this->observations($this->design, $constants), $this->normalEquations($this->design, $constants)), $this->unknowns,
        );
    }

    /** @return list<string> stations tied by distances alone, and those to exactly two others: their place might as well be the mirror image */
    public function mirrored(): array
    {
        $distances = $others = [];
        foreach ($this->readings as $reading) {
            foreach ($reading->stations() as $name) {
                if (! $reading instanceof Distance) {
                    $others[$name] = true;

                    continue;
                }
                foreach ($reading->stations() as $far) {
                    if ($far !== $name) {
                        $distances[$name][$far] = true;
                    }
                }
            }
        }

        return array_values(array_filter(
            array_map(strval(...), array_keys($this->design)),
            fn (string $name) => $name !== $this->datum->p && $name !== $this->datum->q && ! isset($others[$name])
                && count($distances[$name] ?? []) === 2,
        ));
    }

    /**
     * @param  array<string, Vector>  $at
     * @param  array<string, float>  $constants
     *
     * @throws NotDetermined
     */
    private function normalEquations(array $at, array $constants): NormalEquations
    {
        $observations = $this->observations($at, $constants);
        $first = array_keys(array_fill(0, $this->unknowns->count, 0));
        foreach ($observations as $observation) {
            $least = $observation->row === [] ? 0 : min(array_keys($observation->row));
            foreach ($observation->row as $i => $_) {
                $first[$i] = min($first[$i], $least);
            }
        }
        $normal = new NormalEquations(array_values($first));
        foreach ($observations as $observation) {
            $normal->add($observation->row, 1 / $observation->sigma ** 2, -$observation->residual);
        }
        $free = $normal->factor();
        if ($free !== null) {
            throw NotDetermined::stations($this->unknowns->owners($free));
        }

        return $normal;
    }

    /**
     * @param  array<string, Vector>  $at
     * @param  array<string, float>  $constants
     * @return list<Observation>
     */
    private function observations(array $at, array $constants): array
    {
        $observations = [];
        foreach ($this->readings as $reading) {
            $tape = $reading->tape();
            $computed = $reading->computed($at) + ($tape === null ? 0.0 : $constants[$tape]);
            $observations[] = new Observation(
                $reading->id(), $this->unknowns->row($reading->slopes($at), $tape), $reading->sigma(), $computed - $reading->observed(),
            );
        }
        foreach ($this->tapes as $tape) {
            $observations[] = new Observation(
                "prior {$tape}", [$this->unknowns->ofTape($tape) => 1.0], self::TAPE_PRIOR, $constants[$tape], isPrior: true,
            );
        }

        return $observations;
    }
}
