<?php

declare(strict_types=1);

namespace App\Drawing\Drawn;

use Aequus\Plan\Place\FixedKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Plan;

/** Something on the site that will not move, as far as it lies on the paper: hatched on the side away from the posts where nothing can stand. */
final readonly class DrawnFixed
{
    /** A line is drawn so much longer at each end, as a share of its length. */
    private const LONGER = 0.12;

    private const HATCH = 11.0;

    private function __construct(
        public string $kind,
        public string $name,
        public float $x1,
        public float $y1,
        public float $x2,
        public float $y2,
        public string $hatch,
        public float $labelX,
        public float $labelY,
        public float $turn,
    ) {
    }

    /** @return list<self> */
    public static function all(Plan $plan, Frame $frame): array
    {
        return array_values(array_filter(array_map(fn (FixedLine $line) => self::of($line, $plan, $frame), $plan->fixedLines())));
    }

    private static function of(FixedLine $line, Plan $plan, Frame $frame): ?self
    {
        [$x1, $y1, $x2, $y2] = [$frame->x($line->from->x), $frame->y($line->from->y), $frame->x($line->to->x), $frame->y($line->to->y)];
        [$dx, $dy] = [$x2 - $x1, $y2 - $y1];
        $on = self::onPaper(
            $x1 - self::LONGER * $dx, $y1 - self::LONGER * $dy, (1 + 2 * self::LONGER) * $dx, (1 + 2 * self::LONGER) * $dy, Frame::WIDTH - 6.0,
            $frame->height - 4.0,
        );
        if ($on === null) {
            return null;
        }
        [$x1, $y1, $x2, $y2] = $on;
        $length = max(1.0, hypot($x2 - $x1, $y2 - $y1));
        // The far side: away from the post that stands nearest. On paper y runs down, so left of the line lies at (dy, −dx).
        $side = $line->off($line->nearest($plan->grid)[0]->at)->isNegative() ? 1 : -1;
        [$nx, $ny] = [$side * ($y2 - $y1) / $length, -$side * ($x2 - $x1) / $length];
        $hatch = '';
        for ($at = 4.0; $line->kind === FixedKind::Wall && $at < $length; $at += self::HATCH) {
            [$x, $y] = [$x1 + ($x2 - $x1) * $at / $length, $y1 + ($y2 - $y1) * $at / $length];
            $hatch .= sprintf('M%.1f %.1f l%.1f %.1f ', $x, $y, 8 * $nx - 5 * ($x2 - $x1) / $length, 8 * $ny - 5 * ($y2 - $y1) / $length);
        }
        $turn = rad2deg(atan2($y2 - $y1, $x2 - $x1));
        $turn = $turn > 90 || $turn <= -90 ? $turn + 180 : $turn;
        // A quarter along, where the name of the side at the middle of the edge does not stand; the foot of the letters on the line's side.
        [$labelX, $labelY] = [$x1 + ($x2 - $x1) * 0.22 + 14 * $nx, $y1 + ($y2 - $y1) * 0.22 + 14 * $ny];
        $down = -sin(deg2rad($turn)) * $nx + cos(deg2rad($turn)) * $ny > 0;

        return new self(
            $line->kind->value, $line->name, round($x1, 1), round($y1, 1), round($x2, 1), round($y2, 1), trim($hatch),
            round($labelX + ($down ? 8 * $nx : 0), 1), round($labelY + ($down ? 8 * $ny : 0), 1), round($turn, 1),
        );
    }

    /**
     * The part of a line within the paper (Liang and Barsky, A new concept and method for line clipping, 1984).
     *
     * @return ?array{float, float, float, float}
     */
    private static function onPaper(float $x, float $y, float $dx, float $dy, float $width, float $height): ?array
    {
        [$from, $to] = [0.0, 1.0];
        foreach ([[-$dx, $x - 6], [$dx, $width - $x], [-$dy, $y - 6], [$dy, $height - $y]] as [$p, $q]) {
            if ($p === 0.0) {
                if ($q < 0) {
                    return null;
                }

                continue;
            }
            $p < 0 ? $from = max($from, $q / $p) : $to = min($to, $q / $p);
        }

        return $from >= $to ? null : [$x + $from * $dx, $y + $from * $dy, $x + $to * $dx, $y + $to * $dy];
    }
}
