<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use App\Http\Requests\ReadsFields;
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

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }
}
