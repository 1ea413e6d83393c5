<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** A post is plumb only when two neighbouring faces say so. */
final readonly class ReadPlumb implements Rule
{
    public function moves(SiteState $site): iterable
    {
        foreach ($site->walk() as $post) {
            $stands = $site->standing($post);
            $face = $stands->nextFace();
            if (! $stands->set || $face === null) {
                continue;
            }
            $name = $site->plan->sides->of($face);
            yield new Move(
                Phase::Set, $site->plan->post->round ? "Hold the level on {$post->label} along ".($stands->lean->isUnread() ? 'any direction' : 'another direction') : "Hold the level on the {$name} face of {$post->label}",
                match (true) {
                    ! $stands->isReadSinceFilled() && ! $stands->stage?->isFilled() => 'It was filled since it was last read: a fill pushes. Read it again while it still gives.',
                    $stands->lean->isUnread() => 'Nothing was read on this post yet.',
                    default => 'One face was read: the post is only half known.',
                },
                posts: [$post], asks: EntryKind::Plumb,
            );
        }
    }
}
