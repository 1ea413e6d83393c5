<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Logbook\Book\Remark;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Clear\ServiceLine;
use Aequus\Logbook\Diary\Awaited;
use Aequus\Logbook\Diary\AwaitedState;
use Aequus\Logbook\Diary\AwaitedThing;
use Aequus\Logbook\Kind\Payload;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Point;
use Aequus\Site\Outstanding;
use Aequus\Site\SiteState;
use App\Actions\NewEntry;
use App\Actions\RecordEntry;
use App\Models\Job;
use App\Type\ClockTime;
use App\Type\DayName;
use App\Type\Say;
use App\World\Inspector;
use App\World\MarkingDesk;
use App\World\MarksAnswer;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Offices that are made up, for practice in the demo: what they answer is written down under their name. */
final class PracticeController extends Controller
{
    /** Working days that the desk asks for. */
    private const NOTICE = 3;

    /** No-dig on each side of what it finds, and how far beyond the grid that is marked, mm. */
    private const BAND = 450;

    private const BEYOND = 2000;

    public function __invoke(Request $request, Job $job, RecordEntry $record, MarkingDesk $desk, Inspector $inspector): RedirectResponse
    {
        $site = $this->site($job)->state;
        $thing = AwaitedThing::tryFrom($request->string('of')->value());
        [$payload, $id, $says] = $thing?->isInspection() === true ? $this->visit($site, $job, $inspector, $thing) : $this->marks($site, $job, $desk);
        if ($payload !== null) {
            $record($job, $this->user($request), new NewEntry($payload, "practice-{$job->id}-{$id}", readBy: Say::text($thing?->isInspection() === true ? 'days.made_up_inspector' : 'days.made_up_desk')));
        }

        return redirect()->route('days', $job)->with('said', $says);
    }

    /** @return array{?Payload, string, string} what is written down, its id, and what is said */
    private function marks(SiteState $site, Job $job, MarkingDesk $desk): array
    {
        $notice = $site->clear->notice;
        if ($notice === null) {
            $number = $desk->answer($site->today, $site->today, $job->place)->number;

            return [new NoticeAsked($site->today, self::NOTICE, $number), "desk-{$site->today}", Say::text('days.desk_asked', number: $number, days: self::NOTICE)];
        }
        $answer = $desk->answer($notice->asked->askedOn, $notice->runsOut, $job->place);

        return match (true) {
            $site->today < $notice->runsOut => [null, '', Say::text('days.desk_not_yet', day: DayName::of($notice->runsOut))],
            $site->today < $answer->on => [null, '', Say::text('days.desk_late', day: DayName::of($answer->on))],
            $answer->found === null => [new Remark(null, $says = Say::text('days.desk_nothing', number: $answer->number)), "desk-{$notice->asked->askedOn}-answer", $says],
            default => [$this->line($site->plan, $answer), "desk-{$notice->asked->askedOn}-answer", Say::text('days.desk_found')],
        };
    }

    /** Along the rows, right through the site. */
    private function line(Plan $plan, MarksAnswer $answer): ServiceLine
    {
        [$long, $deep] = [$plan->grid->columns->length()->inMillimetres(), max(1000.0, $plan->grid->rows->length()->inMillimetres())];
        $at = fn (float $x): Point => new Point(Length::millimetres($x), Length::millimetres(round($deep * $answer->across)));
        assert($answer->found !== null);

        return new ServiceLine($answer->found, Say::text('days.desk_line'), Length::millimetres(self::BAND), [$at(-self::BEYOND), $at($long + self::BEYOND)]);
    }

    /** @return array{?Payload, string, string} */
    private function visit(SiteState $site, Job $job, Inspector $inspector, AwaitedThing $thing): array
    {
        $said = $site->log->now(Awaited::class);
        $before = count(array_filter($said, fn (Awaited $one) => $one->thing === $thing && $one->state === AwaitedState::Booked));
        $last = (new Outstanding($site))->last[$thing->value] ?? null;
        if ($last?->state !== AwaitedState::Booked) {
            $visit = $inspector->book($site->today, $thing->value, $job->place, $before);

            return [new Awaited($thing, AwaitedState::Booked, $visit->day, $visit->minute), "{$thing->value}-{$before}", Say::text('days.inspector_comes', day: DayName::of($visit->day), time: ClockTime::of($visit->minute))];
        }
        if ($last->day > $site->today) {
            return [null, '', Say::text('days.inspector_comes', day: DayName::of($last->day), time: ClockTime::of($last->time ?? 0))];
        }
        $found = $inspector->book($last->day, $thing->value, $job->place, $before - 1)->found;
        $says = $found === null ? '' : Say::text("days.fault_{$found->value}");

        return [
            new Awaited($thing, $found === null ? AwaitedState::Came : AwaitedState::Failed, $last->day, says: $says), "{$thing->value}-{$before}-came",
            $found === null ? Say::text('days.inspector_passed') : Say::text('days.inspector_failed', found: $says),
        ];
    }
}
