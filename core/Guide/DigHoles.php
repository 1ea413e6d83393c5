<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Footing\HoleAsDug;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** The holes, in walking order, each with its depth from today’s ground. */
final readonly class DigHoles implements Rule
{
    public function moves(SiteState $site): iterable
    {
        foreach ($site->walk() as $post) {
            $required = $site->footing->required($post);
            if ($required === null || $site->footing->asDug($post) !== null) {
                continue;
            }
            $beside = array_map(fn (HoleAsDug $hole) => "{$hole->required->post->label} beside it met {$hole->found?->inWords()}.", $site->footing->foundBeside($post, $site->plan->grid->posts));
            $isDug = $site->plan->holdOf($post->id)->isDug();
            $lead = $isDug ? null : $site->footing->firstDriven()?->required->post->label;
            yield new Move(
                Phase::Footing, $isDug ? "Dig hole {$post->label}" : "Drive post {$post->label}",
                ($isDug ? 'From today’s ground to the clean bottom.' : 'From today’s ground to its foot; plumb it every few blows.'.($lead === null ? '' : " So deep its top comes level with {$lead}’s, if the posts are alike."))." What makes it so deep: {$required->governing->inWords()}.".implode('', array_map(fn (string $met) => " {$met}", $beside)),
                $site->footing->toReach($post), 'deep', [$post], EntryKind::Hole,
            );
        }
    }
}
