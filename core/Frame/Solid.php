<?php

declare(strict_types=1);

namespace Aequus\Frame;

/** The room a piece takes: straight from end to end along the middle of its underside, so wide across and so high upright. */
final readonly class Solid
{
    /**
     * @param  float  $wide  level, across its run, mm
     * @param  float  $high  plumb, mm
     */
    public function __construct(public InSpace $from, public InSpace $to, public float $wide, public float $high)
    {
    }

    /** @return array{InSpace, InSpace, InSpace, InSpace, InSpace, InSpace, InSpace, InSpace} its lower four corners round, then the upper four over them */
    public function corners(): array
    {
        [$dx, $dy] = [$this->to->x - $this->from->x, $this->to->y - $this->from->y];
        $run = hypot($dx, $dy);
        // An upright post runs nowhere on the plan: its width goes both ways.
        [$ux, $uy] = $run > 0.0 ? [$dx / $run, $dy / $run] : [1.0, 0.0];
        [$ax, $ay] = [-$uy * $this->wide / 2, $ux * $this->wide / 2];
        [$ex, $ey] = $run > 0.0 ? [0.0, 0.0] : [$this->wide / 2, 0.0];
        $foot = [
            new InSpace($this->from->x - $ax - $ex, $this->from->y - $ay - $ey, $this->from->z),
            new InSpace($this->to->x - $ax + $ex, $this->to->y - $ay + $ey, $this->to->z),
            new InSpace($this->to->x + $ax + $ex, $this->to->y + $ay + $ey, $this->to->z),
            new InSpace($this->from->x + $ax - $ex, $this->from->y + $ay - $ey, $this->from->z),
        ];

        return [...$foot, ...array_map(fn (InSpace $corner) => new InSpace($corner->x, $corner->y, $corner->z + $this->high), $foot)];
    }

    public function middle(): InSpace
    {
        $middle = $this->from->middle($this->to);

        return new InSpace($middle->x, $middle->y, $middle->z + $this->high / 2);
    }
}
