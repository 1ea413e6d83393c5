<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Logbook\EntryKind;
use Aequus\Plan\BuildOrder;
use Aequus\Plan\FillOrder;
use Aequus\Plan\Hold;
use Aequus\Plan\Post;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** A post for every hole that is deep enough. */
final readonly class SetPosts implements Rule
{
    public function moves(SiteState $site): iterable
    {
        $order = $site->plan->holding?->customs->build;
        $open = $site->plan->holding?->customs->fillOrder === FillOrder::EachAsItStands ? self::standsUnfilled($site) : null;
        foreach ($site->buildOrder() as $post) {
            $isPier = $site->plan->holdOf($post->id) === Hold::Pier;
            if ($site->footing->asDug($post) === null || $site->standing($post)->set || ($isPier && ! $site->filling($post)->isDone())) {
                continue;
            }
            // Each is filled before the next is stood; a frame stands as a whole.
            if ($open !== null && ! ($order === BuildOrder::FramesTilted && $open->at->x->equals($post->at->x))) {
                continue;
            }
            $foot = $site->footing->foot($post);
            $top = $site->plan->tops?->of($post);
            yield new Move(
                Phase::Set, "Set post {$post->label}",
                match (true) {
                    $isPier => 'Bolt it to its base, face to the string, braced on two sides.',
                    $order === BuildOrder::BeamsFirst => 'Hang it from its beam over the hole, clear of the bottom, and let it come to rest plumb; then brace it.',
                    $order === BuildOrder::FramesTilted => 'Tilt its frame up, nobody under it, ropes on both sides; seat it on its foot and brace it on two sides.',
                    default => 'Seat it on its foot, face to the string, braced on two sides.',
                }.$this->treatment($site, $post).($top === null || $site->cut->isCut($post) ? '' : ' It is at least this long from foot to finished top.'),
                $top === null || $foot === null ? null : $top->minus($foot), match (true) {
                    $top === null => '',
                    $site->cut->isCut($post) => 'as it was cut',
                    default => 'least length',
                }, [$post], EntryKind::PostSet,
            );
        }
    }

    /** The first that stands in an open hole; null where none does. */
    private static function standsUnfilled(SiteState $site): ?Post
    {
        foreach ($site->buildOrder() as $post) {
            if ($site->standing($post)->set && ! $site->isFilled($post) && $site->plan->holdOf($post->id) !== Hold::Driven) {
                return $post;
            }
        }

        return null;
    }

    /** What is marked and done on buried wood before it stands. */
    private function treatment(SiteState $site, Post $post): string
    {
        $reach = $site->footing->treatedUpTo($post);
        if ($reach === null) {
            return '';
        }
        $care = $site->plan->holding?->customs->wood->inWords();

        return " Mark it {$site->plan->write($reach)} up from its foot: to there it is {$care}. A foot that is cut and a face that is planed are treated again.";
    }
}
