<?php

declare(strict_types=1);

namespace Aequus\Plan;

/** What was answered when a plan was begun with the thing that shall stand: kept with the plan, so that an answer can be changed later. */
final readonly class Answers
{
    /** @param  array<string, string>  $of  by what was asked: a length in whole nanometres, a count, the name of a choice, or pairs of lengths */
    public function __construct(public array $of)
    {
    }
}
