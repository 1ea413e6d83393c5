<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

use Aequus\Logbook\Kind\Called;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Known;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Phrase;
use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Logbook\Kind\SaysItUnderAnyPlan;
use Aequus\Logbook\Kind\SpokenPieces;
use Aequus\Logbook\Kind\Takes;
use Aequus\Logbook\Kind\Whom;
use Aequus\Measure\Length;
use Aequus\Measure\Stored;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Posts\PostId;
use Closure;

/** A tape between two standing posts, centre to centre, or from one to a line that will not move; at the ground or at their tops. */
final readonly class SpacingRead implements Payload
{
    use SaysItUnderAnyPlan;

    /**
     * @param  ?PostId  $to  null for a fixed line
     * @param  string  $line  that line by its id in the plan
     *
     * @throws EntryRefused when it is no distance between two posts
     */
    public function __construct(
        public PostId $from, public ?PostId $to, public SpacingAt $at, public Length $distance, public string $line = FixedLine::FIRST_ID,
    ) {
        if ($to !== null && $from->equals($to)) {
            throw EntryRefused::sameStakeTwice();
        }
        if (! $distance->isPositive()) {
            throw EntryRefused::distanceNotPositive();
        }
    }

    public function posts(): array
    {
        return $this->to === null ? [$this->from] : [$this->from, $this->to];
    }

    public function questions(Known $known): array
    {
        $plan = $known->plan();
        [$from, $to, $line] = [
            $plan->grid->find($this->from), $this->to === null ? null : $plan->grid->find($this->to), $plan->fixedLine($this->line),
        ];
        $planned = match (true) {
            $from !== null && $to !== null => $from->at->distanceTo($to->at),
            $from !== null && $this->to === null && $line !== null => $line->off($from->at)->magnitude(),
            default => null,
        };

        $far = $planned !== null && $this->distance->minus($planned)->magnitude()->isLongerThan($known->farBeyond($planned))
            ? [
                Question::doubtful(
                    QuestionAbout::SpacingFarFromPlan, 'spacing', $this->distance, $planned,
                    $known->guesses()->ofFigure($this->distance->inMillimetres(), $planned->inMillimetres(), 9.0),
                ),
            ] : [];

        return [...$far, ...Question::unlessSet($known, ...$this->posts())];
    }

    public function stored(): array
    {
        return [
            'from' => $this->from->value, 'to' => $this->to?->value, 'at' => $this->at->value, 'distance' => $this->distance->nanometres,
            'line' => $this->line,
        ];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self(
            PostId::of($stored->text('from')), PostId::orNone($stored->textOrNone('to')), $stored->case('at', SpacingAt::class),
            $stored->length('distance'), $stored->text('line', FixedLine::FIRST_ID),
        );
    }

    public static function phrases(): array
    {
        return [
            new Phrase(Called::Pair, 'top', Takes::Something, self::spoken(SpacingAt::Top), 'a1-b1 top {}', [[2440, 96.125]]),
            new Phrase(Called::Pair, 'tops', Takes::Something, self::spoken(SpacingAt::Top)),
            new Phrase(Called::Pair, 'ground', Takes::Something, self::spoken(SpacingAt::Ground)),
        ];
    }

    /** @return Closure(SpokenPieces, Whom, string): self */
    private static function spoken(SpacingAt $at): Closure
    {
        return function (SpokenPieces $pieces, Whom $of, string $said) use ($at): self {
            [$from, $to] = $of->two();

            return new self($from, $to, $at, $pieces->length($said));
        };
    }
}
