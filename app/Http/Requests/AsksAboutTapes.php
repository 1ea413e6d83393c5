<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aequus\Logbook\TapeReading;
use Aequus\Plan\Plan;

/** A tape far from what the plan has is probably a slip of the finger; if not, one tick stores it. */
trait AsksAboutTapes
{
    /** A reading so many times as long as the plan has it, or as short, is asked about before it is stored. */
    private const ASKED_ABOUT = 3.0;

    protected function askAbout(Plan $plan, TapeReading $tape, string $field): void
    {
        [$one, $other] = [$plan->grid->find($tape->from), $plan->grid->find($tape->to)];
        if ($one === null || $other === null || $this->boolean('sure')) {
            return;
        }
        $planned = $one->at->distanceTo($other->at);
        $times = $tape->distance->nanometres / max(1, $planned->nanometres);
        if ($times > self::ASKED_ABOUT || $times < 1 / self::ASKED_ABOUT) {
            $this->refuse($field, "{$one->label}–{$other->label} is {$plan->write($planned)} by the plan; this says {$plan->write($tape->distance)}. Is that right? Tick “right as typed” and send it again, or correct it.");
            $this->session()->flash('asks_sure', $field);
        }
    }
}
