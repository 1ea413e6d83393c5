<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Measure\Length;
use Aequus\Plan\Frame\Layer;
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
                    $to = $at + $length->inMillimetres();
                    $pieces[] = new Piece($layer, ++$number, $length, $this->space->along($line, $at, $to, $beside, 0.0, $thick, $layer->deep->inMillimetres()), count($lengths) > 1);
                    $at = $to;
                }
            }
            $crossings += count($line->posts) * $layer->count;
        }

        return new Built($pieces, $crossings, $hindered);
    }

    /** Rails on the outer face of each line, evenly up its posts, joined on posts. */
    public function rails(Layer $layer): Built
    {
        $pieces = $hindered = [];
        $number = $crossings = 0;
        $half = $this->plan->stoutest()->thicker()->inMillimetres() / 2;
        foreach ($this->lines as $line) {
            [$plies, $why] = $this->joints->overPosts($layer, $line, $layer->past(), 1);
            $hindered = [...$hindered, ...$why];
            for ($rail = 1; $rail <= $layer->count; $rail++) {
                $at = $line->from - $layer->past()->inMillimetres();
                $down = ($layer->count - $rail) * $this->plan->standing->inMillimetres() / ($layer->count + 0.5) + $layer->deep->inMillimetres() * 1.5;
                foreach ($plies[0] as $length) {
                    $to = $at + $length->inMillimetres();
                    $solid = $this->space->along($line, $at, $to, -$half - $layer->thick->inMillimetres() / 2, -$down, $layer->thick->inMillimetres(), $layer->deep->inMillimetres());
                    $pieces[] = new Piece($layer, ++$number, $length, $solid, count($plies[0]) > 1);
                    $at = $to;
                }
            }
            $crossings += count($line->posts) * $layer->count;
        }

        return new Built($pieces, $crossings, $hindered);
    }

    public function ledger(Layer $layer): Built
    {
        return $this->space->wall === null ? new Built([]) : new Built(
            [new Piece($layer, 1, Length::millimetres($this->space->end - $this->space->begin), $this->space->ledger($layer))], count($this->space->joists()),
        );
    }

    /** Two in each line of posts, at its first post and at its last, inward. */
    public function braces(Layer $layer): Built
    {
        try {
            $brace = CornerBrace::toItsCentreLine($layer->apart ?? Length::zero(), $layer->thick);
        } catch (FrameRefused $refused) {
            return new Built([], 0, [$refused->fact]);
        }
        $pieces = [];
        foreach ($this->lines as $line) {
            foreach ([[$line->from, 1], [$line->to, -1]] as [$at, $inward]) {
                $solid = $this->space->brace($line, $at, $inward * $brace->leg->inMillimetres(), $brace->leg->inMillimetres(), $layer->thick->inMillimetres());
                $pieces[] = new Piece($layer, count($pieces) + 1, $brace->longEdge, $solid);
            }
        }

        return new Built($pieces, 2 * count($pieces));
    }
}
