<?php

declare(strict_types=1);

namespace App\Demo;

use Aequus\Level\Laser;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Measure\Vector;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\PostId;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A made-up site: where the stakes truly stand and how high the ground truly is. Its instruments read with noise, from a seed. */
final class HiddenSite
{
    private const LOWER_EACH_SET_UP = 235.0;

    private Randomizer $dice;

    /** @var array<string, Vector> true place of each stake in mm, by label */
    private array $stakes = [];

    /** @var array<string, float> true ground height in mm, by label */
    private array $ground = [];

    /**
     * @param  float  $careless  standard deviation of staking, mm, each way
     * @param  float  $fallX  of the ground per mm toward +x
     */
    public function __construct(private Plan $plan, int $seed, float $careless, float $fallX, float $fallY, private float $instrument)
    {
        $this->dice = new Randomizer(new Mt19937($seed));
        foreach ($plan->grid->posts as $post) {
            $at = $post->at->inMillimetres();
            $this->putRight($post->label, $careless);
            $this->ground[$post->label] = -200 - $fallX * $at->x - $fallY * $at->y + $this->noise(9);
        }
    }

    public function shiftStake(string $label, float $dx, float $dy): void
    {
        $this->stakes[$label] = $this->stakes[$label]->plus(new Vector($dx, $dy));
    }

    /** @param  float  $slip a reader’s mistake, mm */
    public function tape(string $from, string $to, TapeClass $tape, float $slip = 0.0): TapeReading
    {
        $true = Length::millimetres($this->stakes[$to]->minus($this->stakes[$from])->length());

        return new TapeReading(
            $this->id($from), $this->id($to), $this->asRead($true->inMillimetres() + $this->noise($tape->sigma($true)) + $slip), $tape,
        );
    }

    /** A stake is put where it belongs, as well as one puts a stake. */
    public function putRight(string $label, float $careless): void
    {
        $this->stakes[$label] = $this->plan->grid->labelled($label)->at->inMillimetres()->plus(new Vector(
            $this->noise($careless), $this->noise($careless),
        ));
    }

    /** New dice for one reading, so that reading the same again differs by no more than noise. */
    public function rolled(int $seed): self
    {
        $again = clone $this;
        $again->dice = new Randomizer(new Mt19937($seed));

        return $again;
    }

    /** @param  float  $slip a reader’s mistake, mm */
    public function rod(?string $label, string $setUp = '', float $slip = 0.0): RodReading
    {
        $height = $label === null ? 0.0 : $this->ground[$label];
        $beam = $this->instrument - self::LOWER_EACH_SET_UP * max(0, (int) $setUp - 1);

        return new RodReading(
            $label === null ? null : $this->id($label), $this->asRead($beam - $height + $slip + $this->noise(Laser::sigma())), $setUp,
        );
    }

    /** Something read with a rule or a level, whose true value is known here. */
    public function read(float $true, float $sigma): Length
    {
        return $this->asRead($true + $this->noise($sigma));
    }

    public function id(string $label): PostId
    {
        return $this->plan->grid->labelled($label)->id;
    }

    /** Nobody reads finer than the job’s smallest mark. */
    private function asRead(float $millimetres): Length
    {
        return $this->plan->notation->round(Length::millimetres($millimetres));
    }

    private function noise(float $sigma): float
    {
        // Box and Muller; the dice give whole numbers, so neither logarithm nor angle can be without value.
        $one = $this->dice->getInt(1, 1_000_000_000) / 1_000_000_000;
        $two = $this->dice->getInt(1, 1_000_000_000) / 1_000_000_000;

        return $sigma * sqrt(-2 * log($one)) * cos(2 * M_PI * $two);
    }
}
