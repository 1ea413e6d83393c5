<?php

declare(strict_types=1);

namespace App\Logbook;

use Aequus\Site\SiteState;
use App\Models\Job;
use App\Models\PlanRevision;

/** What posts were called that the plan in force has no more: entries keep their names. */
final class GoneLabels
{
    /** @return array<string, string> label by the value of the post's id, as the newest plan that had it called it */
    public static function of(Job $job, SiteState $site): array
    {
        $missing = [];
        foreach ($site->log->entries as $entry) {
            foreach ($entry->payload->posts() as $post) {
                if ($site->plan->grid->find($post) === null) {
                    $missing[$post->value] = $post;
                }
            }
        }
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

        return $labels;
    }
}
