<?php

declare(strict_types=1);

namespace App\World;

/** When an inspector comes, and what comes of it. */
final readonly class Visit
{
    /**
     * @param  string  $day  as YYYY-MM-DD
     * @param  int  $minute  after midnight, by which it is over
     * @param  ?Fault  $found  null where it passes
     */
    public function __construct(public string $day, public int $minute, public ?Fault $found)
    {
    }
}
