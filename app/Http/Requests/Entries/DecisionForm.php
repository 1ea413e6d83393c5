<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Payload;
use Aequus\Plan\Plan;

/** A rule knowingly waived, with its reason. */
final class DecisionForm extends EntryRequest
{
    protected const MAIN_FIELD = 'reason';

    protected function payload(Plan $plan): ?Payload
    {
        [$about, $post] = [$this->choice('about', DecisionAbout::class), $this->postOrJob($plan)];

        $lesser = $this->lengthOrNone('lesser', $plan->notation->unit);
        if ($about === DecisionAbout::WaiveEmbedment && ($lesser === null || ! $lesser->isPositive())) {
            $this->refuse('lesser', EntryRefused::lesserEmbedmentMissing());
        }
        if ($about !== DecisionAbout::WaiveEmbedment && $this->text('lesser') !== '') {
            $this->refuse('lesser', EntryRefused::lesserEmbedmentOfAnotherRule());
        }

        $reason = $this->text('reason');

        return match (true) {
            $about === null || $this->refusals !== [] => null,
            $about === DecisionAbout::AcceptDistance => Decision::ofDistance($plan, $post, $reason, $this->text('thing') ?: null),
            default => new Decision($about, $post, $reason, $lesser),
        };
    }
}
