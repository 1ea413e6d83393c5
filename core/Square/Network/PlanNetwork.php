<?php

declare(strict_types=1);

namespace Aequus\Square\Network;

use Aequus\Adjust\Network\AdjustedNetwork;
use Aequus\Adjust\Network\Datum;
use Aequus\Adjust\Network\HeldByLines;
use Aequus\Adjust\Network\Network;
use Aequus\Adjust\Network\Reading;
use Aequus\Adjust\Network\Station;
use Aequus\Adjust\Placement\Allowed;
use Aequus\Adjust\Placement\MoveCovariance;
use Aequus\Adjust\Placement\PlacementWay;
use Aequus\Adjust\Placement\Stretch;
use Aequus\Measure\Guesses;
use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostId;

/**
 * The stakes of a plan as stations of a network: by their id, in millimetres, held by fixed lines as far as they say, by the base line for the
 * rest.
 */
final readonly class PlanNetwork
{
    /** @var non-empty-array<string, Vector> design place by id */
    public array $design;

    /** @var non-empty-list<string> ids of every stake, in plan order */
    public array $stakes;

    /** @var array{string, string} ids of the two ends of the base line */
    public array $base;

    /** How far each stake may stand off. */
    public Allowed $allowed;

    public function __construct(public Plan $plan)
    {
        $this->allowed = self::allowedIn($plan);
        $this->design = self::places($plan->grid->posts);
        $this->stakes = array_map(fn (Post $post) => $post->id->value, $plan->grid->posts);
        $row = array_values(array_filter($plan->grid->atCrossings(), fn (Post $post) => $post->at->y->equals($plan->grid->posts[0]->at->y)));
        $standing = fn (?PostId $id): ?string => $id === null ? null : $plan->grid->find($id)?->id->value;
        $from = $standing($plan->layout->baseFrom) ?? $row[0]->id->value;
        // The far end nobody chose: the last post of row 1 that is not the near one.
        $others = array_values(array_filter($row, fn (Post $post) => $post->id->value !== $from));
        $last = ($others[count($others) - 1] ?? $plan->grid->posts[count($plan->grid->posts) - 1])->id->value;
        $to = $standing($plan->layout->baseTo) ?? $last;
        $this->base = [$from, $to === $from ? $last : $to];
    }

    /**
     * Everything the readings touch, held as well as these stakes allow.
     *
     * @param  list<Reading>  $readings
     * @param  non-empty-list<string>  $stakes  ids, at least two
     */
    public function network(array $readings, array $stakes): Network
    {
        $stations = array_map(fn (string $id) => new Station($id, $this->design[$id]), $stakes);

        return new Network($stations, $readings, Datum::lines($this->held($readings, $stakes), ...$this->ends($stakes)));
    }

    /** How the plan is laid, as it was chosen. */
    public function way(): PlacementWay
    {
        return PlacementWay::from($this->plan->layout->placement->value);
    }

    /**
     * How well the moves would be known, laid as the plan is judged; all stakes count as left alone.
     *
     * @param  list<Reading>  $readings  planned ones
     */
    public function moves(AdjustedNetwork $planned, array $readings, PlacementWay $way): MoveCovariance
    {
        $lines = $this->held($readings, $this->stakes);
        $way = $way === PlacementWay::ByLine && $lines->nothing() ? PlacementWay::FewestMoves : $way;

        return MoveCovariance::ofNetwork($planned, $way, $way === PlacementWay::BaseLine ? $this->base : $this->stakes, $this->allowed, $lines);
    }

    /** What a tape that does not fit may come from, with the sizes of this plan. */
    public function guesses(): Guesses
    {
        $gaps = [...$this->plan->grid->columns->spacing()->gaps(), ...$this->plan->grid->rows->spacing()->gaps()];

        return new Guesses(
            $this->plan->post->thicker()->inMillimetres(), $this->plan->hole->width->inMillimetres(),
            array_map(fn (Length $gap) => $gap->inMillimetres(), $gaps), $this->plan->notation->system()->wholeFigures,
        );
    }

    /**
     * What offsets from fixed lines hold of these stakes.
     *
     * @param  list<Reading>  $readings
     * @param  non-empty-list<string>  $stakes
     */
    public function held(array $readings, array $stakes): HeldByLines
    {
        return HeldByLines::by($readings, array_intersect_key($this->design, array_flip($stakes)) ?: $this->design);
    }

    /**
     * The ends of the base line where both are among the stakes, else one of them and the stake furthest from it.
     *
     * @param  list<string>  $stakes
     * @return array{string, string}
     */
    public function ends(array $stakes): array
    {
        [$p, $q] = $this->base;
        $p = in_array($p, $stakes, true) ? $p : (in_array($q, $stakes, true) ? $q : $stakes[0]);
        if ($p !== $q && in_array($q, $stakes, true)) {
            return [$p, $q];
        }
        $furthest = $stakes[0] === $p ? $stakes[1] : $stakes[0];
        foreach ($stakes as $id) {
            if ($this->apart($p, $id) > $this->apart($p, $furthest)) {
                $furthest = $id;
            }
        }

        return [$p, $furthest];
    }

    /** An uncertainty or a move as it counts, told in the measure of one post: what it compares with is how far that post may be off across. */
    public function inMeasureOf(PostId $post, float $counts): Length
    {
        return Length::millimetres($counts * ($this->plan->closenessAt($post)->across->inMillimetres() / $this->allowed->tolerance));
    }

    private static function allowedIn(Plan $plan): Allowed
    {
        $tolerance = $plan->tolerances->squareness->inMillimetres();
        $stretches = [];
        foreach ($plan->grid->posts as $post) {
            $close = $plan->closenessAt($post->id);
            $run = $close->along->equals($close->across) ? null : $plan->runAt($post->id);
            if ($run !== null || ! $close->across->equals($plan->tolerances->squareness)) {
                $stretches[$post->id->value] = Stretch::of($tolerance, $close->across->inMillimetres(), $close->along->inMillimetres(), $run);
            }
        }

        return new Allowed($tolerance, $stretches);
    }

    private function apart(string $one, string $other): float
    {
        return $this->design[$one]->minus($this->design[$other])->length();
    }

    /**
     * @param  non-empty-list<Post>  $posts
     * @return non-empty-array<string, Vector>
     */
    private static function places(array $posts): array
    {
        $places = [];
        foreach ($posts as $post) {
            $places[$post->id->value] = $post->at->inMillimetres();
        }

        return $places;
    }
}
