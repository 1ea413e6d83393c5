<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Guide\Guide;
use Aequus\Guide\Move\Scope;
use Aequus\Logbook\Book\Remark;
use Aequus\Logbook\Book\Strike;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Clear\ServiceLine;
use Aequus\Logbook\Diary\Awaited;
use Aequus\Logbook\Diary\AwaitedState;
use Aequus\Logbook\Diary\AwaitedThing;
use Aequus\Logbook\Entry;
use Aequus\Logbook\Kind\LevelPoint;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Level\HeightDifference;
use Aequus\Logbook\Level\LevelInstrument;
use Aequus\Measure\Length;
use Aequus\Measure\LengthReader;
use Aequus\Measure\Refusal;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Point;
use Aequus\Site\Outstanding;
use Aequus\Site\SiteState;
use Aequus\Words\Speech;
use App\Actions\NewEntry;
use App\Actions\RecordEntry;
use App\Actions\TakeOut;
use App\Models\Job;
use App\Practice\Instruments;
use App\Practice\Practice;
use App\Type\ClockTime;
use App\Type\DayName;
use App\Type\Say;
use App\World\Inspector;
use App\World\LevelBetween;
use App\World\MarkingDesk;
use App\World\MarksAnswer;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Instruments and offices that are made up, for practice: what they answer is marked wherever it goes, and taken out as one. */
final class PracticeController extends Controller
{
    /** Working days that the desk asks for. */
    private const NOTICE = 3;

    /** No-dig on each side of what it finds, and how far beyond the grid that is marked, mm. */
    private const BAND = 450;

    private const BEYOND = 2000;

    public function __construct(private readonly Practice $practice, private readonly Instruments $instruments)
    {
    }

    public function show(Job $job): View
    {
        $site = $this->site($job);

        return $this->page('practice.show', $site, ['isOn' => $this->practice->isOn($job), 'isDemo' => Practice::isDemo(), 'entries' => count($site->state->log->madeUp(
        )), 'offices' => [
            'desk' => Say::text('practice.desk'), AwaitedThing::BeforeTheFill->value => Say::text('practice.before_the_fill'),
            AwaitedThing::AfterTheFill->value => Say::text('practice.after_the_fill'),
        ], 'phase' => 'days']);
    }

    /** On or off, for this session. */
    public function turn(Request $request, Job $job): RedirectResponse
    {
        $this->practice->turn($job, $request->boolean('on'));

        return redirect()->route('practice', $job)->with('said', Say::text($request->boolean('on') ? 'practice.is_on' : 'practice.is_off'));
    }

    /** What the next move asks for, read by who can. */
    public function read(Request $request, Job $job, RecordEntry $record): RedirectResponse
    {
        $site = $this->site($job);
        $post = $site->plan->grid->findLabelled($request->string('post')->value());
        $move = $post === null ? $site->next : Guide::next($site->state, Scope::post($post));
        $reader = $this->practice->reader($job, $move);
        $payload = $reader === null || $move === null ? null : $this->instruments->read($site->state, $move);
        if ($reader === null || $payload === null) {
            return back()->with('said', Say::text('practice.cannot'));
        }
        $id = ($reader->isMadeUp() ? Entry::MADE_UP : '').$request->string('client_id')->value();
        $entry = $record(
            $job, $this->user($request),
            new NewEntry($payload, $id, readBy: $reader->isMadeUp() ? Say::text('practice.instrument') : '', replaces: $move->replaces),
        );

        return back()->with('recorded', $entry->sequence);
    }

    /** How much higher one point is than another, by the instrument that its form names. */
    public function level(Request $request, Job $job, RecordEntry $record, LevelBetween $levels): RedirectResponse
    {
        abort_unless(! $levels->isMadeUp() || $this->practice->isOn($job), 404);
        $site = $this->site($job)->state;
        $with = LevelInstrument::tryFrom($request->string('instrument')->value()) ?? LevelInstrument::Water;
        [$from, $to] = [$this->point($site, $request->string('from')->value()), $this->point($site, $request->string('to')->value())];
        try {
            $over = $with->needsNoLength() ? null : LengthReader::read($request->string('over')->value(), $site->plan->notation->unit);
            $payload = $from === null || $to === null ? null
                : new HeightDifference($from, $to, $levels->between($site, $from, $to, $with, $over), $with, $over);
        } catch (Refusal $refused) {
            return back()->withInput()->withErrors(['over' => (string) (new Speech($site->plan))->say($refused->fact)]);
        }
        if ($payload === null || $site->level->benchmark === null) {
            return back()->withInput()->with('said', Say::text('practice.cannot'));
        }
        $entry = $record(
            $job, $this->user($request),
            new NewEntry(
                $payload, ($levels->isMadeUp() ? Entry::MADE_UP : '').$request->string('client_id')->value(),
                readBy: $levels->isMadeUp() ? Say::text('practice.instrument') : '',
            ),
        );

        return back()->with('recorded', $entry->sequence);
    }

