<?php

declare(strict_types=1);

namespace Aequus\Plan;

use Aequus\Plan\Part\Part;
use Aequus\Plan\Place\FittingThing;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Place\SiteObject;
use Aequus\Plan\Place\StationLine;

/** What a plan says of its site: what is fixed on it, and what must pass between posts. */
trait OfTheSite
{
    /** Whether it was begun as a frame without a roof: that is handed on with it. */
    public function carriesNoRoof(): bool
    {
        return $this->kind === JobKind::Pergola && $this->answers !== null;
    }

    /** @return list<FixedLine> everything on the site that will not move: what the grid runs parallel to, then what it keeps a distance from */
    public function fixedLines(): array
    {
        return [...$this->layout->fixedLines, ...$this->fit->neighbours];
    }

    /** What is called so on the site; null where nothing is. */
    public function onSite(string $name): FixedLine|SiteObject|null
    {
        $isIt = fn (FixedLine|SiteObject $thing) => mb_strtolower($thing->name) === mb_strtolower(trim($name));

        return array_values(array_filter([...$this->fixedLines(), ...$this->site], $isIt))[0] ?? null;
    }

    /** One of them by its id; null where this revision has it no more. */
    public function fixedLine(string $id): ?FixedLine
    {
        return array_values(array_filter($this->fixedLines(), fn (FixedLine $line) => $line->id === $id))[0] ?? StationLine::of($id);
    }

    /** @return list<FittingThing> what must fit between two posts that stand, the leaves of gates among it */
    public function openings(): array
    {
        $openings = [];
        foreach ([...$this->fit->things, ...array_merge(...array_map(fn (Part $part) => $part->leaves(), $this->parts))] as $thing) {
            [$from, $to] = [$this->grid->find($thing->from), $this->grid->find($thing->to)];
            if ($from !== null && $to !== null) {
                $openings[] = new FittingThing($thing, $from, $to, $this->sectionOf($from), $this->sectionOf($to));
            }
        }

        return $openings;
    }
}
