<?php

declare(strict_types=1);

namespace Tests\Simulation;

use Aequus\Days\Forecast;
use Aequus\Days\Hands;
use Aequus\Days\Task;
use Aequus\Days\WorkCalendar;
use App\World\SimulatedWeather;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What really happens on a job, which no page knows: how fast people are, what weather comes, which days are lost, and which holes meet rock. */
final readonly class LivedWorld
{
    public const LONGEST = 90;

    public Forecast $weather;

    /** @var array<string, float> true rates as a share of those that were said, by the task */
    public array $shares;

    /** @var list<string> on which nobody comes */
    public array $lost;

    /** @var list<float> how many times its hours each hole takes */
    public array $holes;

    /** @param  float  $slower  everything at that share of the rates that were said, beside what it is off anyway */
    public function __construct(int $seed, public string $first, int $holes, private float $slower = 1.0)
    {
        $dice = new Randomizer(new Mt19937($seed));
        $this->weather = (new SimulatedWeather(900_000 + $seed))->forecast($first, self::LONGEST, 'lived');
        $shares = [];
        foreach (Task::cases() as $task) {
            $shares[$task->value] = $this->slower * (0.7 + 0.6 * $dice->getInt(0, 1000) / 1000);
        }
        $lost = [];
        foreach (array_keys($this->weather->days) as $day) {
            $lost = $dice->getInt(1, 20) === 1 ? [...$lost, $this->weather->date($day)] : $lost;
        }
        $this->holes = array_map(fn () => $dice->getInt(1, 30) === 1 ? 3.5 : 1.0, $holes === 0 ? [] : range(1, $holes));
        [$this->shares, $this->lost] = [$shares, $lost];
    }

    /** As they really are: their own rates, and days off that nobody foresaw. */
    public function hands(Hands $said): Hands
    {
        $rates = [];
        foreach (Task::cases() as $task) {
            $rates[$task->value] = ($said->rates[$task->value] ?? $task->usualRate()) * $this->shares[$task->value];
        }
        $rates[Task::Dig->value] /= $this->holes === [] ? 1.0 : array_sum($this->holes) / count($this->holes);

        return $said->atRates($rates)->onDays(new WorkCalendar($said->calendar->restDays, [...$said->calendar->holidays, ...$this->lost]));
    }
}
