<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

/** A matter in which good builders differ: what each choice is called, suits and has against it stands in Words. */
interface Custom extends \BackedEnum
{
}
