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
use Aequus\Measure\Stored;
use Aequus\Measure\Temperature;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Posts\PostId;
use Closure;

/** A step of filling one hole, with what went in and how warm it was. */
final readonly class PostFilled implements Payload
{
    use SaysItUnderAnyPlan;

    /** Bags beyond so many times the hole's sum, and so many more, are asked about. */
    private const BAGS = [1.5, 2];

    /** Outside of these a temperature is asked about, °C. */
    private const USUAL_CELSIUS = [-15.0, 45.0];

    /**
     * @param  ?int  $bags  that went in
     * @param  ?float  $celsius  of the air, or of the concrete where it was measured
     *
     * @throws EntryRefused when bags or temperature can't be
     */
    public function __construct(public PostId $post, public FillStep $step, public ?int $bags = null, public ?float $celsius = null)
    {
        if ($bags !== null && ($bags < 0 || $bags > 500)) {
            throw EntryRefused::bagsOutOfRange();
        }
        if ($celsius !== null && ($celsius < -40 || $celsius > 60)) {
            throw EntryRefused::temperatureOutOfRange();
        }
    }

    public function posts(): array
    {
        return [$this->post];
    }

    public function questions(Known $known): array
    {
        $questions = [];
        $bags = $known->expectedBags($this->post);
        if ($this->bags !== null && $bags !== null && $this->bags > self::BAGS[0] * $bags + self::BAGS[1]) {
            $questions[] = Question::doubtful(QuestionAbout::BagsMany, 'bags', (float) $this->bags, $bags);
        }
        if ($this->celsius !== null && ($this->celsius < self::USUAL_CELSIUS[0] || $this->celsius > self::USUAL_CELSIUS[1])) {
            $questions[] = Question::doubtful(QuestionAbout::TemperatureUnusual, 'celsius', $this->celsius);
        }
        $order = match (true) {
            $this->step === FillStep::Stripped => $known->isFilled($this->post) ? null : QuestionAbout::StrippedBeforeFilled,
            $this->step !== FillStep::StillWet && ! $known->isCorrection() && $known->isFilled($this->post) => QuestionAbout::FilledAlready,
            $known->dugDepth($this->post) === null && $known->plan()->holdOf($this->post)->isDug() => QuestionAbout::FilledBeforeDug,
            ! $known->isSet($this->post) && $known->plan()->holdOf($this->post) !== Hold::Pier => QuestionAbout::FilledBeforeSet,
            default => null,
        };

        return $order === null ? $questions : [...$questions, Question::doubtful($order)];
    }

    public function stored(): array
    {
        return ['post' => $this->post->value, 'step' => $this->step->value, 'bags' => $this->bags, 'celsius' => $this->celsius];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self(
            PostId::of($stored->text('post')), $stored->case('step', FillStep::class), $stored->wholeOrNone('bags'), $stored->realOrNone('celsius'),
        );
    }

    public static function phrases(): array
    {
        return [
            new Phrase(Called::Post, 'begun', Takes::Nothing, self::stage(FillStep::Started), 'b2 begun'),
            new Phrase(Called::Post, 'filled', Takes::Anything, self::spoken(...), 'b2 filled 11 bags at {}', [Temperature::celsius(10)], 7),
            new Phrase(Called::Post, 'wet', Takes::Nothing, self::stage(FillStep::StillWet), 'b2 wet'),
            new Phrase(Called::Post, 'stripped', Takes::Nothing, self::stage(FillStep::Stripped), 'b2 stripped'),
        ];
    }

    /** @return Closure(SpokenPieces, Whom): self */
    private static function stage(FillStep $step): Closure
    {
        return fn (SpokenPieces $pieces, Whom $of): self => new self($of->post(), $step);
    }

    /** “11 bags at 54 F”, either or nothing */
    private static function spoken(SpokenPieces $pieces, Whom $of, string $said): self
    {
        if (! preg_match('/^(?:([0-9]{1,3}) bags?)? ?(?:at (.+))?$/iu', $said, $found)) {
            throw EntryRefused::lineFilled($said);
        }
        $at = ($found[2] ?? '') === '' ? null : Temperature::read($found[2], $pieces->plan->notation->unit) ?? throw EntryRefused::lineFilled($said);

        return new self($of->post(), FillStep::Done, ($found[1] ?? '') === '' ? null : (int) $found[1], $at?->celsius);
    }
}
