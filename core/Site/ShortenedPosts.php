<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Plan\JobKind;
use Aequus\Plan\Posts\Post;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Kind\DrivenBySheet;
use Aequus\Thing\Terms\Ask;

/** How many driven posts were shortened over a stone, and how many more a maker’s sheet lets be. */
final readonly class ShortenedPosts
{
    /** @param  list<Post>  $posts */
    private function __construct(public array $posts, public int $most)
    {
    }

    /** Null for what was not begun with a sheet. */
    public static function in(SiteState $site): ?self
    {
        $plan = $site->plan;
        if ($plan->kind !== JobKind::DrivenPosts || $plan->answers === null) {
            return null;
        }
        $posts = array_values(array_filter($plan->grid->posts, fn (Post $post) => $site->decided(DecisionAbout::AcceptShortHole, $post) !== null));

        return new self($posts, Heard::kept($plan->notation, $plan->sides, (new DrivenBySheet)->asks(), $plan->answers)->count(Ask::MayShorten));
    }

    public function left(): int
    {
        return max(0, $this->most - count($this->posts));
    }
}
