<?php

declare(strict_types=1);

namespace App\Frame;

use Aequus\Fact\Fact;
use Aequus\Frame\FixingMisfit;
use Aequus\Frame\Frames;
use Aequus\Frame\Metal;
use Aequus\Frame\UsualFrame;
use Aequus\Measure\Length;
use Aequus\Plan\Frame\Air;
use Aequus\Plan\Frame\Connector;
use Aequus\Plan\Frame\Fastener;
use Aequus\Plan\Frame\FastenerKind;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Plan;
use Aequus\Site\SiteState;
use Aequus\Words\Frame\FixingWords;
use Aequus\Words\Frame\LayerWords;
use Aequus\Words\Speech;
use App\Type\Said;
use App\Type\Say;
use App\Type\Typeset;
use App\World\Supplier;

/**
 * What holds the frame of one part together: fasteners at its crossings, caps and hangers, bases under its posts; and what of it does not go
 * together.
 */
final readonly class FixingsPage
{
    public FrameRules $rules;

    private Plan $plan;

    private Frames $frames;

    /** @param  string  $on  id of a part; empty for the first grid */
    public function __construct(private SiteState $site, private Supplier $yard, public string $on = '')
    {
        $this->plan = $site->plan;
        $part = MembersPage::partOf($site->plan, $on);
        $this->rules = $part === null ? UsualFrame::orDecided($site->plan) : UsualFrame::ofPart($site->plan, $part);
        $this->frames = Frames::of(
            $part === null ? Frames::onGrid($site->plan, $this->rules, $site->log) : Frames::onPart($site->plan, $part, $this->rules, $site->log),
        );
    }

    /** Whether posts stand on bases, so that one can be chosen. */
    public function hasBases(): bool
    {
        return $this->plan->holding?->ofJob === Hold::Pier;
    }

    /** @return array<string, string> everything a frame can stand on, by what is sent */
    public function standsOn(): array
    {
        return StandsOn::all($this->plan, $this->rules);
    }

    /** @return list<Said> what does not go with what it shall hold; what else hinders the frame stands on its own page */
    public function misfits(): array
    {
        $speech = new Speech($this->plan);

        return array_map(
            fn (Fact $fact) => new Said(Typeset::sentence($speech->say($fact)), (string) $speech->say($fact)),
            array_values(array_filter($this->frames->hindered, fn (Fact $fact) => $fact->is instanceof FixingMisfit)),
        );
    }

    public function metal(): string
    {
        return Say::text('frame.metal', metal: FixingWords::metal(Metal::of($this->rules->air, $this->plan->work->timber)));
    }

    /** @return array<string, string> */
    public function airs(): array
    {
        return array_combine(array_column(Air::cases(), 'value'), array_map(fn (Air $air) => Say::text("frame.air_{$air->value}"), Air::cases()));
    }

    /** @return list<array{Layer, string, int, list<Said>}> each layer with its name, how many fixings it takes in all, and what is known of them */
    public function layers(): array
    {
        return array_map(
            fn (Layer $layer) => [$layer, LayerWords::all($layer->kind), $this->frames->fixings[$layer->kind->value] ?? 0, $this->known($layer)],
            $this->rules->layers,
        );
    }

    /** @return list<Said> the base under posts: what it takes, and where its bolt stands */
    public function base(): array
    {
        $base = $this->rules->base;

        return $base === null ? [] : [
            $this->said('frame.connector_takes', name: $base->name, from: $base->from, to: $base->to),
            ...($base->pattern === '' ? [] : [$this->said('frame.hole_pattern', pattern: $base->pattern)]),
            $base->boltOff === null || $base->boltOff->isZero() ? $this->said('frame.bolt_in_the_middle')
                : $this->said('frame.bolt_off', off: $base->boltOff->magnitude(),
                    toward: $this->plan->sides->nameOf($base->boltOff->isNegative() ? \Aequus\Plan\Terms\Side::MinusX : \Aequus\Plan\Terms\Side::PlusX)),
        ];
    }

    /** @return array<string, string> kinds of fastener, and none */
    public static function fasteners(): array
    {
        return ['' => Say::text('frame.fastener_open')] + array_combine(
            array_column(FastenerKind::cases(), 'value'), array_map(FixingWords::fastener(...), FastenerKind::cases()),
        );
    }

    /** Whether a cap, a hanger or a tie may hold it. */
    public static function takesConnector(LayerKind $kind): bool
    {
        return $kind === LayerKind::Beam || $kind === LayerKind::Joist;
    }

    /** @return array<string, string> what the yard has for a use, by name; the first is what is typed */
    public function fromTheYard(string $use): array
    {
        $sold = $this->yard->connectors($this->plan->notation->unit)[$use] ?? [];

        return ['' => Say::text('frame.as_typed')] + array_combine(
            array_map(fn (Connector $one) => $one->name, $sold),
            array_map(fn (Connector $one) => (string) $this->said('frame.connector_takes', name: $one->name, from: $one->from, to: $one->to), $sold),
        );
    }

    /** @return list<Said> */
    private function known(Layer $layer): array
    {
        [$fastener, $connector] = [$layer->joinery->fastener, $layer->joinery->connector];

        return [
            ...($fastener === null ? [] : [
                $this->said('frame.fastener_is', what: FixingWords::fastener($fastener->kind), long: $fastener->length),
                ...$this->distances($fastener),
            ]),
            ...($connector === null ? [] : [$this->said(
                'frame.connector_takes', name: $connector->name, from: $connector->from, to: $connector->to,
            )]),
            ...($connector === null || $connector->pattern === '' ? [] : [$this->said('frame.hole_pattern', pattern: $connector->pattern)]),
            ...($fastener?->kind === FastenerKind::Bolt ? [$this->said('frame.bolts_begun')] : []),
        ];
    }

    /** @return list<Said> */
    private function distances(Fastener $fastener): array
    {
        return [
            ...($fastener->fromEnd === null ? [] : [$this->said('frame.keeps_end', least: $fastener->fromEnd)]),
            ...($fastener->fromEdge === null ? [] : [$this->said('frame.keeps_edge', least: $fastener->fromEdge)]),
            ...($fastener->isDrilled ? [$this->said('frame.drilled_first')] : []),
        ];
    }

    private function said(string $key, string|int|Length ...$parts): Said
    {
        return (new Say(new Speech($this->plan)))($key, ...$parts);
    }
}
