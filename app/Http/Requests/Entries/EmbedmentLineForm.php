<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Set\EmbedmentLine;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;

/** Where a line on a standing post is to the ground. */
final class EmbedmentLineForm extends EntryRequest
{
    protected const MAIN_FIELD = 'line_off_ground';

    protected function payload(Plan $plan): ?Payload
    {
        [$post, $up] = [$this->postAt($plan), $this->measure('line_up', $plan)];
        $off = $this->text('line_off_ground') === '' ? Length::zero() : $this->measure('line_off_ground', $plan);
        if ($off !== null && $this->text('line_is') === 'below') {
            $off = $off->magnitude()->negated();
        }

        return $post && $up && $off ? $this->attempt('line_up', fn () => new EmbedmentLine($post, $up, $off)) : null;
    }
}
