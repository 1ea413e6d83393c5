<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Bill\NeededFor;
use App\Type\Say;
use DateTimeImmutable;
use Illuminate\Validation\ValidationException;

/** By which day the goods for each work must be there; an empty one is open. */
final class NeededOnRequest extends PlanChangeRequest
{
    /**
     * @return array<string, string> as YYYY-MM-DD, by work
     *
     * @throws ValidationException with each refusal at its field
     */
    public function days(): array
    {
        $days = [];
        foreach (NeededFor::cases() as $work) {
            $typed = $this->text("on_{$work->value}");
            $day = DateTimeImmutable::createFromFormat('!Y-m-d', $typed);
            if ($typed !== '' && ($day === false || $day->format('Y-m-d') !== $typed)) {
                $this->refuse("on_{$work->value}", Say::text('bill.no_day'));
            } elseif ($typed !== '') {
                $days[$work->value] = $typed;
            }
        }
        $this->stopIfRefused();

        return $days;
    }
}
