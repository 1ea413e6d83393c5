<?php

declare(strict_types=1);

namespace Aequus\Measure;

use Aequus\Fact\Fact;
use DomainException;

/** Something a person entered or asked for that can't be taken: a fact, of which words are made where it is shown. */
abstract class Refusal extends DomainException
{
    public function __construct(public readonly Fact $fact)
    {
        parent::__construct($fact->is->name);
    }
}
