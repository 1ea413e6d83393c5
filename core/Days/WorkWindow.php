<?php

declare(strict_types=1);

namespace Aequus\Days;

/** When people can work on a day: their hours as far as it is light. Minutes after midnight. */
final readonly class WorkWindow
{
    public bool $isOpen;

    public float $from;

    public float $to;

    /** @param  ?Sun  $sun  null where daylight does not count */
    public function __construct(int $from, int $to, ?Sun $sun)
    {
        $this->from = max((float) $from, $sun->rises ?? 0.0);
        $this->to = min((float) $to, $sun->sets ?? 1440.0);
        $this->isOpen = $sun?->light !== Light::PolarNight && $this->to > $this->from;
    }
}
