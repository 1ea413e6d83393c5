<?php

declare(strict_types=1);

namespace App\Set;

use Aequus\Adjust\Placement\StakeVerdict;
use Aequus\Logbook\Book\PictureTaken;
use Aequus\Logbook\Book\Remark;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\TwistRead;
use Aequus\Measure\Length;
use Aequus\Measure\Temperature;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Shift;
use Aequus\Set\Drifts;
use Aequus\Set\PourPlan;
use Aequus\Set\PourStep;
use Aequus\Set\SetClock;
use Aequus\Site\FootByLine;
use Aequus\Site\ReadyToPour;
use Aequus\Site\SiteState;
use Aequus\Site\StandingFrame;
use Aequus\Words\Names;
use Aequus\Words\PageWords;
use Aequus\Words\Plan\HoldWords;
use Aequus\Words\Sentence;
use Aequus\Words\Speech;
use App\Type\Say;
use DateTimeImmutable;
use DateTimeZone;

/** All that is known of one post, in the order of the work. */
final readonly class PostSheet
{
    /** @var list<PostFact> */
    public array $facts;

    public ReadyToPour $ready;

    public SetClock $clock;

    public PourPlan $pour;

    /** When the fill began that is under way; null where none is. */
    public ?DateTimeImmutable $begun;

    /** Since then. */
    public ?int $minutesIn;

    /** @var list<Remark> newest last */
    public array $remarks;

    /** @var array<int, PictureTaken> by sequence */
    public array $pictures;

    public function __construct(private SiteState $site, private Post $post, DateTimeImmutable $now)
    {
        $this->ready = new ReadyToPour($site, $post);
        $this->clock = $site->clock($post);
        $mine = fn (Remark|PictureTaken $said): bool => $said->post?->equals($post->id) ?? false;
        $this->remarks = array_values(array_filter($site->log->now(Remark::class), $mine));
        $this->pictures = array_filter($site->log->now(PictureTaken::class), $mine);
        $this->begun = $site->filling($post)->isDone() ? null : $site->filling($post)->at(FillStep::Started);
        $this->minutesIn = $this->begun === null ? null : max(0, intdiv($now->getTimestamp() - $this->begun->getTimestamp(), 60));
        $this->pour = PourSheet::of($site, $post);
        $this->facts = array_values(array_filter([
            $this->position(), $this->depth(), $this->foot(), $this->footByLine(), $this->wood(), $this->plumb(), $this->drift(), $this->twist(),
            $this->fill(),
            (new CureFact($site, $post, $this->clock))->at($now), $this->cut(),
        ]));
    }

    private function position(): PostFact
    {
        $stake = $this->site->square->survey->stakeOf($this->post);
        $slack = $this->site->plan->hole->slack($this->site->plan->sectionOf($this->post), $this->site->plan->layout->cover)->slack;
        $room = $slack->isPositive() ? $this->say('set.post_sheet.the_hole_leaves_round_it', slack: $slack) : '';
        if ($stake === null) {
            return new PostFact(Say::text('page.where_it_stands'), $this->say('set.post_sheet.not_proved_yet', room: $room), 'to-pull');
        }
        $own = $stake->along->turned(-$this->site->plan->turnOf($this->post->id));
        $parts = $this->shifts(Shift::parts(Length::millimetres(-$own->x), Length::millimetres(-$own->y)));
        $off = $parts->saysNothing() ? Say::text('set.post_sheet.on_its_mark') : $this->say('set.post_sheet.of_its_mark', parts: $parts);

        return new PostFact(Say::text('page.where_it_stands'), $this->said($off, $room), match ($stake->verdict) {
            StakeVerdict::Within => 'fits', StakeVerdict::Out => 'off', StakeVerdict::CannotTell => 'doubt'
        });
    }

    /** The time of the day by which a step of the fill is done. */
    public function dueBy(PourStep $step, string $zone): string
    {
        return (string) $this->begun?->modify(
            '+'.($step->within ?? 0).' minutes',
        )->setTimezone(new DateTimeZone($zone))->format('H:i');
    }

    private function depth(): PostFact
    {
        [$required, $dug] = [$this->site->footing->required($this->post), $this->site->footing->asDug($this->post)];
        $measured = $this->site->footing->measured($this->post);

        return match (true) {
            $required === null => new PostFact(
                Say::text('page.hole'), $this->say(
                    'set.post_sheet.what_it_must_reach_is', write: $measured === null ? '' : $this->say('set.post_sheet.dug', measured: $measured),
                ), 'to-pull',
            ),
            $dug === null => new PostFact(
                Say::text('page.hole'), $this->say(
                    'set.post_sheet.deep_not_dug', hole_depth: $required->holeDepth(), what: Names::of($required->governing),
                ), 'to-pull',
            ),
            default => new PostFact(
                Say::text('page.hole'),
                $this->say('set.post_sheet.of', write: $required->need->ground->minus($dug->bottom), hole_depth: $required->holeDepth(), what: $dug->found === null ? '' : Say::text(
                    'drawing.plan_drawing.met', what: Names::of($dug->found),
                )), $dug->serves() ? 'fits'
                    : 'off',
            ),
        };
    }

    private function footByLine(): ?PostFact
    {
        $foot = FootByLine::of($this->site, $this->post);
        if ($foot === null) {
            return null;
        }
        $says = $foot->byHole === null ? $this->say('set.post_sheet.foot_deep', line: $foot->embedded)
            : $this->say('set.post_sheet.foot_deep_and_hole', line: $foot->embedded, hole: $foot->byHole);

        return new PostFact(Say::text('set.post_sheet.foot_by_line'), $says, match (true) {
            $foot->shortBy()->isPositive() => 'off', $foot->isContradicted() => 'doubt', default => 'fits'
        });
    }

    private function foot(): PostFact
    {
        $hold = $this->site->plan->holdOf($this->post->id);
        $customs = $this->site->plan->customs();

        return new PostFact(
            Say::text('page.held'),
            Names::of($hold).($hold->hasPad() ? Say::text(
                'set.post_sheet.foot_the_fill_ends', what: Names::of($customs->foot->under($hold)), what_b: Names::of($customs->fillEnd),
            )
                : ''),
        );
    }

    private function wood(): ?PostFact
    {
        $reach = $this->site->footing->treatedUpTo($this->post);
        $care = Names::of($this->site->plan->holding?->customs->wood);

        return $reach === null ? null : new PostFact(
            Say::text('set.post_sheet.buried_wood'), $this->say('set.post_sheet.up_to_from_its_foot', care: $care, reach: $reach),
        );
    }

    private function plumb(): PostFact
    {
        $stands = $this->site->standing($this->post);
        if (! $stands->set || $stands->lean->isUnread()) {
            return new PostFact(
                Say::text('page.plumb'), $stands->set ? Say::text('page.not_read') : Say::text('page.not_set'), 'to-pull',
            );
        }
        $parts = $this->shifts($stands->topGone());
        $own = $stands->ownErrorOfTheLevel();
        $level = $own === null ? '' : Say::text('set.post_sheet.the_level_itself_shows_mm', part: number_format(abs($own) * 1000, 2));
        $half = $stands->lean->isHalfKnown() ? Say::text('set.post_sheet.one_way_only') : '';

        return new PostFact(
            Say::text('page.plumb'), $this->said(
                $parts->saysNothing() ? Say::text('page.is_plumb') : $this->say('set.post_sheet.top', parts: $parts), ', ', Names::of($stands->stage),
                $half, $level, $stands->isTooRoughlyRead() ? Say::text('set.post_sheet.too_rough') : '',
            ),
            $stands->isProvedPlumb() ? 'fits' : ($stands->isOut() ? 'off' : 'doubt'),
        );
    }

    private function drift(): ?PostFact
    {
        $drift = $this->site->standing($this->post)->drift();
        if ($drift === null || ! (new StandingFrame($this->site))->drifts()->isTelling($drift)) {
            return null;
        }
        $toward = Drifts::toward($drift->turned(-$this->site->plan->turnOf($this->post->id)));
        $top = $this->site->standing($this->post)->topAboveGrade();

        return new PostFact(
            Say::text('set.post_sheet.the_fill_pushed_it'),
            $this->say('set.post_sheet.at_the_top_mostly_toward', times: $top->times($drift->size()), what: $this->site->plan->sidesOf($this->post->id)->nameOf($toward), drift: HoldWords::drift(
                $this->site->plan->holdOf($this->post->id),
            )),
            'doubt',
        );
    }

    private function twist(): ?PostFact
    {
        $twist = $this->site->log->latest(TwistRead::class, $this->post->id);
        if ($twist === null) {
            return null;
        }
        $face = $this->site->plan->sectionOf($this->post)->thicker();

        return new PostFact(
            Say::text('set.post_sheet.twist'),
            $this->say('set.post_sheet.over_over_its_own_face', magnitude: $twist->gap->magnitude(), over: $twist->over, is_negative: $twist->gap->isNegative() ? Say::text('page.against_the_clock')
                : Say::text('page.with_the_clock'), times: $face->times(abs($twist->slope()->ratio))),
        );
    }

    private function fill(): PostFact
    {
        $filling = $this->site->filling($this->post);

        return match (true) {
            $filling->isDone() => new PostFact(
                Say::text('page.fill'),
                Say::text('page.filled').($filling->bags() === null
                    ? '' : Say::text('set.post_sheet.bags', bags: $filling->bags())).($filling->celsius() === null ? ''
                    : Say::text(
                        'set.post_sheet.at', unit: Temperature::celsius(round($filling->celsius()))->write($this->site->plan->notation->unit),
                    )),
                'fits',
            ),
            $filling->isBegun() => new PostFact(Say::text('page.fill'), Say::text('set.post_sheet.begun_not_full'), 'doubt'),
            $this->site->isFilled($this->post) => new PostFact(Say::text('page.fill'), Say::text('set.post_sheet.read_as_filled'), 'fits'),
            default => new PostFact(Say::text('page.fill'), Say::text('set.post_sheet.not_filled'), 'to-pull'),
        };
    }

    /** Whether anything is mixed and sets; tamped earth and gravel do not. */
    public function isPoured(): bool
    {
        return $this->clock->minutes !== 0 && $this->site->plan->holdOf($this->post->id) !== Hold::Foam;
    }

    private function cut(): PostFact
    {
        $mark = $this->site->cut->mark($this->post);

        return match (true) {
            $mark === null => new PostFact(Say::text('set.post_sheet.cut_mark'), Say::text('set.post_sheet.the_tops_are_not_decided'), 'to-pull'),
            $this->site->cut->isCut($this->post) => new PostFact(
                Say::text('set.post_sheet.cut_mark'),
                $this->say('set.post_sheet.above_the_line_cut', above_datum_line: $mark->aboveDatumLine()), 'fits',
            ),
            $mark->isShort() => new PostFact(
                Say::text('set.post_sheet.cut_mark'),
                $this->say(
                    'set.post_sheet.above_the_line_the_post', above_datum_line: $mark->aboveDatumLine(),
                    write: $mark->cutOff()?->magnitude() ?? Length::zero(),
                ),
                'off',
            ),
            default => new PostFact(
                Say::text('set.post_sheet.cut_mark'),
                $this->say('set.post_sheet.above_the_line', above_datum_line: $mark->aboveDatumLine()),
            ),
        };
    }

    /**
     * In words, without what the job's smallest mark doesn't show.
     *
     * @param  list<Shift>  $shifts
     */
    private function shifts(array $shifts): Sentence
    {
        $told = array_filter($shifts, fn (Shift $part) => ! $this->site->plan->notation->round($part->amount)->isZero());

        return (new Speech($this->site->plan))->list(...$told);
    }

    private function said(string|Sentence ...$pieces): Sentence
    {
        return Sentence::of($this->site->plan->notation, ...$pieces);
    }

    private function say(string $key, mixed ...$parts): Sentence
    {
        return (new Speech($this->site->plan))->page(PageWords::of($key), ...$parts);
    }
}
