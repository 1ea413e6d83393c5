<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Place\MustFit;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;

/** What stands on the posts themselves: beams, rails, braces, and the ledger that takes the place of a beam. */
final readonly class OverPosts
{
    /** @var list<PostLine> */
    private array $lines;

    public function __construct(private Plan $plan, private Footprint $footprint, private FrameSpace $space, private JoinedLines $joints)
    {
        $this->lines = $footprint->lines;
    }

    /** Plies side by side over each line, joined over posts. */
    public function beams(Layer $each): Built
    {
        $pieces = $hindered = [];
        $number = $crossings = 0;
        foreach ($this->lines as $line) {
            $layer = $each->at($line->number);
            $seat = $this->space->seats->of($line);
            [$plies, $why] = $this->joints->overPosts($layer, $line, $layer->past(), $layer->count);
            $hindered = [...$hindered, ...$why];
            foreach ($plies as $i => $lengths) {
                $at = $line->from - $layer->past()->inMillimetres();
                $beside = $seat->beside($i, $this->footprint->outward($line));
                foreach ($lengths as $length) {
                    $to = $at + $length->inMillimetres() / $this->space->steepAlong;
                    $pieces[] = new Piece($layer, ++$number, $length, $this->space->along(
                        $line, $at, $to, $beside, $this->space->seats->up($line), $layer->thick->inMillimetres(), $layer->deep->inMillimetres(),
                    ), count($lengths) > 1);
                    $at = $to;
                }
            }
            $crossings += count($line->posts) * $layer->count;
        }

        return new Built($pieces, $crossings, $hindered);
    }

    /** Rails on the outer face of each line, evenly up its posts, joined on posts; none across a gate, and from post to post where the tops step. */
    public function rails(Layer $layer): Built
    {
        $pieces = $hindered = [];
        $number = $crossings = 0;
        [$thick, $deep] = [$layer->thick->inMillimetres(), $layer->deep->inMillimetres()];
        $beside = -$this->plan->stoutest()->thicker()->inMillimetres() / 2 - $thick / 2;
        foreach (array_filter($this->lines, fn (PostLine $line) => ! in_array($line->number, $layer->spread->leftOut, true)) as $whole) {
            foreach ($this->railed($whole) as $line) {
                [$plies, $why] = $this->joints->overPosts($layer, $line, Length::zero(), 1);
                $hindered = [...$hindered, ...$why];
                for ($rail = 1; $rail <= $layer->count; $rail++) {
                    $at = $line->from;
                    $down = ($layer->count - $rail) * $this->plan->standing->inMillimetres() / ($layer->count + 0.5) + $deep * 1.5;
                    foreach ($plies[0] as $length) {
                        $to = $at + $length->inMillimetres() / $this->space->steepAlong;
                        $pieces[] = new Piece(
                            $layer, ++$number, $length, $this->space->along($line, $at, $to, $beside, -$down, $thick, $deep), count($plies[0]) > 1,
                        );
                        $at = $to;
                    }
                }
                $crossings += count($line->posts) * $layer->count;
            }
        }

        return new Built($pieces, $crossings, $hindered);
    }

    /** @return list<PostLine> what of a line is railed: up to each gate and on behind it; bay by bay where the tops step */
    private function railed(PostLine $line): array
    {
        $isStepped = ($this->plan->answers->of['tops'] ?? '') === 'stepped';
        $lines = $open = [];
        foreach ($line->posts as $post) {
            $before = $open === [] ? null : $open[count($open) - 1];
            if ($before !== null && ($isStepped || $this->isGate($before, $post))) {
                $lines = [...$lines, ...($isStepped && ! $this->isGate($before, $post) ? [[$before, $post]] : [$open])];
                $open = [];
            }
            $open[] = $post;
        }
        $lines[] = $open;
        $start = $line->posts[0]->at;

        return array_values(array_map(fn (array $posts) => new PostLine(
            $posts, $line->from + $start->distanceTo($posts[0]->at)->inMillimetres(),
            $line->from + $start->distanceTo($posts[count($posts) - 1]->at)->inMillimetres(), $line->across, $line->number,
        ), array_filter($lines, fn (array $posts) => count($posts) > 1)));
    }

    private function isGate(Post $one, Post $next): bool
    {
        return $this->opens($one, $next, true);
    }

    /** Whether something passes between two posts, or a gate hangs there. */
    private function opens(Post $one, Post $next, bool $isLeafOnly = false): bool
    {
        foreach ($this->plan->openings() as $opening) {
            if (
                ($opening->thing->isLeaf || ! $isLeafOnly)
                && (($opening->from === $one && $opening->to === $next) || ($opening->from === $next && $opening->to === $one))
            ) {
                return true;
            }
        }

        return false;
    }

    /** Plumb between any two posts of a line, a gap at both; none where a gate hangs or something must pass. */
    public function panels(Layer $layer): Built
    {
        $pieces = $hindered = [];
        $number = 0;
        [$gap, $down] = [$layer->gap ?? Length::zero(), $layer->joinery->down?->inMillimetres() ?? 0.0];
        foreach ($this->lines as $line) {
            $bearings = $this->joints->asCast($line)->bearings;
            for ($i = 1; $i < count($line->posts); $i++) {
                [$post, $next] = [$line->posts[$i - 1], $line->posts[$i]];
                if ($this->opens($post, $next)) {
                    continue;
                }
                $near = $this->plan->sectionOf($post)->toward($post->at, $next->at);
                $wide = $bearings[$i]->at->minus($bearings[$i - 1]->at)->minus($near)->minus($this->plan->sectionOf($next)->toward(
                    $next->at, $post->at,
                ))->minus($gap->times(2));
                if (! $wide->isPositive()) {
                    $hindered[] = Fact::of(FrameRefusal::NoRoomForAPanel, post: $post->label, next: $next->label);

                    continue;
                }
                if (in_array(++$number, $layer->spread->leftOut, true)) {
                    continue;
                }
                $from = $line->from + $bearings[$i - 1]->at->plus($near)->plus($gap)->inMillimetres();
                $pieces[] = new Piece($layer, $number, $wide, $this->space->along(
                    $line, $from, $from + $wide->inMillimetres(), 0.0, -$down - $layer->deep->inMillimetres(), $layer->thick->inMillimetres(),
                    $layer->deep->inMillimetres(),
                ));
            }
        }

        return new Built($pieces, 2 * count($pieces), $hindered);
    }

    public function ledger(Layer $layer): Built
    {
        return $this->space->wall === null ? new Built([]) : new Built(
            [new Piece(
                $layer, 1, Length::millimetres(($this->space->end - $this->space->begin) * $this->space->steepAlong), $this->space->ledger($layer),
            )],
            count($this->space->joists()),
        );
    }

    /**
     * Two in each line of posts, at its first post and at its last, inward; none where something must pass: whatever holds that line instead is told
     * for.
     */
    public function braces(Layer $layer): Built
    {
        try {
            $brace = CornerBrace::ofLayer($layer);
        } catch (FrameRefused $refused) {
            return new Built([], 0, [$refused->fact]);
        }
        $pieces = $hindered = [];
        $number = 0;
        foreach ($this->lines as $line) {
            foreach ([[$line->posts[0], $line->from, 1], [$line->posts[count($line->posts) - 1], $line->to, -1]] as [$post, $at, $inward]) {
                if (in_array(++$number, $layer->spread->leftOut, true)) {
                    continue;
                }
                $passes = $this->passesUnder($line, $post, $inward, $brace);
                if ($passes !== null) {
                    $hindered[] = Fact::of(FrameRefusal::NoBraceThere, post: $post->label, thing: $passes);

                    continue;
                }
                $solid = $this->space->brace(
                    $line, $at, $inward * $brace->leg->inMillimetres(), $brace->down->inMillimetres(), $layer->thick->inMillimetres(),
                );
                $pieces[] = new Piece($layer, $number, $brace->longEdge, $solid);
            }
        }

        return new Built($pieces, 2 * count($pieces), $hindered);
    }

    /**
     * What must pass where a brace would come down: its lower edge falls from so far along the beam to as far down the post.
     *
     * @param  int  $inward  1 from the first post on, −1 from the last one back
     */
    private function passesUnder(PostLine $line, Post $post, int $inward, CornerBrace $brace): ?MustFit
    {
        [$reach, $fall] = [$brace->legLong->inMillimetres(), $brace->downLong->inMillimetres()];
        $top = ($this->space->plane?->topOf($post) ?? $this->plan->standing->inMillimetres()) + $this->space->seats->of($line)->beamUp;
        $at = fn (Post $one): Vector => $one->at->inMillimetres();
        $run = $at($line->posts[count($line->posts) - 1])->minus($at($line->posts[0]))->unit()->times($inward);
        $along = fn (Post $one): float => $at($one)->minus($at($post))->dot($run);
        foreach ($this->plan->openings() as $opening) {
            [$thing, $from, $to] = [$opening->thing, $opening->from, $opening->to];
            if (! in_array($from, $line->posts, true) || ! in_array($to, $line->posts, true)) {
                continue;
            }
            $middle = ($along($from) + $along($to)) / 2;
            $half = $thing->width->inMillimetres() / 2 + $thing->margin->inMillimetres();
            $nearest = max(0.0, $middle - $half);
            $high = $thing->high?->inMillimetres() ?? $top;
            // Above the lower edge at the nearest place is brace; below it the thing passes.
            if ($nearest < min($reach, $middle + $half) && $top - $fall + $nearest * $fall / $reach < $high - 0.001) {
                return $thing;
            }
        }

        return null;
    }
}
