<?php

declare(strict_types=1);

namespace Aequus\Adjust;

/** A design laid over the stakes as they were found to stand, with the verdict on every stake and on all of them. */
final readonly class PlacedNetwork
{
    /** @var array<string, PlacedStake> by station */
    public array $stakes;

    public StakeVerdict $verdict;

    /** Whether the held stakes lie so that no placement fits them all: then the design must give. */
    public bool $designHasToGive;

    /** @var list<string> the stations that fix the placement */
    public array $fixing;

    public MoveCovariance $covariance;

    /**
     * @param  non-empty-array<string, array{float, float}>  $design  at least two
     * @param  array<string, array{float, float}>  $at  where they stand
     * @param  list<string>  $fixing  base line: P and Q; held: the held stakes; otherwise unused
     * @param  callable(string): array{float, float, float}  $covariance
     * @param  callable(array<string, array{float, float}>): array<string, array{float, float}>  $spread
     * @param  list<string>  $held
     */
    private function __construct(
        public PlacementWay $way,
        public Placement $placement,
        array $design,
        array $at,
        array $fixing,
        private float $tolerance,
        callable $covariance,
        callable $spread,
        public array $held,
    ) {
        $moves = $placement->moves($design, $at);
        $all = array_map(strval(...), array_keys($design));
        $this->fixing = match ($way) {
            PlacementWay::BaseLine, PlacementWay::Held => $fixing,
            PlacementWay::BestFit => $all,
            PlacementWay::FewestMoves => array_values(array_filter($all, fn (string $name) => hypot(...$moves[$name]) <= $tolerance)),
        };
        $this->covariance = new MoveCovariance($at, $way, count($this->fixing) < 2 && $way !== PlacementWay::Held ? $all : $this->fixing, $covariance, $spread);
        $stakes = [];
        foreach ($moves as $name => [$x, $y]) {
            $ellipse = $this->covariance->ellipses[$name];
            [$alongX, $alongY] = $placement->alongDesign($x, $y);
            $test = $ellipse->standardisedSquare($x, $y);
            $anchored = $way === PlacementWay::BaseLine && (string) $name === $fixing[0];
            $stakes[$name] = new PlacedStake((string) $name, $x, $y, $alongX, $alongY, $ellipse, $test, $anchored ? StakeVerdict::Within : $this->judge(hypot($x, $y), $test, $ellipse, count($design)));
        }
        $this->stakes = $stakes;
        $verdicts = array_map(fn (PlacedStake $stake) => $stake->verdict, $stakes);
        $this->verdict = match (true) {
            in_array(StakeVerdict::Out, $verdicts, true) => StakeVerdict::Out,
            in_array(StakeVerdict::CannotTell, $verdicts, true) => StakeVerdict::CannotTell,
            default => StakeVerdict::Within,
        };
        $this->designHasToGive = array_filter($held, fn (string $name) => $stakes[$name]->size() > $tolerance) !== [];
    }

    /**
     * @param  non-empty-array<string, array{float, float}>  $design
     * @param  list<string>  $base  the two ends of the base line
     * @param  list<string>  $held  stakes that can't move any more
     * @return ?self null where this way has no placement
     */
    public static function of(AdjustedNetwork $network, PlacementWay $way, array $design, float $tolerance, array $base, array $held = []): ?self
    {
        return self::place($network->at, $way, $design, $tolerance, $base, $held, $network->covariance(...), $network->spread(...));
    }

    /**
     * With places that count as exact.
     *
     * @param  array<string, array{float, float}>  $at
     * @param  non-empty-array<string, array{float, float}>  $design
     * @param  list<string>  $base
     * @param  list<string>  $held
     */
    public static function ofExact(array $at, PlacementWay $way, array $design, float $tolerance, array $base, array $held = []): ?self
    {
        $none = array_map(fn () => [0.0, 0.0], $at);

        return self::place($at, $way, $design, $tolerance, $base, $held, fn () => [0.0, 0.0, 0.0], fn () => $none);
    }

    /** @return list<PlacedStake> the stakes that must move */
    public function out(): array
    {
        return array_values(array_filter($this->stakes, fn (PlacedStake $stake) => $stake->verdict === StakeVerdict::Out));
    }

    /** @return list<PlacedStake> the stakes of which nothing can be said yet */
    public function untold(): array
    {
        return array_values(array_filter($this->stakes, fn (PlacedStake $stake) => $stake->verdict === StakeVerdict::CannotTell));
    }

    /** Of the stakes that must move, mm. */
    public function sumOfMoves(): float
    {
        return array_sum(array_map(fn (PlacedStake $stake) => $stake->size(), $this->out()));
    }

    /**
     * @param  array<string, array{float, float}>  $at
     * @param  non-empty-array<string, array{float, float}>  $design
     * @param  list<string>  $base
     * @param  list<string>  $held
     * @param  callable(string): array{float, float, float}  $covariance
     * @param  callable(array<string, array{float, float}>): array<string, array{float, float}>  $spread
     */
    private static function place(array $at, PlacementWay $way, array $design, float $tolerance, array $base, array $held, callable $covariance, callable $spread): ?self
    {
        $placement = match ($way) {
            PlacementWay::BaseLine => Placement::onto($design, $at, $base[0], $base[1]),
            PlacementWay::BestFit => Placement::bestFit($design, $at, array_map(strval(...), array_keys($design))),
            PlacementWay::FewestMoves => FewestMoves::placement($design, $at, $tolerance, $held),
            PlacementWay::Held => match (count($held)) {
                0 => null,
                1 => Placement::about($design, $at, $held[0]),
                default => Placement::bestFit($design, $at, $held),
            },
        };

        return $placement === null ? null : new self($way, $placement, $design, $at, $way === PlacementWay::BaseLine ? $base : $held, $tolerance, $covariance, $spread, $held);
    }

    /** Out beyond doubt at 1 % for all stakes together; within when even the 95 % ring is; else it can't be told yet. */
    private function judge(float $move, ?float $test, ErrorEllipse $ellipse, int $stakes): StakeVerdict
    {
        return match (true) {
            $move > $this->tolerance && ($test === null || $test > 2 * log(100 * $stakes)) => StakeVerdict::Out,
            $move <= $this->tolerance && $ellipse->ring() <= $this->tolerance => StakeVerdict::Within,
            default => StakeVerdict::CannotTell,
        };
    }
}
