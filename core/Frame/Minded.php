<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Fact\Fact;
use Aequus\Logbook\Set\TwistRead;
use Aequus\Measure\Length;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;

/** What is minded with a frame while it is built: how its timber moves, posts that are turned, members that take each other’s far face. */
final readonly class Minded
{
    /** A face turned more than one in so many off its line pulls what is fixed to it. */
    private const TURNED = 50.0;

    /** @param  ByPost<TwistRead>  $twists */
    public function __construct(private FrameRules $rules, private Footprint $footprint, private FrameSpace $space, private ByPost $twists)
    {
    }

    /** @return list<Fact> a FrameNote each */
    public function facts(): array
    {
        $told = array_merge([], ...array_map($this->moves(...), $this->rules->layers));
        if ($this->space->rafters->seat?->isBelowTwoThirds) {
            $told[] = Fact::of(FrameNote::SeatIsDeep, left: $this->space->rafters->seat->left);
        }
        foreach ([LayerKind::Joist, LayerKind::Purlin] as $kind) {
            $left = $this->lastBay($kind);
            $told = $left === null ? $told : [...$told, Fact::of(FrameNote::LastBay, layer: $kind, left: $left)];
        }
        if (count($this->space->joists()) > 2 && $this->rules->layer(LayerKind::Blocking) !== null) {
            $told[] = Fact::of(FrameNote::FarFaceTaken, layer: LayerKind::Blocking, count: count($this->space->joists()) - 2);
        }
        $turned = array_values(array_map(fn (Post $post) => $post->label, array_filter($this->footprint->posts, $this->isTurned(...))));
        $isFixedToFaces = $this->rules->layer(LayerKind::Rail) !== null || $this->rules->layer(LayerKind::Panel) !== null
            || $this->space->seats->usual->isOnFaces();

        return $turned === [] || ! $isFixedToFaces ? $told : [...$told, Fact::of(FrameNote::PostsAreTwisted, posts: $turned)];
    }

    /** @return list<Fact> */
    private function moves(Layer $layer): array
    {
        $told = TimberMoves::isGreen($layer) ? [Fact::of(FrameNote::IsGreen, layer: $layer->kind)] : [];
        if ($layer->kind !== LayerKind::Board || $layer->moisture === null || $layer->gap === null) {
            return $told;
        }
        [$lay, $end] = [TimberMoves::gapToLay($layer), TimberMoves::gapInTheEnd($layer)];

        return [
            ...$told,
            $lay->isZero() && ! $layer->gap->isZero() ? Fact::of(FrameNote::LayTight, opens: $end)
                : Fact::of(FrameNote::LayWithGap, lay: $lay, opens: $end),
        ];
    }

    /** What remains of members at centres, from the last full one; null where nothing does. */
    private function lastBay(LayerKind $kind): ?Length
    {
        $layer = $this->rules->layer($kind);
        $at = array_values($kind === LayerKind::Joist ? $this->space->joists() : $this->space->purlins());
        if ($layer === null || ! $layer->spread->atCentres || $layer->spread->leftOut !== [] || count($at) < 3) {
            return null;
        }
        $left = Length::millimetres($at[count($at) - 1] - $at[count($at) - 2]);

        return $layer->apart !== null && abs($left->minus($layer->apart)->inMillimetres()) > 0.5 ? $left : null;
    }

    private function isTurned(Post $post): bool
    {
        return isset($this->twists[$post]) && abs($this->twists[$post]->slope()->ratio) > 1 / self::TURNED;
    }
}
