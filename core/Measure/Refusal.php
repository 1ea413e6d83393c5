<?php

declare(strict_types=1);

namespace Aequus\Measure;

use DomainException;

/** Something a person entered or asked for that can't be taken; the message says what was wrong, where, and what to enter instead. */
abstract class Refusal extends DomainException
{
}
