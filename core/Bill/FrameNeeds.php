<?php

declare(strict_types=1);

namespace Aequus\Bill;

use Aequus\Frame\FrameOnPosts;
use Aequus\Frame\Frames;
use Aequus\Frame\Piece;
use Aequus\Frame\SectionSawn;
use Aequus\Logbook\Log;
use Aequus\Measure\Length;
use Aequus\Plan\Frame\Connector;
use Aequus\Plan\Frame\Fastener;
use Aequus\Plan\Frame\FastenerKind;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Plan;
use Aequus\Stock\StockBoard;

/** What the frames of a job take, on all parts together: boards, sheets and panels, what holds them, and what their cut ends are brushed with. */
final readonly class FrameNeeds
{
    /** Of end grain that a litre covers twice, mm². */
    private const LITRE_COVERS = 2.5e6;

    /** @var list<Need> */
    public array $needs;

    private Frames $frames;

    public function __construct(private Plan $plan, private Log $log)
    {
        $this->frames = Frames::decided($plan, $log);
        $this->needs = [
            ...$this->boards(), ...$this->sheets(), ...array_merge([], ...array_map($this->held(...), $this->frames->all)), ...$this->treatment(),
        ];
    }

    /** Whether every section whose lengths are known comes out of them. */
    public static function isSawn(Plan $plan, Log $log): bool
    {
        $sections = SectionSawn::all(Frames::decided($plan, $log)->pieces, $plan->frame, $plan->notation->system()->kerf, $log);

        return array_filter($sections, fn (SectionSawn $section) => $section->hindered !== null) === [];
    }

    /** @return list<Need> out of the lengths they are sold in, else by the length that is needed */
    private function boards(): array
    {
        $needs = [];
        foreach (SectionSawn::all($this->frames->pieces, $this->plan->frame, $this->plan->notation->system()->kerf, $this->log) as $section) {
            [$one, $other] = $section->sides();
            $needs = [...$needs, ...($section->cutting === null ? [new Need(
                Ware::TimberByLength->id($one, $other), $section->inAll()->inMillimetres() / $this->plan->notation->system()->far, '',
            )] : array_map(
                fn (StockBoard $board) => new Need(Ware::Timber->id($one, $other, $board->stock->length), 1.0, ''), $section->bought(),
            ))];
        }

        return $needs;
    }

    /** @return list<Need> */
    private function sheets(): array
    {
        return [
            ...array_map(fn (Piece $sheet) => new Need(Ware::Sheet->id($sheet->length), 1.0, ''), $this->frames->piecesOf(LayerKind::Sheet)),
            ...array_map(
                fn (Piece $panel) => new Need(Ware::Panel->id($panel->layer->deep, $panel->length), 1.0, ''),
                $this->frames->piecesOf(LayerKind::Panel),
            ),
        ];
    }

    /** @return list<Need> fixings by crossings, caps, hangers and their screws */
    private function held(FrameOnPosts $frame): array
    {
        $needs = [];
        foreach ($frame->rules->layers as $layer) {
            $count = $frame->fixings[$layer->kind->value] ?? 0;
            if ($count > 0) {
                $needs[] = new Need($this->fixing($layer->kind, $layer->joinery->fastener), (float) $count, '');
            }
            $connector = $layer->joinery->connector;
            $bearings = match ($layer->kind) {
                LayerKind::Beam => array_sum(array_map(fn ($line) => count($line->posts), $frame->footprint->lines)),
                LayerKind::Joist => count($frame->space->joists()) * count($frame->space->bearings()),
                default => 0,
            };
            if ($connector !== null && $bearings > 0) {
                $needs = [
                    ...$needs, new Need($layer->kind === LayerKind::Beam ? Ware::Cap->value : Ware::Hanger->value, (float) $bearings, ''),
                    ...self::screws($connector, $bearings),
                ];
            }
        }

        return $needs;
    }

    /** @return list<Need> */
    public static function screws(Connector $connector, int $count): array
    {
        return $connector->screws === 0 ? [] : [new Need(
            Ware::ConnectorScrew->id(...($connector->screwLong === null ? [] : [$connector->screwLong])), (float) $connector->screws * $count, '',
        )];
    }

    private function fixing(LayerKind $kind, ?Fastener $fastener): string
    {
        return match (true) {
            $fastener?->kind === FastenerKind::Nail => Ware::Nail->id($fastener->length),
            $fastener?->kind === FastenerKind::Bolt => Ware::Bolt->id($fastener->length),
            $fastener !== null => Ware::Screw->id($fastener->length),
            $kind === LayerKind::Board => Ware::BoardScrew->value,
            $kind === LayerKind::Sheet => Ware::RoofScrew->value,
            default => Ware::FrameFixing->value,
        };
    }

    /** @return list<Need> both ends of every piece that is cut: factory treatment stays at the skin */
    private function treatment(): array
    {
        $timber = array_filter($this->frames->pieces, fn (Piece $piece) => $piece->layer->kind->isTimber());
        $area = array_sum(array_map(fn (Piece $piece) => 2 * $piece->layer->thick->inMillimetres() * $piece->layer->deep->inMillimetres(), $timber));

        return $area > 0.0 ? [new Need(Ware::Treatment->value, $area / self::LITRE_COVERS / $this->plan->notation->system()->litres, '')] : [];
    }
}
