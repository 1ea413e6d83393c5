<?php

declare(strict_types=1);

namespace Aequus\Footing\Depths;

use Aequus\Measure\Length;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\Plan;

/** Where piers end and posts on them begin: as decided, else a hand above the highest finished ground. */
final readonly class PierTops
{
    public PierRules $rules;

    public Length $top;

    public function __construct(Plan $plan, PostTops $posts)
    {
        $this->rules = $plan->holding->pier ?? PierRules::usual($plan->notation);
        $this->top = $this->rules->top ?? $posts->highestGrade->plus(PierRules::usualHeight($plan->notation));
    }

    /** Where the foot of the post stands, on its base. */
    public function foot(): Length
    {
        return $this->top->plus($this->rules->standoff);
    }
}
