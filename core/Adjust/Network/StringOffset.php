<?php

declare(strict_types=1);

namespace Aequus\Adjust\Network;

use Aequus\Measure\Vector;

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
        [$string, $length, $station] = $this->string($at);

        return $length < 1e-9 ? 0.0 : $string->cross($station) / $length;
    }

    public function slopes(array $at): array
    {
        [$string, $length, $station] = $this->string($at);
        if ($length < 1e-9) {
            return [$this->station => Vector::zero(), $this->from => Vector::zero(), $this->to => Vector::zero()];
        }
        $normal = $string->left()->times(1 / $length);
        // Moving an end turns the string: at the station that counts by its share of the way along.
        $share = $string->dot($station) / $length ** 2;

        return [
            $this->station => $normal,
            $this->from => $normal->times($share - 1),
            $this->to => $normal->times(-$share),
        ];
    }

    /**
     * @param  array<string, Vector>  $at
     * @return array{Vector, float, Vector} the string, its length, and the station from its beginning
     */
    private function string(array $at): array
    {
        $string = $at[$this->to]->minus($at[$this->from]);

        return [$string, $string->length(), $at[$this->station]->minus($at[$this->from])];
    }
}
