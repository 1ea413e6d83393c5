<?php

declare(strict_types=1);

namespace Aequus\Level;

use Aequus\Measure\Length;

/** A spirit level on a straight board, hopped from point to point. */
final class BoardLevel
{
    /** Standard deviation of reading one hop, mm. */
    public const READING = 0.7;

    /** A level’s own figure, mm per mm. */
    public const ACCURACY = 0.5e-3;

    /** After n hops, never turned: √((n·c·ℓ)² + n·r²); turned each time only an odd hop is left of the level’s own error. In mm. */
    public static function sigma(int $hops, Length $board, bool $turned, float $reading = self::READING, float $accuracy = self::ACCURACY): float
    {
        $own = ($turned ? $hops % 2 : $hops) * $accuracy * $board->inMillimetres();

        return hypot($own, sqrt($hops) * $reading);
    }

    /** What turning the level end for end says of it: half the difference of the two readings. */
    public static function ownError(Length $one, Length $turned): Length
    {
        return $one->minus($turned)->half();
    }
}
