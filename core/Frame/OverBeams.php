<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;

/** What lies on the beams, and on what lies on them: joists or rafters, their rims and blocks, purlins, boards and sheets. */
final readonly class OverBeams
{
    public function __construct(private FrameRules $rules, private FrameSpace $space, private JoinedLines $joints)
    {
    }

    /** Over all beams, and to the ledger where one is; sloped where the tops are. */
    public function joists(Layer $layer): Built
    {
        $pieces = $hindered = [];
        try {
            $member = $this->space->member($layer);
            $bearings = $this->space->bearings();
            if (count($bearings) < 2) {
                return new Built([], 0, [Fact::of(FrameRefusal::JoistsOnOneBeam)]);
            }
            // Where it begins, its cut may reach out before the top edge: a plumb low end downhill, a level high end uphill.
            $reaches = $this->space->rise > 0.0 ? $member->lowShift : Length::zero()->minus($member->highShift);
            $before = $reaches->isNegative() ? Length::zero() : $reaches;
            [$lengths, $hindered] = $this->joints->joined($layer, $member->stock, array_map(
                fn (float $at, string $name) => new Bearing($name, $member->along(Length::millimetres($at))->plus($before)), $bearings,
                array_keys($bearings),
            ), 1);
        } catch (FrameRefused $refused) {
            return new Built([], 0, [$refused->fact]);
        }
        $number = $plies = 0;
        foreach ($this->space->joists() as $place => $at) {
            $one = $layer->at($place);
            $plies += $one->count;
            foreach (self::beside($one) as $beside) {
                $from = 0.0;
                foreach ($lengths[0] as $length) {
                    $share = $length->inMillimetres() / $member->stock->inMillimetres();
                    $number++;
                    // One that is whole has the number of its place, as it is marked.
                    $solid = $this->space->across($at + $beside, $from, $from + $share, $one);
                    $pieces[] = new Piece($one, count($lengths[0]) > 1 ? $number : $place, $length, $solid, count($lengths[0]) > 1, $member->slope);
                    $from += $share;
                }
            }
        }

        return new Built($pieces, $plies * count($bearings), $hindered);
    }

    /** @return list<float> middles of its plies beside their common middle, mm */
    private static function beside(Layer $layer): array
    {
        return array_map(fn (int $ply) => ($ply - ($layer->count - 1) / 2) * $layer->thick->inMillimetres(), range(0, $layer->count - 1));
    }

    /** At both ends of the joists; none where they end at a ledger. */
    public function rims(Layer $layer): Built
    {
        $pieces = $hindered = [];
        $ends = array_values(array_filter([false, true], fn (bool $isLast) => $this->space->rim($isLast) > 0.0));
        foreach ($ends as $end) {
            [$lengths, $hindered] = $this->joints->along($layer, Length::millimetres($this->space->end - $this->space->begin), $this->onJoists(), 1);
            $at = $this->space->begin;
            foreach ($lengths[0] as $length) {
                $solid = $this->space->atTheEnds($end, $at, $at + $length->inMillimetres() / $this->space->steepAlong, $layer);
                $pieces[] = new Piece($layer, count($pieces) + 1, $length, $solid, count($lengths[0]) > 1);
                $at += $length->inMillimetres() / $this->space->steepAlong;
            }
        }

        return new Built($pieces, count($ends) * count($this->space->joists()), $hindered);
    }

    /** Between any two joists, over the middle of every bay between beams. */
    public function blocking(Layer $layer): Built
    {
        $joists = $this->space->joists();
        $numbers = array_keys($joists);
        $half = fn (int $number): float => ($this->rules->layer(LayerKind::Joist)?->at($number)->wide()->inMillimetres() ?? 0.0) / 2;
        $bearings = array_values($this->space->bearings());
        $pieces = [];
        for ($bay = 1; $bay < count($bearings); $bay++) {
            for ($i = 1; $i < count($joists); $i++) {
                [$one, $next] = [$numbers[$i - 1], $numbers[$i]];
                [$from, $to] = [$joists[$one] + $half($one), $joists[$next] - $half($next)];
                if ($to > $from) {
                    $solid = $this->space->between($from, $to, $this->space->low + ($bearings[$bay - 1] + $bearings[$bay]) / 2, $layer);
                    $pieces[] = new Piece($layer, count($pieces) + 1, Length::millimetres(($to - $from) * $this->space->steepAlong), $solid);
                }
            }
        }

        return new Built($pieces, 2 * count($pieces));
    }

    public function purlins(Layer $layer): Built
    {
        $long = Length::millimetres($this->space->end - $this->space->begin)->plus($layer->past()->times(2));
        [$lengths, $hindered] = $this->joints->along($layer, $long, $this->onJoists($layer->past()->inMillimetres()), 2);
        $pieces = [];
        $i = -1;
        $plies = 0;
        $isWhole = max(array_map(count(...), $lengths)) === 1;
        foreach ($this->space->purlins() as $place => $up) {
            $i++;
            $one = $layer->at($place);
            $plies += $one->count;
            foreach (self::beside($one) as $beside) {
                $at = $this->space->begin - $layer->past()->inMillimetres();
                foreach ($lengths[$i % 2] as $length) {
                    $to = $at + $length->inMillimetres() / $this->space->steepAlong;
                    $pieces[] = new Piece(
                        $one, $isWhole ? $place : count($pieces) + 1, $length, $this->space->onTop($at, $to, $up + $beside, $one),
                        count($lengths[$i % 2]) > 1,
                    );
                    $at = $to;
                }
            }
        }

        return new Built($pieces, $plies * count($this->space->joists()), $hindered);
    }

    /**
     * Rows of boards along the beams, over the rims too, joined on joists, never two rows side by side on one; ripped at the ends where they do not
     * come out.
     */
    public function boards(Layer $layer): Built
    {
        $past = $layer->past()->inMillimetres();
        $long = Length::millimetres($this->space->end - $this->space->begin + 2 * $past);
        try {
            $rows = new BoardsAcross(
                Length::millimetres($this->space->slopeLong() + $this->space->rim(false) + $this->space->rim(true)), $layer->thick,
                TimberMoves::gapToLay($layer),
            );
        } catch (FrameRefused $refused) {
            return new Built([], 0, [$refused->fact]);
        }
        [$lengths, $hindered] = $this->joints->along($layer, $long, $this->onJoists($past), 2);
        $pieces = [];
        [$up, $gap] = [-$this->space->rim($this->space->rise < 0.0), TimberMoves::gapToLay($layer)->inMillimetres()];
        for ($row = 0; $row < $rows->count; $row++) {
            $wide = match ($row) {
                0 => $rows->first, $rows->count - 1 => $rows->last, default => $layer->thick
            };
            $at = $this->space->begin - $past;
            foreach ($lengths[$row % 2] as $length) {
                $solid = $this->space->onTop(
                    $at, $at + $length->inMillimetres() / $this->space->steepAlong, $up + $wide->inMillimetres() / 2, $layer, $wide->inMillimetres(),
                );
                $pieces[] = new Piece($layer, count($pieces) + 1, $length, $solid, count($lengths[$row % 2]) > 1);
                $at += $length->inMillimetres() / $this->space->steepAlong;
            }
            $up += $wide->inMillimetres() + $gap;
        }

        return new Built($pieces, $rows->count * count($this->space->joists()), $hindered);
    }

    /** By the width they cover, over rafters or purlins, from the low edge up. */
    public function sheets(Layer $layer): Built
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

    /** @return list<Bearing> joists under what runs along the beams */
    private function onJoists(float $past = 0.0): array
    {
        $joists = $this->space->joists();

        return array_map(
            fn (float $at, int $number) => new Bearing((string) $number, Length::millimetres($at - $this->space->begin + $past)),
            array_values($joists), array_keys($joists),
        );
    }
}
