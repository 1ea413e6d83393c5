<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Plan\Place\Surroundings;
use Aequus\Words\Bearing;
use App\Type\Say;
use Illuminate\Validation\ValidationException;

/** From where sun, wind and water come, and where north lies. */
final class SurroundingsRequest extends PlanChangeRequest
{
    /** @throws ValidationException with each refusal at its field */
    public function surroundings(): Surroundings
    {
        $around = new Surroundings($this->bearing('north'), $this->bearing('sun'), $this->bearing('wind'), $this->bearing('water'));
        $this->stopIfRefused();

        return $around;
    }

    private function bearing(string $field): ?int
    {
        $typed = $this->text($field);
        if ($typed !== '' && ! in_array($typed, array_map(strval(...), Bearing::EIGHTHS), true)) {
            $this->refuse($field, Say::text('refusals.site.one_of_eight'));
        }

        return $typed === '' ? null : (int) $typed;
    }
}
