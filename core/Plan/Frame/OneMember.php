<?php

declare(strict_types=1);

namespace Aequus\Plan\Frame;

use Aequus\Measure\Length;

/** What one member of a layer has otherwise than the rest; null where it is as they are. */
final readonly class OneMember
{
    /**
     * @param  ?int  $count  plies side by side
     * @param  string  $reliedOn  what its own size was taken from; empty: not checked
     */
    public function __construct(public ?Length $thick = null, public ?Length $deep = null, public ?int $count = null, public string $reliedOn = '')
    {
    }
}
