<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** A post for every hole that is deep enough. */
final readonly class SetPosts implements Rule
{
    public function moves(SiteState $site): iterable
    {
        foreach ($site->walk() as $post) {
            if ($site->footing->asDug($post) === null || $site->standing($post)->set) {
                continue;
            }
            $foot = $site->footing->foot($post);
            $top = $site->plan->tops?->topAt($post->at);
            yield new Move(
                Phase::Set, "Set post {$post->label}",
                $top === null ? 'Seat it on its foot, face to the string, and brace it on two sides.' : 'Seat it on its foot, face to the string, braced on two sides. It is at least this long from foot to finished top.',
                $top === null || $foot === null ? null : $top->minus($foot), $top === null ? '' : 'least length', [$post], EntryKind::PostSet,
            );
        }
    }
}
