<?php

declare(strict_types=1);

namespace Aequus\Adjust;

/** A design turned and shifted as one onto where the stakes stand; neither stretched nor mirrored. */
final readonly class Placement
{
    private function __construct(
        private float $cosine,
        private float $sine,
        private float $shiftX,
        private float $shiftY,
    ) {
    }

    /**
     * Least squares over the stakes given.
     *
     * @param  array<string, array{float, float}>  $design  places by name
     * @param  array<string, array{float, float}>  $stand
     * @param  non-empty-list<string>  $over
     */
    public static function bestFit(array $design, array $stand, array $over): self
    {
        $n = count($over);
        $mean = fn (array $places, int $axis): float => array_sum(array_map(fn (string $name) => $places[$name][$axis], $over)) / $n;
        [$px, $py, $qx, $qy] = [$mean($design, 0), $mean($design, 1), $mean($stand, 0), $mean($stand, 1)];
        $cross = $dot = 0.0;
        foreach ($over as $name) {
            [$ax, $ay] = [$design[$name][0] - $px, $design[$name][1] - $py];
            [$bx, $by] = [$stand[$name][0] - $qx, $stand[$name][1] - $qy];
            $cross += $ax * $by - $ay * $bx;
            $dot += $ax * $bx + $ay * $by;
        }

        return self::turned(atan2($cross, $dot), [$px, $py], [$qx, $qy]);
    }

    /**
     * One stake exactly on its place, the direction to another matched.
     *
     * @param  array<string, array{float, float}>  $design
     * @param  array<string, array{float, float}>  $stand
     */
    public static function onto(array $design, array $stand, string $exact, string $toward): self
    {
        $bearing = fn (array $places): float => atan2($places[$toward][1] - $places[$exact][1], $places[$toward][0] - $places[$exact][0]);

        return self::turned($bearing($stand) - $bearing($design), $design[$exact], $stand[$exact]);
    }

    /**
     * How each stake must move to stand where the placed design has it.
     *
     * @param  array<string, array{float, float}>  $design
     * @param  array<string, array{float, float}>  $stand
     * @return array<string, array{float, float}> x and y by name
     */
    public function moves(array $design, array $stand): array
    {
        $moves = [];
        foreach ($design as $name => [$x, $y]) {
            $moves[$name] = [
                $this->cosine * $x - $this->sine * $y + $this->shiftX - $stand[$name][0],
                $this->sine * $x + $this->cosine * $y + $this->shiftY - $stand[$name][1],
            ];
        }

        return $moves;
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    private static function turned(float $angle, array $from, array $to): self
    {
        [$c, $s] = [cos($angle), sin($angle)];

        return new self($c, $s, $to[0] - ($c * $from[0] - $s * $from[1]), $to[1] - ($s * $from[0] + $c * $from[1]));
    }
}
