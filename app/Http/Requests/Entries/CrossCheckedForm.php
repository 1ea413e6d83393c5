<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Set\CheckRoute;
use Aequus\Logbook\Set\CrossChecked;
use Aequus\Logbook\Set\PointOfNoReturn;
use Aequus\Plan\Plan;

/** One measure taken again by another way before a point of no return. */
final class CrossCheckedForm extends EntryRequest
{
    protected const MAIN_FIELD = 'off';

    protected function payload(Plan $plan): ?Payload
    {
        [$before, $route, $off] = [
            $this->choice('before', PointOfNoReturn::class), $this->choice('route', CheckRoute::class), $this->measure('off', $plan),
        ];

        return $before && $route && $off ? new CrossChecked($before, $route, $off) : null;
    }
}
