<?php

declare(strict_types=1);

namespace Aequus\Square;

use Aequus\Adjust\GrossErrors\FarFromPlan;
use Aequus\Adjust\GrossErrors\LineConflict;
use Aequus\Adjust\GrossErrors\Mistakes;
use Aequus\Adjust\GrossErrors\Separation;
use Aequus\Adjust\Network\AdjustedNetwork;
use Aequus\Adjust\Network\FurtherDistances;
use Aequus\Adjust\Network\HeldByLines;
use Aequus\Adjust\Network\LineOffset;
use Aequus\Adjust\Network\Network;
use Aequus\Adjust\Network\NotDetermined;
use Aequus\Adjust\Network\Reading;
use Aequus\Adjust\Placement\AgainstLine;
use Aequus\Adjust\Placement\PlacedNetwork;
use Aequus\Adjust\Placement\PlacedStake;
use Aequus\Adjust\Placement\PlacementWay;
use Aequus\Adjust\Placement\StakeVerdict;
use Aequus\Adjust\Placement\Tells;
use Aequus\Measure\Vector;
use Aequus\Plan\Posts\Post;
use Aequus\Square\Network\PlanNetwork;
use Aequus\Square\Readings\JudgedReading;
use Aequus\Square\Readings\TakenReadings;

/**
 * Where the stakes stand, as far as their readings determine it: which reading is wrong, which stake, and what can’t be told yet. Readings far
 * from the plan wait until they are confirmed. Stakes that the readings leave free are set aside and named; the rest is adjusted, searched for
 * mistakes and compared with the plan.
 */
