<?php

declare(strict_types=1);

namespace App\Diary;

use Aequus\Days\FrostInGround;
use Aequus\Days\Task;
use Aequus\Diary\Season;
use Aequus\Diary\ToDo;
use Aequus\Diary\ToldWeather;
use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;
use Aequus\Words\Diary\TaskWords;
use Aequus\Words\Speech;
use App\Models\Job;
use App\Type\DayName;
use App\Type\Said;
use App\Type\Say;
use App\World\WeatherStation;
use DateTimeImmutable;

/** What must be closed before it is too cold to pour, and how deep frost is today beside the line that was planned. */
final readonly class Winter
{
    private const YEARS = 30;

    private const AHEAD = 240;

    /** Frost is counted from as many days ago on. */
    private const BACK = 180;

    /** Less frost than this is a crust, mm. */
    private const CRUST = 10.0;

    /** What must be done while it can be poured. */
    private const BEFORE = [Task::Dig, Task::Fill];

    /** @var list<Said> */
    public array $said;

    public function __construct(SiteState $site, Job $job, WeatherStation $weather, DaysPage $page)
    {
        $say = new Say(new Speech($site->plan));
        $told = new ToldWeather($site->log);
        $years = array_map(fn (int $year) => $told->over($weather->warmth($year, $site->today, self::AHEAD, $job->place)), range(1, self::YEARS));
        $season = new Season($years, $page->hands->holds->pour);
        $date = fn (int $day): string => DayName::of((new DateTimeImmutable($site->today))->modify("{$day} days")->format('Y-m-d'), true);
        $left = array_values(array_filter($page->days->toDo->all, fn (ToDo $one) => in_array($one->task, self::BEFORE, true)));
        $from = (new DateTimeImmutable($site->today))->modify('-'.self::BACK.' days')->format('Y-m-d');
        $frost = new FrostInGround($told->over($weather->forecast($from, self::BACK + 1, $job->place))->days);
        $planned = $site->plan->footing?->frost;
        $open = array_values(array_filter(
            $site->plan->grid->posts, fn (Post $post) => $site->footing->asDug($post) !== null && ! $site->isFilled($post),
        ));
        $this->said = [
            ...($season->ends === null || ! $page->days->toDo->isPoured ? [] : [$say(
                $season->ends === 0 ? 'days.winter_now' : 'days.winter_ends', day: $date($season->ends),
            )]),
            ...($season->begins === null || ! $page->days->toDo->isPoured ? [] : [$say('days.winter_begins', day: $date($season->begins))]),
            ...($left === [] || $season->ends === null || ! $page->days->toDo->isPoured ? [] : [$say(
                'days.winter_before',
                tasks: implode(
                    '; ',
                    array_map(
                        fn (ToDo $one) => TaskWords::of($one->task).', '.Say::text("days.left_{$one->task->value}", count: $one->pieces), $left,
                    ),
                ),
            )]),
            $frost->millimetres < self::CRUST ? $say('days.frost_none')
                : $say('days.frost_is', deep: self::rounded($frost->millimetres), days: (int) round($frost->degreeDays)),
            ...($planned === null || $frost->millimetres < self::CRUST ? [] : [$say(
                $frost->millimetres > $planned->inMillimetres() ? 'days.frost_beyond' : 'days.frost_within', planned: $planned,
            )]),
            ...($open === [] || $frost->millimetres < self::CRUST ? [] : [$say(
                'days.frost_open', posts: array_map(fn (Post $post) => $post->label, $open),
            )]),
        ];
    }

    private static function rounded(float $millimetres): Length
    {
        return Length::millimetres(10 * round($millimetres / 10));
    }
}