    private function point(SiteState $site, string $sent): ?LevelPoint
    {
        $post = $site->plan->grid->findLabelled($sent);

        return $sent === LevelPoint::SENT_FOR_BENCHMARK ? LevelPoint::benchmark() : ($post === null ? null : LevelPoint::of($post->id));
    }

    /** Everything that was made up is struck. */
    public function takeOut(Request $request, Job $job, TakeOut $takeOut): RedirectResponse
    {
        $count = $takeOut($job, $this->user($request), $this->site($job)->state->log->madeUp(), Say::text('practice.reason'));

        return redirect()->route('practice', $job)->with('said', Say::text('practice.taken_out', count: $count));
    }

    /** An office answers. */
    public function ask(Request $request, Job $job, RecordEntry $record, MarkingDesk $desk, Inspector $inspector): RedirectResponse
    {
        abort_unless($this->practice->isOn($job), 404);
        $site = $this->site($job)->state;
        $thing = AwaitedThing::tryFrom($request->string('of')->value());
        [$payload, $id, $says] = $thing?->isInspection() === true ? $this->visit($site, $job, $inspector, $thing) : $this->marks($site, $job, $desk);
        if ($payload !== null) {
            // The same answer twice is one entry, but for one that was taken out since.
            $round = count($site->log->now(Strike::class));
            $record(
                $job, $this->user($request),
                new NewEntry(
                    $payload, Entry::MADE_UP."{$job->id}-{$id}-{$round}",
                    readBy: Say::text($thing?->isInspection() === true ? 'practice.made_up_inspector' : 'practice.made_up_desk'),
                ),
            );
        }

        return redirect()->route('practice', $job)->with('said', $says);
    }

    /** @return array{?Payload, string, string} what is written down, its id, and what is said */
    private function marks(SiteState $site, Job $job, MarkingDesk $desk): array
    {
        $notice = $site->clear->notice;
        if ($notice === null) {
            $number = $desk->answer($site->today, $site->today, $job->place)->number;

            return [
                new NoticeAsked($site->today, self::NOTICE, $number), "desk-{$site->today}",
                Say::text('practice.desk_asked', number: $number, days: self::NOTICE),
            ];
        }
        $answer = $desk->answer($notice->asked->askedOn, $notice->runsOut, $job->place);

        return match (true) {
            $site->today < $notice->runsOut => [null, '', Say::text('practice.desk_not_yet', day: DayName::of($notice->runsOut))],
            $site->today < $answer->on => [null, '', Say::text('practice.desk_late', day: DayName::of($answer->on))],
            $answer->found === null => [
                new Remark(null, $says = Say::text('practice.desk_nothing', number: $answer->number)), "desk-{$notice->asked->askedOn}-answer", $says,
            ],
            default => [$this->line($site->plan, $answer), "desk-{$notice->asked->askedOn}-answer", Say::text('practice.desk_found')],
        };
    }

    /** Along the rows, right through the site. */
    private function line(Plan $plan, MarksAnswer $answer): ServiceLine
    {
        [$long, $deep] = [$plan->grid->columns->length()->inMillimetres(), max(1000.0, $plan->grid->rows->length()->inMillimetres())];
        $at = fn (float $x): Point => new Point(Length::millimetres($x), Length::millimetres(round($deep * $answer->across)));
        assert($answer->found !== null);

        return new ServiceLine(
            $answer->found, Say::text('practice.desk_line'), Length::millimetres(self::BAND), [$at(-self::BEYOND), $at($long + self::BEYOND)],
        );
    }

    /** @return array{?Payload, string, string} */
    private function visit(SiteState $site, Job $job, Inspector $inspector, AwaitedThing $thing): array
    {
        $said = $site->log->now(Awaited::class);
        $before = count(array_filter($said, fn (Awaited $one) => $one->thing === $thing && $one->state === AwaitedState::Booked));
        $last = (new Outstanding($site))->last[$thing->value] ?? null;
        if ($last?->state !== AwaitedState::Booked) {
            $visit = $inspector->book($site->today, $thing->value, $job->place, $before);

            return [
                new Awaited($thing, AwaitedState::Booked, $visit->day, $visit->minute), "{$thing->value}-{$before}",
                Say::text('practice.inspector_comes', day: DayName::of($visit->day), time: ClockTime::of($visit->minute)),
            ];
        }
        if ($last->day > $site->today) {
            return [null, '', Say::text('practice.inspector_comes', day: DayName::of($last->day), time: ClockTime::of($last->time ?? 0))];
        }
        $found = $inspector->book($last->day, $thing->value, $job->place, $before - 1)->found;
        $says = $found === null ? '' : Say::text("practice.fault_{$found->value}");

        return [
            new Awaited($thing, $found === null ? AwaitedState::Came : AwaitedState::Failed, $last->day, says: $says),
            "{$thing->value}-{$before}-came",
            $found === null ? Say::text('practice.inspector_passed') : Say::text('practice.inspector_failed', found: $says),
        ];
    }
}
