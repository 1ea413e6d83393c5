<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Measure\Length;
use Aequus\Measure\Vector;

/** One post under a beam: where the plan has it, and how far off that it was cast. */
final readonly class UnderBeam
{
    /**
     * @param  Vector  $planned  its centre, mm
     * @param  ?Vector  $off  of it as cast, mm; null where nothing is written down
     * @param  Length  $may  how far it may stand off its place
     */
    public function __construct(public string $label, public Vector $planned, public ?Vector $off, public Length $may)
    {
    }

    public function stands(): Vector
    {
        return $this->off === null ? $this->planned : $this->planned->plus($this->off);
    }
}
