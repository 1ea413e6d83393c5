<?php

declare(strict_types=1);

namespace Aequus\Adjust\Network;

/** How far a station stands off the string between two others, left of the way from the first to the second positive. */
final readonly class StringOffset extends Reading
{
    public function __construct(
        string $id,
        private string $station,
        private string $from,
        private string $to,
        float $observed,
        float $sigma = 2.0,
    ) {
        parent::__construct($id, $observed, $sigma);
    }

    public function stations(): array
    {
        return [$this->station, $this->from, $this->to];
    }

    public function computed(array $at): float
    {
        [$dx, $dy, $length, $px, $py] = $this->string($at);

        return $length < 1e-9 ? 0.0 : ($dx * $py - $dy * $px) / $length;
    }

    public function slopes(array $at): array
    {
        [$dx, $dy, $length, $px, $py] = $this->string($at);
        if ($length < 1e-9) {
            return [$this->station => [0.0, 0.0], $this->from => [0.0, 0.0], $this->to => [0.0, 0.0]];
        }
        [$nx, $ny] = [-$dy / $length, $dx / $length];
        // Moving an end turns the string: at the station that counts by its share of the way along.
        $share = ($dx * $px + $dy * $py) / $length ** 2;

        return [
            $this->station => [$nx, $ny],
            $this->from => [-$nx * (1 - $share), -$ny * (1 - $share)],
            $this->to => [-$nx * $share, -$ny * $share],
        ];
    }

    /**
     * @param  array<string, array{float, float}>  $at
     * @return array{float, float, float, float, float} string x, y and length; station from its beginning x, y
     */
    private function string(array $at): array
    {
        [[$x1, $y1], [$x2, $y2], [$x, $y]] = [$at[$this->from], $at[$this->to], $at[$this->station]];

        return [$x2 - $x1, $y2 - $y1, hypot($x2 - $x1, $y2 - $y1), $x - $x1, $y - $y1];
    }
}
