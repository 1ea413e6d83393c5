<?php

declare(strict_types=1);

namespace App\Level;

use Aequus\Guide\Level\SettleHeights;
use Aequus\Level\LevelReadings;
use Aequus\Logbook\Kind\LevelPoint;
use Aequus\Logbook\Level\HeightDifference;
use Aequus\Logbook\Level\RodReading;
use Aequus\Site\Phase;
use App\Site\JobSite;

/** What the entry forms of Level are open for: the reading a link or the guide wants again, else the next of the walk. */
final readonly class LevelForm
{
    /** Label of the post, or “Benchmark”. */
    public string $on;

    /** Name of a point that is no post; empty for none. */
    public string $named;

    public string $part;

    public string $setUp;

    /** The difference to take again; null where a rod is asked for. */
    public ?HeightDifference $difference;

    /** @param  int  $again  number of the entry a link wants read again; 0 for none */
    public function __construct(private JobSite $site, int $again)
    {
        $level = $site->state->level;
        $asked = $site->state->log->entries[$again ?: (int) SettleHeights::asksFor($site->state)]->payload ?? null;
        $rod = $asked instanceof RodReading ? $asked : null;
        $this->difference = $asked instanceof HeightDifference ? $asked : null;
        $move = $site->nextIn(Phase::Level);
        $setUp = $rod === null ? ($move->setUp ?? $level->setUp) : $rod->setUp;
        $this->setUp = $setUp ?: '1';
        $isTied = $level->ofInstrument !== null && ($move?->setUp === null || $level->hasSetUp(LevelReadings::SET_UP.$move->setUp));
        $this->on = $rod === null ? ($isTied ? $move->posts[0]->label ?? $site->plan->grid->posts[0]->label : LevelPoint::SENT_FOR_BENCHMARK)
            : $this->labelOf($rod->point);
        $this->named = $rod->point->name ?? '';
        $this->part = $rod->point->feature->value ?? 'ground';
    }

    public function labelOf(LevelPoint $point): string
    {
        return $point->post === null ? LevelPoint::SENT_FOR_BENCHMARK : $this->site->plan->grid->find($point->post)->label ?? '';
    }
}
