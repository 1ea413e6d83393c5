<?php

declare(strict_types=1);

namespace Aequus\Adjust\Network;

/** A level distance between two stations; read at a height, each end stands off its station by a known lean. */
final readonly class Distance extends Reading
{
    /**
     * @param  array{float, float}  $offset  what the far end’s lean adds over the near end’s, x and y
     * @param  ?string  $tape  a tape whose constant error is unknown; null for the reference tape
     */
    public function __construct(
        string $id,
        public string $from,
        public string $to,
        float $observed,
        float $sigma,
        private array $offset = [0.0, 0.0],
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
        [[$x1, $y1], [$x2, $y2]] = [$at[$this->from], $at[$this->to]];

        return hypot($x2 - $x1 + $this->offset[0], $y2 - $y1 + $this->offset[1]);
    }

    public function slopes(array $at): array
    {
        [[$x1, $y1], [$x2, $y2]] = [$at[$this->from], $at[$this->to]];
        [$dx, $dy] = [$x2 - $x1 + $this->offset[0], $y2 - $y1 + $this->offset[1]];
        $length = hypot($dx, $dy);
        // Two stations in one place say nothing of a direction: the reading then ties neither.
        [$ux, $uy] = $length < 1e-9 ? [0.0, 0.0] : [$dx / $length, $dy / $length];

        return [$this->from => [-$ux, -$uy], $this->to => [$ux, $uy]];
    }
}
