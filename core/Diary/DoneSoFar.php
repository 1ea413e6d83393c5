<?php

declare(strict_types=1);

namespace Aequus\Diary;

use Aequus\Days\Task;
use Aequus\Frame\FrameOnPosts;
use Aequus\Frame\Frames;
use Aequus\Logbook\Cut\PostCut;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;

/** What of a job is done, kind by kind, as people count it. */
final readonly class DoneSoFar
{
    /** @var array<string, int> pieces by the task; what nothing is done of is left out */
    public array $pieces;

    public function __construct(SiteState $site)
    {
        $posts = $site->plan->grid->posts;
        $count = fn (callable $is): int => count(array_filter($posts, $is));
        $this->pieces = array_filter([
            Task::Stake->value => count($posts) - count(UnprovedStakes::inAll($site)),
            Task::ReadGround->value => $count(fn (Post $post) => isset($site->level->ground[$post])),
            Task::Dig->value => $count(fn (Post $post) => $site->footing->asDug($post) !== null),
            Task::SetPosts->value => $count(fn (Post $post) => $site->standing($post)->set),
            Task::Fill->value => $count(fn (Post $post) => $site->isFilled($post)),
            Task::TakeBracesOff->value => $count(fn (Post $post) => $site->filling($post)->isStripped()),
            Task::CutTops->value => $count(fn (Post $post) => isset($site->log->newest(PostCut::class)[$post])),
            Task::BuildFrame->value => array_sum(array_map(
                fn (FrameOnPosts $one) => count($one->up()), Frames::decided($site->plan, $site->log)->all,
            )),
        ]);
    }
}
