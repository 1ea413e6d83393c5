<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Fact\Fact;
use Aequus\Logbook\Square\AsCast;
use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;

/**
 * Every piece that stands on the posts of the first grid, layer by layer, from the rules that were decided: how long, from which stock, and where it
 * goes. Lengths of beams follow posts as they were cast. No span and no connection is checked.
 */
final readonly class FrameOnPosts
{
    /** @var list<Piece> from the posts up */
    public array $pieces;

    /** @var array<string, int> fixings by layer */
    public array $fixings;

    /** @var list<Fact> what can’t be made of the stock that was named: a FrameRefusal each */
    public array $hindered;

    /** @var array<string, RowAsCast> by the first post of the line, where casting changed a beam’s length */
    public array $changed;

    /** @var list<PostLine> */
    private array $lines;

    public FrameSpace $space;

    /** @param  ByPost<AsCast>  $cast */
    public function __construct(private Plan $plan, private FrameRules $rules, private ByPost $cast)
    {
        $this->lines = $this->lines();
        $this->space = new FrameSpace($plan, $rules, $this->lines);
        $changed = [];
        foreach ($this->lines as $line) {
            $row = $this->asCast($line);
            if (! $row->isAsPlanned()) {
                $changed[$line->posts[0]->label] = $row;
            }
        }
        $this->changed = $changed;
        $pieces = $fixings = [];
        $hindered = [
            ...array_map(fn (array $off) => Fact::of(FrameRefusal::TopOffThePlane, post: $off[0], off: $off[1]), $this->space->offThePlane()),
            ...array_map(fn (array $into) => Fact::of(FrameRefusal::IntoTheWall, wall: $into[0], by: $into[1]), $this->space->intoWalls()),
        ];
        foreach ($this->lines === [] ? [] : $rules->layers as $layer) {
            $built = $this->built($layer);
            $pieces = [...$pieces, ...$built->pieces];
            $hindered = [...$hindered, ...$built->hindered];
            $fixings[$layer->kind->value] = $built->crossings * $layer->fixings;
        }
        [$this->pieces, $this->hindered, $this->fixings] = [$pieces, $hindered, $fixings];
    }

    /** @return list<Piece> of one layer */
    public function of(LayerKind $kind): array
    {
        return array_values(array_filter($this->pieces, fn (Piece $piece) => $piece->layer->kind === $kind));
    }

    /** @return list<float> centres of joists along the beams, or of purlins up the slope, mm */
    public function marks(LayerKind $kind): array
    {
        return match ($kind) {
            LayerKind::Joist => $this->space->joists(),
            LayerKind::Purlin => $this->space->purlins(),
            default => [],
        };
    }

    private function built(Layer $layer): Built
    {
        return match ($layer->kind) {
            LayerKind::Beam => $this->beams($layer),
            LayerKind::Rail => $this->rails($layer),
            LayerKind::Ledger => $this->ledger($layer),
            LayerKind::Brace => $this->braces($layer),
            LayerKind::Joist => $this->joists($layer),
            LayerKind::Rim => $this->rims($layer),
            LayerKind::Blocking => $this->blocking($layer),
            LayerKind::Purlin => $this->purlins($layer),
            LayerKind::Board => $this->boards($layer),
            LayerKind::Sheet => $this->sheets($layer),
        };
    }

    /** @return list<PostLine> lines of two posts or more, along the beams */
    private function lines(): array
    {
        $lines = [];
        $alongX = $this->rules->alongX;
        foreach ($this->plan->grid->atCrossings() as $post) {
            $lines[$alongX ? $post->at->y->nanometres : $post->at->x->nanometres][] = $post;
        }
        ksort($lines);
        $found = [];
        foreach ($lines as $across => $posts) {
            $along = fn (Post $post): int => $alongX ? $post->at->x->nanometres : $post->at->y->nanometres;
            usort($posts, fn (Post $a, Post $b) => $along($a) <=> $along($b));
            if (count($posts) > 1) {
                $found[] = new PostLine($posts, $along($posts[0]) / 1e6, $along($posts[count($posts) - 1]) / 1e6, $across / 1e6);
            }
        }

        return $found;
    }

    private function asCast(PostLine $line): RowAsCast
    {
        return new RowAsCast(array_map(fn (Post $post) => new UnderBeam(
            $post->label, $post->at->inMillimetres(),
            isset($this->cast[$post]) ? new Vector($this->cast[$post]->alongX->inMillimetres(), $this->cast[$post]->alongY->inMillimetres()) : null,
            $this->plan->closenessAt($post->id)->across,
        ), $line->posts));
    }

    /** Plies side by side over each line, joined over posts. */
    private function beams(Layer $layer): Built
    {
        $pieces = $hindered = [];
        $number = $crossings = 0;
        $thick = $layer->thick->inMillimetres();
        foreach ($this->lines as $line) {
            [$plies, $why] = $this->overPosts($layer, $line, $layer->past(), $layer->count);
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
    private function rails(Layer $layer): Built
    {
        $pieces = $hindered = [];
        $number = $crossings = 0;
        $half = $this->plan->stoutest()->thicker()->inMillimetres() / 2;
        foreach ($this->lines as $line) {
            [$plies, $why] = $this->overPosts($layer, $line, $layer->past(), 1);
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

    private function ledger(Layer $layer): Built
    {
        return $this->space->wall === null ? new Built([]) : new Built(
            [new Piece($layer, 1, Length::millimetres($this->space->end - $this->space->begin), $this->space->ledger($layer))], count($this->space->joists()),
        );
    }

    /** Two in each line of posts, at its first post and at its last, inward. */
    private function braces(Layer $layer): Built
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

    /** Over all beams, and to the ledger where one is; sloped where the tops are. */
    private function joists(Layer $layer): Built
    {
        $pieces = $hindered = [];
        try {
            $member = $this->space->member($layer);
            $bearings = $this->space->bearings();
            [$lengths, $hindered] = $this->joined($layer, $member->stock, array_map(
                fn (float $at, string $name) => new Bearing($name, $member->along(Length::millimetres($at))), $bearings, array_keys($bearings),
            ), 1);
        } catch (FrameRefused $refused) {
            return new Built([], 0, [$refused->fact]);
        }
        $number = 0;
        foreach ($this->space->joists() as $at) {
            $from = 0.0;
            foreach ($lengths[0] as $length) {
                $share = $length->inMillimetres() / $member->stock->inMillimetres();
                $pieces[] = new Piece($layer, ++$number, $length, $this->space->across($at, $from, $from + $share, $layer), count($lengths[0]) > 1);
                $from += $share;
            }
        }

        return new Built($pieces, count($this->space->joists()) * count($bearings), $hindered);
    }

    private function rims(Layer $layer): Built
    {
        $pieces = [];
        foreach ([false, true] as $end) {
            [$lengths, $hindered] = $this->joined($layer, Length::millimetres($this->space->end - $this->space->begin), $this->onJoists(), 1);
            $at = $this->space->begin;
            foreach ($lengths[0] as $length) {
                $solid = $this->space->atTheEnds($end, $at, $at + $length->inMillimetres(), $layer);
                $pieces[] = new Piece($layer, count($pieces) + 1, $length, $solid, count($lengths[0]) > 1);
                $at += $length->inMillimetres();
            }
        }

        return new Built($pieces, 2 * count($this->space->joists()), $hindered);
    }

    /** Between any two joists, over the middle of every bay between beams. */
    private function blocking(Layer $layer): Built
    {
        $joists = $this->space->joists();
        $thick = $this->rules->layer(LayerKind::Joist)?->thick->inMillimetres() ?? 0.0;
        $bearings = array_values($this->space->bearings());
        $pieces = [];
        for ($bay = 1; $bay < count($bearings); $bay++) {
            for ($i = 1; $i < count($joists); $i++) {
                [$from, $to] = [$joists[$i - 1] + $thick / 2, $joists[$i] - $thick / 2];
                if ($to > $from) {
                    $solid = $this->space->between($from, $to, ($bearings[$bay - 1] + $bearings[$bay]) / 2, $layer);
                    $pieces[] = new Piece($layer, count($pieces) + 1, Length::millimetres($to - $from), $solid);
                }
            }
        }

        return new Built($pieces, 2 * count($pieces));
    }

    private function purlins(Layer $layer): Built
    {
        $long = Length::millimetres($this->space->end - $this->space->begin)->plus($layer->past()->times(2));
        [$lengths, $hindered] = $this->joined($layer, $long, $this->onJoists($layer->past()->inMillimetres()), 2);
        $pieces = [];
        foreach ($this->space->purlins() as $i => $up) {
            $at = $this->space->begin - $layer->past()->inMillimetres();
            foreach ($lengths[$i % 2] as $length) {
                $pieces[] = new Piece($layer, count($pieces) + 1, $length, $this->space->onTop($at, $at + $length->inMillimetres(), $up, $layer), count($lengths[$i % 2]) > 1);
                $at += $length->inMillimetres();
            }
        }

        return new Built($pieces, count($this->space->purlins()) * count($this->space->joists()), $hindered);
    }

    /** Rows of boards along the beams, over the rims too, joined on joists, never two rows side by side on one; ripped at the ends where they do not come out. */
    private function boards(Layer $layer): Built
    {
        $past = $layer->past()->inMillimetres();
        $long = Length::millimetres($this->space->end - $this->space->begin + 2 * $past);
        try {
            $rims = $this->rules->layer(LayerKind::Rim)?->thick->inMillimetres() ?? 0.0;
            $rows = new BoardsAcross(Length::millimetres($this->space->slopeLong() + 2 * $rims), $layer->thick, $layer->gap ?? Length::zero());
        } catch (FrameRefused $refused) {
            return new Built([], 0, [$refused->fact]);
        }
        [$lengths, $hindered] = $this->joined($layer, $long, $this->onJoists($past), 2);
        $pieces = [];
        [$up, $gap] = [-$rims, $layer->gap?->inMillimetres() ?? 0.0];
        for ($row = 0; $row < $rows->count; $row++) {
            $wide = match ($row) {
                0 => $rows->first, $rows->count - 1 => $rows->last, default => $layer->thick
            };
            $at = $this->space->begin - $past;
            foreach ($lengths[$row % 2] as $length) {
                $solid = $this->space->onTop($at, $at + $length->inMillimetres(), $up + $wide->inMillimetres() / 2, $layer, $wide->inMillimetres());
                $pieces[] = new Piece($layer, count($pieces) + 1, $length, $solid, count($lengths[$row % 2]) > 1);
                $at += $length->inMillimetres();
            }
            $up += $wide->inMillimetres() + $gap;
        }

        return new Built($pieces, $rows->count * count($this->space->joists()), $hindered);
    }

    /** By the width they cover, over rafters or purlins, from the low edge up. */
    private function sheets(Layer $layer): Built
    {
        $past = $layer->past()->inMillimetres();
        [$begin, $end, $cover] = [$this->space->begin - $past, $this->space->end + $past, $layer->thick->inMillimetres()];
        $count = (int) ceil(($end - $begin) / $cover - 1e-9);
        $long = Length::millimetres($this->space->slopeLong())->plus($layer->past());
        $pieces = [];
        for ($i = 0; $i < $count; $i++) {
            $pieces[] = new Piece($layer, $i + 1, $long, $this->space->sheet($begin + ($i + 0.5) * $cover, $layer));
        }

        return new Built($pieces, $count * max(1, count($this->space->purlins())));
    }

    /**
     * A line over posts, by what was cast.
     *
     * @return array{non-empty-list<non-empty-list<Length>>, list<Fact>} pieces of each ply
     */
    private function overPosts(Layer $layer, PostLine $line, Length $past, int $plies): array
    {
        $row = $this->asCast($line);

        return $this->joined($layer, $row->reach->plus($past->times(2)), array_map(fn (Bearing $one) => new Bearing($one->name, $one->at->plus($past)), $row->bearings), $plies);
    }

    /**
     * Out of the stock lengths of its section; in one piece where nobody named any, or none reaches.
     *
     * @param  list<Bearing>  $bearings
     * @return array{non-empty-list<non-empty-list<Length>>, list<Fact>} pieces of each ply, and what hinders
     */
    private function joined(Layer $layer, Length $long, array $bearings, int $plies): array
    {
        $stocks = $this->rules->stocks[$layer->section()] ?? [];
        $whole = array_fill(0, max(1, $plies), [$long]);
        if ($stocks === []) {
            return [$whole, []];
        }
        try {
            $line = BeamLine::over($long, $bearings, $stocks, $plies);
            $shared = array_values(array_unique(array_map(fn (array $one) => $one[1], $line->shared)));

            return [array_map(fn (JointedPly $ply) => array_map(fn (array $piece) => $piece[0], $ply->pieces), $line->plies), array_map(
                fn (string $at) => $layer->kind === LayerKind::Beam ? Fact::of(FrameRefusal::PliesJoinedTogether, post: $at) : Fact::of(FrameRefusal::RowsShareAJoist, joist: $at), $shared,
            )];
        } catch (FrameRefused $refused) {
            return [$whole, [$refused->fact]];
        }
    }

    /** @return list<Bearing> joists under what runs along the beams */
    private function onJoists(float $past = 0.0): array
    {
        return array_map(
            fn (float $at, int $i) => new Bearing((string) ($i + 1), Length::millimetres($at - $this->space->begin + $past)), $this->space->joists(), array_keys($this->space->joists()),
        );
    }
}
