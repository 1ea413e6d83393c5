<?php

declare(strict_types=1);

namespace Aequus\Days;

/** What a piece of work waits for: the end of another, and then a while, or until what was poured is ripe. */
final readonly class Need
{
    /**
     * @param  string  $work  by its name
     * @param  float  $lag  hours
     * @param  ?float  $cure  hours at 20 °C; null where nothing ripens
     */
    public function __construct(public string $work, public float $lag = 0.0, public ?float $cure = null)
    {
    }
}
