<?php

declare(strict_types=1);

namespace Aequus\Adjust\Network;

use Aequus\Measure\Vector;

/** A level distance between two stations; read at a height, each end stands off its station by a known lean. */
final readonly class Distance extends Reading
{
    /**
     * @param  Vector  $offset  what the far end’s lean adds over the near end’s
     * @param  ?string  $tape  a tape whose constant error is unknown; null for the reference tape
     */
    public function __construct(
        string $id,
        public string $from,
        public string $to,
        float $observed,
        float $sigma,
        private Vector $offset = new Vector(0.0, 0.0),
        private ?string $tape = null,
    ) {
        parent::__construct($id, $observed, $sigma);
    }

    public function stations(): array
    {
        return [$this->from, $this->to];
    }

    public function tape(): ?string
    {
        return $this->tape;
    }

    public function computed(array $at): float
    {
        return $this->span($at)->length();
    }

    public function slopes(array $at): array
    {
        $span = $this->span($at);
        $length = $span->length();
        // Two stations in one place say nothing of a direction: the reading then ties neither.
        $along = $length < 1e-9 ? Vector::zero() : new Vector($span->x / $length, $span->y / $length);

        return [$this->from => new Vector(-$along->x, -$along->y), $this->to => $along];
    }

    /** @param  array<string, Vector>  $at */
    private function span(array $at): Vector
    {
        [$from, $to] = [$at[$this->from], $at[$this->to]];

        return new Vector($to->x - $from->x + $this->offset->x, $to->y - $from->y + $this->offset->y);
    }
}
