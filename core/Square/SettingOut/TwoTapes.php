<?php

declare(strict_types=1);

namespace Aequus\Square\SettingOut;

use Aequus\Measure\Length;
use Aequus\Plan\Terms\Point;
use Aequus\Square\Network\SquareRefused;

/** Where two tapes from two known points cross, or by how much they miss each other. */
final readonly class TwoTapes
{
    private const TOUCHING_NANOMETRES = 1;

    private function __construct(
        public ?Point $meet,
        public Length $miss,
        /** Whether one tape’s circle lies inside the other’s, rather than a gap between them. */
        public bool $inside,
    ) {
    }

    /**
     * @param  Turn  $side  of the crossing, seen walking from p to q
     *
     * @throws SquareRefused when the known points coincide
     */
    public static function cross(Point $p, Point $q, Length $fromP, Length $fromQ, Turn $side): self
    {
        $dx = $q->x->nanometres - $p->x->nanometres;
        $dy = $q->y->nanometres - $p->y->nanometres;
        $apart = hypot($dx, $dy);
        if ($apart < self::TOUCHING_NANOMETRES) {
            throw SquareRefused::knownPointsCoincide();
        }
        [$r1, $r2] = [$fromP->nanometres, $fromQ->nanometres];
        $gap = $apart - $r1 - $r2;
        $inside = abs($r1 - $r2) - $apart;
        if (max($gap, $inside) >= self::TOUCHING_NANOMETRES) {
            return new self(null, Length::nanometres((int) round(max($gap, $inside))), $inside > $gap);
        }
        $along = ($apart ** 2 + $r1 ** 2 - $r2 ** 2) / (2 * $apart);
        $off = sqrt(max(0.0, ($r1 - $along) * ($r1 + $along))) * ($side === Turn::Left ? 1 : -1);
        $at = fn (int $from, float $step): Length => Length::nanometres($from + (int) round($step));

        return new self(new Point(
            $at($p->x->nanometres, ($along * $dx - $off * $dy) / $apart),
            $at($p->y->nanometres, ($along * $dy + $off * $dx) / $apart),
        ), Length::zero(), false);
    }
}
