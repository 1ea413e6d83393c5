<?php

declare(strict_types=1);

namespace Aequus\Square;

use Aequus\Adjust\NormalDistribution;
use Aequus\Measure\Length;
use Aequus\Plan\Corners;

/**
 * The four corners with up to four sides and two diagonals taped. Five distances fix a four-sided figure, the sixth checks
 * them: one surplus reading, so a contradiction is found but never pinned on one tape.
 */
final readonly class Outline
{
    /** A ring of 95 % in the plane, in standard deviations. */
    private const RING = 2.45;

    /** @var list<Pair> sides ab, bc, cd, da, then diagonals ac, bd */
    public array $pairs;

    /** @param  array<int, ?Taped>  $taped in the order of the pairs */
    private function __construct(
        public Corners $corners,
        private array $taped,
        public Length $tolerance,
    ) {
        $this->pairs = self::pairsOf($corners);
    }

    /** @param  callable(Pair): ?Taped  $find */
    public static function read(Corners $corners, callable $find, Length $tolerance): self
    {
        return new self($corners, array_map($find, self::pairsOf($corners)), $tolerance);
    }

    /** @return list<Pair> in walking order: round the sides, then the diagonals */
    private static function pairsOf(Corners $corners): array
    {
        return [
            new Pair($corners->a, $corners->b), new Pair($corners->b, $corners->c),
            new Pair($corners->c, $corners->d), new Pair($corners->d, $corners->a),
            new Pair($corners->a, $corners->c), new Pair($corners->b, $corners->d),
        ];
    }

    /** What was taped of one of the six, in the order of the pairs. */
    public function taped(int $i): ?Taped
    {
        return $this->taped[$i];
    }

    /** @return list<Pair> */
    public function unread(): array
    {
        return array_values(array_filter($this->pairs, fn (Pair $pair, int $i) => $this->taped[$i] === null, ARRAY_FILTER_USE_BOTH));
    }

    /** @return list<Taped> those pulled only once, longest first: the order to read them again in */
    public function toReadAgain(): array
    {
        $taped = array_values(array_filter($this->taped, fn (?Taped $taped) => $taped !== null && $taped->pulls < 2));
        usort($taped, fn (Taped $one, Taped $other) => $other->distance->nanometres <=> $one->distance->nanometres);

        return $taped;
    }

    public function hasSides(): bool
    {
        return ! in_array(null, array_slice($this->taped, 0, 4), true);
    }

    public function hasDiagonals(): bool
    {
        return $this->taped[4] !== null && $this->taped[5] !== null;
    }

    /** How the six hold together; null until all are read. */
    public function closure(): ?Closure
    {
        if ($this->unread() !== []) {
            return null;
        }
        $d = array_map(fn (Taped $taped) => $taped->distance->inMillimetres(), $this->readings());
        $misfit = self::misfit($d);
        if (is_nan($misfit)) {
            return Closure::impossible();
        }
        $variance = 0.0;
        foreach ($this->readings() as $i => $taped) {
            $ahead = $back = $d;
            $ahead[$i] += 0.5;
            $back[$i] -= 0.5;
            $variance += (($this->orZero(self::misfit($ahead)) - $this->orZero(self::misfit($back))) * $taped->sigma) ** 2;
        }

        return Closure::of(Length::millimetres($misfit), sqrt($variance), NormalDistribution::critical(6));
    }

    /** Difference of the diagonals, BD less AC; null until both are read. */
    public function diagonalDifference(): ?Length
    {
        [$ac, $bd] = [$this->taped[4], $this->taped[5]];

        return $ac === null || $bd === null ? null : $bd->distance->minus($ac->distance);
    }

    /** How far the far side must shift along x to make the diagonals equal; null until sides and diagonals are read. */
    public function farSideShift(): ?Length
    {
        if (! $this->hasSides() || ! $this->hasDiagonals()) {
            return null;
        }
        [$ab, , $cd, , $ac, $bd] = $this->readings();

        return Rack::farSideShift($ac->distance, $bd->distance, $ab->distance->plus($cd->distance)->half());
    }

    /** What the diagonals’ own uncertainty leaves open in that shift, either way, at 95 %. */
    public function shiftUncertainty(): ?Length
    {
        if ($this->farSideShift() === null) {
            return null;
        }
        [$ab, , $cd, , $ac, $bd] = $this->readings();
        $length = $ab->distance->plus($cd->distance)->inMillimetres();
        $sigma = hypot($ac->distance->inMillimetres() * $ac->sigma, $bd->distance->inMillimetres() * $bd->sigma) / $length;

        return Length::millimetres(self::RING * $sigma);
    }

    /** @return list<Taped> sides whose length is off the plan by more than the tolerance, worst first */
    public function sidesOff(): array
    {
        $off = array_values(array_filter(array_slice($this->taped, 0, 4), fn (?Taped $side) => $side !== null && $side->offPlan()->magnitude()->isLongerThan($this->tolerance)));
        usort($off, fn (Taped $one, Taped $other) => $other->offPlan()->magnitude()->nanometres <=> $one->offPlan()->magnitude()->nanometres);

        return $off;
    }

    public function verdict(): OutlineVerdict
    {
        $closure = $this->closure();

        return match (true) {
            array_filter($this->taped) === [] => OutlineVerdict::NothingRead,
            array_filter($this->taped, fn (?Taped $taped) => $taped !== null && $taped->disagreesWithItself()) !== [] => OutlineVerdict::ReadTwiceDiffers,
            $closure === null => OutlineVerdict::ReadingsMissing,
            ! $closure->holds => OutlineVerdict::Contradiction,
            $this->farSideShift()?->magnitude()->isLongerThan($this->tolerance) => OutlineVerdict::Racked,
            $this->sidesOff() !== [] => OutlineVerdict::SidesOff,
            $this->shiftUncertainty()?->isLongerThan($this->tolerance) => OutlineVerdict::TapeTooRough,
            default => OutlineVerdict::Square,
        };
    }

    /** @return list<Taped> the six, or those there are in their order */
    private function readings(): array
    {
        return array_values(array_filter($this->taped));
    }

    private function orZero(float $misfit): float
    {
        return is_nan($misfit) ? 0.0 : $misfit;
    }

    /**
     * By how much the second diagonal reads more than the other five put it.
     *
     * @param  array<int, float>  $d  ab, bc, cd, da, ac, bd
     */
    private static function misfit(array $d): float
    {
        [$ab, $bc, $cd, $da, $ac, $bd] = $d;
        // Angles at A against AC, of B on one side and D on the other: the law of cosines.
        $cosine = fn (float $near, float $opposite): float => ($near ** 2 + $ac ** 2 - $opposite ** 2) / (2 * $near * $ac);
        [$atB, $atD] = [$cosine($ab, $bc), $cosine($da, $cd)];
        if (abs($atB) > 1 || abs($atD) > 1) {
            return NAN;
        }

        return $bd - sqrt($ab ** 2 + $da ** 2 - 2 * $ab * $da * cos(acos($atB) + acos($atD)));
    }
}
