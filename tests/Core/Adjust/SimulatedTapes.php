<?php

declare(strict_types=1);

namespace Tests\Core\Adjust;

use Aequus\Adjust\Network\Datum;
use Aequus\Adjust\Network\Distance;
use Aequus\Adjust\Network\Network;
use Aequus\Adjust\Network\Station;
use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Measure\Vector;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Stakes at known places, taped with the noise of a class of tape, from a seed. */
final class SimulatedTapes
{
    private Randomizer $dice;

    /**
     * @param  non-empty-array<string, Vector>  $design
     * @param  list<array{string, string}>  $pairs
     */
    public function __construct(
        public readonly array $design,
        public readonly array $pairs,
        public readonly string $q,
        int $seed,
        private readonly TapeClass $class = TapeClass::Steel,
    ) {
        $this->dice = new Randomizer(new Mt19937($seed));
    }

    /** Every bay side, both diagonals of every bay and the two long diagonals of a grid of equal bays. */
    public static function grid(int $columns, int $rows, float $bay, int $seed): self
    {
        $name = fn (int $c, int $r): string => chr(65 + $c).($r + 1);
        $design = $pairs = [];
        for ($r = 0; $r < $rows; $r++) {
            for ($c = 0; $c < $columns; $c++) {
                $design[$name($c, $r)] = new Vector($c * $bay, $r * $bay);
                foreach ([[1, 0], [0, 1], [1, 1], [-1, 1]] as [$dc, $dr]) {
                    if ($c + $dc >= 0 && $c + $dc < $columns && $r + $dr < $rows) {
                        $pairs[] = [$name($c, $r), $name($c + $dc, $r + $dr)];
                    }
                }
            }
        }
        $last = [$columns - 1, $rows - 1];

        return new self($design, [...$pairs, [$name(0, 0), $name(...$last)], [$name($last[0], 0), $name(0, $last[1])]], $name($last[0], 0), $seed);
    }

    /**
     * @param  array<string, Vector>  $stand  true places; the design where left empty
     * @param  array<int, float>  $slips  a reader’s mistake by place in the list, mm
     */
    public function network(array $stand = [], array $slips = []): Network
    {
        $stand += $this->design;
        $readings = [];
        foreach ($this->pairs as $i => [$from, $to]) {
            $true = $stand[$to]->minus($stand[$from])->length();
            $sigma = $this->class->sigma(Length::millimetres($true));
            $readings[] = new Distance("r{$i}", $from, $to, $true + $this->noise($sigma) + ($slips[$i] ?? 0.0), $sigma);
        }

        return new Network(
            array_map(fn (string $name) => new Station($name, $this->design[$name]), array_keys($this->design)), $readings,
            Datum::baseLine((string) array_key_first($this->design), $this->q),
        );
    }

    public function any(int $below): int
    {
        return $this->dice->getInt(0, $below - 1);
    }

    /** Of that size, in any direction. */
    public function shift(float $size): Vector
    {
        return Vector::toward(2 * M_PI * $this->fraction())->times($size);
    }

    public function fraction(): float
    {
        return $this->dice->getInt(1, 1_000_000_000) / 1_000_000_000;
    }

    private function noise(float $sigma): float
    {
        return $sigma * sqrt(-2 * log($this->fraction())) * cos(2 * M_PI * $this->fraction());
    }
}
