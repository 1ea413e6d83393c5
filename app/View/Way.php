<?php

declare(strict_types=1);

namespace App\View;

use Aequus\Guide\Move;
use Aequus\Site\Phase;
use Aequus\Square\OutlineVerdict;
use App\Site\JobSite;

/** The string through the job: where each phase stands. */
final readonly class Way
{
    /** @var list<WayStake> */
    public array $stakes;

    public function __construct(public JobSite $site, public ?Phase $shown)
    {
        $now = $site->next->phase ?? null;
        $passed = true;
        $stakes = [];
        foreach (Phase::cases() as $phase) {
            $left = $site->nextIn($phase);
            $passed = $passed && $phase !== $now;
            $stakes[] = new WayStake($phase, $this->standing($phase, $left, $now), $passed, $phase === $shown);
        }
        $this->stakes = $stakes;
    }

    private function standing(Phase $phase, ?Move $left, ?Phase $now): WayStanding
    {
        return match (true) {
            $this->somethingIsOut($phase) => WayStanding::Out,
            $phase === $now => WayStanding::Now,
            $left === null => WayStanding::Done,
            default => WayStanding::Open,
        };
    }

    private function somethingIsOut(Phase $phase): bool
    {
        $state = $this->site->state;

        return match ($phase) {
            Phase::Clear => $this->site->nextIn($phase)?->posts !== null && $this->site->nextIn($phase)->posts !== [],
            Phase::Square => ! $state->square->holds() && ($state->square->anyReadTwiceDiffers() || $state->square->rowOff() !== []
                || in_array($state->square->outline?->verdict(), [OutlineVerdict::Contradiction, OutlineVerdict::Racked, OutlineVerdict::SidesOff], true)),
            Phase::Footing => str_contains($this->site->nextIn($phase)->do ?? '', 'deeper'),
            Phase::Set => str_starts_with($this->site->nextIn($phase)->do ?? '', 'Pull'),
            Phase::Cut => $state->cut->short() !== [] && str_contains($this->site->nextIn($phase)->do ?? '', 'short'),
            default => false,
        };
    }
}
