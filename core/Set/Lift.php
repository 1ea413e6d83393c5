<?php

declare(strict_types=1);

namespace Aequus\Set;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Work\Crew;
use Aequus\Plan\Work\Timber;

/** One post or member as it is lifted: how heavy, and how many people that takes. */
final readonly class Lift
{
    private function __construct(public float $kilograms)
    {
    }

    public static function ofPost(Section $section, Length $length, Timber $timber): self
    {
        return self::ofVolume($section->area() * $length->inMillimetres(), $timber);
    }

    /** @param  float  $volume  mm³ */
    public static function ofVolume(float $volume, Timber $timber): self
    {
        return new self($volume / 1e9 * $timber->density());
    }

    /** Null where it takes a machine or props. */
    public function people(): ?int
    {
        return match (true) {
            $this->kilograms <= Crew::ONE_LIFTS => 1,
            $this->kilograms <= 2 * Crew::ONE_LIFTS => 2,
            default => null,
        };
    }

    public function isFor(Crew $crew): bool
    {
        return $this->kilograms <= $crew->lifts();
    }
}
