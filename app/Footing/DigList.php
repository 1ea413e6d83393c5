<?php

declare(strict_types=1);

namespace App\Footing;

use Aequus\Footing\Depths\RequiredDepth;
use Aequus\Footing\Holes\HoleAsDug;
use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;

/** Every hole in walking order with the depth to dig, and which share one mark on the auger. */
final readonly class DigList
{
    /** @var list<RequiredDepth> in walking order */
    public array $holes;

    /** @var list<array{depth: Length, posts: list<Post>}> equal as the job writes lengths, the shallowest first */
    public array $marks;

    /** The hole at hand: the one asked for, else the first that is not dug; null when all are. */
    public ?RequiredDepth $now;

    public ?RequiredDepth $after;

    public function __construct(private SiteState $site, string $asked)
    {
        $holes = $marks = [];
        foreach ($site->walk() as $post) {
            $required = $site->footing->required($post);
            if ($required === null) {
                continue;
            }
            $holes[] = $required;
            $depth = $site->plan->notation->round($this->toReach($required));
            $marks[$depth->nanometres] ??= ['depth' => $depth, 'posts' => []];
            $marks[$depth->nanometres]['posts'][] = $post;
        }
        ksort($marks);
        $open = array_values(array_filter($holes, fn (RequiredDepth $hole) => $this->dug($hole) === null));
        $chosen = array_values(array_filter($holes, fn (RequiredDepth $hole) => $hole->post->label === $asked));
        $now = $chosen[0] ?? $open[0] ?? null;
        $rest = array_values(array_filter($open, fn (RequiredDepth $hole) => $hole !== $now));
        [$this->holes, $this->marks, $this->now, $this->after] = [$holes, array_values($marks), $now, $rest[0] ?? null];
    }

    /** Whether the one at hand is a hole that is dug; else a post is driven there. */
    public function isDug(): bool
    {
        return $this->now === null || $this->site->plan->holdOf($this->now->post->id)->isDug();
    }

    /** @return list<array{RequiredDepth, ?HoleAsDug}> each hole with how it was dug, in walking order */
    public function withDug(): array
    {
        return array_map(fn (RequiredDepth $hole) => [$hole, $this->dug($hole)], $this->holes);
    }

    public function toReach(RequiredDepth $hole): Length
    {
        return $this->site->footing->toReach($hole->post) ?? $hole->holeDepth();
    }

    public function dug(RequiredDepth $hole): ?HoleAsDug
    {
        return $this->site->footing->asDug($hole->post);
    }
}
