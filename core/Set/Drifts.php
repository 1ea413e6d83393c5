<?php

declare(strict_types=1);

namespace Aequus\Set;

use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Terms\Side;

/** What filling did to the posts filled so far, and what it will likely do to the next. */
final readonly class Drifts
{
    /** Less than this is what a level can't tell. */
    private const TELLING = 0.5 / 1200;

    /** The mean of those seen; null until there are three. */
    public ?Lean $expected;

    /** @param  ByPost<Lean>  $seen */
    public function __construct(public ByPost $seen)
    {
        $this->expected = Lean::expectedDrift($seen->all());
    }

    /** Whether one post went further than a level could mistake. */
    public function isTelling(Lean $drift): bool
    {
        return $drift->size() > self::TELLING;
    }

    /** The side a drift goes to most. */
    public static function toward(Lean $drift): Side
    {
        return abs($drift->slopeX) >= abs($drift->slopeY) ? Side::alongX($drift->slopeX) : Side::alongY($drift->slopeY);
    }
}
