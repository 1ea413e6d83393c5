<?php

declare(strict_types=1);

namespace Aequus\Bill;

use Aequus\Fact\Fact;
use Aequus\Footing\Footings;
use Aequus\Frame\FrameRefusal;
use Aequus\Frame\Frames;
use Aequus\Measure\Length;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Grid\Grid;
use Aequus\Plan\Grid\GridLines;
use Aequus\Plan\Grid\Spacing;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Site\SiteState;
use Aequus\Stock\Stock;

/**
 * What another plane of the feet, another number of bays, another overhang or shorter boards would cost, the whole job counted each time. Posts and
 * holes that a variant has more or fewer count like the middling ones. Spans are not checked.
 */
final readonly class FrameChoices
{
    /** Deeper by so many hands. */
    private const DEEPER = [0, 1, 2, 3];

    /** Fewer and more than there are. */
    private const BAYS = [-1, 0, 1, 2];

    /** @var list<list<Choice>> by what is varied; what leaves no choice is left out */
    public array $tables;

    private Plan $plan;

    public function __construct(private SiteState $site)
    {
        $this->plan = $site->plan;
        $tables = [$this->planes()];
        if ($this->plan->frame?->layer(LayerKind::Beam) !== null) {
            $tables = [...$tables, $this->bays($this->plan->frame), $this->overhangs($this->plan->frame), $this->longest($this->plan->frame)];
        }
        $this->tables = array_values(array_filter($tables, fn (array $table) => count($table) > 1));
    }

    /** @return list<Choice> */
    private function planes(): array
    {
        $rules = $this->plan->footing;
        $order = $this->site->walk();
        if ($rules === null || $order === []) {
            return [];
        }
        $on = fn (?Length $plane): Footings => new Footings(
            $this->plan->withFooting($rules->dug(DepthMode::CommonPlane, $plane)), $this->site->log, $this->site->level->ground,
        );
        $needed = $on(null)->required($order[0])?->foot;
        if ($needed === null) {
            return [];
        }
        $hand = $this->plan->notation->system()->hand;
        $choices = [];
        foreach (self::DEEPER as $hands) {
            $footing = $on($hands === 0 ? null : $needed->minus($hand->times($hands)));
            if ($footing->refused === null) {
                $isDecided = $rules->mode === DepthMode::CommonPlane
                    && ($rules->askedPlane === null ? $hands === 0 : $footing->required($order[0])?->foot->equals($rules->askedPlane) === true);
                $choices[] = Choice::ofPlan(
                    new Variant(VariantKind::Plane, $hand->times($hands)), $isDecided, $this->site, $this->plan, $footing->work($order), 1.0,
                );
            }
        }

        return $choices;
    }

    /** @return list<Choice> */
    private function bays(FrameRules $frame): array
    {
        $lines = $frame->alongX ? $this->plan->grid->columns : $this->plan->grid->rows;
        $now = $lines->count() - 1;
        if ($now < 1 || $this->plan->grid->leftOut !== []) {
            return [];
        }
        $choices = [];
        foreach (array_filter(array_map(fn (int $more) => $now + $more, self::BAYS), fn (int $bays) => $bays > 0) as $bays) {
            $bay = Length::nanometres(intdiv($lines->length()->nanometres, $bays));
            try {
                $plan = $bays === $now ? $this->plan : $this->withLines($frame->alongX, GridLines::fresh(Spacing::bays(array_fill(0, $bays, $bay))));
            } catch (PlanRefused) {
                continue;
            }
            $share = count($plan->grid->posts) / max(1, count($this->plan->grid->posts));
            $choices[] = Choice::ofPlan(new Variant(VariantKind::Bays, $bay, $bays), $bays === $now, $this->site, $plan, $this->work(), $share);
        }

        return $choices;
    }

    /** @return list<Choice> */
    private function overhangs(FrameRules $frame): array
    {
        $beam = $frame->layer(LayerKind::Beam);
        if ($beam === null) {
            return [];
        }
        $foot = $this->plan->notation->system()->hand->times(3);
        $tried = [];
        foreach ([Length::zero(), $foot, $foot->times(2), $beam->past()] as $past) {
            $tried[$past->nanometres] = $past;
        }
        ksort($tried);

        return array_values(array_map(fn (Length $past) => Choice::ofPlan(
            new Variant(VariantKind::Overhang, $past), $past->equals($beam->past()), $this->site,
            $this->plan->withFrame($frame->with($beam->standingOver($past))), $this->work(), 1.0,
        ), $tried));
    }

    /** @return list<Choice> shortest first; what no longer reaches is left out */
    private function longest(FrameRules $frame): array
    {
        $lengths = [];
        foreach ($frame->stocks as $stocks) {
            foreach ($stocks as $stock) {
                $lengths[$stock->length->nanometres] = $stock->length;
            }
        }
        ksort($lengths);
        $most = array_key_last($lengths);
        $choices = [];
        foreach ($lengths as $longest) {
            $rules = $frame;
            foreach ($frame->stocks as $section => $stocks) {
                $rules = $rules->soldIn($section, array_values(array_filter($stocks, fn (Stock $stock) => ! $stock->length->isLongerThan($longest))));
            }
            $plan = $this->plan->withFrame($rules);
            $unreached = array_filter(
                Frames::decided($plan, $this->site->log)->hindered, fn (Fact $fact) => $fact->is === FrameRefusal::NoStockReaches,
            );
            if (count($rules->stocks) < count($frame->stocks) || $unreached !== [] || ! FrameNeeds::isSawn($plan, $this->site->log)) {
                continue;
            }
            $choices[] = Choice::ofPlan(
                new Variant(VariantKind::Longest, $longest), $longest->nanometres === $most, $this->site, $plan, $this->work(), 1.0,
            );
        }

        return $choices;
    }

    /** Posts that stay keep nothing here: only their number and the frame over them count. */
    private function withLines(bool $alongX, GridLines $lines): Plan
    {
        $grid = $this->plan->grid;

        return $this->plan->onGrid($alongX ? new Grid($lines, $grid->rows) : new Grid($grid->columns, $lines));
    }

    /** @return list<\Aequus\Footing\Holes\HoleWork> */
    private function work(): array
    {
        return $this->site->footing->work($this->site->walk());
    }
}
