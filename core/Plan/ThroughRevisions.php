<?php

declare(strict_types=1);

namespace Aequus\Plan;

use Aequus\Plan\Grid\Grid;
use Aequus\Plan\Grid\GridLines;
use Aequus\Plan\Layout\LayoutRules;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Place\Fit;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Place\MustFit;
use Aequus\Plan\Place\SiteObject;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Tops\TopRules;

/** What of a plan stays when another takes its place. */
trait ThroughRevisions
{
    /**
     * What was decided about an earlier grid, for a grid whose zero lies elsewhere: walls, tops and the way to count stay where they are on the
     * ground.
     *
     * @return array{?TopRules, ?LayoutRules, Fit, Point, list<Part>, list<SiteObject>} tops, layout, fit, origin, further parts and the site
     */
    public function countedFrom(Grid $grid): array
    {
        $by = new Point($grid->columns->zeroFrom($this->grid->columns), $grid->rows->zeroFrom($this->grid->rows));
        if ($by->x->isZero() && $by->y->isZero()) {
            return [$this->tops, $this->decidedLayout, $this->fit, $this->origin, $this->parts, $this->site];
        }
        $moved = fn (FixedLine $line): FixedLine => $line->countedFrom($by);

        return [
            $this->tops?->countedFrom($by), $this->decidedLayout?->heldBy(array_map($moved, $this->decidedLayout->fixedLines)), new Fit(
                $this->fit->things, array_map($moved, $this->fit->neighbours),
            ),
            new Point($this->origin->x->plus($by->x), $this->origin->y->plus($by->y)),
            array_map(fn (Part $part) => $part->countedFrom($by), $this->parts),
            array_map(fn (SiteObject $object) => $object->countedFrom($by), $this->site),
        ];
    }

    /** What the answers come to now, on the lines of this plan: posts that stay keep their ids, and what was decided about them stays decided. */
    public function answeredAnew(self $fresh, self $was): self
    {
        $lines = fn (GridLines $now, GridLines $then): GridLines => $now->respaced($then->spacing(), $now->count());
        $grid = new Grid($lines($this->grid->columns, $fresh->grid->columns), $lines($this->grid->rows, $fresh->grid->rows), $this->grid->leftOut);
        [$tops, $layout, $fit, $origin, $parts, $site] = $this->countedFrom($grid);
        // What the answers put on the site takes the place of what they put there before; what was added by hand stays.
        $byHand = fn (FixedLine $line): bool => $line->id !== FixedLine::ANSWERED;
        $held = [
            ...array_values(array_filter($fresh->layout->fixedLines, fn (FixedLine $line) => ! $byHand($line))),
            ...array_values(array_filter($layout->fixedLines ?? [], $byHand)),
        ];
        $answered = array_map(fn (MustFit $thing) => $thing->name, [...$was->fit->things, ...$fresh->fit->things]);
        $things = array_map(fn (MustFit $thing) => $thing->between(
            $grid->labelled($fresh->grid->find($thing->from)->label ?? '')->id, $grid->labelled($fresh->grid->find($thing->to)->label ?? '')->id,
        ), $fresh->fit->things);

        return new self(
            $fresh->kind, $this->notation, $this->sides, $fresh->tolerances, $fresh->post, $fresh->hole, $fresh->standing, $grid, $this->footing,
            $tops,
            $held === [] && $layout === null ? null : ($layout ?? $fresh->layout)->heldBy($held),
            new Fit([...$things, ...array_filter($fit->things, fn (MustFit $thing) => ! in_array($thing->name, $answered, true))], $fit->neighbours),
            $this->holding == $was->holding ? $fresh->holding : $this->holding, $origin, $fresh->answers, $fresh->ownDepth,
            [...$fresh->parts, ...array_filter($parts, fn (Part $part) => $part->id !== Part::ANSWERED)], $site, $fresh->heavy, $fresh->work,
            $this->braces, $this->around,
            $this->prices, $this->frame, $this->partFrames, $this->neededOn, $this->hands, $this->world,
        );
    }

    /** An earlier plan put in force again; strings that stood meanwhile are kept in mind. */
    public function returnedTo(self $earlier): self
    {
        return new self(
            $earlier->kind, $earlier->notation, $earlier->sides, $earlier->tolerances, $earlier->post, $earlier->hole, $earlier->standing,
            new Grid(
                $this->grid->columns->returnedTo($earlier->grid->columns), $this->grid->rows->returnedTo($earlier->grid->rows),
                $earlier->grid->leftOut,
            ),
            $earlier->footing, $earlier->tops, $earlier->decidedLayout, $earlier->fit, $earlier->holding, $earlier->origin, $earlier->answers,
            $earlier->ownDepth, $earlier->parts, $earlier->site,
            $earlier->heavy, $earlier->work, $earlier->braces, $earlier->around, $this->prices, $earlier->frame, $earlier->partFrames,
            $this->neededOn, $this->hands, $this->world,
        );
    }
}
