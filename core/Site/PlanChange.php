<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Logbook\Entry;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;

/** What a new plan would do to posts that have records: nothing of it is done silently. */
final readonly class PlanChange
{
    /** @var list<Post> that the new plan has no more */
    public array $gone;

    /** @var list<Post> that it has again, with records from before */
    public array $back;

    /** @var list<Post> that stand and would have to stand elsewhere */
    public array $moved;

    /** @var list<Post> of those that go: set or filled */
    public array $standing;

    /** @var list<Post> of those that go: what was poured or tamped round them fills their holes */
    public array $filled;

    /** How many entries speak of posts that go. */
    public int $entries;

    /** How many entries speak of posts that come back. */
    public int $entriesBack;

    public function __construct(SiteState $site, Plan $new)
    {
        $spoken = ByPost::grouped($site->log->entriesOfPosts());
        $dropped = array_values(array_filter($site->plan->grid->posts, fn (Post $post) => $new->grid->find($post->id) === null));
        $this->gone = $dropped;
        $this->standing = array_values(array_filter($dropped, fn (Post $post) => $site->standing($post)->set || $site->isFilled($post)));
        $this->filled = array_values(array_filter($dropped, $site->isFilled(...)));
        $this->back = array_values(
            array_filter($new->grid->posts, fn (Post $post) => $site->plan->grid->find($post->id) === null && isset($spoken[$post])),
        );
        $apart = [$new->origin->x->minus($site->plan->origin->x), $new->origin->y->minus($site->plan->origin->y)];
        $this->moved = array_values(array_filter($site->plan->grid->posts, function (Post $post) use ($site, $new, $apart): bool {
            $then = $new->grid->find($post->id);

            return $then !== null && ($site->standing($post)->set || $site->isFilled($post))
                && (! $then->at->x->plus($apart[0])->equals($post->at->x) || ! $then->at->y->plus($apart[1])->equals($post->at->y));
        }));
        $this->entries = self::count($spoken, $this->gone);
        $this->entriesBack = self::count($spoken, $this->back);
    }

    /** Whether records lose their post, or a standing post its place: then it is asked about. */
    public function isAskedAbout(): bool
    {
        return $this->entries > 0 || $this->moved !== [];
    }

    /**
     * @param  ByPost<non-empty-list<Entry>>  $spoken
     * @param  list<Post>  $posts
     */
    private static function count(ByPost $spoken, array $posts): int
    {
        $entries = [];
        foreach ($posts as $post) {
            $entries += array_column($spoken[$post] ?? [], null, 'sequence');
        }

        return count($entries);
    }
}
