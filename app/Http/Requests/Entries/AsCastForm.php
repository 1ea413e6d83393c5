<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Square\AsCast;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Side;

/** Where a pier or post really stands, off its mark on the strings, told toward two sides. */
final class AsCastForm extends EntryRequest
{
    protected const MAIN_FIELD = 'along_x';

    protected function payload(Plan $plan): ?Payload
    {
        $post = $this->postAt($plan, 'cast_post');
        $x = $this->toward('along_x', 'toward_x', $plan);
        $y = $this->toward('along_y', 'toward_y', $plan);
        if ($post === null || $x === null || $y === null) {
            return null;
        }

        return new AsCast($post, $x, $y);
    }

    private function toward(string $field, string $side, Plan $plan): ?Length
    {
        $off = $this->lengthOrNone($field, $plan->notation->unit);
        if ($off === null) {
            return isset($this->refusals[$field]) ? null : Length::zero();
        }
        $toward = $this->choice($side, Side::class);

        return $toward?->sign() === null ? null : $off->times($toward->sign());
    }
}
