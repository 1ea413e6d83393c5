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
use Aequus\Plan\Posts\PostId;

/** How far a stake stands off a string that runs between two others. */
final readonly class StringReading implements StakeReading
{
    use SaysItUnderAnyPlan;

    /**
     * @param  Length  $off  left of the way from the first stake to the second positive
     * @param  Length  $run  how far the string itself ran off the line through those two stakes, left positive
     *
     * @throws EntryRefused when the stake holds the string itself, or both ends are one stake
     */
    public function __construct(
        public PostId $post,
        public PostId $from,
        public PostId $to,
        public Length $off,
        public Length $run,
    ) {
        if ($from->equals($to)) {
            throw EntryRefused::sameStakeTwice();
        }
        if ($post->equals($from) || $post->equals($to)) {
            throw EntryRefused::stakeHoldsTheString();
        }
    }

    /** Off the line through the two stakes. */
    public function offLine(): Length
    {
        return $this->off->plus($this->run);
    }

    public function posts(): array
    {
        return [$this->post, $this->from, $this->to];
    }

    public function questions(Known $known): array
    {
        return $this->offLine()->magnitude()->isLongerThan($known->farBeyond(Length::zero()))
            ? [
                Question::doubtful(
                    QuestionAbout::OffsetFarFromPlan, 'off', $this->offLine()->magnitude(), Length::zero(),
                    $known->guesses()->ofMisfit($this->offLine()->inMillimetres(), 6.0),
                ),
            ] : [];
    }

    public function stored(): array
    {
        return [
            'post' => $this->post->value, 'from' => $this->from->value, 'to' => $this->to->value, 'off' => $this->off->nanometres,
            'run' => $this->run->nanometres,
        ];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self(
            PostId::of($stored->text('post')), PostId::of($stored->text('from')), PostId::of($stored->text('to')), $stored->length('off'),
            $stored->length('run'),
        );
    }

    public static function phrases(): array
    {
        return [
            new Phrase(
                Called::Post, 'off', Takes::Something, self::spoken(...), 'b2 off a2-c2 {} lane', [[5, 0.1875]],
                sidesAfter: SpokenPieces::LABEL.' ?- ?'.SpokenPieces::LABEL.' [^a-z]+',
            ),
        ];
    }

    /** “a2-c2 3/16 lane”, or “a2-c2 0” for one that touches; null where it is a fixed line that is named */
    private static function spoken(SpokenPieces $pieces, Whom $of, string $said): ?self
    {
        $label = SpokenPieces::LABEL;
        if ($pieces->lineNamed($said) !== null) {
            return null;
        }
        if (! preg_match("/^({$label}) ?- ?({$label}) (.+)$/iu", $said, $found)) {
            throw EntryRefused::lineOffString($pieces->gap(), $pieces->sideNames());
        }
        [$from, $to] = [$pieces->plan->grid->labelled($found[1]), $pieces->plan->grid->labelled($found[2])];
        $post = $of->post();
        if (trim($found[3]) === '0') {
            return new self($post, $from->id, $to->id, Length::zero(), $pieces->plan->stringRun($from, $to));
        }
        [$much, $toward] = $pieces->toward($found[3]);

        return new self(
            $post, $from->id, $to->id, $pieces->length($much)->times($toward->leftOf($from->at, $to->at) ?: throw EntryRefused::sideAlongTheString()),
            $pieces->plan->stringRun($from, $to),
        );
    }
}
