<?php

declare(strict_types=1);

namespace App\Logbook;

use Aequus\Plan\Posts\ByPost;
use Aequus\Site\SiteState;
use App\Models\Job;
use App\Models\PlanRevision;

/** What posts were called that the plan in force has no more: entries keep their names. */
final class GoneLabels
{
    /** @return ByPost<string> labels, as the newest plan that had the post called it */
    public static function of(Job $job, SiteState $site): ByPost
    {
        $missing = [];
        foreach ($site->log->entries as $entry) {
            foreach ($entry->payload->posts() as $post) {
                if ($site->plan->grid->find($post) === null) {
                    $missing[$post->value] = $post;
                }
            }
        }
        /** @var array<string, string> $labels */
        $labels = [];
        foreach ($missing === [] ? [] : $job->revisions()->reorder()->orderByDesc('number')->get() as $revision) {
            foreach ($missing as $id => $post) {
                $label = $revision instanceof PlanRevision ? $revision->plan()->grid->find($post)?->label : null;
                if ($label !== null) {
                    $labels[$id] = $label;
                    unset($missing[$id]);
                }
            }
            if ($missing === []) {
                break;
            }
        }

        return ByPost::fromStored($labels);
    }
}
