<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Frame\UsualFrame;
use Aequus\Measure\Unit;
use Aequus\Plan\Frame\Air;
use Aequus\Plan\Frame\Connector;
use Aequus\Plan\Frame\Fastener;
use Aequus\Plan\Frame\FastenerKind;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\Joinery;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Plan;
use App\Frame\FixingsPage;
use App\Frame\MembersPage;
use App\Type\Say;
use App\World\Supplier;
use Illuminate\Validation\ValidationException;

/** What holds a frame together: the air it stands in, a fastener for each layer, caps, hangers and bases, typed or out of the yard’s sheet. */
final class FixingsRequest extends PlanChangeRequest
{
    private const MOST_PLIES = Layer::MOST_COUNTED;

    private const MOST_SCREWS = 60;

    /** @throws ValidationException with each refusal at its field */
    public function decided(Plan $plan, Supplier $yard): Plan
    {
        $part = MembersPage::partOf($plan, $this->text('on'));

        return $part === null ? $plan->withFrame($this->frame($plan, UsualFrame::orDecided($plan), $yard))
            : $plan->withPartFrame($part, $this->frame($plan, UsualFrame::ofPart($plan, $part), $yard));
    }

    private function frame(Plan $plan, FrameRules $rules, Supplier $yard): FrameRules
    {
        $sold = $yard->connectors($plan->notation->unit);
        foreach ($rules->layers as $layer) {
            // What this page did not show stays as it is.
            if ($this->has("{$layer->kind->value}_fastener")) {
                $connector = FixingsPage::takesConnector($layer->kind) ? $this->connector($layer->kind->value, $plan->notation->unit, $sold)
                    : $layer->joinery->connector;
                $rules = $rules->with($layer->joined($this->joinery($layer, $plan->notation->unit, $connector)));
            }
        }
        $base = $this->has('base_name') ? $this->connector('base', $plan->notation->unit, $sold) : $rules->base;
        $air = Air::tryFrom($this->text('air')) ?? $rules->air;
        $this->stopIfRefused();

        return $rules->fixedIn($air, $base);
    }

    private function joinery(Layer $layer, Unit $unit, ?Connector $connector): Joinery
    {
        [$kind, $now] = [$layer->kind->value, $layer->joinery];

        return new Joinery($now->seating, $now->seat, $now->high, $now->low, $now->down, $this->fastener($kind, $unit), $connector);
    }

    private function fastener(string $kind, Unit $unit): ?Fastener
    {
        $what = FastenerKind::tryFrom($this->text("{$kind}_fastener"));
        if ($what === null) {
            return null;
        }
        $long = $this->length("{$kind}_long", $unit);
        [$end, $edge] = [$this->lengthOrNone("{$kind}_end", $unit), $this->lengthOrNone("{$kind}_edge", $unit)];

        return $long === null ? null
            : $this->attempt("{$kind}_long", fn () => new Fastener($what, $long, $end, $edge, $this->boolean("{$kind}_drilled")));
    }

    /**
     * Out of the yard’s sheet where one is chosen there, else as typed; null where neither is.
     *
     * @param  array<string, list<Connector>>  $sold
     */
    private function connector(string $use, Unit $unit, array $sold): ?Connector
    {
        foreach ($sold[$use] ?? [] as $one) {
            if ($one->name === $this->text("{$use}_yard")) {
                return $one;
            }
        }
        if ($this->text("{$use}_name") === '') {
            return null;
        }
        [$from, $to] = [$this->length("{$use}_from", $unit), $this->length("{$use}_to", $unit)];
        [$deep, $screw, $bolt] = [
            $this->lengthOrNone("{$use}_least_deep", $unit), $this->lengthOrNone("{$use}_screw_long", $unit),
            $this->lengthOrNone("{$use}_bolt_off", $unit),
        ];
        [$plies, $screws] = [$this->count("{$use}_plies", self::MOST_PLIES), $this->count("{$use}_screws", self::MOST_SCREWS)];

        return $from === null || $to === null ? null : $this->attempt(
            "{$use}_from",
            fn () => new Connector(
                mb_substr($this->text("{$use}_name"), 0, 60), $from, $to, $plies, $deep, $screws ?? 0, $screw, $bolt,
                mb_substr($this->text("{$use}_pattern"), 0, 80),
            ),
        );
    }

    /** Null where it is empty. */
    private function count(string $field, int $most): ?int
    {
        $typed = $this->text($field);
        if ($typed !== '' && (! ctype_digit($typed) || (int) $typed > $most)) {
            $this->refuse($field, Say::text('frame.a_number', least: 0, most: $most));
        }

        return ctype_digit($typed) && (int) $typed > 0 ? (int) $typed : null;
    }
}
