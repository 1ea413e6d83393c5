<?php

declare(strict_types=1);

namespace Aequus\Plan\Part;

use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Grid\Spacing;
use Aequus\Plan\Grid\TapeHeld;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Plan\Terms\Point;

/** A row round its corners: posts at each corner, at both sides of each gate, and between them in equal bays no wider than the widest allowed. */
final class RowOfPart
{
    /** A row goes straight on where it turns by less, radians. */
    private const STRAIGHT = 1e-6;

    /** @var array<string, Point> by a name that stays, in the order of the row */
    public array $places = [];

    /** @var array<string, ?Vector> unit vector along the row; null at a corner, which stands in two strings */
    public array $runs = [];

    /** @var list<non-empty-list<string>> names of the posts of each section, from corner to corner */
    public array $sections = [];

    /** @var list<string> names of the posts where it ends or turns */
    public array $corners = [];

    /** @var list<array{RowGate, string, string}> each with the names of its hinge and its latch post */
    public array $gates = [];

    /**
     * @param  list<Point>  $corners
     * @param  ?Length  $largest  widest bay; null for posts at corners and gates only
     * @param  list<RowGate>  $gates
     * @param  Length  $post  thickness of a post
     *
     * @throws PlanRefused when a gate has no room in its section
     */
    public function __construct(array $corners, private ?Length $largest, array $gates, private Length $post)
    {
        foreach ($gates as $i => $gate) {
            if ($gate->section < 1 || $gate->section >= count($corners)) {
                throw PlanRefused::gateInNoSection($gate->section, max(0, count($corners) - 1));
            }
        }
        $closes = false;
        foreach ($corners as $i => $corner) {
            $isBack = $i > 0 && $corner->distanceTo($corners[0])->isZero();
            if ($i > 0) {
                $before = count($this->places);
                $this->section(
                    $i, $corners[$i - 1], $corner, array_values(array_filter($gates, fn (RowGate $gate) => $gate->section === $i)),
                    $isBack ? 'k0' : "k{$i}",
                );
                $last = $i - 1;
                $this->sections[] = [
                    "k{$last}", ...array_map(strval(...), array_slice(array_keys($this->places), $before)), $isBack ? 'k0' : "k{$i}",
                ];
            }
            // A row that comes back to where it began ends at its first post.
            if (! $isBack) {
                $this->places["k{$i}"] = $corner;
                $this->runs["k{$i}"] = self::through($corners[$i - 1] ?? null, $corner, $corners[$i + 1] ?? null);
            } else {
                $this->runs['k0'] = self::through($corners[$i - 1], $corner, $corners[1] ?? null);
                $closes = true;
            }
        }
        $last = array_key_last($corners);
        foreach (array_keys($corners) as $i) {
            $ends = ($i === 0 || $i === $last) && ! $closes;
            if (isset($this->places["k{$i}"]) && ($ends || $this->runs["k{$i}"] === null)) {
                $this->corners[] = "k{$i}";
            }
        }
    }

    /** @param  list<RowGate>  $gates */
    private function section(int $i, Point $from, Point $to, array $gates, string $end): void
    {
        $length = $from->distanceTo($to);
        if (! $length->isPositive()) {
            return;
        }
        $run = $to->inMillimetres()->minus($from->inMillimetres())->unit();
        usort($gates, fn (RowGate $one, RowGate $other) => $one->from->nanometres <=> $other->from->nanometres);
        $corner = $i - 1;
        [$at, $n, $name] = [Length::zero(), 0, "k{$corner}"];
        $put = function (string $called, Length $along) use ($from, $to, $length, $run): void {
            $share = $along->nanometres / $length->nanometres;
            $this->places[$called] = new Point(
                $from->x->plus($to->x->minus($from->x)->times($share)), $from->y->plus($to->y->minus($from->y)->times($share)),
            );
            $this->runs[$called] = $run;
        };
        foreach ([...$gates, null] as $g => $gate) {
            $stop = $gate->from ?? $length;
            if ($stop->isShorterThan($at)) {
                throw PlanRefused::gateWithoutRoom($gate->section ?? $i);
            }
            $between = $stop->minus($at);
            foreach ($this->largest === null || ! $between->isPositive() ? [] : array_slice(Spacing::overall(
                $between, TapeHeld::Centre, Length::zero(), Spacing::fewestBays($between, $this->largest),
            )->centres, 1, -1) as $along) {
                $put("k{$corner}-".(++$n), $at->plus($along));
            }
            if ($gate === null) {
                continue;
            }
            if ($between->isPositive()) {
                $name = "g{$corner}-{$g}h";
                $put($name, $stop);
            }
            $at = $stop->plus($gate->centres($this->post));
            if ($at->isLongerThan($length)) {
                throw PlanRefused::gateWithoutRoom($i);
            }
            $latch = $at->equals($length) ? $end : "g{$corner}-{$g}l";
            if (! $at->equals($length)) {
                $put($latch, $at);
            }
            $this->gates[] = [$gate, $name, $latch];
            $name = $latch;
        }
    }

    private static function through(?Point $before, Point $at, ?Point $after): ?Vector
    {
        $toward = fn (?Point $from, ?Point $to): ?Vector => $from === null || $to === null || $from->distanceTo($to)->isZero()
            ? null : $to->inMillimetres()->minus($from->inMillimetres())->unit();
        [$in, $out] = [$toward($before, $at), $toward($at, $after)];

        return $in !== null && $out !== null && (abs($in->cross($out)) > self::STRAIGHT || $in->dot($out) < 0.0) ? null : ($in ?? $out);
    }
}
