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
    /** @param  list<PostLine>  $lines */
    public function __construct(private Plan $plan, private array $lines, private FrameSpace $space, private JoinedLines $joints)
    {
    }

    /** Plies side by side over each line, joined over posts. */
    public function beams(Layer $layer): Built
    {
        $pieces = $hindered = [];
        $number = $crossings = 0;
        $thick = $layer->thick->inMillimetres();
        foreach ($this->lines as $line) {
            [$plies, $why] = $this->joints->overPosts($layer, $line, $layer->past(), $layer->count);
            $hindered = [...$hindered, ...$why];
            foreach ($plies as $i => $lengths) {
                $at = $line->from - $layer->past()->inMillimetres();
                $beside = ($i - ($layer->count - 1) / 2) * $thick;
                foreach ($lengths as $length) {
                    $to = $at + $length->inMillimetres() / $this->space->steepAlong;
                    $pieces[] = new Piece($layer, ++$number, $length, $this->space->along($line, $at, $to, $beside, 0.0, $thick, $layer->deep->inMillimetres()), count($lengths) > 1);
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
        foreach ($this->lines as $whole) {
            foreach ($this->railed($whole) as $line) {
                [$plies, $why] = $this->joints->overPosts($layer, $line, Length::zero(), 1);
                $hindered = [...$hindered, ...$why];
                for ($rail = 1; $rail <= $layer->count; $rail++) {
                    $at = $line->from;
                    $down = ($layer->count - $rail) * $this->plan->standing->inMillimetres() / ($layer->count + 0.5) + $deep * 1.5;
                    foreach ($plies[0] as $length) {
                        $to = $at + $length->inMillimetres() / $this->space->steepAlong;
                        $pieces[] = new Piece($layer, ++$number, $length, $this->space->along($line, $at, $to, $beside, -$down, $thick, $deep), count($plies[0]) > 1);
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
            $posts, $line->from + $start->distanceTo($posts[0]->at)->inMillimetres(), $line->from + $start->distanceTo($posts[count($posts) - 1]->at)->inMillimetres(), $line->across,
        ), array_filter($lines, fn (array $posts) => count($posts) > 1)));
    }

    private function isGate(Post $one, Post $next): bool
    {
        foreach ($this->plan->fit->things as $thing) {
            if ($thing->isLeaf && (($thing->from->equals($one->id) && $thing->to->equals($next->id)) || ($thing->from->equals($next->id) && $thing->to->equals($one->id)))) {
                return true;
            }
        }

        return false;
    }

    public function ledger(Layer $layer): Built
    {
        return $this->space->wall === null ? new Built([]) : new Built(
            [new Piece($layer, 1, Length::millimetres(($this->space->end - $this->space->begin) * $this->space->steepAlong), $this->space->ledger($layer))], count($this->space->joists()),
        );
    }

    /** Two in each line of posts, at its first post and at its last, inward; none where something must pass: whatever holds that line instead is told for. */
    public function braces(Layer $layer): Built
    {
        try {
            $brace = CornerBrace::toItsCentreLine($layer->apart ?? Length::zero(), $layer->thick);
        } catch (FrameRefused $refused) {
            return new Built([], 0, [$refused->fact]);
        }
        $pieces = $hindered = [];
        foreach ($this->lines as $line) {
            foreach ([[$line->posts[0], $line->from, 1], [$line->posts[count($line->posts) - 1], $line->to, -1]] as [$post, $at, $inward]) {
                $passes = $this->passesUnder($line, $post, $inward, $brace->legLong->inMillimetres());
                if ($passes !== null) {
                    $hindered[] = Fact::of(FrameRefusal::NoBraceThere, post: $post->label, thing: $passes);

                    continue;
                }
                $solid = $this->space->brace($line, $at, $inward * $brace->leg->inMillimetres(), $brace->leg->inMillimetres(), $layer->thick->inMillimetres());
                $pieces[] = new Piece($layer, count($pieces) + 1, $brace->longEdge, $solid);
            }
        }

        return new Built($pieces, 2 * count($pieces), $hindered);
    }

    /**
     * What must pass where a brace would come down: its lower edge falls from so far along the beam to as far down the post.
     *
     * @param  int  $inward  1 from the first post on, −1 from the last one back
     */
    private function passesUnder(PostLine $line, Post $post, int $inward, float $leg): ?MustFit
    {
        $top = $this->space->plane?->topOf($post) ?? $this->plan->standing->inMillimetres();
        $at = fn (Post $one): Vector => $one->at->inMillimetres();
        $run = $at($line->posts[count($line->posts) - 1])->minus($at($line->posts[0]))->unit()->times($inward);
        $along = fn (Post $one): float => $at($one)->minus($at($post))->dot($run);
        foreach ($this->plan->fit->things as $thing) {
            [$from, $to] = [$this->plan->grid->find($thing->from), $this->plan->grid->find($thing->to)];
            if ($from === null || $to === null || ! in_array($from, $line->posts, true) || ! in_array($to, $line->posts, true)) {
                continue;
            }
            $middle = ($along($from) + $along($to)) / 2;
            $half = $thing->width->inMillimetres() / 2 + $thing->margin->inMillimetres();
            $nearest = max(0.0, $middle - $half);
            $high = $thing->high?->inMillimetres() ?? $top;
            // Above the lower edge at the nearest place is brace; below it the thing passes.
            if ($nearest < min($leg, $middle + $half) && $top - $leg + $nearest < $high - 0.001) {
                return $thing;
            }
        }

        return null;
    }
}
