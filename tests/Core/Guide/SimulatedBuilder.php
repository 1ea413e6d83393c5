<?php

declare(strict_types=1);

namespace Tests\Core\Guide;

use Aequus\Frame\Frames;
use Aequus\Guide\Guide;
use Aequus\Guide\Level\CheckGround;
use Aequus\Guide\Level\SettleHeights;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Scope;
use Aequus\Guide\Set\TakeBracesOff;
use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\Book\HandedOver;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Cut\PostCut;
use Aequus\Logbook\Cut\TopMeasured;
use Aequus\Logbook\Entry;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Frame\MembersUp;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Set\CheckRoute;
use Aequus\Logbook\Set\CrossChecked;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PointOfNoReturn;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Set\ReadyItem;
use Aequus\Logbook\Set\SeenReady;
use Aequus\Logbook\Set\TopOver;
use Aequus\Logbook\Square\BoardsUp;
use Aequus\Logbook\Square\LineReading;
use Aequus\Logbook\Square\StakeMoved;
use Aequus\Logbook\Square\StakeReading;
use Aequus\Logbook\Square\StringReading;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Layout\ChosenPlacement;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Tops\TopRules;
use Aequus\Site\Phase;
use Aequus\Site\ReadyToPour;
use Aequus\Site\SiteState;
use Aequus\Square\SurveyedBefore;
use DateTimeImmutable;
use LogicException;
use Tests\Told;

/** A builder who does exactly what the guide says, once the site is as the plan has it. Time passes only when told to wait. */
final class SimulatedBuilder
{
    /** @var list<Entry> */
    private array $entries = [];

    private ?SurveyedBefore $surveyed = null;

    private string $surveyedFrom = '';

    /** @var list<string> what was done, in order */
    public array $done = [];

    public function __construct(public Plan $plan, private string $today = '2026-05-04', Payload ...$before)
    {
        array_map($this->write(...), $before);
    }

    public function site(): SiteState
    {
        // The stakes are surveyed again only when something of them, or the plan, has changed: as the application does it.
        $ofStakes = array_filter(
            $this->entries,
            fn (Entry $entry) => $entry->payload instanceof StakeReading || $entry->payload instanceof StakeMoved
                || $entry->payload instanceof PostSet,
        );
        $stamp = spl_object_id($this->plan).'.'.count($ofStakes);
        $site = SiteState::derive($this->plan, $this->entries, $this->today, $stamp === $this->surveyedFrom ? $this->surveyed : null);
        [$this->surveyed, $this->surveyedFrom] = [$site->square->surveyed(), $stamp];

        return $site;
    }

    public function next(): ?Move
    {
        return Guide::next($this->site(), Scope::job());
    }

    public function write(Payload $payload, ?int $replaces = null): int
    {
        $sequence = count($this->entries) + 1;
        $at = new DateTimeImmutable("2026-05-04 08:00:00 UTC +{$sequence} minutes");
        $this->entries[] = new Entry($sequence, "sim-{$sequence}", $payload, 1, $at->format('Y-m-d H:i:s'), 'Tester', '', $replaces);

        return $sequence;
    }

    /** Obeys until nothing is left, at most so often. */
    public function finish(int $most = 2_000): self
    {
        return $this->until(fn (): bool => false, $most);
    }

    /**
     * Obeys until something is so, or nothing is left.
     *
     * @param  callable(SiteState): bool  $isSo
     */
    public function until(callable $isSo, int $most = 2_000): self
    {
        while (! $isSo($this->site()) && ($move = $this->next()) !== null) {
            if ($most-- === 0) {
                throw new LogicException('The guide does not come to an end: '.implode(' · ', array_slice($this->done, -6)));
            }
            // Everything is said, so that no sentence lacks a part.
            [$this->done[]] = [Told::do($move), Told::beside($move), Told::why($move)];
            $this->obey($move);
        }

        return $this;
    }

    private function obey(Move $move): void
    {
        $site = $this->site();
        $post = $move->posts[0] ?? null;
        match ($move->asks) {
            EntryKind::Notice => $this->write(new NoticeAsked($this->today, 3, '')),
            EntryKind::Tape => $this->tape($site, $move),
            EntryKind::StringOffset => $this->string($move),
            EntryKind::LineOffset => $this->write(new LineReading($post->id, $move->line->off($post->at), $move->line->id, TapeClass::Steel)),
            EntryKind::TopOver => $this->write(new TopOver($post->id, $move->number, $move->line->id)),
            EntryKind::BoardsUp => $this->write(new BoardsUp),
            EntryKind::StakeMoved => array_map(fn ($stake) => $this->write(new StakeMoved($stake->id)), $move->posts),
            EntryKind::Benchmark => $this->write(new BenchmarkChosen('sill', Length::zero())),
            EntryKind::Rod => $this->rod($site, $move),
            EntryKind::Hole => $this->write(new HoleDug($post->id, $site->footing->required($post)->holeDepth())),
            EntryKind::PostSet => $this->write(new PostSet($post->id)),
            EntryKind::Plumb => $this->plumb($site, $move),
            EntryKind::Ready => $this->write(new SeenReady($this->wantedReady($site, $post), null)),
            EntryKind::CrossChecked => $this->write(
                new CrossChecked(
                    $move->phase === Phase::Cut ? PointOfNoReturn::Cut : PointOfNoReturn::Pour, CheckRoute::OtherLevel, Length::millimetres(1),
                ),
            ),
            EntryKind::Filled => $this->write(new PostFilled($post->id, $move->is(TakeBracesOff::TakeBracesOff) ? FillStep::Stripped : FillStep::Done)),
            EntryKind::MembersUp => $this->putUp($site),
            EntryKind::Top => $this->write(new TopMeasured($post->id, $site->cut->mark($post)->aboveDatumLine()->plus(Length::millimetres(80)))),
            EntryKind::PostCut => $this->write(new PostCut($post->id)),
            EntryKind::Decision => $this->write(
                new Decision($this->about($move), str_contains($move->phase->value, 'square') ? null : $post?->id, 'agreed on site'),
            ),
            EntryKind::HandedOver => $this->write(new HandedOver('the owner', '')),
            default => $this->changePlanOrWait($move),
        };
    }

