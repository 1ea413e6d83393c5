<?php

declare(strict_types=1);

namespace Aequus\Logbook\Square;

use Aequus\Logbook\Kind\Called;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Known;
use Aequus\Logbook\Kind\Phrase;
use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Logbook\Kind\SaysItUnderAnyPlan;
use Aequus\Logbook\Kind\SpokenPieces;
use Aequus\Logbook\Kind\Takes;
use Aequus\Logbook\Kind\Whom;
use Aequus\Measure\Length;
use Aequus\Measure\Stored;
use Aequus\Measure\TapeClass;
use Aequus\Measure\TapeConditions;
use Aequus\Plan\Posts\PostId;

/** What a tape read between two stakes, and how it was held. */
final readonly class TapeReading implements StakeReading
{
    use SaysItUnderAnyPlan;

    /** A tape nobody said the length of is not longer than this, mm. */
    private const LONGEST_TAPE = 200_000.0;

    /** A length along a slope of 1 in 2 over its level length, √5 / 2. */
    private const STEEPEST = 1.118;

    /**
     * @param  Length  $distance  as the tape showed it
     * @param  string  $name  which of several tapes; empty for the job’s own
     * @param  ?Length  $rise  from one stake to the other where the tape lay along the ground; null to take it from the levels
     * @param  ?TapeConditions  $conditions  what else makes the tape lie; null where nothing was noted
     *
     * @throws EntryRefused when it is one stake twice, or the distance is not above zero
     */
    public function __construct(
        public PostId $from,
        public PostId $to,
        public Length $distance,
        public TapeClass $tape,
        public string $name = '',
        public TapeLay $lay = TapeLay::Level,
        public ?Length $rise = null,
        public ?TapeConditions $conditions = null,
    ) {
        if ($from->equals($to)) {
            throw EntryRefused::sameStakeTwice();
        }
        if (! $distance->isPositive()) {
            throw EntryRefused::distanceNotPositive();
        }
    }

    public function joins(PostId $one, PostId $other): bool
    {
        return ($this->from->equals($one) && $this->to->equals($other)) || ($this->from->equals($other) && $this->to->equals($one));
    }

    public function posts(): array
    {
        return [$this->from, $this->to];
    }

    public function questions(Known $known): array
    {
        $plan = $known->plan();
        $longest = $plan->layout->reach ?? Length::millimetres(self::LONGEST_TAPE);
        [$one, $other] = [$plan->grid->find($this->from), $plan->grid->find($this->to)];
        if ($one === null || $other === null) {
            return [];
        }
        $planned = $one->at->distanceTo($other->at);
        $misfit = $this->misfit($planned->inMillimetres());
        $guesses = fn (): array => $known->guesses()->ofFigure(
            $this->distance->inMillimetres(), $planned->inMillimetres(), max(3.0, 3 * $this->tape->sigma($planned)),
        );

        return match (true) {
            $this->distance->isLongerThan($longest) => [
                Question::impossible(QuestionAbout::LongerThanTheTape, 'distance', $this->distance, $longest, $guesses()),
            ],
            $misfit > $known->farBeyond($planned)->inMillimetres() => [
                Question::doubtful(QuestionAbout::TapeFarFromPlan, 'distance', $this->distance, $planned, $guesses()),
            ],
            default => [],
        };
    }

    /**
     * How far the planned distance lies, mm, from what the tape can mean: laid along the ground with no rise told, all that a slope of up to 1
     * in 2 leaves of it.
     */
    private function misfit(float $planned): float
    {
        $read = $this->distance->inMillimetres();
        $level = $this->rise === null ? $read : sqrt(max(0.0, $read ** 2 - $this->rise->inMillimetres() ** 2));
        $least = $this->lay === TapeLay::Level || $this->rise !== null ? $level : $read / self::STEEPEST;

        return max(0.0, $planned - $level, $least - $planned);
    }

    public function stored(): array
    {
        $held = $this->conditions;

        return [
            'from' => $this->from->value, 'to' => $this->to->value, 'distance' => $this->distance->nanometres, 'tape' => $this->tape->value,
            'name' => $this->name, 'lay' => $this->lay->value, 'rise' => $this->rise?->nanometres,
            'conditions' => $held === null ? null : ['celsius' => $held->celsius, 'newtons' => $held->newtons, 'hangs_whole' => $held->hangsWhole],
        ];
    }

    /** Version 1 knew one tape, held level, with nothing noted about it. */
    public static function fromStored(Stored $stored): self
    {
        $held = $stored->inOrNone('conditions');

        return new self(
            PostId::of($stored->text('from')), PostId::of($stored->text('to')), $stored->length('distance'), $stored->case('tape', TapeClass::class),
            $stored->text('name', ''), $stored->case('lay', TapeLay::class, TapeLay::Level), $stored->lengthOrNone('rise'),
            $held === null ? null : new TapeConditions(
                $held->realOrNone('celsius'), $held->realOrNone('newtons'), hangsWhole: $held->isSo('hangs_whole'),
            ),
        );
    }

    public static function phrases(): array
    {
        return [
            new Phrase(
                Called::Pair, '', Takes::Something,
                fn (SpokenPieces $pieces, Whom $of, string $said) => new self(...[...$of->two(), $pieces->length($said), $pieces->tape]),
                'a1-c3 {}', [[11_230, 442.25]],
            ),
        ];
    }
}
