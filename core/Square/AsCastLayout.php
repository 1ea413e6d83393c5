<?php

declare(strict_types=1);

namespace Aequus\Square;

use Aequus\Adjust\Placement\Placement;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Log;
use Aequus\Logbook\Square\AsCast;
use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostId;

/**
 * The layout solved again from what was really cast: the design is laid over the piers and posts that can’t move any more, by best fit; what
 * is left at each of them its anchor or notch takes up, and every other post takes its share by a new mark.
 */
final readonly class AsCastLayout
{
    /** @var list<TakenUp> what was cast, in plan order */
    public array $cast;

    /** @var list<TakenUp> posts that can still move, in plan order */
    public array $others;

    /** How far the whole design turns, radians counter-clockwise. */
    public float $turn;

    public function __construct(Plan $plan, Log $log)
    {
        $design = $stand = $fixed = [];
        $off = $log->newest(AsCast::class);
        foreach ($plan->grid->posts as $post) {
            $place = $post->at->inMillimetres();
            $design[$post->id->value] = $place;
            $cast = $off[$post] ?? null;
            $fixed = $cast === null ? $fixed : [...$fixed, $post->id->value];
            $stand[$post->id->value] = $cast === null ? $place
                : $place->plus(new Vector($cast->alongX->inMillimetres(), $cast->alongY->inMillimetres()));
        }
        // Less than two can’t say how the design lies; then it only shifts with the one there is.
        $placement = count($fixed) >= 2 ? Placement::bestFit($design, $stand, $fixed) : null;
        $moves = $placement?->moves($design, $stand);
        $shift = count($fixed) === 1 ? $stand[$fixed[0]]->minus($design[$fixed[0]]) : Vector::zero();
        $holes = $log->newest(HoleDug::class);
        $dug = ByPost::each($plan->grid->posts, fn (Post $post) => isset($holes[$post]) ? ($holes[$post]->width === null ? $plan->hole
            : $plan->hole->dugTo($holes[$post]->width))->slack($plan->sectionOf($post), $plan->layout->cover)->slack : null);
        $cast = $others = [];
        foreach ($plan->grid->posts as $post) {
            $isCast = isset($off[$post]);
            $by = $moves[$post->id->value] ?? ($isCast ? Vector::zero() : $shift);
            $taken = new TakenUp($post, Length::millimetres($by->x), Length::millimetres($by->y), match (true) {
                $isCast => $plan->closenessAt($post->id)->across,
                isset($dug[$post]) => $dug[$post],
                default => null,
            }, isset($dug[$post]));
            $isCast ? $cast[] = $taken : $others[] = $taken;
        }
        [$this->cast, $this->others, $this->turn] = [$cast, $others, $placement->rotation ?? 0.0];
    }

    /** @return list<TakenUp> where the share is more than can be taken up */
    public function cannot(): array
    {
        return array_values(array_filter([...$this->cast, ...$this->others], fn (TakenUp $taken) => ! $taken->can()));
    }

    public function find(PostId $id): ?TakenUp
    {
        foreach ([...$this->cast, ...$this->others] as $taken) {
            if ($taken->post->id->equals($id)) {
                return $taken;
            }
        }

        return null;
    }
}
