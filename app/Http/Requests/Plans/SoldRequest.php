<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Frame\SectionSawn;
use Aequus\Measure\Length;
use Aequus\Measure\LengthReader;
use Aequus\Measure\Notation;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Plan;
use Aequus\Site\SiteState;
use Aequus\Stock\Stock;
use App\Frame\BoardsPage;
use App\Type\Say;
use App\View\QueryForm;
use App\View\StockList;
use Illuminate\Validation\ValidationException;

/** In which lengths the sections of a frame are sold, each with its price. */
final class SoldRequest extends PlanChangeRequest
{
    /** @throws ValidationException with each refusal at its field */
    public function frame(Plan $plan, SiteState $site): FrameRules
    {
        $page = new BoardsPage($site);
        $rules = $page->rules;
        $typed = new QueryForm($this, $plan->notation->unit);
        foreach (array_unique(array_map(fn (SectionSawn $section) => $section->key, $page->sections)) as $key) {
            // What this page did not show stays as it is.
            if ($this->has("sold_{$key}")) {
                $rules = $rules->soldIn($key, StockList::typed($typed, "sold_{$key}", $plan->notation));
            }
            if ($this->has("lying_{$key}")) {
                $rules = $rules->lying($key, $this->lying($typed, $key, $rules, $plan->notation));
            }
        }
        foreach ($typed->refusals as $field => $why) {
            $this->refuse($field, (string) $why);
        }
        $this->stopIfRefused();

        return $rules;
    }

    /** @return list<Length> odd lengths, “2 × 3700” for two of one; what is sold in that length is counted on the bill */
    private function lying(QueryForm $typed, string $key, FrameRules $rules, Notation $notation): array
    {
        $lengths = [];
        foreach (array_filter(
            array_map(trim(...), preg_split('/;|\R/', $typed->typed("lying_{$key}")) ?: []), fn (string $one) => $one !== '',
        ) as $one) {
            [$count, $length] = preg_match('/^(\d{1,2})\s*[×x]\s*(.+)$/u', $one, $found) === 1 ? [(int) $found[1], $found[2]] : [1, $one];
            $read = $typed->attempt("lying_{$key}", fn () => LengthReader::read($length, $notation->unit));
            $isSold = array_filter($rules->stocks[$key] ?? [], fn (Stock $stock) => $read !== null && $stock->length->equals($read)) !== [];
            if ($read === null || ! $read->isPositive() || $count < 1 || $isSold) {
                $typed->refuse(
                    "lying_{$key}",
                    $isSold ? Say::text('frame.lying_is_sold', typed: $one)
                        : Say::text('frame.no_lying', typed: $one, such: $notation->system()->examples['lying']),
                );

                return [];
            }
            $lengths = [...$lengths, ...array_fill(0, $count, $read)];
        }

        return $lengths;
    }
}