final readonly class Survey
{
    /**
     * @param  FarFromPlan  $far  what was found before anything was adjusted
     * @param  list<string>  $known  ids of the stakes whose place is determined, in plan order
     * @param  list<string>  $free  ids of those that some reading touches and none determines
     * @param  list<string>  $unsettled  those of them that come to no rest, because readings contradict each other grossly
     * @param  list<string>  $mirrored  whose place might as well be the mirror image
     * @param  array<string, JudgedReading>  $judged  readings of the last adjustment, by id
     * @param  array<string, array{float, float}>  $constants  by tape: constant error and its standard deviation, mm
     * @param  array<string, PlacedNetwork>  $placements  by way, those there are
     * @param  ?PlacedNetwork  $placed  the one in force
     * @param  ?Separation  $separation  what would tell readings in doubt apart; null where none is, or no further distance is left
     * @param  array<string, Tells>  $tells  by stake that can’t be told yet: the distance that would tell most
     * @param  ?LineConflict  $conflict  whether fixed lines can all be true; null where fewer than two were read
     * @param  ?AgainstLine  $against  how the stakes lie to the first fixed line read; null where none was
     */
    private function __construct(
        public FarFromPlan $far,
        public array $known = [],
        public array $free = [],
        public array $unsettled = [],
        public array $mirrored = [],
        public array $judged = [],
        public array $constants = [],
        public ?Mistakes $mistakes = null,
        public int $surplus = 0,
        public array $placements = [],
        public ?PlacedNetwork $placed = null,
        public ?Separation $separation = null,
        public array $tells = [],
        public ?LineConflict $conflict = null,
        public ?AgainstLine $against = null,
    ) {
    }

    /** @param  list<string>  $held  ids of the posts that can’t move any more */
    public static function of(PlanNetwork $network, TakenReadings $taken, array $held): self
    {
        $far = new FarFromPlan(array_values($taken->readings), $network->design, $network->guesses(), $taken->confirmed);
        if ($far->inAnotherUnit !== null) {
            return new self($far);
        }
        $readings = array_filter($taken->readings, fn (Reading $reading) => $far->setsAside($reading->id()) === null);
        [$stakes, $free, $unsettled] = [self::touched($network, $readings), [], []];
        while (count($stakes) >= 2) {
            $among = array_flip($stakes);
            $of = array_values(
                array_filter($readings, fn (Reading $reading) => array_filter($reading->stations(), fn (string $id) => ! isset($among[$id])) === []),
            );
            $whole = $network->network($of, $stakes);
            try {
                return self::searched($far, $network, $of, $whole, $held, $free, $unsettled);
            } catch (NotDetermined $refusal) {
                $free = [...$free, ...$refusal->stations];
                $unsettled = $refusal->free ? $unsettled : [...$unsettled, ...$refusal->stations];
                $stakes = array_values(array_diff($stakes, $refusal->stations));
            }
        }

        return new self($far, free: [...$free, ...$stakes], unsettled: $unsettled);
    }

    /** Whether the last adjustment left a reading in doubt that it can’t pin down. */
    public function isInDoubt(): bool
    {
        return $this->mistakes?->leavesDoubt() ?? false;
    }

    /** @return list<string> ids of fixed lines that can’t all be true */
    public function linesInConflict(): array
    {
        return $this->conflict->named ?? [];
    }

    /**
     * Lines are doubted before readings where they explain more than any reading does.
     *
     * @param  list<Reading>  $readings
     * @param  list<string>  $held
     * @param  list<string>  $free
     * @param  list<string>  $unsettled
     *
     * @throws NotDetermined
     */
    private static function searched(
        FarFromPlan $far, PlanNetwork $network, array $readings, Network $whole, array $held, array $free, array $unsettled,
    ): self {
        $all = $whole->adjust();
        $conflict = LineConflict::in($all, $readings);
        [$mistakes, $adjusted] = $conflict->comesFirst
            ? [Mistakes::notSearched($all->solution), $all]
            : Mistakes::search(fn (array $without) => $without === [] ? $all : $whole->without($without)->adjust());

        return self::judged(
            $far, $network, $readings, $adjusted, $mistakes, $conflict->comesFirst ? $conflict : LineConflict::in($adjusted, $readings), $held, $free,
            $unsettled, $whole->mirrored(),
        );
    }

    /**
     * @param  list<Reading>  $readings
     * @param  list<string>  $held
     * @param  list<string>  $free
     * @param  list<string>  $unsettled
     * @param  list<string>  $mirrored
     */
    private static function judged(
        FarFromPlan $far, PlanNetwork $network, array $readings, AdjustedNetwork $adjusted, Mistakes $mistakes, LineConflict $conflict, array $held,
        array $free, array $unsettled, array $mirrored,
    ): self {
        $layout = $network->plan->layout;
        $known = array_map(strval(...), array_keys($adjusted->at));
        $further = new FurtherDistances($adjusted->at, $readings, $layout->tape, $layout->reach?->inMillimetres());
        $left = array_values(array_filter($readings, fn (Reading $reading) => $mistakes->drops($reading->id()) === null));
        $judged = [];
        foreach ($left as $reading) {
            $judged[$reading->id()] = new JudgedReading(
                -$adjusted->residual($reading->id()), $reading->sigma(), $adjusted->solution->redundancy($reading->id()),
                $adjusted->solution->standardised($reading->id()),
            );
        }
        $constants = [];
        foreach ($adjusted->constants as $tape => $constant) {
            $constants[$tape] = [$constant, $adjusted->constantDeviation((string) $tape)];
        }
        $lines = $network->held($left, $known);
        $placements = self::placements($network, $adjusted, array_values(array_intersect($held, $known)), $lines);
        $placed = self::inForce($placements, $network->way());
        $undetermined = ! $mistakes->named && $placed->undetermined() !== [];

        return new self(
            $far, $known, $free, $unsettled, $mirrored, $judged, $constants, $mistakes, $adjusted->solution->surplus, $placements, $placed,
            count($mistakes->named) < 2 ? null : Separation::of($adjusted, $mistakes->named, $further),
            $undetermined ? Tells::ofStations(
                $adjusted, $placed->covariance, $further, array_map(fn ($stake) => $stake->name, $placed->undetermined()),
            ) : [],
            $conflict, self::against($network, $adjusted, $lines, $left),
        );
    }

    /**
     * Posts that are set hold the layout. What they alone leave open is no doubt where the plan’s own placement proves every stake, theirs too:
     * setting a post takes away no knowledge.
     *
     * @param  array<string, PlacedNetwork>  $placements  by way
     */
    private static function inForce(array $placements, PlacementWay $chosen): PlacedNetwork
    {
        $free = $placements[$chosen->value] ?? $placements[PlacementWay::FewestMoves->value] ?? $placements[PlacementWay::BestFit->value];
        $held = $placements[PlacementWay::Held->value] ?? $free;

        return $held->verdict === StakeVerdict::CannotTell && ! $held->designHasToGive && $free->verdict === StakeVerdict::Within ? $free : $held;
    }

    /** @param  list<Reading>  $readings */
    private static function against(PlanNetwork $network, AdjustedNetwork $adjusted, HeldByLines $lines, array $readings): ?AgainstLine
    {
        $first = array_values(array_filter($readings, fn (Reading $reading) => $reading instanceof LineOffset))[0] ?? null;
        if ($first === null) {
            return null;
        }
        $design = self::design($network, $adjusted);
        $tolerance = $network->plan->tolerances->squareness->inMillimetres();
        $free = PlacedNetwork::of($adjusted, PlacementWay::FewestMoves, $design, $network->allowed, []);

        return $free === null ? null : AgainstLine::of($adjusted, $free, $lines, $first, $design, $tolerance);
    }

    /** How a stake lies to the placement in force; null where nothing places it yet. */
    public function stakeOf(Post $post): ?PlacedStake
    {
        return $this->placed->stakes[$post->id->value] ?? null;
    }

    /** @return non-empty-array<string, Vector> */
    private static function design(PlanNetwork $network, AdjustedNetwork $adjusted): array
    {
        return array_map(
            fn (string $id) => $network->design[$id], array_combine(array_keys($adjusted->at), array_map(strval(...), array_keys($adjusted->at))),
        );
    }

    /**
     * @param  list<string>  $held
     * @return array<string, PlacedNetwork>
     */
    private static function placements(PlanNetwork $network, AdjustedNetwork $adjusted, array $held, HeldByLines $lines): array
    {
        $design = self::design($network, $adjusted);
        $base = $network->ends(array_map(strval(...), array_keys($design)));
        $placements = [];
        foreach (PlacementWay::cases() as $way) {
            $placed = PlacedNetwork::of($adjusted, $way, $design, $network->allowed, $base, $held, $lines);
            if ($placed !== null) {
                $placements[$way->value] = $placed;
            }
        }

        return $placements;
    }

    /**
     * @param  array<string, Reading>  $readings
     * @return list<string> in plan order
     */
    private static function touched(PlanNetwork $network, array $readings): array
    {
        $touched = [];
        foreach ($readings as $reading) {
            $touched += array_flip($reading->stations());
        }

        return array_values(array_filter(array_map(strval(...), array_keys($network->design)), fn (string $id) => isset($touched[$id])));
    }
}
