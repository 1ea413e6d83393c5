<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;

/** A post that the plan puts nearer to something on the site than may be, or into it. */
final readonly class TooNear
{
    /**
     * @param  string  $thing  what it is too near to
     * @param  Length  $room  from the nearest face of the post; below zero where the post stands in it or behind it
     * @param  Length  $least  what is to be kept
     */
    public function __construct(public string $thing, public Post $post, public Length $room, public Length $least)
    {
    }

    /** Whether it was knowingly taken so near; a plan that brings the post nearer still was not taken. */
    public function isTaken(SiteState $site): bool
    {
        $taken = $site->decided(DecisionAbout::AcceptDistance, $this->post, $this->thing)?->lesser;

        return $taken !== null && ! $this->room->isShorterThan($taken);
    }

    /** @return list<string> what some post stands too near to, by name */
    public static function things(Plan $plan): array
    {
        return array_values(array_unique(array_map(fn (self $near) => $near->thing, self::all($plan))));
    }

    /**
     * Every such post and thing: one thing knowingly taken says nothing about another, nor about the next post.
     *
     * @return list<self>
     */
    public static function all(Plan $plan): array
    {
        $all = [];
        $free = FreeZone::of($plan);
        $wider = fn (Length $least): Length => $least->isShorterThan($free) ? $free : $least;
        foreach ($plan->fixedLines() as $line) {
            foreach ($line->kind->shutsOff() ? $plan->grid->posts : [] as $post) {
                $room = $line->room($post, $plan->sectionOf($post));
                $least = $wider($line->least ?? Length::zero());
                if ($room->isShorterThan($least)) {
                    $all[] = new self($line->name, $post, $room, $least);
                }
            }
        }
        foreach ($plan->site as $object) {
            foreach ($object->kind->isKeptClear() ? $plan->grid->posts : [] as $post) {
                $room = $object->room($post, $plan->sectionOf($post));
                $least = $wider($object->least);
                if ($room->isShorterThan($least)) {
                    $all[] = new self($object->name, $post, $room, $least);
                }
            }
        }

        return $all;
    }
}
