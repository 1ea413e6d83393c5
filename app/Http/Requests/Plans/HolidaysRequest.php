<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Days\Hands;
use Aequus\Days\WorkCalendar;
use Aequus\Plan\Plan;
use App\Diary\JobClock;
use App\Exchange\CalendarFile;
use App\Type\Say;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

/** Holidays out of a calendar’s file, beside those that were typed. */
final class HolidaysRequest extends PlanChangeRequest
{
    /** @throws ValidationException at the file */
    public function hands(Plan $plan): Hands
    {
        $file = $this->file('calendar');
        $days = $file instanceof UploadedFile && $file->isValid() && $file->getSize() <= CalendarFile::LARGEST
            ? CalendarFile::days((string) $file->get()) : null;
        if ($days === null || $days === []) {
            throw ValidationException::withMessages(['calendar' => Say::text($days === null ? 'days.no_calendar' : 'days.no_days_in_it')]);
        }
        $now = $plan->hands ?? JobClock::usual();
        $all = array_values(array_unique([...$now->calendar->holidays, ...$days]));
        sort($all);

        return $now->onDays(new WorkCalendar($now->calendar->restDays, $all));
    }
}
