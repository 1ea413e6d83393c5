<?php

declare(strict_types=1);

namespace Tests\Simulation;

use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Log;
use Aequus\Logbook\Square\LineReading;
use Aequus\Logbook\Square\StringReading;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Measure\Vector;
use Aequus\Plan\Layout\LayoutRules;
use Aequus\Plan\Place\FixedKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Terms\Side;
use Aequus\Square\Layout;
use Aequus\Square\Readings\TakenReadings;
use Aequus\Square\Readings\Wanted;
use Aequus\Square\Readings\WantedReadings;
use Aequus\Square\SquareVerdict;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Builds;

/**
 * Sites whose truth is known: stakes set with a hand’s scatter, tapes read with the noise of their class, rounded to the millimetre, and one
 * trouble planted in each. What the survey says of them is counted against the truth.
 */
final class HiddenSites
{
    /** How far stakes stand off where nothing is wrong, and how far the one that is wrong does, mm. */
    private const SCATTER = 1.0;

    private const STAKE_OFF = [20.0, 60.0];

    private const SLIP = [30.0, 140.0];

    /** By how much a whole grid is turned against its wall, over its length, mm. */
    private const ASKEW = [30.0, 60.0];

    private Randomizer $dice;

    /** @var array<string, int> how often, by the value of a SiteCount */
    private array $counts = [];

    private function __construct(private readonly Plan $plan, private readonly Trouble $trouble, int $seed)
    {
        $this->dice = new Randomizer(new Mt19937($seed));
    }

    /** @return array<string, Plan> by name */
    public static function layouts(): array
    {
        return [
            '2 × 2' => Builds::plan([5400], [3600]),
            '3 × 4' => Builds::plan([2400, 2400], [2400, 2400, 2400]),
            '5 × 4, two left out' => Builds::plan([2400, 2700, 2700, 2400], [2300, 2400, 2300], ['C2', 'C3']),
            'L' => Builds::plan([2400, 2400, 2400], [2400, 2400, 2400], ['C3', 'D3', 'C4', 'D4']),
            'row of six' => Builds::plan([2000, 2000, 2000, 2000, 2000], []),
        ];
    }

    /** @return array<string, int> how often of so many sites, by the value of a SiteCount; what has no meaning under this trouble is not in it */
    public static function run(Plan $plan, Trouble $trouble, int $sites, int $seed): array
    {
        if ($trouble === Trouble::Askew) {
            $plan = self::besideAWall($plan);
        }
        $run = new self($plan, $trouble, $seed);
        $wanted = WantedReadings::of($plan);
        for ($i = 0; $i < $sites; $i++) {
            $run->site($wanted);
        }

        return $run->counts;
    }

    private static function besideAWall(Plan $plan): Plan
    {
        $rules = $plan->layout;
        $off = Length::millimetres(1800);
        $wall = FixedLine::beside('line-2', 'wall', $plan->grid, Side::MinusY, $off, $off, FixedKind::Wall, null);

        return $plan->withLayout(
            (new LayoutRules(
                $rules->placement, $rules->list, TapeClass::SteelWithCare, null, $rules->strings, $rules->boards, $rules->cover,
            ))->heldBy([$wall]),
        );
    }

    /** @param  list<Wanted>  $wanted */
    private function site(array $wanted): void
    {
        [$at, $off] = $this->stakes();
        $slips = $this->slips($wanted);
        $layout = new Layout($this->plan, new Log(array_map(
            fn (Payload $reading, int $i) => Builds::entry($reading, $i + 1), array_map(
                fn (Wanted $one, int $i) => $this->read($one, $at, $slips[$i] ?? 0.0), $wanted, array_keys($wanted),
            ), array_keys($wanted),
        )), ByPost::none());
        $this->judge($layout, $off, array_map(fn (int $i) => TakenReadings::id($i + 1), array_keys($slips)));
    }

