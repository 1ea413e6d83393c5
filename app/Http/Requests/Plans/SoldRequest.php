<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Frame\SectionSawn;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Plan;
use Aequus\Site\SiteState;
use App\Frame\BoardsPage;
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
        }
        foreach ($typed->refusals as $field => $why) {
            $this->refuse($field, (string) $why);
        }
        $this->stopIfRefused();

        return $rules;
    }
}
