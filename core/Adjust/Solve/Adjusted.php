<?php

declare(strict_types=1);

namespace Aequus\Adjust\Solve;

/** Anything that came out of a least-squares adjustment, so that mistakes can be looked for in it. */
interface Adjusted
{
    public function solution(): Solution;
}
