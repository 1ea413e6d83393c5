<?php

declare(strict_types=1);

namespace App\Square;

use Aequus\Site\SiteState;
use Aequus\Square\OutlineVerdict;
use Aequus\Square\Pair;
use Aequus\Square\Taped;

/** The list of tapes: first those the check needs, in walking order, then every other that was pulled. */
final readonly class TapeSheet
{
    /** @var list<TapeRow> */
    public array $rows;

    public int $pulled;

    public int $toPull;

    public function __construct(private SiteState $site)
    {
        $rows = $needed = [];
        foreach ($site->square->readyList() as $pair) {
            $needed[$pair->label()] = true;
            $rows[] = $this->row($pair, $site->square->find($pair), true);
        }
        foreach ($site->square->taped as $taped) {
            $back = $taped->pair->to->label.'–'.$taped->pair->from->label;
            if (! isset($needed[$taped->pair->label()]) && ! isset($needed[$back])) {
                $rows[] = $this->row($taped->pair, $taped, false);
            }
        }
        $this->rows = $rows;
        $this->pulled = count(array_filter($rows, fn (TapeRow $row) => $row->read !== null));
        $this->toPull = count($rows) - $this->pulled;
    }

    private function row(Pair $pair, ?Taped $taped, bool $needed): TapeRow
    {
        if ($taped === null) {
            return new TapeRow($pair, null, null, 'to-pull', 'to pull', null, $needed);
        }
        $off = $taped->offPlan();
        $doubted = $needed && $this->site->square->outline?->verdict() === OutlineVerdict::Contradiction;
        [$state, $word] = match (true) {
            $taped->disagreesWithItself() => ['doubt', 'read twice, apart'],
            $doubted => ['doubt', 'one of these six'],
            $off->magnitude()->isLongerThan($this->site->plan->tolerances->squareness) => ['off', $off->isPositive() ? 'long' : 'short'],
            default => ['fits', 'fits the plan'],
        };

        return new TapeRow($pair, $taped->distance, $off, $state, $word, array_key_last($taped->readings), $needed);
    }
}
