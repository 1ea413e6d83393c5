<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Set\ReadyItem;
use Aequus\Logbook\Set\SeenReady;
use Aequus\Plan\Plan;

/** Somebody saw to one thing before a pour. */
final class ReadyForm extends EntryRequest
{
    protected const MAIN_FIELD = 'item';

    protected function payload(Plan $plan): ?Payload
    {
        [$item, $post] = [$this->choice('item', ReadyItem::class), $this->postOrJob($plan)];

        return $item && $this->refusals === [] ? new SeenReady($item, $post) : null;
    }
}
