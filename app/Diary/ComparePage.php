<?php

declare(strict_types=1);

namespace App\Diary;

use Aequus\Bill\Bill;
use Aequus\Bill\Choice;
use Aequus\Bill\Choices;
use Aequus\Bill\JobNeeds;
use Aequus\Bill\Ware;
use Aequus\Days\Forecast;
use Aequus\Days\Hands;
use Aequus\Days\Task;
use Aequus\Days\WorkCalendar;
use Aequus\Diary\JobToDo;
use Aequus\Diary\WhatIf;
use Aequus\Measure\LoadNotation;
use Aequus\Measure\Temperature;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Plan;
use Aequus\Site\SiteState;
use Aequus\Words\Diary\TaskWords;
use Aequus\Words\Names;
use App\Bill\BillPage;
use App\Models\Job;
use App\Type\DayName;
use App\Type\Say;
use App\Type\Typeset;
use App\World\WeatherStation;
use DateTimeImmutable;
use DateTimeZone;

/** The job done otherwise, beside how it stands: other people, another day, another way to hold, an auger, a lorry, blankets. */
final readonly class ComparePage
{
    private const YEARS = 50;

    private const MOST_PEOPLE = 12;

    /** An auger drills so many times what one person digs; a lorry fills so many times what one mixes. Rules of thumb. */
    private const AUGER = 4.0;

    private const LORRY = 5.0;

    /** °C that blankets keep what was poured warmer, where nobody said. */
    private const BLANKETS = 5.0;

    /** @var list<array{string, list<array{string, string, string, string, string, string, string, bool}>}> what is varied, and its ways: name, done, hours, money, weight, volume, rain, and whether it is how things stand */
    public array $tables;

    /** Why another day could not be reckoned; empty where it could, or none was asked for. */
    public string $refusal;

    /** What the days come to as things stand, in words. */
    public string $answer;

    private DateTimeZone $zone;

    public DaysPage $page;

    private Forecast $forecast;

    /** @var list<Forecast> */
    private array $years;

    private Choice $now;

    public function __construct(
        private SiteState $site, private Job $job, private WeatherStation $weather, public string $from = '', public string $people = '',
    ) {
        $this->zone = new DateTimeZone($job->zone);
        $this->page = new DaysPage($site, $job, $weather);
        $this->answer = $this->page->answer();
        $this->forecast = $this->page->forecast;
        $this->years = array_map(fn (int $year) => $weather->year($year, $site->today, JobClock::KNOWN, $job->place), range(1, self::YEARS));
        [$carried, $dug] = Choice::weights($site->plan, $site->footing->work($site->walk()));
        $this->now = new Choice($site->plan->holding->ofJob ?? Hold::Concrete, true, (new JobNeeds($site))->bill(), $carried, $dug);
        $this->refusal = $this->refused();
        $this->tables = $this->page->days->toDo->all === [] ? [] : array_values(array_filter([
            [Say::text('days.vary_people'), $this->people()],
            [Say::text('days.vary_hold'), $this->holds()],
            [Say::text('days.vary_means'), $this->means()],
        ], fn (array $table) => count($table[1]) > 1));
    }

    private function refused(): string
    {
        $isDay = $this->from === '' || (DateTimeImmutable::createFromFormat('!Y-m-d', $this->from) ?: null)?->format('Y-m-d') === $this->from;
        $isKnown = $isDay && ($this->from === '' || ($this->from >= $this->site->today && $this->from < $this->forecast->date(JobClock::KNOWN)));

        return match (true) {
            ! $isKnown => Say::text('days.vary_no_day', days: JobClock::KNOWN),
            $this->people !== '' && (! ctype_digit($this->people) || (int) $this->people < 1 || (int) $this->people > self::MOST_PEOPLE) => Say::text(
                'frame.a_number', least: 1, most: self::MOST_PEOPLE,
            ),
            default => '',
        };
    }

    /** @return list<array{string, string, string, string, string, string, string, bool}> */
    private function people(): array
    {
        $rows = [];
        $now = $this->page->hands->people;
        $counts = array_values(array_unique([$now, 1, $now + 1, $now + 2]));
        sort($counts);
        foreach ($counts as $count) {
            $rows[] = $this->row(
                Say::text('days.vary_so_many', count: $count), $this->page->days->toDo, $this->page->hands->always($count), $this->now,
                $count === $now,
            );
        }
        if ($this->refusal === '' && ($this->from !== '' || $this->people !== '')) {
            $from = $this->from === '' ? $this->site->today : $this->from;
            $hands = $this->people === '' ? $this->page->hands : $this->page->hands->always((int) $this->people);
            // Who names a rest day works on it.
            $calendar = $hands->calendar;
            $weekday = (int) (new DateTimeImmutable($from))->format('N');
            $hands = $hands->onDays(new WorkCalendar(
                array_values(array_diff($calendar->restDays, [$weekday])), array_values(array_diff($calendar->holidays, [$from])),
            ));
            $rows[] = $this->row(
                Say::text('days.vary_from', day: DayName::of($from), count: $hands->people), $this->page->days->toDo, $hands, $this->now, false,
                max($this->minute(), $this->forecast->moment($from)),
            );
        }

        return $rows;
    }

    /** @return list<array{string, string, string, string, string, string, string, bool}> */
    private function holds(): array
    {
        $holding = $this->site->plan->holding;
        $rows = [];
        foreach ($holding === null ? [] : (new Choices($this->site))->holds as $choice) {
            if ($choice->what instanceof Hold && $holding !== null && $choice->isPossible !== false) {
                $toDo = $choice->isDecided ? $this->page->days->toDo
                    : $this->otherwise($this->site->plan->withHolding($holding->heldBy($choice->what)));
                $rows[] = $this->row(ucfirst(Names::of($choice->what)), $toDo, $this->page->hands, $choice, $choice->isDecided);
            }
        }

        return $rows;
    }

    /** @return list<array{string, string, string, string, string, string, string, bool}> */
    private function means(): array
    {
        $toDo = $this->page->days->toDo;
        $hands = $this->page->hands;
        $left = array_map(fn ($one) => $one->task, $toDo->all);
        $faster = fn (Task $task, float $times): Hands => $hands->atRates([$task->value => $times * $hands->rates[$task->value]] + $hands->rates);
        $rows = [$this->row(Say::text('days.vary_as_it_stands'), $toDo, $hands, $this->now, true)];
        if (in_array(Task::Dig, $left, true)) {
            $rows[] = $this->row(Say::text('days.vary_auger'), $toDo, $faster(Task::Dig, self::AUGER), $this->now, false, more: $this->augerCosts());
        }
        if (in_array(Task::Fill, $left, true) && $toDo->isPoured) {
            $rows[] = $this->row(Say::text('days.vary_lorry'), $toDo, $faster(Task::Fill, self::LORRY), $this->now, false, without: Ware::Bag);
            $kept = $hands->holds->kept > 0.0 ? 0.0 : self::BLANKETS;
            $rows[] = $this->row(
                Say::text(
                    $kept > 0.0 ? 'days.vary_blankets' : 'days.vary_no_blankets',
                    degrees: Temperature::span(self::BLANKETS, $this->site->plan->notation->unit),
                ),
                $toDo, $hands->heldBy($hands->holds->keptWarmer($kept)), $this->now, false, without: $kept > 0.0 ? Ware::Blanket : null,
            );
        }

        return $rows;
    }

    /** What hiring it costs for the days it takes; null where it has no price. */
    private function augerCosts(): ?int
    {
        $bill = (new JobNeeds($this->site))->bill();
        foreach ($bill->lines as $line) {
            if ($line->goods->name === Ware::HireAuger->value) {
                return 0;
            }
        }

        return null;
    }

    /**
     * @param  ?Ware  $without  goods that fall away, in whose place comes something whose price nobody knows
     * @param  ?int  $more  coins beside the bill; null where nobody knows
     * @return array{string, string, string, string, string, string, string, bool}
     */
    private function row(
        string $name, JobToDo $toDo, Hands $hands, Choice $choice, bool $isNow, ?int $now = null, ?Ware $without = null, ?int $more = 0,
    ): array {
        $if = new WhatIf($toDo, $hands, $this->forecast, $now ?? $this->minute(), $this->years);

        return [
            $name, $this->done($if), Say::text('days.vary_hours', hours: (string) round($if->hours, 1)),
            $without !== null || $more === null ? Say::text('days.vary_not_priced') : self::money($choice->bill),
            // Of holes whose ground is not read nobody knows.
            $choice->dug > 0.0 ? (new LoadNotation($this->site->plan->notation->unit))->mass($choice->carried) : '—',
            $choice->dug > 0.0 ? Typeset::volume($this->site->plan->notation, $choice->dug) : '—',
            $if->rain === null ? '' : Say::text('days.vary_percent', percent: (int) round(100 * $if->rain)), $isNow,
        ];
    }

    private function done(WhatIf $if): string
    {
        $days = $if->days;

        return match (true) {
            $days->toDo->held !== null => Say::text('days.vary_held', task: TaskWords::of($days->toDo->held)),
            $days->finished === null => Say::text(
                'days.vary_beyond', task: $days->beyond === null ? '' : TaskWords::of($days->beyond), days: JobClock::KNOWN,
            ),
            default => $this->page->moment($days->finished),
        };
    }

    private static function money(Bill $bill): string
    {
        return match (count($bill->unpriced)) {
            count($bill->lines) => '—',
            0 => BillPage::money($bill->sum),
            default => Say::text('bill.choices_at_least', money: BillPage::money($bill->sum)),
        };
    }

    private function otherwise(Plan $plan): JobToDo
    {
        return new JobToDo(
            SiteState::derive($plan, array_values($this->site->log->entries), $this->site->today, $this->site->square->surveyed(), $this->site->now),
            $this->zone,
        );
    }

    private function minute(): int
    {
        $now = $this->site->now->setTimezone($this->zone);

        return 60 * (int) $now->format('G') + (int) $now->format('i');
    }
}
