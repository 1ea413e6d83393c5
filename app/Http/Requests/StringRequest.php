<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aequus\Logbook\Payload;
use Aequus\Logbook\StringReading;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\Post;
use Aequus\Plan\Side;

/** How far a stake stands off the string between two others, toward a named side. */
final class StringRequest extends EntryRequest
{
    protected const MAIN_FIELD = 'off';

    protected function payload(Plan $plan): ?Payload
    {
        [$stake, $from, $to] = [$this->postAt($plan, 'stake'), $this->postAt($plan, 'from'), $this->postAt($plan, 'to')];
        [$off, $toward, $run] = [$this->measure('off', $plan), $this->choice('toward', Side::class), $this->lengthOrNone('run', $plan->notation->unit) ?? Length::zero()];
        if ($off !== null && $off->isNegative()) {
            $this->refuse('off', 'Enter how far, and choose the side it stands toward; no minus is needed.');
        }
        if (! $stake || ! $from || ! $to || ! $off || ! $toward || $this->refusals !== []) {
            return null;
        }
        [$a, $b] = [$plan->grid->find($from), $plan->grid->find($to)];
        $left = $a !== null && $b !== null ? self::isLeft($a, $b, $toward) : 1;
        if ($left === 0) {
            $this->refuse('toward', 'That side lies along the string. Choose one that lies across it.');

            return null;
        }

        return new StringReading($stake, $from, $to, $off->times($left), $run->times($left));
    }

    /** 1 where the side lies to the left of the way along the string, −1 to the right, 0 along it. */
    private static function isLeft(Post $from, Post $to, Side $side): int
    {
        [$dx, $dy] = [$to->at->x->minus($from->at->x)->nanometres, $to->at->y->minus($from->at->y)->nanometres];

        return ($side->isAlongX() ? -$dy : $dx) * $side->sign() <=> 0;
    }
}
