<?php

declare(strict_types=1);

namespace App\Plan;

use Aequus\Plan\Place\Brace;
use Aequus\Plan\Plan;
use Aequus\Site\BraceInTheWay;
use Aequus\Words\BraceWords;
use Aequus\Words\Sentence;

/** A tie, a knee or a prop as the plan lists it, and whether it blocks something. */
final readonly class BraceRow
{
    public Sentence $says;

    public bool $isFree;

    private function __construct(Brace $brace, Plan $plan)
    {
        $this->says = (new BraceWords($plan))->say($brace);
        $this->isFree = array_filter(BraceInTheWay::all($plan), fn (BraceInTheWay $blocks) => $blocks->brace === $brace) === [];
    }

    /** @return list<self> */
    public static function of(Plan $plan): array
    {
        return array_map(fn (Brace $brace) => new self($brace, $plan), $plan->braces);
    }
}
