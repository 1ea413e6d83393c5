<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aequus\Logbook\EntryRefused;
use Aequus\Logbook\Finding;
use Aequus\Logbook\HoleDug;
use Aequus\Logbook\Payload;
use Aequus\Plan\Plan;

/** How deep a hole came out, how wide where that differs, and what it met. */
final class HoleRequest extends EntryRequest
{
    protected const MAIN_FIELD = 'depth';

    protected function payload(Plan $plan): ?Payload
    {
        [$post, $depth, $width] = [$this->postAt($plan), $this->measure('depth', $plan), $this->lengthOrNone('width', $plan->notation->unit)];
        $found = $this->text('found') === '' ? null : $this->choice('found', Finding::class);
        if ($width !== null && ! $width->isPositive()) {
            $this->refuse('width', EntryRefused::widthNotPositive()->getMessage());
        } elseif ($width?->isShorterThan($plan->post->across())) {
            $this->refuse('width', "The post is {$plan->write($plan->post->across())} across its corners and would not go in. Enter the width of the hole, not its radius.");
        }

        return $post && $depth && $this->refusals === [] ? new HoleDug($post, $depth, $width, $found) : null;
    }
}
