<?php

declare(strict_types=1);

namespace Aequus\Measure;

/** What a figure that does not fit may come from: the wrong edge held, a foot or a hand miscounted, a digit, another unit. */
final readonly class Guesses
{
    /** A known length must be so many times what the figure itself leaves open, or a fit says nothing. */
    private const SHARP = 4.0;

    /** A figure in another unit comes this near, as a share of what it should be. */
    private const UNIT = 0.005;

    /**
     * @param  ?float  $postWidth  mm; null where the post's place plays no part
     * @param  ?float  $holeWidth  mm
     * @param  list<float>  $bays  mm
     * @param  bool  $digits  whether figures are typed as whole millimetres, so that a digit can be one too many
     */
    public function __construct(
        private ?float $postWidth = null,
        private ?float $holeWidth = null,
        private array $bays = [],
        private bool $digits = false,
    ) {
    }

    /** Whether the job is one in whole millimetres. */
    public static function of(Unit $unit): self
    {
        return new self(digits: $unit->system()->wholeFigures);
    }

    /**
     * Known lengths that a misfit comes to.
     *
     * @param  float  $misfit  mm
     * @param  float  $within  mm, what the figure itself leaves open
     * @return list<Guess> nearest first
     */
    public function ofMisfit(float $misfit, float $within): array
    {
        return self::nearestFirst($this->lengths($misfit, $within));
    }

    /**
     * The same, and what a digit or another unit would make of it.
     *
     * @param  float  $read  mm
     * @param  float  $expected  mm
     * @return list<Guess> nearest first
     */
    public function ofFigure(float $read, float $expected, float $within): array
    {
        return self::nearestFirst(
            $this->lengths($read - $expected, $within) + $this->digits($read, $expected, $within) + self::units(
                $read, $expected, max($within, self::UNIT * abs($expected)),
            ),
        );
    }

    /** @return list<Guess> units that explain figures which are all so many times what they should be */
    public static function ofRatio(float $ratio): array
    {
        return self::nearestFirst(self::units($ratio, 1.0, self::UNIT));
    }

    /** @return array<string, float> how far each guess is from it, mm */
    private function lengths(float $misfit, float $within): array
    {
        $bays = $this->bays;
        usort($bays, fn (float $one, float $other) => abs(abs($misfit) - $one) <=> abs(abs($misfit) - $other));
        $known = [
            Guess::PostWidth->value => $this->postWidth,
            Guess::HalfPostWidth->value => $this->postWidth === null ? null : $this->postWidth / 2,
            Guess::HoleWidth->value => $this->holeWidth,
            Guess::Foot->value => 304.8,
            Guess::Inch->value => 25.4,
            Guess::TenCentimetres->value => 100.0,
            Guess::Bay->value => $bays[0] ?? null,
        ];
        $off = array_map(
            fn (float $length) => abs(abs($misfit) - $length),
            array_filter($known, fn (?float $length) => $length !== null && $within <= $length / self::SHARP),
        );

        return array_filter($off, fn (float $off) => $off <= $within);
    }

    /** @return array<string, float> */
    private function digits(float $read, float $expected, float $within): array
    {
        $figure = (string) (int) round(abs($read));
        if (! $this->digits || $read < 0) {
            return [];
        }
        $best = [Guess::DigitTooMany->value => INF, Guess::DigitMissing->value => INF];
        for ($i = 0; $i <= strlen($figure); $i++) {
            if ($i < strlen($figure) && strlen($figure) > 1) {
                $best[Guess::DigitTooMany->value] = min($best[Guess::DigitTooMany->value], abs((int) substr_replace($figure, '', $i, 1) - $expected));
            }
            foreach (range(0, 9) as $digit) {
                $best[Guess::DigitMissing->value] = min(
                    $best[Guess::DigitMissing->value], abs((int) substr_replace($figure, (string) $digit, $i, 0) - $expected),
                );
            }
        }

        return array_filter($best, fn (float $off) => $off <= $within);
    }

    /** @return array<string, float> */
    private static function units(float $read, float $expected, float $within): array
    {
        $off = [];
        foreach (Guess::cases() as $guess) {
            if ($guess->ratio() !== null) {
                $off[$guess->value] = abs($read / $guess->ratio() - $expected);
            }
        }

        return array_filter($off, fn (float $off) => $off <= $within);
    }

    /**
     * @param  array<string, float>  $off
     * @return list<Guess>
     */
    private static function nearestFirst(array $off): array
    {
        asort($off);

        return array_map(Guess::from(...), array_keys($off));
    }
}
