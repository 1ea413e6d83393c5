<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Square\StringReading;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Side;
use App\Type\Say;

/** How far a stake stands off the string between two others, toward a named side. */
final class StringOffsetForm extends EntryRequest
{
    public const OPENS = 'square';

    protected const MAIN_FIELD = 'off';

    protected function payload(Plan $plan): ?Payload
    {
        [$stake, $from, $to] = [$this->postAt($plan, 'stake'), $this->postAt($plan, 'from'), $this->postAt($plan, 'to')];
        [$off, $toward, $run] = [
            $this->measure('off', $plan), $this->choice('toward', Side::class), $this->lengthOrNone('run', $plan->notation->unit),
        ];
        if ($off !== null && $off->isNegative()) {
            $this->refuse('off', Say::text('refusals.string_offset.enter_how_far_and_choose'));
        }
        if (! $stake || ! $from || ! $to || ! $off || ! $toward || $this->refusals !== []) {
            return null;
        }
        [$a, $b] = [$plan->grid->find($from), $plan->grid->find($to)];
        $left = $a !== null && $b !== null ? $toward->leftOf($a->at, $b->at) : 1;
        if ($left === 0) {
            $this->refuse('toward', EntryRefused::sideAlongTheString());

            return null;
        }

        // What nobody typed is as the plan has it.
        $ran = $a !== null && $b !== null ? $plan->stringRun($a, $b) : Length::zero();

        return new StringReading($stake, $from, $to, $off->times($left), $run?->times($left) ?? $ran);
    }
}
