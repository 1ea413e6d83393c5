<?php

declare(strict_types=1);

namespace Aequus\Diary;

use Aequus\Adjust\Placement\StakeVerdict;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;
use Aequus\Square\Readings\Wanted;

/** Stakes of which something is still to prove, as the next move has it. */
final class UnprovedStakes
{
    /**
     * @return list<Post> that are still to be proved: those that lack a reading, a post on them or not, until it is filled; of the others those on which
     *                    none stands yet and that are out or not told, all of them where readings contradict each other
     */
    public static function of(SiteState $site): array
    {
        if (self::isProved($site)) {
            return [];
        }
        $wanted = self::labels($site->toRead());
        $standing = array_values(array_filter($site->plan->grid->posts, fn (Post $post) => ! $site->standing($post)->set));
        $open = array_values(array_filter(
            $site->plan->grid->posts, fn (Post $post) => isset($wanted[$post->label]) || (! $site->standing($post)->set && ! self::isWithin($site, $post)),
        ));

        return $open === [] ? $standing : $open;
    }

    /** @return list<Post> that nobody proved, those with them that can’t be moved any more */
    public static function inAll(SiteState $site): array
    {
        if (self::isProved($site)) {
            return [];
        }
        $wanted = self::labels($site->square->unread());
        $open = array_values(array_filter($site->plan->grid->posts, fn (Post $post) => isset($wanted[$post->label]) || ! self::isWithin($site, $post)));

        return $open === [] ? $site->plan->grid->posts : $open;
    }

    private static function isProved(SiteState $site): bool
    {
        return $site->decided(DecisionAbout::AcceptOutline) !== null || ($site->square->unread() === [] && $site->square->holds());
    }

    private static function isWithin(SiteState $site, Post $post): bool
    {
        return $site->square->survey->stakeOf($post)?->verdict === StakeVerdict::Within;
    }

    /**
     * @param  list<Wanted>  $readings
     * @return array<string, true>
     */
    private static function labels(array $readings): array
    {
        return array_fill_keys(array_map(fn (Post $post) => $post->label, array_merge([], ...array_map(fn (Wanted $one) => $one->posts(), $readings))), true);
    }
}
