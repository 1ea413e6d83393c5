<?php

declare(strict_types=1);

namespace Aequus\Set;

use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Plan\Side;
use Aequus\Plan\SideNames;

/** A lean read on one face of a post: along the face, toward one of the two sides beside it. */
final readonly class FaceReading
{
    private function __construct(public Side $face, public Side $leansToward, public Slope $slope)
    {
    }

    /** @throws PlumbRefused when the lean runs across the face, or the slope was read over no length */
    public static function gap(Side $face, Side $leansToward, Length $gap, Length $level, SideNames $names): self
    {
        if (! $level->isPositive()) {
            throw PlumbRefused::noLevelLength($names->of($face));
        }

        return self::slope($face, $leansToward, Slope::fromGap($gap, $level), $names);
    }

    /** @throws PlumbRefused when the lean runs across the face */
    public static function slope(Side $face, Side $leansToward, Slope $slope, SideNames $names): self
    {
        if ($face->isAlongX() === $leansToward->isAlongX()) {
            throw PlumbRefused::leanAcross($names->of($face), $names->of($leansToward));
        }

        return new self($face, $leansToward, $slope);
    }

    /** Toward +x or +y positive. */
    public function signed(): float
    {
        return $this->leansToward->sign() * $this->slope->ratio;
    }
}
