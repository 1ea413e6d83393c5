<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Fact\Fact;
use Aequus\Logbook\Frame\MembersUp;
use Aequus\Logbook\Log;
use Aequus\Logbook\Set\TwistRead;
use Aequus\Logbook\Square\AsCast;
use Aequus\Measure\Length;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Plan;

/**
 * Every piece that stands on one footprint, layer by layer, from the rules that were decided: how long, from which stock, and where it
 * goes. Lengths of beams follow posts as they were cast. No span and no connection is checked.
 */
final readonly class FrameOnPosts
{
    /** Every so many rows of boards one is marked, so that the last comes out even. */
    private const ROWS_MARKED = 10;

    /** @var list<Piece> from the posts up */
    public array $pieces;

    /** @var array<string, int> fixings by layer */
    public array $fixings;

    /** @var list<Fact> what can’t be made of the stock that was named: a FrameRefusal each */
    public array $hindered;

    /** @var array<string, RowAsCast> by the first post of the line, where casting changed a beam’s length */
    public array $changed;

    /** @var list<Fact> what is minded while it is built: a FrameNote each */
    public array $minded;

    public FrameSpace $space;

    /** @var list<MembersUp> */
    private array $written;

    public function __construct(Plan $plan, public FrameRules $rules, public Footprint $footprint, Log $log)
    {
        $cast = $log->newest(AsCast::class);
        $this->written = array_values($log->now(MembersUp::class));
        $lines = $footprint->lines;
        $this->space = new FrameSpace($plan, $rules, $footprint);
        $joints = new JoinedLines($plan, $rules, $cast, $this->space->steepAlong);
        [$over, $above] = [new OverPosts($plan, $footprint, $this->space, $joints), new OverBeams($rules, $this->space, $joints)];
        $changed = [];
        foreach ($lines as $line) {
            $row = $joints->asCast($line);
            if (! $row->isAsPlanned()) {
                $changed[$line->posts[0]->label] = $row;
            }
        }
        $this->changed = $changed;
        $pieces = $fixings = [];
        $hindered = $lines === [] ? [] : [
            ...($this->space->rafters->unseated === null ? [] : [$this->space->rafters->unseated->fact]),
            ...(new OutOfPlace($plan, $rules, $footprint, $this->space))->hindrances(),
        ];
        foreach ($lines === [] ? [] : $rules->layers as $layer) {
            $built = $this->built($layer, $over, $above);
            $pieces = [...$pieces, ...$built->pieces];
            $hindered = [...$hindered, ...$built->hindered];
            $fixings[$layer->kind->value] = $built->crossings * $layer->fixings;
        }
        $hindered = $lines === [] ? [] : [
            ...$hindered,
            ...(new FixingsFit($rules, $plan->stoutest(), $pieces, $plan->holding?->ofJob === Hold::Pier ? $plan->holding->pier : null))->misfits(),
        ];
        $hindered = self::together($hindered);
        $this->minded = $lines === [] ? [] : (new Minded($rules, $footprint, $this->space, $log->newest(TwistRead::class)))->facts();
        [$this->pieces, $this->hindered, $this->fixings] = [$pieces, $hindered, $fixings];
    }

    /**
     * Joints of plies over the same posts are one matter, however many lines have them.
     *
     * @param  list<Fact>  $facts
     * @return list<Fact>
     */
    private static function together(array $facts): array
    {
        $joined = array_values(array_filter($facts, fn (Fact $fact) => $fact->is === FrameRefusal::PliesJoinedTogether));
        $others = array_values(array_filter($facts, fn (Fact $fact) => $fact->is !== FrameRefusal::PliesJoinedTogether));

        return $joined === [] ? $others
            : [...$others, Fact::of(FrameRefusal::PliesJoinedTogether, posts: array_map(fn (Fact $fact) => $fact->part('post'), $joined))];
    }

    /** @return list<Piece> that were written down as standing where they belong */
    public function up(): array
    {
        return array_values(array_filter($this->pieces, fn (Piece $piece) => array_filter(
            $this->written, fn (MembersUp $said) => $said->has($this->footprint->key, $piece->layer->kind, $piece->number),
        ) !== []));
    }

    /** @return list<Piece> of one layer */
    public function of(LayerKind $kind): array
    {
        return array_values(array_filter($this->pieces, fn (Piece $piece) => $piece->layer->kind === $kind));
    }

    /**
     * Where joists are marked on the beams, from a beam’s end, or purlins on the rafters, from their low end: the near face of each, from one zero.
     *
     * @return array<int, Length> by their numbers
     */
    public function nearFaces(LayerKind $kind): array
    {
        $layer = $this->rules->layer($kind);
        $zero = $kind === LayerKind::Joist ? $this->space->begin : 0.0;
        $steep = $kind === LayerKind::Joist ? $this->space->steepAlong : 1.0;

        $faces = [];
        foreach ($this->marks($kind) as $number => $centre) {
            $wide = $layer?->at($number)->wide()->inMillimetres() ?? 0.0;
            $faces[$number] = Length::millimetres(max(0.0, ($centre - $wide / 2 - $zero) * $steep));
        }

        return $faces;
    }

    /**
     * Both ends of each seat of a rafter along its top edge, from its high end.
     *
     * @return list<array{string, Length, Length}> with the first post of the beam, the one nearest the high end first
     */
    public function seatLines(): array
    {
        if ($this->space->rafters->seat === null) {
            return [];
        }
        $steep = sqrt(1 + $this->space->rise ** 2);
        $run = $this->space->slopeLong() / $steep;
        $bearings = $this->space->bearings();
        $seats = [];
        foreach ($this->footprint->lines as $line) {
            $seat = $this->space->seats->of($line);
            $level = $bearings[$line->posts[0]->label] + $seat->middle($this->footprint->outward($line));
            // The seat lies flush with the beam's downhill edge.
            $downhill = ($this->space->rise > 0.0 ? $run - $level : $level) + $seat->wide() / 2;
            $seats[] = [
                $line->posts[0]->label, Length::millimetres(($downhill - $seat->seatWide()) * $steep), Length::millimetres($downhill * $steep),
            ];
        }
        usort($seats, fn (array $a, array $b) => $a[1]->nanometres <=> $b[1]->nanometres);

        return $seats;
    }

    /**
     * What else is marked from one zero: rails down from the tops, both edges of a brace from its corner along the beam, every tenth row of boards
     * and every sheet from the first edge.
     *
     * @return array<int, Length> by their numbers
     */
    public function edges(LayerKind $kind): array
    {
        $pieces = $this->of($kind);
        $first = $pieces[0] ?? null;
        if ($first === null) {
            return [];
        }
        $layer = $first->layer;

        return match ($kind) {
            LayerKind::Rail => self::numbered(array_reverse(array_map(
                fn (float $down) => Length::millimetres($down),
                array_values(array_unique(array_map(
                    fn (Piece $rail) => round($this->space->downFromTop($rail->solid), 3), array_slice($pieces, 0, $layer->count),
                ))),
            ))),
            LayerKind::Brace => self::numbered([CornerBrace::ofLayer($layer)->legShort, CornerBrace::ofLayer($layer)->legLong]),
            LayerKind::Sheet => self::numbered(array_map(fn (int $i) => $layer->thick->times($i), range(0, count($pieces) - 1))),
            LayerKind::Board => $this->tenthRows($layer, $pieces),
            default => [],
        };
    }

    /**
     * @param  list<Length>  $edges
     * @return array<int, Length> from 1
     */
    private static function numbered(array $edges): array
    {
        return $edges === [] ? [] : array_combine(range(1, count($edges)), $edges);
    }

    /**
     * @param  list<Piece>  $boards
     * @return array<int, Length> near edges from the first board’s outer edge, by their rows
     */
    private function tenthRows(Layer $layer, array $boards): array
    {
        $edges = $rows = [];
        foreach ($boards as $board) {
            $across = $this->footprint->alongX ? $board->solid->from->y : $board->solid->from->x;
            $rows[(string) round($across, 3)] ??= [$across, $board->solid->wide];
        }
        usort($rows, fn (array $a, array $b) => $a[0] <=> $b[0]);
        foreach ($rows as $i => [$across, $wide]) {
            $from = ($across - $wide / 2 - ($rows[0][0] - $rows[0][1] / 2)) * sqrt(1 + $this->space->rise ** 2);
            $edges = $i % self::ROWS_MARKED === 0 ? $edges + [$i + 1 => Length::millimetres(max(0.0, $from))] : $edges;
        }

        return $edges;
    }

    /** @return array<int, float> centres of joists along the beams, or of purlins up the slope, mm, by their numbers */
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
            LayerKind::Panel => $over->panels($layer),
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
}