    /**
     * @param  list<string>  $off  ids of stakes that are truly wrong
     * @param  list<string>  $slips  ids of readings that are truly wrong
     */
    private function judge(Layout $layout, array $off, array $slips): void
    {
        $survey = $layout->survey;
        $dropped = [
            ...array_map(fn ($one) => $one->id, $survey->mistakes->dropped ?? []), ...array_map(fn ($one) => $one->id, $survey->far->setAside ?? []),
        ];
        $named = [...$dropped, ...$survey->mistakes->named ?? []];
        $out = $survey->isInDoubt() ? [] : array_map(fn ($stake) => $stake->name, $layout->toMove());
        $within = $layout->verdict() === SquareVerdict::Within;
        $this->count(SiteCount::Within, $within);
        $this->count(SiteCount::RightReadingDropped, array_diff($dropped, $slips) !== []);
        $this->count(SiteCount::RightReadingAccused, array_diff($named, $slips) !== []);
        $this->count(SiteCount::RoughSaid, $survey->mistakes->rougherThanClass ?? false);
        if ($this->trouble === Trouble::Askew) {
            $this->count(SiteCount::WronglyWithin, $within);
            $this->count(SiteCount::OutOfParallelTold, $layout->isAgainstTheLine());

            return;
        }
        $this->count(SiteCount::WronglyWithin, $within && $off !== []);
        $this->count(SiteCount::RightStakeOut, array_diff($out, $off) !== []);
        if ($off !== []) {
            $this->count(SiteCount::WrongStakeNamed, array_diff($off, $out) === []);
            $this->count(SiteCount::WrongStakeAlone, $out === $off);
        }
        if ($slips !== []) {
            $this->count(SiteCount::EverySlipNamed, array_diff($slips, $named) === []);
        }
    }

    private function count(SiteCount $what, bool $holds): void
    {
        $this->counts[$what->value] = ($this->counts[$what->value] ?? 0) + ($holds ? 1 : 0);
    }

    /** @return array{array<string, Vector>, list<string>} where the stakes truly stand, and which are wrong */
    private function stakes(): array
    {
        $at = $off = [];
        $angle = $this->trouble === Trouble::Askew
            ? $this->between(...self::ASKEW) * $this->sign() / max(1.0, $this->plan->grid->columns->length()->inMillimetres()) : 0.0;
        foreach ($this->plan->grid->posts as $post) {
            [$x, $y] = [$post->at->x->inMillimetres(), $post->at->y->inMillimetres()];
            $at[$post->id->value] = new Vector($x - $angle * $y + $this->normal(self::SCATTER), $y + $angle * $x + $this->normal(self::SCATTER));
        }
        if ($this->trouble === Trouble::Stake || $this->trouble === Trouble::Both) {
            $ids = array_map(strval(...), array_keys($at));
            $wrong = $ids[$this->dice->getInt(0, count($ids) - 1)];
            $far = $this->between(...self::STAKE_OFF);
            $turn = $this->between(0, 2 * M_PI);
            $at[$wrong] = $at[$wrong]->plus(Vector::toward($turn)->times($far));
            $off[] = $wrong;
        }

        return [$at, $off];
    }

    /**
     * @param  list<Wanted>  $wanted
     * @return array<int, float> by place in the list
     */
    private function slips(array $wanted): array
    {
        $tapes = array_keys(array_filter($wanted, fn (Wanted $one) => $one->isTape()));
        $count = match ($this->trouble) {
            Trouble::Tape, Trouble::Both => 1,
            Trouble::TwoTapes => 2,
            default => 0,
        };
        $slips = [];
        while (count($slips) < $count) {
            $slips[$tapes[$this->dice->getInt(0, count($tapes) - 1)]] = $this->sign() * $this->between(...self::SLIP);
        }

        return $slips;
    }

    /** @param  array<string, Vector>  $at */
    private function read(Wanted $one, array $at, float $slip): Payload
    {
        $reading = $one->reading($this->plan->layout->tape);
        $rough = $this->trouble === Trouble::RoughTapes ? 2.0 : 1.0;
        $reads = Length::millimetres(round($reading->computed($at) + $slip + $this->normal($reading->sigma() * $rough)));
        if ($one->line !== null) {
            return new LineReading($one->posts()[0]->id, $reads, $one->line->id, $this->plan->layout->tape);
        }
        [$from, $to] = [$one->ends()->from->id, $one->ends()->to->id];

        return $one->stake === null ? new TapeReading($from, $to, $reads, $this->plan->layout->tape) : new StringReading(
            $one->stake->id, $from, $to, $reads, Length::zero(),
        );
    }

    private function sign(): int
    {
        return $this->dice->getInt(0, 1) === 0 ? -1 : 1;
    }

    private function between(float $least, float $most): float
    {
        return $least + ($most - $least) * $this->dice->getInt(0, 1_000_000) / 1_000_000;
    }

    private function normal(float $sigma): float
    {
        return $sigma * sqrt(-2 * log($this->dice->getInt(1, 1_000_000) / 1_000_001)) * cos(2 * M_PI * $this->dice->getInt(0, 999_999) / 1_000_000);
    }
}
