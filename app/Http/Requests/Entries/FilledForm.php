<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Measure\Temperature;
use Aequus\Plan\Plan;

/** A step of filling one hole. */
final class FilledForm extends EntryRequest
{
    protected const MAIN_FIELD = 'bags';

    protected const FIELDS = ['celsius' => 'celsius'];

    protected function payload(Plan $plan): ?Payload
    {
        [$post, $step] = [$this->postAt($plan), $this->choice('step', FillStep::class)];
        $bags = $this->text('bags');
        if ($bags !== '' && ! ctype_digit($bags)) {
            $this->refuse('bags', EntryRefused::bagsOutOfRange());
        }
        $at = $this->text('celsius') === '' ? null : Temperature::read($this->text('celsius'), $plan->notation->unit);
        if ($at === null && $this->text('celsius') !== '') {
            $this->refuse('celsius', EntryRefused::temperatureOutOfRange());
        }

        return $post && $step && $this->refusals === []
            ? $this->attempt(
                $at !== null && abs($at->celsius) > 40 ? 'celsius' : 'bags',
                fn () => new PostFilled($post, $step, $bags === '' ? null : (int) $bags, $at?->celsius),
            ) : null;
    }
}
