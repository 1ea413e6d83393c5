<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use App\Type\Say;
use Illuminate\Validation\ValidationException;

/** A form that begins a job, or changes its plan: its name, its zone, and why. */
trait NamesJob
{
    /** @throws ValidationException when it is missing */
    public function reason(): string
    {
        if ($this->text('reason') === '') {
            throw ValidationException::withMessages(['reason' => Say::text('refusals.plan.say_why_it_changes')]);
        }

        return mb_substr($this->text('reason'), 0, 250);
    }

    /** @throws ValidationException when it is missing */
    public function jobName(): string
    {
        if ($this->text('name') === '') {
            throw ValidationException::withMessages(['name' => Say::text('refusals.plan.give_the_job_a_name')]);
        }

        return mb_substr($this->text('name'), 0, 120);
    }

    /** The zone the job's days are counted in; UTC where the browser did not tell. */
    public function zone(): string
    {
        return in_array($this->text('zone'), timezone_identifiers_list(), true) ? $this->text('zone') : 'UTC';
    }
}
