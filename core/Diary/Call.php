<?php

declare(strict_types=1);

namespace Aequus\Diary;

use Aequus\Logbook\Diary\Awaited;

/** Somebody to call: who was promised what, what for, and from when on it is wanted. */
final readonly class Call
{
    /** @param  ?int  $from  minutes from the forecast’s first midnight; null where no time can be named */
    public function __construct(public Awaited $of, public CallFor $for, public ?int $from)
    {
    }
}
