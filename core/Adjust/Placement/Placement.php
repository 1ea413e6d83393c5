<?php

declare(strict_types=1);

namespace Aequus\Adjust\Placement;

use Aequus\Measure\Vector;

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
     * @param  array<string, Vector>  $design  places by name
     * @param  array<string, Vector>  $stand
     * @param  non-empty-list<string>  $over
     */
    public static function bestFit(array $design, array $stand, array $over): self
    {
        $p = Vector::centre(array_map(fn (string $name) => $design[$name], $over));
        $q = Vector::centre(array_map(fn (string $name) => $stand[$name], $over));

        return self::turned(self::angle($design, $stand, $over, $p, $q), $p, $q);
    }

    /**
     * One stake exactly on its place, the direction to another matched.
     *
     * @param  array<string, Vector>  $design
     * @param  array<string, Vector>  $stand
     */
    public static function onto(array $design, array $stand, string $exact, string $toward): self
    {
        $turn = $stand[$toward]->minus($stand[$exact])->angle() - $design[$toward]->minus($design[$exact])->angle();

        return self::turned($turn, $design[$exact], $stand[$exact]);
    }

    /**
     * One stake exactly on its place, turned about it by least squares over all.
     *
     * @param  array<string, Vector>  $design
     * @param  array<string, Vector>  $stand
     */
    public static function about(array $design, array $stand, string $exact): self
    {
        $all = array_map(strval(...), array_keys($design));

        return self::turned(self::angle($design, $stand, $all, $design[$exact], $stand[$exact]), $design[$exact], $stand[$exact]);
    }

    /** The design where the plan has it, shifted only. */
    public static function shifted(Vector $by): self
    {
        return new self(0.0, 1.0, 0.0, $by->x, $by->y);
    }

    /** The same, shifted further. */
    public function andShifted(Vector $by): self
    {
        return new self($this->rotation, $this->cosine, $this->sine, $this->shiftX + $by->x, $this->shiftY + $by->y);
    }

    /**
     * How each stake must move to stand where the placed design has it.
     *
     * @param  array<string, Vector>  $design
     * @param  array<string, Vector>  $stand
     * @return array<string, Vector> by name
     */
    public function moves(array $design, array $stand): array
    {
        $moves = [];
        foreach ($design as $name => $place) {
            $moves[$name] = $this->place($place)->minus($stand[$name]);
        }

        return $moves;
    }

    /** A move along the axes of the placed design. */
    public function alongDesign(Vector $move): Vector
    {
        return new Vector($this->cosine * $move->x + $this->sine * $move->y, -$this->sine * $move->x + $this->cosine * $move->y);
    }

    /** Where the placed design has a point. */
    public function place(Vector $at): Vector
    {
        return new Vector(
            $this->cosine * $at->x - $this->sine * $at->y + $this->shiftX, $this->sine * $at->x + $this->cosine * $at->y + $this->shiftY,
        );
    }

    /**
     * θ = atan2(Σ(p'ₓq'ᵧ − p'ᵧq'ₓ), Σ(p'ₓq'ₓ + p'ᵧq'ᵧ)), about the two centres.
     *
     * @param  array<string, Vector>  $design
     * @param  array<string, Vector>  $stand
     * @param  list<string>  $over
     */
    private static function angle(array $design, array $stand, array $over, Vector $p, Vector $q): float
    {
        $cross = $dot = 0.0;
        foreach ($over as $name) {
            [$a, $b] = [$design[$name]->minus($p), $stand[$name]->minus($q)];
            $cross += $a->cross($b);
            $dot += $a->dot($b);
        }

        return atan2($cross, $dot);
    }

    /**
     * Turned so that one place of the design comes onto another.
     *
     * @param  float  $angle  radians
     */
    public static function turned(float $angle, Vector $from, Vector $to): self
    {
        $angle -= 2 * M_PI * round($angle / (2 * M_PI));
        [$c, $s] = [cos($angle), sin($angle)];

        return new self($angle, $c, $s, $to->x - ($c * $from->x - $s * $from->y), $to->y - ($s * $from->x + $c * $from->y));
    }
}
