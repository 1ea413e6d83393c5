<?php

declare(strict_types=1);

namespace Aequus\Adjust\Network;

/** How far a station stands off a fixed line, left of its direction positive. */
final readonly class LineOffset extends Reading
{
    /**
     * @param  array{float, float}  $from  first point of the line
     * @param  array{float, float}  $to  second point
     * @param  string  $line  the line by its name
     * @param  array{float, float}  $lean  what the station’s lean adds at the height read, x and y
     */
    public function __construct(
        string $id,
        private string $station,
        private array $from,
        private array $to,
        float $observed,
        float $sigma = 2.0,
        private array $lean = [0.0, 0.0],
        public string $line = '',
    ) {
        parent::__construct($id, $observed, $sigma);
    }

    public function stations(): array
    {
        return [$this->station];
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
    public function normal(): array
    {
        [$dx, $dy] = [$this->to[0] - $this->from[0], $this->to[1] - $this->from[1]];
        $length = hypot($dx, $dy);

        return [-$dy / $length, $dx / $length];
    }
}
