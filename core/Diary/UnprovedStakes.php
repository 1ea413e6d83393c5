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
    /**
     * @return list<Post> those that lack a reading, a post on them or not; of the others those on which none stands yet and that are out or not told,
     *                    all of them where readings contradict each other
     */
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
        $isOpen = fn (Post $post): bool => isset($wanted[$post->label])
            || ! $site->standing($post)->set && $site->square->survey->stakeOf($post)?->verdict !== StakeVerdict::Within;
        $open = array_values(array_filter($site->plan->grid->posts, $isOpen));

        return $open === [] ? $standing : $open;
    }
}
