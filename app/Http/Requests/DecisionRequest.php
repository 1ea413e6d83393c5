<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aequus\Logbook\Decision;
use Aequus\Logbook\DecisionAbout;
use Aequus\Logbook\Payload;
use Aequus\Plan\Plan;
use Aequus\Plan\PostRole;

/** A rule knowingly waived, with its reason. */
final class DecisionRequest extends EntryRequest
{
    protected const MAIN_FIELD = 'reason';

    protected function payload(Plan $plan): ?Payload
    {
        [$about, $post] = [$this->choice('about', DecisionAbout::class), $this->postOrJob($plan)];
        $role = $post === null ? null : $plan->roleOf($plan->grid->labelled($this->text('post')));
        if ($about === DecisionAbout::AcceptShortHole && $role?->isNeverShortened()) {
            $why = $role === PostRole::Corner ? 'A corner is never shortened: it carries the braces and the ends of two beams.' : 'An anchor post is never shortened: what pulls at it needs the whole depth.';
            $this->refuse('reason', "{$why} Dig on, or choose “Build it as the engineer says”.");
        }

        return $about && $this->refusals === [] ? new Decision($about, $post, $this->text('reason')) : null;
    }
}
