<?php

declare(strict_types=1);

namespace App\Set;

use Aequus\Adjust\Placement\StakeVerdict;
use Aequus\Footing\Materials\Bag;
use Aequus\Logbook\Book\PictureTaken;
use Aequus\Logbook\Book\Remark;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\TwistRead;
use Aequus\Measure\Length;
use Aequus\Measure\Temperature;
use Aequus\Plan\Holding\Customs;
use Aequus\Plan\Holding\LayerTime;
use Aequus\Plan\Holding\Material;
use Aequus\Plan\Holding\Mixing;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Shift;
use Aequus\Set\Drifts;
use Aequus\Set\PourPlan;
use Aequus\Set\PourStep;
use Aequus\Set\SetClock;
use Aequus\Site\ReadyToPour;
use Aequus\Site\SiteState;
use Aequus\Site\StandingFrame;
use Aequus\Words\Names;
use Aequus\Words\Plan\HoldWords;
use Aequus\Words\Speech;
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

    public function __construct(private SiteState $site, private Post $post, private DateTimeImmutable $now)
    {
        $this->ready = new ReadyToPour($site, $post);
        $this->clock = SetClock::of($site->filling($post), $site->plan->holdOf($post->id), $site->bracesOff());
        $mine = fn (Remark|PictureTaken $said): bool => $said->post?->equals($post->id) ?? false;
        $this->remarks = array_values(array_filter($site->log->now(Remark::class), $mine));
        $this->pictures = array_filter($site->log->now(PictureTaken::class), $mine);
        $this->begun = $site->filling($post)->isDone() ? null : $site->filling($post)->at(FillStep::Started);
        $this->minutesIn = $this->begun === null ? null : max(0, intdiv($now->getTimestamp() - $this->begun->getTimestamp(), 60));
        $this->pour = $this->plan();
        $this->facts = array_values(
            array_filter(
                [
                    $this->position(), $this->depth(), $this->foot(), $this->wood(), $this->plumb(), $this->drift(), $this->twist(), $this->fill(),
                    $this->setting(), $this->cut(),
                ],
            ),
        );
    }

    private function position(): PostFact
    {
        $stake = $this->site->square->survey->placed->stakes[$this->post->id->value] ?? null;
        $slack = $this->site->plan->hole->slack($this->site->plan->post, $this->site->plan->layout->cover)->slack;
        $room = $slack->isPositive() ? ", the hole leaves {$this->write($slack)} round it" : '';
        if ($stake === null) {
            return new PostFact('Where it stands', "not proved yet{$room}", 'to-pull');
        }
        $parts = $this->shifts(Shift::parts(Length::millimetres(-$stake->alongX), Length::millimetres(-$stake->alongY)));
        $off = $parts === '' ? 'on its mark' : "{$parts} of its mark";

        return new PostFact('Where it stands', $off.$room, match ($stake->verdict) {
            StakeVerdict::Within => 'fits', StakeVerdict::Out => 'off', StakeVerdict::CannotTell => 'doubt'
        });
    }

    /** The time of the day by which a step of the fill is done. */
    public function dueBy(PourStep $step, string $zone): string
    {
        return (string) $this->begun?->modify('+'.($step->within ?? 0).' minutes')->setTimezone(new DateTimeZone($zone))->format('H:i');
    }

    private function depth(): PostFact
    {
        [$required, $dug] = [$this->site->footing->required($this->post), $this->site->footing->asDug($this->post)];
        $measured = $this->site->footing->measured($this->post);

        return match (true) {
            $required === null => new PostFact(
                'Hole', ($measured === null ? '' : "dug {$this->write($measured)}; ").'what it must reach is not known yet', 'to-pull',
            ),
            $dug === null => new PostFact(
                'Hole', "{$this->write($required->holeDepth())} deep, ".Names::of($required->governing).'; not dug', 'to-pull',
            ),
            default => new PostFact(
                'Hole', "{$this->write(
                    $required->need->ground->minus($dug->bottom),
                )} of {$this->write($required->holeDepth())}".($dug->found === null ? '' : ', met '.Names::of($dug->found)), $dug->serves() ? 'fits'
                    : 'off',
            ),
        };
    }

    private function foot(): PostFact
    {
        $hold = $this->site->plan->holdOf($this->post->id);
        $customs = $this->site->plan->holding->customs ?? new Customs;

        return new PostFact(
            'Held',
            Names::of($hold).($hold->hasPad() ? '; foot: '.Names::of($customs->foot->under($hold)).'; the fill ends '.Names::of($customs->fillEnd)
                : ''),
        );
    }

    private function wood(): ?PostFact
    {
        $reach = $this->site->footing->treatedUpTo($this->post);
        $care = Names::of($this->site->plan->holding?->customs->wood);

        return $reach === null ? null : new PostFact('Buried wood', "{$care} up to {$this->write($reach)} from its foot, a hand above the ground");
    }

    private function plumb(): PostFact
    {
        $stands = $this->site->standing($this->post);
        if (! $stands->set || $stands->lean->isUnread()) {
            return new PostFact('Plumb', $stands->set ? 'not read' : 'not set', 'to-pull');
        }
        $parts = $this->shifts($stands->lean->at($stands->topAbovePivot()));
        $own = $stands->ownErrorOfTheLevel();
        $level = $own === null ? '' : ', the level itself shows '.number_format(abs($own) * 1000, 2).' mm in a metre';
        $half = $stands->lean->isHalfKnown() ? ', one way only' : '';

        return new PostFact(
            'Plumb', ($parts === '' ? 'plumb' : "top {$parts}").', '.Names::of($stands->stage)."{$half}{$level}",
            $stands->isProvedPlumb() ? 'fits' : ($stands->isWithin() ? 'doubt' : 'off'),
        );
    }

    private function drift(): ?PostFact
    {
        $drift = $this->site->standing($this->post)->drift();
        if ($drift === null || ! (new StandingFrame($this->site))->drifts()->isTelling($drift)) {
            return null;
        }
        $toward = Drifts::toward($drift);
        $top = $this->site->standing($this->post)->topAboveGrade();

        return new PostFact(
            'The fill pushed it',
            "{$this->write($top->times($drift->size()))} at the top, mostly toward the {$this->site->plan->sides->of($toward)}. ".HoldWords::drift(
                $this->site->plan->holdOf($this->post->id),
            ),
            'doubt',
        );
    }

    private function twist(): ?PostFact
    {
        $twist = $this->site->log->latest(TwistRead::class, $this->post->id);
        if ($twist === null) {
            return null;
        }
        $face = $this->site->plan->post->thicker();

        return new PostFact(
            'Twist',
            "{$this->write($twist->gap->magnitude())} over {$this->write($twist->over)}, ".($twist->gap->isNegative() ? 'against the clock'
                : 'with the clock').", {$this->write($face->times(abs($twist->slope()->ratio)))} over its own face",
        );
    }

    private function fill(): PostFact
    {
        $filling = $this->site->filling($this->post);

        return match (true) {
            $filling->isDone() => new PostFact(
                'Fill',
                'filled'.($filling->bags() === null ? '' : ", {$filling->bags()} bags").($filling->celsius() === null ? ''
                    : ', at '.Temperature::celsius(round($filling->celsius()))->write($this->site->plan->notation->unit)),
                'fits',
            ),
            $filling->isBegun() => new PostFact('Fill', 'begun, not full', 'doubt'),
            $this->site->isFilled($this->post) => new PostFact('Fill', 'read as filled', 'fits'),
            default => new PostFact('Fill', 'not filled', 'to-pull'),
        };
    }

    private function setting(): ?PostFact
    {
        if ($this->clock->standsStill()) {
            return new PostFact('Braces', 'on: filled at freezing, it does not set; keep it warm and ask the label', 'off');
        }
        $left = $this->clock->left($this->now);
        if ($left === null) {
            return $this->site->filling($this->post)->isStripped() ? new PostFact('Braces', 'off', 'fits') : null;
        }
        $wait = $left >= 120 ? 'about '.(int) round($left / 60).' hours' : "{$left} minutes";

        return match (true) {
            $this->clock->filling->isFoundWet() => new PostFact('Braces', 'on: the surface is still wet, whatever the label says', 'off'),
            $left === 0 => new PostFact('Braces', 'may come off, if the surface is hard', 'fits'),
            default => new PostFact(
                'Braces',
                "on for {$wait} more".($this->clock->isTooCold()
                    ? '; colder than '.Temperature::celsius(SetClock::TOO_COLD_CELSIUS)->write($this->site->plan->notation->unit).': keep it warm, ask the label' : ''),
                'doubt',
            ),
        };
    }

    private function cut(): PostFact
    {
        $mark = $this->site->cut->mark($this->post);

        return match (true) {
            $mark === null => new PostFact('Cut mark', 'the tops are not decided', 'to-pull'),
            $this->site->cut->isCut($this->post) => new PostFact('Cut mark', "{$this->write($mark->aboveDatumLine())} above the line, cut", 'fits'),
            $mark->isShort() => new PostFact(
                'Cut mark',
                "{$this->write($mark->aboveDatumLine())} above the line; the post is {$this->write(
                    $mark->cutOff()?->magnitude() ?? Length::zero(),
                )} short",
                'off',
            ),
            default => new PostFact('Cut mark', "{$this->write($mark->aboveDatumLine())} above the line"),
        };
    }

    private function plan(): PourPlan
    {
        $work = $this->site->footing->work([$this->post])[0] ?? null;
        $bag = Bag::of($this->site->plan->notation->unit, $this->site->plan->notation->system()->bag);
        [$bags, $poured] = [[], 0.0];
        foreach ($work->layers ?? [] as $i => $layer) {
            if ($layer->material === Material::Concrete && $layer->time === LayerTime::Fill) {
                $poured += $work?->volume($layer) ?? 0.0;
                $bags[$i] = $bag->forEachHole([$poured], 0.1);
            }
        }

        return new PourPlan(
            $work->layers ?? [], $work->depth ?? Length::zero(), $bags, $this->site->plan->holding->customs->mixing ?? Mixing::Before,
            $this->site->filling($this->post)->celsius(),
        );
    }

    /**
     * In words, without what the job's smallest mark doesn't show.
     *
     * @param  list<Shift>  $shifts
     */
    private function shifts(array $shifts): string
    {
        $told = array_filter($shifts, fn (Shift $part) => ! $this->site->plan->notation->round($part->amount)->isZero());

        return (string) (new Speech($this->site->plan))->list(...$told);
    }

    private function write(Length $length): string
    {
        return $this->site->plan->write($length);
    }
}
