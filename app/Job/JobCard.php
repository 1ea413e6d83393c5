<?php

declare(strict_types=1);

namespace App\Job;

use Aequus\Plan\Posts\Post;
use App\Drawing\Drawn\DrawnPost;
use App\Drawing\PlanDrawing;
use App\Site\JobSite;

/** What the list of jobs shows of one: finished pieces of a page, so that the list derives no site that it has shown before. */
final readonly class JobCard
{
    private const MOST_POSTS = 100;

    /** @param  ?int  $until  when something that waits is over and it must be worked out again, in seconds; null for the end of the day */
    private function __construct(public string $thumb, public string $facts, public string $next, private ?int $until)
    {
    }

    public static function of(JobSite $site): self
    {
        $waits = array_filter(array_map(function (Post $post) use ($site): ?int {
            $clock = $site->state->clock($post);

            return $clock->left($site->state->now) > 0 ? $clock->off?->getTimestamp() : null;
        }, $site->plan->grid->posts));

        $drawing = PlanDrawing::set($site->state);

        return new self(
            view('job.card.thumb', ['model' => $drawing, 'posts' => self::shown($drawing->posts)])->render(),
            view('job.card.facts', ['site' => $site])->render(),
            view('job.card.next', ['site' => $site])->render(), $waits === [] ? null : min($waits),
        );
    }

    /**
     * @param  list<DrawnPost>  $posts
     * @return list<DrawnPost> all of them, or of very many those along the edge: at that size no more is seen
     */
    private static function shown(array $posts): array
    {
        if (count($posts) <= self::MOST_POSTS) {
            return $posts;
        }
        [$x, $y] = [array_map(fn (DrawnPost $post) => $post->x, $posts), array_map(fn (DrawnPost $post) => $post->y, $posts)];
        $edges = [min($x), max($x), min($y), max($y)];

        return array_values(array_filter(
            $posts, fn (DrawnPost $post) => in_array($post->x, [$edges[0], $edges[1]], true) || in_array($post->y, [$edges[2], $edges[3]], true),
        ));
    }

    public function isStillTrue(int $now): bool
    {
        return $this->until === null || $now < $this->until;
    }
}
