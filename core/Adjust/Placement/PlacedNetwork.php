<?php

declare(strict_types=1);

namespace Aequus\Adjust\Placement;

use Aequus\Adjust\Network\AdjustedNetwork;
use Aequus\Adjust\Network\HeldByLines;
use Aequus\Adjust\Solve\ErrorEllipse;
use Aequus\Adjust\Statistics\NormalDistribution;
use Aequus\Measure\Vector;

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
     * @param  non-empty-array<string, Vector>  $design  at least two
     * @param  non-empty-array<string, Vector>  $at  where they stand
     * @param  list<string>  $fixing  base line: P and Q; held: the held stakes; otherwise unused
     * @param  callable(string): array{float, float, float}  $covariance
     * @param  callable(array<string, Vector>): array<string, Vector>  $spread
     * @param  list<string>  $held
     * @param  ?HeldByLines  $lines  what fixed lines that bind hold; null where none was read
     */
    private function __construct(
        public PlacementWay $way,
        public Placement $placement,
        array $design,
        array $at,
        array $fixing,
        private Allowed $allowed,
        callable $covariance,
        callable $spread,
        public array $held,
        public ?HeldByLines $lines,
    ) {
        $moves = $placement->moves($design, $at);
        $ground = $allowed->turned($placement->rotation);
        $all = array_map(strval(...), array_keys($design));
        $this->fixing = match ($way) {
            PlacementWay::BaseLine, PlacementWay::Held => $fixing,
            PlacementWay::BestFit => $all,
            PlacementWay::FewestMoves => array_values(array_filter($all, fn (string $name) => $ground->isWithin($name, $moves[$name]))),
            PlacementWay::ByLine => $this->leftAlone($design, $at, $moves, $ground),
        };
        $fewest = match (true) {
            $way === PlacementWay::Held => 0,
            $way === PlacementWay::ByLine && $lines !== null && $lines->direction => 1,
            default => 2,
        };
        $this->covariance = new MoveCovariance(
            $at, $way, count($this->fixing) < $fewest ? $all : $this->fixing, $covariance, $spread, $lines, $ground,
        );
        $stakes = [];
        foreach ($moves as $name => $move) {
            $ellipse = $this->covariance->ellipses[$name];
            $test = $ellipse->standardisedSquare($move->x, $move->y);
            $counts = $ground->counts((string) $name, $move);
            $anchored = $way === PlacementWay::BaseLine && (string) $name === $fixing[0];
            $stakes[$name] = new PlacedStake(
                (string) $name, $move, $placement->alongDesign($move), $ellipse, $test,
                $anchored ? StakeVerdict::Within : $this->judge($counts, $test, $this->covariance->counted[$name], count($design)), $counts->length(),
            );
        }
        $this->stakes = $stakes;
        $verdicts = array_map(fn (PlacedStake $stake) => $stake->verdict, $stakes);
        $this->verdict = match (true) {
            in_array(StakeVerdict::Out, $verdicts, true) => StakeVerdict::Out,
            in_array(StakeVerdict::CannotTell, $verdicts, true) => StakeVerdict::CannotTell,
            default => StakeVerdict::Within,
        };
        $this->designHasToGive = array_filter($held, fn (string $name) => $stakes[$name]->counts > $allowed->tolerance) !== [];
    }

    /**
     * @param  non-empty-array<string, Vector>  $design
     * @param  list<string>  $base  the two ends of the base line
     * @param  list<string>  $held  stakes that can't move any more
     * @return ?self null where this way has no placement
     */
    public static function of(
        AdjustedNetwork $network, PlacementWay $way, array $design, Allowed $allowed, array $base, array $held = [], ?HeldByLines $lines = null,
    ): ?self {
        return self::place($network->at, $way, $design, $allowed, $base, $held, $network->covariance(...), $network->spread(...), $lines);
    }

    /**
     * With places that count as exact.
     *
     * @param  non-empty-array<string, Vector>  $at
     * @param  non-empty-array<string, Vector>  $design
     * @param  list<string>  $base
     * @param  list<string>  $held
     */
    public static function ofExact(array $at, PlacementWay $way, array $design, Allowed $allowed, array $base, array $held = []): ?self
    {
        $none = array_map(fn () => Vector::zero(), $at);

        return self::place($at, $way, $design, $allowed, $base, $held, fn () => [0.0, 0.0, 0.0], fn () => $none, null);
    }

    /** @return list<PlacedStake> the stakes that must move */
    public function out(): array
    {
        return array_values(array_filter($this->stakes, fn (PlacedStake $stake) => $stake->verdict === StakeVerdict::Out));
    }

    /** @return list<PlacedStake> the stakes of which nothing can be said yet */
    public function undetermined(): array
    {
        return array_values(array_filter($this->stakes, fn (PlacedStake $stake) => $stake->verdict === StakeVerdict::CannotTell));
    }

    /** Of the stakes that must move, mm. */
    public function sumOfMoves(): float
    {
        return array_sum(array_map(fn (PlacedStake $stake) => $stake->size(), $this->out()));
    }

    /**
     * @param  non-empty-array<string, Vector>  $at
     * @param  non-empty-array<string, Vector>  $design
     * @param  list<string>  $base
     * @param  list<string>  $held
     * @param  callable(string): array{float, float, float}  $covariance
     * @param  callable(array<string, Vector>): array<string, Vector>  $spread
     */
    private static function place(
        array $at, PlacementWay $way, array $design, Allowed $allowed, array $base, array $held, callable $covariance, callable $spread,
        ?HeldByLines $lines,
    ): ?self {
        $placement = match ($way) {
            PlacementWay::BaseLine => Placement::onto($design, $at, $base[0], $base[1]),
            PlacementWay::BestFit => Placement::bestFit($design, $at, array_map(strval(...), array_keys($design))),
            PlacementWay::FewestMoves => FewestMoves::placement($design, $at, $allowed, $held),
            PlacementWay::Held => match (count($held)) {
                0 => null,
                1 => Placement::about($design, $at, $held[0]),
                default => Placement::bestFit($design, $at, $held),
            },
            PlacementWay::ByLine => $lines === null || $lines->nothing() ? null : self::byLines($lines, $design, $at, $allowed, $held),
        };

        return $placement === null ? null : new self(
            $way, $placement, $design, $at, $way === PlacementWay::BaseLine ? $base : $held, $allowed, $covariance, $spread, $held, $lines,
        );
    }

    /**
     * What the lines hold stays where the plan has it; what they leave free is laid so that the fewest stakes must move.
     *
     * @param  non-empty-array<string, Vector>  $design
     * @param  non-empty-array<string, Vector>  $at
     * @param  list<string>  $held
     */
    private static function byLines(HeldByLines $lines, array $design, array $at, Allowed $allowed, array $held): ?Placement
    {
        $along = $lines->along();
        if ($lines->direction) {
            return $along === null ? Placement::shifted(Vector::zero()) : FewestMoves::shift($design, $at, $allowed, $along, $held);
        }
        $free = FewestMoves::placement($design, $at, $allowed, $held);
        if ($free === null) {
            return null;
        }
        $missed = array_map(function (array $offset) use ($free, $design): float {
            [$name, $normal] = $offset;

            return $normal->dot($design[$name]->minus($free->place($design[$name])));
        }, $lines->offsets);

        return $free->andShifted($lines->leastShift($missed));
    }

    /**
     * By the line: the stakes that fixed what the lines leave free.
     *
     * @param  non-empty-array<string, Vector>  $design
     * @param  non-empty-array<string, Vector>  $at
     * @param  array<string, Vector>  $moves
     * @return list<string>
     */
    private function leftAlone(array $design, array $at, array $moves, Allowed $ground): array
    {
        // Where lines hold the place only, those of the free placement, before it was shifted to the lines.
        $free = $this->lines?->direction ? null : FewestMoves::placement($design, $at, $this->allowed, $this->held);
        $moves = $free?->moves($design, $at) ?? $moves;
        $ground = $free === null ? $ground : $this->allowed->turned($free->rotation);

        return array_values(
            array_filter(array_map(strval(...), array_keys($design)), fn (string $name) => $ground->isWithin($name, $moves[$name])),
        );
    }

    /**
     * Out beyond doubt, at 1 % for all stakes together and against the tolerance itself; within when even the 95 % ring is; else it can't be
     * told yet.
     *
     * @param  Vector  $move  as it counts
     * @param  ErrorEllipse  $ellipse  of the same
     */
    private function judge(Vector $move, ?float $test, ErrorEllipse $ellipse, int $stakes): StakeVerdict
    {
        return match (true) {
            ($test === null || $test > 2 * log(100 * $stakes))
                && $move->length() - NormalDistribution::BELOW_99 * $ellipse->deviationAlong($move->x, $move->y) > $this->allowed->tolerance => StakeVerdict::Out,
            $move->length() <= $this->allowed->tolerance && $ellipse->ring() <= $this->allowed->tolerance => StakeVerdict::Within,
            default => StakeVerdict::CannotTell,
        };
    }
}
