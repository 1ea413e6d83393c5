<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Logbook\Set\SpacingAt;
use Aequus\Logbook\Set\SpacingRead;
use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Plan\JobKind;
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

    /** Null for a job whose bays are not made for panels. */
    public static function of(SiteState $site): ?self
    {
        $plan = $site->plan;
        if ($plan->kind !== JobKind::Pergola || $plan->answers === null) {
            return null;
        }
        $heard = Heard::kept($plan->notation, $plan->sides, (new OpenFrame)->asks(), $plan->answers);
        $bays = $unknown = [];
        foreach (self::neighbours($plan->grid->atCrossings()) as [$left, $right]) {
            $centres = self::taped($site, $left, $right);
            [$one, $other] = [$site->standing($left), $site->standing($right)];
            if ($centres === null || ! $one->set || ! $other->set || $one->lean->isHalfKnown() || $other->lean->isHalfKnown()) {
                $unknown[] = [$left, $right];

                continue;
            }
            try {
                $panel = new PanelAsBuilt(
                    $centres->minus($plan->sectionOf($left)->along(Side::PlusX)->half())->minus($plan->sectionOf($right)->along(Side::PlusX)->half()), Slope::ratio($one->lean->slopeX), Slope::ratio($other->lean->slopeX), Length::zero(),
                    $plan->standing, $heard->length(Ask::PanelWide), Length::zero(), Length::zero(),
                );
            } catch (ThingRefused) {
                $panel = null;
            }
            $bays[] = [$left, $right, $panel];
        }

        return new self($bays, $unknown);
    }

    /**
     * @param  list<Post>  $posts  row by row
     * @return list<array{Post, Post}> next to each other in a row, the nearer to the zero first
     */
    private static function neighbours(array $posts): array
    {
        $pairs = [];
        foreach ($posts as $i => $post) {
            $next = $posts[$i + 1] ?? null;
            if ($next !== null && $next->at->y->equals($post->at->y)) {
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
            if ($spacing->at === SpacingAt::Ground && ($ends === [$one->id->value, $other->id->value] || $ends === [$other->id->value, $one->id->value])) {
                $taped = $spacing->distance;
            }
        }

        return $taped;
    }
}
