<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;

/**
 * The plane that the tops of all posts lie in, as decided or as the kind of job falls, above the ground at the first post. Millimetres, along the
 * beams and across them; a line of posts off it is told.
 */
final readonly class TopPlane
{
    /** Rise for each mm along the beams, and across them. */
    public float $riseAlong;

    public float $rise;

    /** Top of the first post of the first line. */
    private float $top;

    /** @var list<PostLine> one or more */
    private array $lines;

    /**
     * @param  ?float  $wall  across the beams, where one carries the far ends
     * @param  array<int, float>  $lower  by how much the tops of a row lie under the plane, as its own beam is deeper, by the row’s number
     */
    public function __construct(private Plan $plan, private Footprint $footprint, private ?float $wall, private array $lower = [])
    {
        $this->lines = $footprint->lines;
        [$this->top, $this->riseAlong, $this->rise] = $this->through();
    }

    /** @return list<array{string, Length, PostLine}> end posts of lines whose tops lie off the plane of the others, with how far above it, and their line */
    public function offThePlane(): array
    {
        $off = [];
        foreach ($this->lines as $line) {
            foreach ([$line->posts[0], $line->posts[count($line->posts) - 1]] as $post) {
                $by = $this->levelOver($line, $post) - $this->height($this->footprint->along($post->at), $line->across);
                if (abs($by) >= 0.5) {
                    $off[] = [$post->label, Length::millimetres($by), $line];
                }
            }
        }

        return $off;
    }

    /** Of the tops there. */
    public function height(float $along, float $across): float
    {
        return $this->top + $this->riseAlong * ($along - $this->lines[0]->from) + $this->rise * ($across - $this->lines[0]->across);
    }

    /** @return array{float, float, float} height at the first post, rise along, rise across */
    private function through(): array
    {
        [$first, $last] = [$this->lines[0], $this->lines[count($this->lines) - 1]];
        $top = $this->levelOver($first, $first->posts[0]);
        $along = ($this->levelOver($first, $first->posts[count($first->posts) - 1]) - $top) / ($first->to - $first->from);
        if ($first !== $last) {
            $across = ($this->levelOver($last, $last->posts[0]) - $top - $along * ($last->from - $first->from)) / ($last->across - $first->across);

            return [$top, $along, $across];
        }

        // A single line falls away from the wall that carries the other ends.
        return [$top, $along, $this->wall === null ? 0.0 : $this->fall() / ($this->wall - $first->across)];
    }

    /** The top of a post with what its row’s own beam is deeper by. */
    private function levelOver(PostLine $line, Post $post): float
    {
        return $this->topOf($post) + ($this->lower[$line->number] ?? 0.0);
    }

    /** Above the ground at the first post of the grid: as decided, else as the kind falls from its high side. */
    public function topOf(Post $post): float
    {
        $standing = $this->plan->standing->inMillimetres();
        if ($this->plan->tops !== null) {
            return $standing + $this->plan->tops->topOf($post)->minus($this->plan->tops->topOf($this->plan->grid->posts[0]))->inMillimetres();
        }
        if ($this->footprint->part !== '') {
            return $standing;
        }
        $deep = $this->plan->grid->rows->length()->inMillimetres();
        $long = $this->plan->grid->columns->length()->inMillimetres();
        if ($deep <= 0.0) {
            // A row whose tops follow the ground.
            return $standing + ($this->isRaked() && $long > 0.0 ? $this->endRise() * $post->at->x->inMillimetres() / $long : 0.0);
        }
        $share = $post->at->y->inMillimetres() / $deep;
        // The plan counts the high side, which is the first row where it is driven in there.
        $isFirstHigh = ($this->plan->answers->of['way_in'] ?? '') === 'high_side';

        return $standing - $this->fall() * ($isFirstHigh ? $share : 1 - $share);
    }

    private function isRaked(): bool
    {
        return in_array($this->plan->answers->of['tops'] ?? '', ['raked', 'stepped'], true);
    }

    private function endRise(): float
    {
        return (int) ($this->plan->answers->of['end_rise'] ?? 0) / 1e6;
    }

    private function fall(): float
    {
        return (int) ($this->plan->answers->of['fall'] ?? 0) / 1e6;
    }
}
