<?php

declare(strict_types=1);

namespace Aequus\Adjust;

/** A level distance between two stations; read at a height, each end stands off its station by a known lean. */
final readonly class Distance implements Reading
{
    /** @param  array{float, float}  $offset what the far end’s lean adds over the near end’s, x and y */
    public function __construct(
        private string $id,
        private string $from,
        private string $to,
        private float $observed,
        private float $sigma,
        private array $offset = [0.0, 0.0],
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

    public function computed(array $at): float
    {
        return hypot(...$this->span($at));
    }

    public function slopes(array $at): array
    {
        [$dx, $dy] = $this->span($at);
        $length = hypot($dx, $dy);

        return [$this->from => [-$dx / $length, -$dy / $length], $this->to => [$dx / $length, $dy / $length]];
    }

    /**
     * @param  array<string, array{float, float}>  $at
     * @return array{float, float}
     */
    private function span(array $at): array
    {
        return [
            $at[$this->to][0] - $at[$this->from][0] + $this->offset[0],
            $at[$this->to][1] - $at[$this->from][1] + $this->offset[1],
        ];
    }
}
