<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Plan\Plan;
use Aequus\Words\Speech;
use App\Http\Requests\ReadsFields;
use App\Models\Job;
use App\Type\Say;
use Illuminate\Foundation\Http\FormRequest;

/** A form that changes one part of a job’s plan: what it types becomes a part of the next revision, or is refused where it stands. */
abstract class PlanChangeRequest extends FormRequest
{
    use AsksAboutPlan;
    use ReadsFields;

    public function authorize(): bool
    {
        return $this->user()?->can('work', $this->route('job')) ?? false;
    }

    protected function speech(): Speech
    {
        $job = $this->route('job');

        return new Speech($job instanceof Job ? $job->revision->plan() : null);
    }

    /** What something on the site is called: by that name decisions, readings and the quick line find it, so nothing else bears it. */
    protected function nameOnSite(string $field, Plan $plan, string $id): string
    {
        $name = mb_substr($this->text($field), 0, 60);
        $other = $plan->onSite($name);
        if ($name === '') {
            $this->refuse($field, Say::text('refusals.fixed_line.name_it_house_wall_boundary'));
        } elseif ($other !== null && $other->id !== $id) {
            $this->refuse($field, Say::text('refusals.fixed_line.there_is_one_called_already', name: $other->name));
        }

        return $name;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }
}
