<?php

declare(strict_types=1);

namespace App\World;

use Aequus\Logbook\Clear\ServiceType;

/** What a marking desk answers, and when. */
final readonly class MarksAnswer
{
    /**
     * @param  string  $on  the day its marks are there, as YYYY-MM-DD; after the notice ran out where it is late
     * @param  string  $number  of the request
     * @param  ?ServiceType  $found  null where it found nothing
     * @param  float  $across  where that runs, as a share of the grid’s depth from its first row
     */
    public function __construct(public string $on, public string $number, public ?ServiceType $found, public float $across = 0.0)
    {
    }
}
