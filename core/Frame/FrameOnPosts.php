<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Fact\Fact;
use Aequus\Logbook\Square\AsCast;
use Aequus\Measure\Length;
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
    public function __construct(private Plan $plan, private FrameRules $rules, ByPost $cast)
    {
        $this->lines = $this->lines();
        $this->space = new FrameSpace($plan, $rules, $this->lines);
        $joints = new JoinedLines($plan, $rules, $cast, $this->space->steepAlong);
        [$over, $above] = [new OverPosts($plan, $this->lines, $this->space, $joints), new OverBeams($rules, $this->space, $joints)];
        $changed = [];
        foreach ($this->lines as $line) {
            $row = $joints->asCast($line);
            if (! $row->isAsPlanned()) {
                $changed[$line->posts[0]->label] = $row;
            }
        }
        $this->changed = $changed;
        $pieces = $fixings = [];
        $hindered = $this->lines === [] ? [] : (new OutOfPlace($plan, $rules, $this->lines, $this->space))->told();
        foreach ($this->lines === [] ? [] : $rules->layers as $layer) {
            $built = $this->built($layer, $over, $above);
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

    /**
     * Where joists are marked on the beams, from a beam’s end, or purlins on the rafters, from their low end: the near face of each, from one zero.
     *
     * @return list<Length>
     */
    public function nearFaces(LayerKind $kind): array
    {
        $layer = $this->rules->layer($kind);
        $zero = $kind === LayerKind::Joist ? $this->space->begin : 0.0;
        $steep = $kind === LayerKind::Joist ? $this->space->steepAlong : 1.0;

        return $layer === null ? [] : array_map(
            fn (float $centre) => Length::millimetres(max(0.0, ($centre - $layer->thick->inMillimetres() / 2 - $zero) * $steep)), $this->marks($kind),
        );
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

    private function built(Layer $layer, OverPosts $over, OverBeams $above): Built
    {
        return match ($layer->kind) {
            LayerKind::Beam => $over->beams($layer),
            LayerKind::Rail => $over->rails($layer),
            LayerKind::Ledger => $over->ledger($layer),
            LayerKind::Brace => $over->braces($layer),
            LayerKind::Joist => $above->joists($layer),
            LayerKind::Rim => $above->rims($layer),
            LayerKind::Blocking => $above->blocking($layer),
            LayerKind::Purlin => $above->purlins($layer),
            LayerKind::Board => $above->boards($layer),
            LayerKind::Sheet => $above->sheets($layer),
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
}
