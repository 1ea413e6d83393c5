<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Finding;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** A hole that stops short is deepened before anything is put into it. */
final readonly class DeepenShortHoles implements Rule
{
    public function moves(SiteState $site): iterable
    {
        foreach ($site->walk() as $post) {
            $hole = $site->footing->asDug($post);
            if ($hole === null || $hole->serves() || $site->standing($post)->set || $site->isShortHoleSettled($post)) {
                continue;
            }
            $isOnRock = $hole->found === Finding::Rock;
            yield new Move(
                Phase::Footing, $isOnRock ? "Settle what to do about the rock in {$post->label}" : "Dig {$post->label} deeper",
                "It is {$site->plan->write($hole->required->need->ground->minus($hole->bottom))} deep and must be {$site->plan->write($hole->required->holeDepth())}: {$hole->required->governing->inWords()}.".($isOnRock ? ' Break it and dig on, move or widen the foot, or take it shorter: what each costs stands beside the hole.' : ''),
                $hole->shortBy, $isOnRock ? 'are missing' : 'more, to clean ground', [$post], EntryKind::Hole,
            );
        }
    }
}
