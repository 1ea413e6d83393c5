<?php

declare(strict_types=1);

namespace Aequus\Adjust\Placement;

/** A design turned and shifted as one onto where the stakes stand; neither stretched nor mirrored. Millimetres and radians. */
final readonly class Placement
{
    private function __construct(
        public float $rotation,
        private float $cosine,
        private float $sine,
        public float $shiftX,
        public float $shiftY,
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
        $px = $py = $qx = $qy = 0.0;
        foreach ($over as $name) {
            [$ax, $ay] = $design[$name];
            [$bx, $by] = $stand[$name];
            $px += $ax / $n;
            $py += $ay / $n;
            $qx += $bx / $n;
            $qy += $by / $n;
        }

        return self::turned(self::angle($design, $stand, $over, [$px, $py], [$qx, $qy]), [$px, $py], [$qx, $qy]);
    }

    /**
     * One stake exactly on its place, the direction to another matched.
     *
     * @param  array<string, array{float, float}>  $design
     * @param  array<string, array{float, float}>  $stand
     */
    public static function onto(array $design, array $stand, string $exact, string $toward): self
    {
        $turn = self::bearing($stand[$exact], $stand[$toward]) - self::bearing($design[$exact], $design[$toward]);

        return self::turned($turn, $design[$exact], $stand[$exact]);
    }

    /**
     * One stake exactly on its place, turned about it by least squares over all.
     *
     * @param  array<string, array{float, float}>  $design
     * @param  array<string, array{float, float}>  $stand
     */
    public static function about(array $design, array $stand, string $exact): self
    {
        $all = array_map(strval(...), array_keys($design));

        return self::turned(self::angle($design, $stand, $all, $design[$exact], $stand[$exact]), $design[$exact], $stand[$exact]);
    }

    /** The design where the plan has it, shifted only. */
    public static function shifted(float $x, float $y): self
    {
        return new self(0.0, 1.0, 0.0, $x, $y);
    }

    /** The same, shifted further. */
    public function andShifted(float $x, float $y): self
    {
        return new self($this->rotation, $this->cosine, $this->sine, $this->shiftX + $x, $this->shiftY + $y);
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
            [$atX, $atY] = $stand[$name];
            $moves[$name] = [
                $this->cosine * $x - $this->sine * $y + $this->shiftX - $atX,
                $this->sine * $x + $this->cosine * $y + $this->shiftY - $atY,
            ];
        }

        return $moves;
    }

    /**
     * A move along the axes of the placed design.
     *
     * @return array{float, float}
     */
    public function alongDesign(float $x, float $y): array
    {
        return [$this->cosine * $x + $this->sine * $y, -$this->sine * $x + $this->cosine * $y];
    }

    /** @return array{float, float} where the placed design has a point */
    public function place(float $x, float $y): array
    {
        return [$this->cosine * $x - $this->sine * $y + $this->shiftX, $this->sine * $x + $this->cosine * $y + $this->shiftY];
    }

    /**
     * θ = atan2(Σ(p'ₓq'ᵧ − p'ᵧq'ₓ), Σ(p'ₓq'ₓ + p'ᵧq'ᵧ)), about the two centres.
     *
     * @param  array<string, array{float, float}>  $design
     * @param  array<string, array{float, float}>  $stand
     * @param  list<string>  $over
     * @param  array{float, float}  $p
     * @param  array{float, float}  $q
     */
    private static function angle(array $design, array $stand, array $over, array $p, array $q): float
    {
        $cross = $dot = 0.0;
        foreach ($over as $name) {
            [$ax, $ay] = [$design[$name][0] - $p[0], $design[$name][1] - $p[1]];
            [$bx, $by] = [$stand[$name][0] - $q[0], $stand[$name][1] - $q[1]];
            $cross += $ax * $by - $ay * $bx;
            $dot += $ax * $bx + $ay * $by;
        }

        return atan2($cross, $dot);
    }

    /**
     * Turned so that one place of the design comes onto another.
     *
     * @param  float  $angle  radians
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    public static function turned(float $angle, array $from, array $to): self
    {
        $angle -= 2 * M_PI * round($angle / (2 * M_PI));
        [$c, $s] = [cos($angle), sin($angle)];

        return new self($angle, $c, $s, $to[0] - ($c * $from[0] - $s * $from[1]), $to[1] - ($s * $from[0] + $c * $from[1]));
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    private static function bearing(array $from, array $to): float
    {
        return atan2($to[1] - $from[1], $to[0] - $from[0]);
    }
}
