<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Place\FixedKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Point;

/** What a frame can’t be where it is: off the plane of its tops, in a wall, or over a corner that no beam carries. */
final readonly class OutOfPlace
{
    /** Less than this nobody builds to, mm. */
    private const HAIR = 0.5;

    public function __construct(private Plan $plan, private FrameRules $rules, private Footprint $footprint, private FrameSpace $space)
    {
    }

    /** @return list<Fact> a FrameRefusal each */
    public function hindrances(): array
    {
        return [
            ...array_values(array_unique(array_map($this->off(...), $this->space->plane?->offThePlane() ?? []), SORT_REGULAR)),
            ...array_values(array_filter(array_map($this->into(...), $this->plan->fixedLines()))),
            ...($this->rules->layer(LayerKind::Joist) === null ? [] : [...$this->endingShort(), ...$this->offTheRafters()]),
            ...$this->seats(),
            ...$this->nobody(),
            ...$this->stack(),
        ];
    }

    /**
     * Posts of a row with a deeper beam are cut lower; any other that is off is just off.
     *
     * @param  array{string, Length, PostLine}  $off  post, how far above or below, and its line
     */
    private function off(array $off): Fact
    {
        [$post, $by, $line] = $off;
        $lower = $this->space->seats->lower()[$line->number];

        return abs($lower) > self::HAIR && abs($by->inMillimetres() - $lower) < self::HAIR
            ? Fact::of($lower > 0.0 ? FrameRefusal::RowWantsLower : FrameRefusal::RowWantsHigher, post: $line->posts[0]->label, by: $by->magnitude())
            : Fact::of(FrameRefusal::TopOffThePlane, post: $post, off: $by->magnitude());
    }

    /** Where it would reach beyond something fixed on the site; null where it keeps off it. */
    private function into(FixedLine $line): ?Fact
    {
        if ($line->kind === FixedKind::String) {
            return null;
        }
        $side = $line->off($this->footprint->lines[0]->posts[0]->at)->isNegative() ? -1 : 1;
        $deepest = max(array_map(function (InSpace $corner) use ($side, $line): float {
            $at = $this->footprint->onPlan($corner);

            return -$side * $line->off(new Point(Length::millimetres($at->x), Length::millimetres($at->y)))->inMillimetres();
        }, $this->space->outline()) ?: [0.0]);

        return $deepest > self::HAIR ? Fact::of(FrameRefusal::IntoTheWall, wall: $line->name, by: Length::millimetres($deepest)) : null;
    }

    /** @return list<Fact> beams that sit so that rafters pass above them, or through them */
    private function offTheRafters(): array
    {
        $told = [];
        foreach ($this->footprint->lines as $line) {
            $off = $this->space->offTheRafters($line);
            $told = abs($off) > self::HAIR
                ? [...$told, Fact::of(FrameRefusal::BeamOffTheRafters, post: $line->posts[0]->label, off: Length::millimetres(abs($off)))] : $told;
        }

        return $told;
    }

    /** @return list<Fact> notches and seats that take too much */
    private function seats(): array
    {
        $beam = $this->rules->layer(LayerKind::Beam);
        $wide = $this->rules->layer(LayerKind::Joist)?->joinery->seat;
        $told = [];
        if ($beam === null) {
            return [];
        }
        foreach ($this->footprint->lines as $line) {
            $seat = $this->space->seats->of($line);
            $told = [...$told, ...match (true) {
                ! $seat->notchDeep->isPositive() => [],
                ! $seat->left()->isPositive() => [Fact::of(FrameRefusal::NotchTakesThePost)],
                $seat->leavesLittle() => [Fact::of(FrameRefusal::NotchLeavesLittle, left: $seat->left())],
                default => [],
            }, ...($this->space->rafters->seat !== null && $wide?->isLongerThan($beam->at($line->number)->wide())
                ? [Fact::of(FrameRefusal::SeatWiderThanBeam)] : [])];
        }

        return array_values(array_unique($told, SORT_REGULAR));
    }

    /** @return list<Fact> single members that were changed, or left out, where there is none of that number */
    private function nobody(): array
    {
        $told = [];
        foreach ($this->rules->layers as $layer) {
            $numbers = match (true) {
                $layer->kind === LayerKind::Beam || $layer->kind === LayerKind::Rail => count($this->footprint->lines),
                $layer->kind->isSpread() => $this->space->places($layer),
                default => PHP_INT_MAX,
            };
            foreach ([...array_keys($layer->singly), ...$layer->spread->leftOut] as $number) {
                $told = $number > $numbers ? [...$told, Fact::of(FrameRefusal::NoSuchMember, layer: $layer->kind, number: $number, last: $numbers)]
                    : $told;
            }
        }

        return $told;
    }

    /** @return list<Fact> where tops were planned under a finished surface, and what lies on them is not as high as was reckoned */
    private function stack(): array
    {
        $under = $this->plan->tops?->under;
        $boards = $this->rules->layer(LayerKind::Board);
        if ($under === null || $boards === null || $this->footprint->part !== '') {
            return [];
        }
        $planned = $under->clearance->plus(Length::sum($under->layers));
        $joist = $this->rules->layer(LayerKind::Joist)->deep ?? Length::zero();
        $high = Length::millimetres($this->space->seats->usual->over)->plus($joist)->plus($boards->deep);

        return abs($high->minus($planned)->inMillimetres()) > self::HAIR ? [Fact::of(FrameRefusal::StackOff, high: $high, planned: $planned)] : [];
    }

    /** @return list<Fact> beams that end before the longest do */
    private function endingShort(): array
    {
        $past = $this->rules->layer(LayerKind::Beam)?->past()->inMillimetres() ?? 0.0;
        $short = [];
        foreach ($this->footprint->lines as $line) {
            $by = max($line->from - $past - $this->space->begin, $this->space->end - $line->to - $past);
            $short = $by > self::HAIR ? [...$short, Fact::of(FrameRefusal::BeamEndsShort, post: $line->posts[0]->label, by: Length::millimetres($by))]
                : $short;
        }

        return $short;
    }
}
