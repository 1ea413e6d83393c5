<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Plan\Frame\Connector;
use Aequus\Plan\Frame\Fastener;
use Aequus\Plan\Frame\FastenerKind;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Frame\Seating;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\Posts\Section;

/**
 * Whether connectors and fasteners go with the members that were chosen: sections, plies, depths and distances, as their sheets say. What they carry
 * is not checked.
 */
final readonly class FixingsFit
{
    /**
     * @param  Section  $post  the stoutest there is
     * @param  list<Piece>  $pieces
     * @param  ?PierRules  $piers  null where posts stand in the ground
     */
    public function __construct(private FrameRules $rules, private Section $post, private array $pieces, private ?PierRules $piers)
    {
    }

    /** @return list<Fact> a FixingMisfit each */
    public function misfits(): array
    {
        $told = $this->rules->base === null ? [] : $this->base($this->rules->base);
        foreach ($this->rules->layers as $layer) {
            foreach ($layer->sizes() as $size) {
                $told = [
                    ...$told, ...($size->joinery->connector === null ? [] : $this->holds($size, $size->joinery->connector)),
                    ...($size->joinery->fastener === null ? [] : $this->drives($size, $size->joinery->fastener)),
                ];
            }
        }

        return array_values(array_unique($told, SORT_REGULAR));
    }

    /** @return list<Fact> */
    private function base(Connector $base): array
    {
        [$thin, $thick] = [$this->post->thinner(), $this->post->thicker()];
        $off = $base->boltOff?->magnitude();

        return [
            ...($thin->isShorterThan($base->from) || $thin->isLongerThan($base->to) ? [
                Fact::of(FixingMisfit::BaseTakesNoPost, name: $base->name, post: $thin, from: $base->from, to: $base->to),
            ] : []),
            ...($base->screwLong?->isLongerThan($thick) ? [
                Fact::of(FixingMisfit::ConnectorScrewComesOut, name: $base->name, long: $base->screwLong, thick: $thick),
            ] : []),
            ...($this->piers !== null && $off?->plus($this->piers->edge)->isLongerThan($this->piers->tube->half()) ? [Fact::of(
                FixingMisfit::BoltBesideThePier, name: $base->name, off: $off, pier: $this->piers->tube, edge: $this->piers->edge,
            )] : []),
        ];
    }

    /** @return list<Fact> */
    private function holds(Layer $layer, Connector $connector): array
    {
        $wide = $layer->kind->isChangedSingly() || $layer->kind->isCounted() ? $layer->wide() : $layer->thick;
        $about = ['layer' => $layer->kind, 'name' => $connector->name];

        return array_values(array_filter([
            $wide->isShorterThan($connector->from) ? Fact::of(FixingMisfit::TooNarrow, ...$about, wide: $wide, from: $connector->from) : null,
            $wide->isLongerThan($connector->to) ? Fact::of(FixingMisfit::TooWide, ...$about, wide: $wide, to: $connector->to) : null,
            $connector->plies !== null && $layer->kind->isCounted() && $connector->plies !== $layer->count
                ? Fact::of(FixingMisfit::OtherPlies, ...$about, plies: $connector->plies, are: $layer->count) : null,
            $connector->leastDeep !== null && $layer->deep->isShorterThan($connector->leastDeep)
                ? Fact::of(FixingMisfit::NotDeepEnough, ...$about, deep: $layer->deep, least: $connector->leastDeep) : null,
            $connector->screwLong?->isLongerThan($wide)
                ? Fact::of(FixingMisfit::ConnectorScrewComesOut, ...$about, long: $connector->screwLong, thick: $wide) : null,
        ]));
    }

    /** @return list<Fact> */
    private function drives(Layer $layer, Fastener $fastener): array
    {
        [$through, $into, $bearing] = $this->meets($layer);
        $told = [];
        if (
            $through !== null && $fastener->kind === FastenerKind::Bolt && $into !== null && $fastener->length->isShorterThan($through->plus($into))
        ) {
            $told[] = Fact::of(FixingMisfit::TooShort, layer: $layer->kind, long: $fastener->length, through: $through->plus($into));
        } elseif ($through !== null && $fastener->kind !== FastenerKind::Bolt && ! $fastener->length->isLongerThan($through)) {
            $told[] = Fact::of(FixingMisfit::TooShort, layer: $layer->kind, long: $fastener->length, through: $through);
        } elseif (
            $through !== null && $into !== null && $fastener->kind !== FastenerKind::Bolt && $fastener->length->isLongerThan($through->plus($into))
        ) {
            $told[] = Fact::of(FixingMisfit::ComesOut, layer: $layer->kind, long: $fastener->length, thick: $through->plus($into));
        }
        $edge = $fastener->fromEdge;
        $across = $this->across($layer);
        // From both edges and as far from each other.
        if ($edge !== null && $layer->fixings > 0 && $edge->times($layer->fixings + 1)->isLongerThan($across)) {
            $told[] = Fact::of(FixingMisfit::TooManyAtACrossing, layer: $layer->kind, count: $layer->fixings, room: $across, edge: $edge);
        }
        $need = ($fastener->fromEnd ?? Length::zero())->plus($edge ?? Length::zero());
        if ($bearing !== null && $this->isJoined($layer->kind) && $need->isLongerThan($bearing->half())) {
            $told[] = Fact::of(FixingMisfit::TooNearAJoint, layer: $layer->kind, have: $bearing->half(), need: $need);
        }

        return $told;
    }

    /** @return array{?Length, ?Length, ?Length} what it goes through, what it goes into, and how wide what the member lies on is; null where that is not told by sections */
    private function meets(Layer $layer): array
    {
        $joist = $this->rules->layer(LayerKind::Joist);
        $beam = $this->rules->layer(LayerKind::Beam);
        $seating = $layer->joinery->seating;

        return match ($layer->kind) {
            LayerKind::Board, LayerKind::Purlin => [$layer->deep, $joist?->deep, $joist?->thick],
            LayerKind::Sheet => [$layer->deep, $this->rules->layer(LayerKind::Purlin)->deep ?? $joist?->deep, null],
            LayerKind::Rim, LayerKind::Ledger => [$layer->thick, null, null],
            LayerKind::Blocking => [$joist?->thick, null, null],
            LayerKind::Rail => [$layer->thick, $this->post->thinner(), $this->post->thinner()],
            LayerKind::Beam => match ($seating) {
                Seating::OnSides => [$layer->thick->times($layer->count), $this->post->thinner(), $this->post->thinner()],
                Seating::InNotch => [
                    $layer->thick->times($layer->count), $this->post->thinner()->minus($layer->thick->times($layer->count)), $this->post->thinner(),
                ],
                default => [null, null, $this->post->thinner()],
            },
            LayerKind::Joist => [null, null, $beam === null ? null : self::narrowest($beam)],
            LayerKind::Brace, LayerKind::Panel => [null, null, null],
        };
    }

    private static function narrowest(Layer $layer): Length
    {
        $narrowest = $layer->wide();
        foreach ($layer->sizes() as $size) {
            $narrowest = $size->wide()->isShorterThan($narrowest) ? $size->wide() : $narrowest;
        }

        return $narrowest;
    }

    /** The side of a member that its fixings stand on, across its run. */
    private function across(Layer $layer): Length
    {
        return match ($layer->kind) {
            LayerKind::Board, LayerKind::Purlin, LayerKind::Sheet, LayerKind::Brace, LayerKind::Joist => $layer->thick,
            default => $layer->deep,
        };
    }

    private function isJoined(LayerKind $kind): bool
    {
        return array_filter($this->pieces, fn (Piece $piece) => $piece->isJoined && $piece->layer->kind === $kind) !== [];
    }
}
