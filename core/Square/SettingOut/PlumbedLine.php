<?php

declare(strict_types=1);

namespace Aequus\Square\SettingOut;

use Aequus\Adjust\Statistics\NormalDistribution;
use Aequus\Measure\Length;

/** A line carried past an obstacle at another height and plumbed down again on the far side: what that may cost, one standard deviation. */
final readonly class PlumbedLine
{
    /** A spirit level’s own figure, rise over run. */
    private const LEVEL = 0.5e-3;

    /** Where a bob’s point, or a mark, is read to, mm. */
    private const READ = 1.0;

    /** Plumbed at both ends with a level held on a straight edge: the level’s own figure over the height, read twice. */
    public Length $withLevel;

    /** Plumbed at both ends with a bob at rest: only the two readings. */
    public Length $withBob;

    /** The largest height at which the level still keeps the line within the tolerance at 95 %, or null where even its readings do not. */
    public ?Length $highestWithLevel;

    public function __construct(Length $height, Length $tolerance)
    {
        $this->withLevel = Length::millimetres(M_SQRT2 * hypot(self::LEVEL * $height->inMillimetres(), self::READ));
        $this->withBob = Length::millimetres(M_SQRT2 * self::READ);
        $each = ($tolerance->inMillimetres() / NormalDistribution::WITHIN_95 / M_SQRT2) ** 2 - self::READ ** 2;
        $this->highestWithLevel = $each <= 0 ? null : Length::millimetres(sqrt($each) / self::LEVEL);
    }
}
