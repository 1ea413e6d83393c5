<?php

declare(strict_types=1);

namespace Aequus\Adjust;

/** How far a station stands off a fixed line, left of its direction positive. */
final readonly class LineOffset implements Reading
{
    /**
     * @param  array{float, float}  $from  first point of the line
     * @param  array{float, float}  $to  second point
     * @param  array{float, float}  $lean  what the station’s lean adds at the height read, x and y
     */
    public function __construct(
        private string $id,
        private string $station,
        private array $from,
        private array $to,
        private float $observed,
        private float $sigma = 2.0,
        private array $lean = [0.0, 0.0],
    ) {
    }

    public function id(): string
    {
        return $this->id;
    }

    public function observed(): float
    {
        return $this->observed;
    }

    public function sigma(): float
    {
        return $this->sigma;
    }

    public function stations(): array
    {
        return [$this->station];
    }

    public function tape(): ?string
    {
        return null;
    }

    public function computed(array $at): float
    {
        [$nx, $ny] = $this->normal();
        [$x, $y] = $at[$this->station];

        return $nx * ($x + $this->lean[0] - $this->from[0]) + $ny * ($y + $this->lean[1] - $this->from[1]);
    }

    public function slopes(array $at): array
    {
        return [$this->station => $this->normal()];
    }

    /** @return array{float, float} unit vector to the left of the line */
    private function normal(): array
    {
        [$dx, $dy] = [$this->to[0] - $this->from[0], $this->to[1] - $this->from[1]];
        $length = hypot($dx, $dy);

        return [-$dy / $length, $dx / $length];
    }
}
