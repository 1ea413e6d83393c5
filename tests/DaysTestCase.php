<?php

declare(strict_types=1);

namespace Tests;

use Aequus\Days\DayWarmth;
use Aequus\Days\Forecast;
use Aequus\Days\Task;
use Aequus\Diary\JobDays;
use Aequus\Diary\JobToDo;
use Aequus\Diary\ToDo;
use Aequus\Frame\UsualFrame;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\RodReading;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\Slope;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\JobKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Tops\TopRules;
use Aequus\Site\SiteState;
use App\Diary\DaysPage;
use App\Models\Job;
use App\Models\User;
use App\Site\ReadSite;
use App\World\WeatherStation;
use Carbon\CarbonImmutable;
use DateTimeZone;
use Illuminate\Testing\TestResponse;

/** Six posts in concrete, holes of 800, seen at seven in the morning of a Monday in May under mild skies. */
abstract class DaysTestCase extends FeatureTestCase
{
    protected User $user;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user = $this->person());
        CarbonImmutable::setTestNow('2026-05-04 07:00');
        $this->skies(10.0, 20.0);
    }

    protected function tearDown(): void
    {
        CarbonImmutable::setTestNow();
        parent::tearDown();
    }

    protected function skies(float $least, float $greatest): void
    {
        $this->app?->bind(WeatherStation::class, fn () => new class($least, $greatest) implements WeatherStation
        {
            public function __construct(private float $least, private float $greatest)
            {
            }

            public function isMadeUp(): bool
            {
                return true;
            }

            public function year(int $number, string $first, int $days, string $where): Forecast
            {
                // Every fifth year is too cold to pour.
                return (new self($number % 5 === 0 ? -9.0 : $this->least, $number % 5 === 0 ? 2.0 : $this->greatest))->forecast($first, $days, $where);
            }

            public function warmth(int $number, string $first, int $days, string $where): Forecast
            {
                return $this->year($number, $first, $days, $where);
            }

            public function forecast(string $first, int $days, string $where): Forecast
            {
                return new Forecast($first, array_values(array_fill(0, max(1, $days), new DayWarmth($this->least, $this->greatest))));
            }
        });
    }

    protected function of(JobToDo $toDo, Task $task): ToDo
    {
        return array_values(array_filter($toDo->all, fn (ToDo $one) => $one->task === $task))[0] ?? $this->fail($task->name);
    }

    protected function days(Job $job): JobDays
    {
        return (new DaysPage($this->state($job), $job->fresh() ?? $job, app(WeatherStation::class)))->days;
    }

    protected function toDo(Job $job): JobToDo
    {
        return new JobToDo($this->state($job), new DateTimeZone('UTC'));
    }

    protected function state(Job $job): SiteState
    {
        return app(ReadSite::class)->site($job->fresh() ?? $job)->state;
    }

    protected function page(Job $job): TestResponse
    {
        return $this->get("/jobs/{$job->id}/days")->assertOk();
    }

    protected function plan(): Plan
    {
        $frame = UsualFrame::of(JobKind::Pergola, Notation::millimetres(0), Length::millimetres(140)) ?? $this->fail();

        return Builds::plan()->withFooting(new FootingRules(
            Length::millimetres(700), Length::millimetres(100), LeastEmbedment::length(Length::zero()), Length::zero(), Length::zero(), Length::zero(), DepthMode::Own,
        ))->withHolding(new Holding(Hold::Concrete, new HoldingSite(Soil::SiltyOrClayeySand), PierRules::usual(Notation::millimetres(0)), Length::millimetres(300)))->withFrame($frame)
            ->withTops(new TopRules(Length::millimetres(2400), Slope::level(), Slope::level(), Length::millimetres(1000)));
    }

    protected function level(Plan $plan): Job
    {
        $job = $this->job($this->user, $plan);
        $rod = fn ($post): RodReading => new RodReading($post, Length::millimetres(1500));
        $this->write($job, $this->user, new NoticeAsked('2026-04-20', 3, ''), new BenchmarkChosen('sill', Length::zero()), $rod(null), ...array_map(fn ($post) => $rod($post->id), $plan->grid->posts));

        return $job;
    }
}
