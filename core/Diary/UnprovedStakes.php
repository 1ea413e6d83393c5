<?php

declare(strict_types=1);

namespace Aequus\Diary;

use Aequus\Adjust\Placement\StakeVerdict;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;

/** Stakes of which something is still to prove, as the next move has it. */
final class UnprovedStakes
{
    /** @return list<Post> no post stands on them yet, and they are out, not told, or lack the reading that checks the others; all of them where readings contradict each other */
    public static function of(SiteState $site): array
    {
        if ($site->decided(DecisionAbout::AcceptOutline) !== null) {
            return [];
        }
        $wanted = [];
        foreach ($site->square->unread() as $reading) {
            foreach ($reading->posts() as $post) {
                $wanted[$post->label] = true;
            }
        }
        if ($wanted === [] && $site->square->holds()) {
            return [];
        }
        $standing = array_values(array_filter($site->plan->grid->posts, fn (Post $post) => ! $site->standing($post)->set));
        $open = array_values(array_filter(
            $standing, fn (Post $post) => isset($wanted[$post->label]) || $site->square->survey->stakeOf($post)?->verdict !== StakeVerdict::Within,
        ));

        return $open === [] ? $standing : $open;
    }
}
