<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aequus\Logbook\Payload;
use Aequus\Logbook\StakeMoved;
use Aequus\Plan\Plan;

/** A stake that was moved. */
final class StakeMovedRequest extends EntryRequest
{
    protected const MAIN_FIELD = 'post';

    protected function payload(Plan $plan): ?Payload
    {
        $post = $this->post($plan);

        return $post ? new StakeMoved($post) : null;
    }
}
