<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Kind\Payload;
use Aequus\Plan\Plan;
use App\Type\Say;

/** Utility marks asked for. */
final class NoticeForm extends EntryRequest
{
    protected const MAIN_FIELD = 'asked_on';

    protected const FIELDS = ['working_days' => 'working_days'];

    protected function payload(Plan $plan): ?Payload
    {
        $day = date_create_immutable_from_format('!Y-m-d', $this->text('asked_on'));
        if ($day === false || $day->format('Y-m-d') !== $this->text('asked_on')) {
            $this->refuse('asked_on', Say::text('refusals.notice.enter_the_day_as_year'));
        }
        if (! preg_match('/^\d{1,3}$/', $this->text('working_days'))) {
            $this->refuse('working_days', Say::text('refusals.notice.enter_the_working_days_of'));
        }

        return $this->refusals === []
            ? $this->attempt(
                'working_days', fn () => new NoticeAsked($this->text('asked_on'), (int) $this->text('working_days'), $this->text('reference')),
            ) : null;
    }
}
