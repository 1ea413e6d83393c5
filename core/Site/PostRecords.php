<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Cut\CutList;
use Aequus\Footing\Footings;
use Aequus\Handover\PostRecord;
use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\Remark;
use Aequus\Logbook\Entry;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Log;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;
use Aequus\Set\StandingPost;

/** What the book holds of every post, as it is handed over. */
final readonly class PostRecords
{
    /** @param  ByPost<StandingPost>  $standing */
    public function __construct(private Plan $plan, private Log $log, private Footings $footing, private ByPost $standing, private CutList $cut)
    {
    }

    /** @return list<PostRecord> */
    public function all(): array
    {
        $holes = $this->log->newest(HoleDug::class);
        [$decisions, $remarks] = [$this->log->all(Decision::class), $this->log->all(Remark::class)];
        $entries = ByPost::grouped($this->log->entriesOfPosts());

        return array_map(function (Post $post) use ($holes, $decisions, $remarks, $entries): PostRecord {
            $stands = $this->standing[$post];
            $last = array_reduce(
                $entries[$post] ?? [], fn (?Entry $last, Entry $one) => $last !== null && $last->measured > $one->measured ? $last : $one,
            );
            $by = array_map(fn (Entry $entry) => $entry->readBy === '' ? $entry->recordedBy : $entry->readBy, $entries[$post] ?? []);

            return new PostRecord(
                $post, $this->footing->required($post)?->holeDepth(), ($holes[$post] ?? null)?->depth, $this->footing->asDug($post)?->serves(),
                $stands->set, $stands->lean->isHalfKnown() ? null : $stands->outOfPlumb(),
                $stands->lean->isHalfKnown() || $stands->isTooRoughlyRead() ? null : $stands->isWithin(), $this->cut->mark($post)?->aboveDatumLine(),
                $this->cut->isCut($post),
                [...$decisions[$post] ?? [], ...$remarks[$post] ?? []], array_values(array_unique($by)), $last?->measuredAt(),
            );
        }, $this->plan->grid->posts);
    }
}
