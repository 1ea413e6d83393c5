<?php

declare(strict_types=1);

namespace Aequus\Adjust\Network;

use Aequus\Measure\Vector;

/** How far a station stands off a fixed line, left of its direction positive. */
final readonly class LineOffset extends Reading
{
    /**
     * @param  Vector  $from  first point of the line
     * @param  Vector  $to  second point
     * @param  string  $line  the line by its name
     * @param  Vector  $lean  what the station’s lean adds at the height read
     */
    public function __construct(
        string $id,
        private string $station,
        private Vector $from,
        private Vector $to,
        float $observed,
        float $sigma = 2.0,
        private Vector $lean = new Vector(0.0, 0.0),
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
        return $this->normal()->dot($at[$this->station]->plus($this->lean)->minus($this->from));
    }

    public function slopes(array $at): array
    {
        return [$this->station => $this->normal()];
    }

    /** Unit vector to the left of the line. */
    public function normal(): Vector
    {
        return $this->to->minus($this->from)->unit()->left();
    }
}
