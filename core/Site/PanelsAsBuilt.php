<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Logbook\Set\SpacingAt;
use Aequus\Logbook\Set\SpacingRead;
use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\JobKind;
use Aequus\Plan\Place\FittingThing;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Side;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Kind\OpenFrame;
use Aequus\Thing\Panel\PanelAsBuilt;
use Aequus\Thing\Terms\Ask;
use Aequus\Thing\Terms\ThingRefused;

/**
 * Whether what shall hang in the bays goes between the posts as they really stand: as far apart as they were taped at the ground, and leaning
 * as read.
 */
final readonly class PanelsAsBuilt
{
    /**
     * @param  list<array{Post, Post, ?PanelAsBuilt}>  $bays  along every row of the first grid; null where the posts leave no room at all
     * @param  list<array{Post, Post}>  $unknown  bays of which the tape at the ground or a lean is missing
     */
    private function __construct(public array $bays, public array $unknown)
    {
    }

    /** Null for a job whose bays are not made for panels, and whose frame has none. */
    public static function of(SiteState $site): ?self
    {
        $plan = $site->plan;
        $layer = $plan->frame?->layer(LayerKind::Panel);
        if ($layer === null && ($plan->kind !== JobKind::Pergola || $plan->answers === null)) {
            return null;
        }
        $asked = $layer !== null || $plan->answers === null ? null
            : Heard::kept($plan->notation, $plan->sides, (new OpenFrame)->asks(), $plan->answers)->length(Ask::PanelWide);
        $isAlongX = $layer === null || $plan->frame?->alongX !== false;
        $axis = $isAlongX ? Side::PlusX : Side::PlusY;
        $bays = $unknown = [];
        foreach (self::neighbours($plan, $isAlongX, $layer !== null) as [$left, $right]) {
            $centres = self::taped($site, $left, $right);
            [$one, $other] = [$site->standing($left), $site->standing($right)];
            if ($centres === null || ! $one->set || ! $other->set || $one->lean->isHalfKnown() || $other->lean->isHalfKnown()) {
                $unknown[] = [$left, $right];

                continue;
            }
            $halves = $plan->sectionOf($left)->along($axis)->half()->plus($plan->sectionOf($right)->along($axis)->half());
            $high = $layer->deep ?? $plan->standing;
            $gap = $layer->gap ?? Length::zero();
            $bottom = $plan->standing->minus($high)->minus($layer->joinery->down ?? Length::zero());
            $wide = $asked ?? $left->at->distanceTo($right->at)->minus($halves)->minus($gap->times(2));
            try {
                $panel = new PanelAsBuilt(
                    $centres->minus($halves), Slope::ratio($isAlongX ? $one->lean->slopeX : $one->lean->slopeY),
                    Slope::ratio($isAlongX ? $other->lean->slopeX : $other->lean->slopeY),
                    $bottom->isNegative() ? Length::zero() : $bottom, $high, $wide, Length::zero(), $gap,
                );
            } catch (ThingRefused) {
                $panel = null;
            }
            $bays[] = [$left, $right, $panel];
        }

        return new self($bays, $unknown);
    }

    /**
     * @param  bool  $areBuilt  whether what passes leaves its bay open
     * @return list<array{Post, Post}> next to each other in a row or a column, the nearer to the zero first
     */
    private static function neighbours(Plan $plan, bool $isAlongX, bool $areBuilt): array
    {
        $posts = $plan->grid->atCrossings();
        $across = fn (Post $post): int => $isAlongX ? $post->at->y->nanometres : $post->at->x->nanometres;
        usort(
            $posts,
            fn (Post $a, Post $b) => [
                $across($a), $a->at->x->nanometres, $a->at->y->nanometres,
            ] <=> [$across($b), $b->at->x->nanometres, $b->at->y->nanometres],
        );
        $open = array_map(fn (FittingThing $thing) => [$thing->from, $thing->to], $areBuilt ? $plan->openings() : []);
        $pairs = [];
        foreach ($posts as $i => $post) {
            $next = $posts[$i + 1] ?? null;
            if (
                $next !== null && $across($next) === $across($post) && ! in_array([$post, $next], $open, true)
                && ! in_array([$next, $post], $open, true)
            ) {
                $pairs[] = [$post, $next];
            }
        }

        return $pairs;
    }

    /** Centre to centre at the ground; the newest counts. */
    private static function taped(SiteState $site, Post $one, Post $other): ?Length
    {
        $taped = null;
        foreach ($site->log->now(SpacingRead::class) as $spacing) {
            $ends = [$spacing->from->value, $spacing->to->value ?? ''];
            if (
                $spacing->at === SpacingAt::Ground
                && ($ends === [$one->id->value, $other->id->value] || $ends === [$other->id->value, $one->id->value])
            ) {
                $taped = $spacing->distance;
            }
        }

        return $taped;
    }
}
