<?php

declare(strict_types=1);

namespace App\Drawing\Drawn;

/** An arrow: where its line ends, just short of its tip, and its head as a polygon. In drawing units. */
final readonly class DrawnArrow
{
    private const HEAD = 11.0;

    private const HALF_HEAD = 5.0;

    /** The line ends within the head. */
    private const LINE_SHORT = 9.0;

    public float $x;

    public float $y;

    public string $head;

    /** @param  array{float, float}  $from */
    public function __construct(array $from, float $toX, float $toY)
    {
        $length = max(1.0, hypot($toX - $from[0], $toY - $from[1]));
        [$ux, $uy] = [($toX - $from[0]) / $length, ($toY - $from[1]) / $length];
        $at = fn (float $back, float $side): string => round($toX - $back * $ux - $side * $uy, 1).','.round($toY - $back * $uy + $side * $ux, 1);
        [$this->x, $this->y] = [round($toX - self::LINE_SHORT * $ux, 1), round($toY - self::LINE_SHORT * $uy, 1)];
        $this->head = implode(' ', [$at(0.0, 0.0), $at(self::HEAD, self::HALF_HEAD), $at(self::HEAD, -self::HALF_HEAD)]);
    }
}
