<?php

declare(strict_types=1);

namespace App\Plan;

use Aequus\Measure\Length;
use Aequus\Plan\Place\SiteObject;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;

/** Something on the site, and how near the nearest face of a post comes to it. */
final readonly class SiteRow
{
    public Length $room;

    public bool $isKept;

    private function __construct(public SiteObject $object, Plan $plan)
    {
        $rooms = array_map(fn (Post $post) => $object->room($post, $plan->post)->nanometres, $plan->grid->posts);
        $this->room = Length::nanometres(min($rooms));
        $this->isKept = array_filter($plan->grid->posts, fn (Post $post) => ! $object->isKept($post, $plan->post)) === [];
    }

    /** @return list<self> */
    public static function of(Plan $plan): array
    {
        return array_map(fn (SiteObject $object) => new self($object, $plan), $plan->site);
    }
}