    /** Everything that is left of every frame. */
    private function putUp(SiteState $site): void
    {
        foreach (Frames::decided($site->plan, $site->log)->all as $frame) {
            foreach ($frame->pieces as $piece) {
                $this->write(new MembersUp($frame->footprint->key, $piece->layer->kind, $piece->number, $piece->number));
            }
        }
    }

    private function about(Move $move): DecisionAbout
    {
        return match ($move->phase) {
            Phase::Clear => DecisionAbout::DigByHand,
            Phase::Square => DecisionAbout::AcceptOutline,
            Phase::Level => DecisionAbout::AcceptHeights,
            Phase::Footing => DecisionAbout::KeepHolding,
            default => DecisionAbout::AcceptShortPost,
        };
    }

    private function wantedReady(SiteState $site, Post $post): ReadyItem
    {
        foreach (ReadyItem::cases() as $item) {
            if (! ReadyToPour::isSeen($site, $item, $post) && $item->isFor($site->plan->holdOf($post->id))) {
                return $item;
            }
        }
        throw new LogicException('Asked to see to what is seen to.');
    }

    private function tape(SiteState $site, Move $move): void
    {
        [$from, $to] = $move->posts;
        $earlier = null;
        foreach ($site->log->now(TapeReading::class) as $sequence => $reading) {
            $earlier = $reading->joins($from->id, $to->id) ? $sequence : $earlier;
        }
        $this->write(new TapeReading($from->id, $to->id, $from->at->distanceTo($to->at), TapeClass::Steel), $earlier);
    }

    /** Read again, a rod on flat ground 100 below the benchmark shows what its set-up’s beam wants. */
    private function rod(SiteState $site, Move $move): void
    {
        $post = $move->posts[0] ?? null;
        $second = $move->setUp === '2' || $move->is(CheckGround::ReadFromSecondToo);
        $again = $move->is(SettleHeights::ReadAgain) ? $site->log->entries[(int) SettleHeights::asksFor($site)]->payload : null;
        $this->write($again instanceof RodReading
            ? new RodReading($again->point, Length::millimetres($again->setUp === '' ? 1600 : 1300), $again->setUp)
            : new RodReading(
                $post?->id, Length::millimetres(($post === null ? 1500 : 1600 + $post->at->x->inMillimetres() / 50) - ($second ? 300 : 0)),
                $second ? '2' : '',
            ));
    }

    private function string(Move $move): void
    {
        [$post, $from, $to] = $move->posts;
        $this->write(new StringReading($post->id, $from->id, $to->id, Length::zero(), Length::zero()));
    }

    private function plumb(SiteState $site, Move $move): void
    {
        $post = $move->posts[0];
        $next = $site->standing($post)->nextFace();
        $again = array_map(fn (PlumbReading $read) => $read->face, array_values($site->standing($post)->byFace)) ?: [\Aequus\Plan\Terms\Side::MinusY];
        foreach ($next === null ? $again : [$next] as $face) {
            $this->write(PlumbReading::gap($post->id, $face, $face, Length::zero(), Length::millimetres(1200), $site->standing($post)->stageNow()));
        }
    }

    private function changePlanOrWait(Move $move): void
    {
        match ($move->phase) {
            Phase::Square => $this->plan = $this->plan->withLayout($this->plan->layout->placedBy(ChosenPlacement::FewestMoves)),
            Phase::Clear, Phase::Set => $this->today = (new DateTimeImmutable($this->today))->modify('+1 day')->format('Y-m-d'),
            Phase::Footing => $this->plan = $this->plan->withFooting(new FootingRules(
                Length::millimetres(900), Length::millimetres(100), LeastEmbedment::length(Length::millimetres(600)),
                Length::millimetres(100), Length::millimetres(100), Length::millimetres(50), DepthMode::CommonPlane,
            )),
            Phase::Cut => $this->plan = $this->plan->withTops(
                new TopRules(Length::millimetres(2300), Slope::level(), Slope::ratio(-1 / 60), Length::millimetres(1200)),
            ),
            default => throw new LogicException('Nobody knows how to obey: '.Told::do($move)),
        };
    }
}
