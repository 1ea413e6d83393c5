<?php

declare(strict_types=1);

namespace Aequus\Square;

use Aequus\Adjust\GrossErrors\FarFromPlan;
use Aequus\Adjust\Placement\PlacedStake;
use Aequus\Adjust\Placement\StakeVerdict;
use Aequus\Logbook\Log;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Square\StakeMoved;
use Aequus\Logbook\Square\StakeReading;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\Point;
use Aequus\Square\Network\PlanNetwork;
use Aequus\Square\Readings\JudgedReading;
use Aequus\Square\Readings\KeptOffset;
use Aequus\Square\Readings\TakenReading;
use Aequus\Square\Readings\TakenReadings;
use Aequus\Square\Readings\Taped;
use Aequus\Square\Readings\Wanted;
use Aequus\Square\Readings\WantedReadings;
use Generator;

/** What was read between the stakes of one plan, what it says, and what is still to be read. */
final readonly class Layout
{
    /** @var list<Wanted> the readings that prove this layout, in walking order */
    public array $wanted;

    public TakenReadings $taken;

    public Survey $survey;

    /** Two readings tell where a moved stake stands, the third checks them. */
    private const PROVE_A_MOVE = 3;

    /** Only where no more than one stake in so many was moved: the others still check each other. */
    private const FEW_MOVED = 4;

    /** The share of its own mistake that others must show before a reading counts as checked there. */
    private const CHECKED = 0.15;

    /** Null where the outline has no four standing corners. */
    public ?Outline $outline;

    /** @var list<Wanted> */
    private array $unread;

    /** Stakes before the boards; null where they are proved on their own, or the boards stand. */
    public ?RoughStage $rough;

    /** @var list<Post> set, so that they can’t move any more */
    public array $held;

    /**
     * @param  ByPost<Length>  $ground  heights, where it was levelled: for tapes that lay along it
     * @param  ?SurveyedBefore  $before  what was worked out before from the same plan and logbook
     */
    public function __construct(private Plan $plan, Log $log, ByPost $ground, ?SurveyedBefore $before = null)
    {
        $set = $log->newest(PostSet::class);
        $this->held = array_values(array_filter($plan->grid->posts, fn (Post $post) => isset($set[$post])));
        $this->taken = new TakenReadings($plan, $log, $ground);
        $this->rough = RoughStage::of($plan, $log, $this->taken);
        $this->wanted = $this->rough->wanted ?? $before->wanted ?? WantedReadings::of($plan);
        // Rough stakes are judged by their few tapes alone: nothing is adjusted, nobody is accused.
        $this->survey = $before->survey ?? Survey::of(
            new PlanNetwork($plan), $this->rough === null ? $this->taken : new TakenReadings($plan, new Log([]), ByPost::none()),
            array_map(fn (Post $post) => $post->id->value, $this->held),
        );
        $corners = $plan->grid->corners();
        $this->unread = $this->stillToRead($log);
        $this->outline = $corners === null ? null : new Outline($corners, $this->taken);
    }

    /** How far a distance may be from what the plan has for it before it is asked about, told from what was taped so far. */
    public function farBeyond(Length $planned): Length
    {
        $network = new PlanNetwork($this->plan);
        // Where stakes are only set roughly nothing is adjusted, and no survey has looked for it.
        $far = $this->rough === null ? $this->survey->far
            : new FarFromPlan(array_values($this->taken->readings), $network->design, $network->guesses(), $this->taken->confirmed);

        return Length::millimetres($far->bound($planned->inMillimetres()));
    }

    public function surveyed(): SurveyedBefore
    {
        return new SurveyedBefore($this->wanted, $this->survey);
    }

    /** What follows from the plan alone; null while stakes are only set roughly, when that list was not needed. */
    public function listed(): ?SurveyedBefore
    {
        return $this->rough === null ? new SurveyedBefore($this->wanted, null) : null;
    }

    /** @return list<Wanted> still to be read, in walking order; none where what was read proves the layout without the rest */
    public function unread(): array
    {
        return $this->unread;
    }

    /** @return list<Wanted> */
    private function stillToRead(Log $log): array
    {
        $unread = array_values(array_filter($this->wanted, fn (Wanted $wanted) => ! $this->taken->has($wanted)));
        $proved = $this->survey->placed?->verdict === StakeVerdict::Within && ! $this->survey->isInDoubt() && $this->unproved() === []
            && ($this->survey->mistakes->dropped ?? []) === [];
        $needed = array_values(array_filter($unread, fn (Wanted $wanted) => ! in_array($wanted->key(), $this->plan->layout->spared, true)));
        if ($needed !== [] || ($proved && $this->everyReadingIsChecked())) {
            $unread = $needed;
        }
        $moved = $log->newest(StakeMoved::class);
        // Once a post is set the stakes are gone: what was not needed before is not asked for then.
        if ($unread === [] || ! ($proved || $this->held !== []) || self::FEW_MOVED * count($moved) > count($this->plan->grid->posts)) {
            return $unread;
        }
        $checked = ByPost::grouped($this->checked($log));
        $isSpared = fn (Wanted $wanted): bool => array_filter(
            $wanted->posts(), fn (Post $post) => isset($moved[$post]) && count($checked[$post] ?? []) >= self::PROVE_A_MOVE,
        ) !== [];

        return array_filter($unread, fn (Wanted $wanted) => ! $isSpared($wanted)) === [] ? [] : $unread;
    }

    /** @return Generator<PostId, int> readings that the others check, by each post they speak of */
    private function checked(Log $log): Generator
    {
        foreach ($log->counting as $sequence => $entry) {
            if ($entry->payload instanceof StakeReading && ($this->survey->judged[TakenReadings::id($sequence)]->checked ?? 0.0) >= self::CHECKED) {
                foreach ($entry->payload->posts() as $post) {
                    yield $post => $sequence;
                }
            }
        }
    }

    private function everyReadingIsChecked(): bool
    {
        return array_filter($this->survey->judged, fn (JudgedReading $judged) => $judged->checked < Proof::STILL_CHECKED) === [];
    }

    /** @return list<Post> stakes whose place no reading determines */
    public function unproved(): array
    {
        $known = array_flip($this->survey->known);

        return count($this->plan->grid->posts) < 2 ? [] : array_values(
            array_filter($this->plan->grid->posts, fn (Post $post) => ! isset($known[$post->id->value])),
        );
    }

    /** @return list<Taped> read more than once, further apart than the tape explains, where no network judges it */
    public function readTwiceApart(): array
    {
        return $this->rough !== null ? [] : array_values(array_filter($this->taken->taped, fn (Taped $taped) => $taped->disagreesWithItself()
            && ! isset($this->survey->judged[TakenReadings::id((int) array_key_first($taped->readings))])
            && $this->survey->mistakes?->drops(TakenReadings::id((int) array_key_first($taped->readings))) === null));
    }

    /** @return list<TakenReading> tapes and offsets of which nothing is believed: all that was read of them stands alone against the others */
    public function leftOut(): array
    {
        if (($this->survey->mistakes->dropped ?? []) === []) {
            return [];
        }

        return array_values(array_filter($this->taken->all(), fn (TakenReading $taken) => array_filter(
            $taken->sequences, fn (int $sequence) => $this->survey->mistakes?->drops(TakenReadings::id($sequence)) === null,
        ) === []));
    }

    /** @return list<TakenReading> those left out that were read only once */
    public function toReadAgain(): array
    {
        return array_values(array_filter($this->leftOut(), fn (TakenReading $taken) => ! $taken->wasReadAgain()));
    }

    /** @return list<TakenReading> with a reading in doubt, read only once: tapes longest first, then offsets, the order to read them again in */
    public function doubtful(): array
    {
        $doubtful = array_values(array_filter($this->taken->all(), fn (TakenReading $taken) => ! $taken->wasReadAgain()
            && array_filter(
                $taken->sequences, fn (int $sequence) => $this->survey->mistakes?->accuses(TakenReadings::id($sequence)) ?? false,
            ) !== []));
        usort($doubtful, fn (TakenReading $one, TakenReading $other) => [$other->wanted->isTape(), $other->reads->magnitude()->nanometres]
            <=> [$one->wanted->isTape(), $one->reads->magnitude()->nanometres]);

        return $doubtful;
    }

    public function verdict(): SquareVerdict
    {
        $survey = $this->survey;

        return match (true) {
            count($this->plan->grid->posts) < 2 => SquareVerdict::OnePost,
            $this->taken->readings === [] => SquareVerdict::NothingRead,
            $this->rough !== null => match (true) {
                $this->unread() !== [] => SquareVerdict::ReadingsMissing,
                $this->rough->off() !== [] => SquareVerdict::RoughOff,
                default => SquareVerdict::Rough,
            },
            $survey->far->inAnotherUnit !== null => SquareVerdict::AnotherUnit,
            $survey->far->setAside !== [] => SquareVerdict::FarFromPlan,
            $survey->unsettled !== [] => SquareVerdict::NoRest,
            $this->unread() !== [] => SquareVerdict::ReadingsMissing,
            $survey->conflict !== null && $survey->conflict->comesFirst => SquareVerdict::LinesContradict,
            $survey->isInDoubt() => SquareVerdict::InDoubt,
            $survey->linesInConflict() !== [] => SquareVerdict::LinesContradict,
            $survey->mistakes !== null && $survey->mistakes->rougherThanClass => SquareVerdict::RougherThanClass,
            $this->toMove() !== [] => SquareVerdict::Out,
            $survey->placed !== null && $survey->placed->designHasToGive => SquareVerdict::DesignHasToGive,
            $this->isAgainstTheLine() => SquareVerdict::AgainstTheLine,
            $this->unproved() !== [], $survey->placed === null, ! $this->isHeldByItsLines() => SquareVerdict::ReadingsMissing,
            $survey->placed->verdict === StakeVerdict::CannotTell => SquareVerdict::CannotTell,
            default => SquareVerdict::Within,
        };
    }

    /** Whether the stakes, however they are judged, lie turned against a line that holds the layout, or too near or far. */
    public function isAgainstTheLine(): bool
    {
        return $this->survey->against !== null && ($this->survey->against->isOutOfParallel() || $this->survey->against->isOffPlace());
    }

    /** Whether every line that the grid is to run parallel to was read. */
    private function isHeldByItsLines(): bool
    {
        return $this->plan->layout->fixedLines === [] || ($this->survey->placed !== null && ! ($this->survey->placed->lines?->nothing() ?? true));
    }

    /** @return list<KeptOffset> what was read from lines that only a distance is kept from */
    public function keptOffsets(): array
    {
        $kept = [];
        foreach ($this->taken->keeping as $offset) {
            [$line, $post] = [$this->plan->fixedLine($offset->line), $this->plan->grid->find($offset->post)];
            if ($line !== null && $post !== null) {
                $side = $line->off($post->at)->isNegative() ? -1 : 1;
                $foot = new Point($post->at->x->plus($line->to->y->minus($line->from->y)), $post->at->y->minus($line->to->x->minus($line->from->x)));
                $kept[] = new KeptOffset($line, $post, $offset->off->times($side)->minus($this->plan->sectionOf($post)->toward($post->at, $foot)));
            }
        }

        return $kept;
    }

    /** @return list<PlacedStake> stakes that are out and can still be moved */
    public function toMove(): array
    {
        $held = array_flip(array_map(fn (Post $post) => $post->id->value, $this->held));

        return array_values(array_filter($this->survey->placed?->out() ?? [], fn (PlacedStake $stake) => ! isset($held[$stake->name])));
    }

    /** Whether every stake is proved to stand within the tolerance, or nothing is left to prove. */
    public function holds(): bool
    {
        return in_array($this->verdict(), [SquareVerdict::Within, SquareVerdict::OnePost], true) && $this->toReadAgain() === [];
    }
}
