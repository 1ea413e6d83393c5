<?php

declare(strict_types=1);

namespace Aequus\Logbook\Level;

use Aequus\Logbook\Kind\Called;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Known;
use Aequus\Logbook\Kind\LevelPoint;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Phrase;
use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Logbook\Kind\SaysItUnderAnyPlan;
use Aequus\Logbook\Kind\SpokenPieces;
use Aequus\Logbook\Kind\Takes;
use Aequus\Logbook\Kind\Whom;
use Aequus\Measure\Guesses;
use Aequus\Measure\Length;
use Aequus\Measure\Stored;
use Aequus\Plan\Posts\PostFeature;
use Aequus\Plan\Posts\PostId;
use Closure;

/** What a laser or optical level reads on the rod, from one set-up of it. */
final readonly class RodReading implements Payload
{
    use SaysItUnderAnyPlan;

    /** The longest staff, mm. */
    private const STAFF = 5_000.0;

    /** Ground so far from what is known is asked about, mm. */
    private const FAR = 1_000.0;

    public LevelPoint $point;

    /**
     * @param  LevelPoint|PostId|null  $on  where the rod stands; a post’s id for its ground, null for the benchmark
     * @param  string  $setUp  name of the set-up; empty for the first
     * @param  ?Length  $distance  from the instrument, where it is known
     *
     * @throws EntryRefused when the rod reads less than nothing, or the distance is not above zero
     */
    public function __construct(LevelPoint|PostId|null $on, public Length $rod, public string $setUp = '', public ?Length $distance = null)
    {
        $this->point = match (true) {
            $on === null => LevelPoint::benchmark(),
            $on instanceof PostId => LevelPoint::of($on),
            default => $on,
        };
        if ($rod->isNegative()) {
            throw EntryRefused::rodNegative();
        }
        if ($distance !== null && ! $distance->isPositive()) {
            throw EntryRefused::distanceNotPositive();
        }
    }

    public function posts(): array
    {
        return $this->point->post === null ? [] : [$this->point->post];
    }

    public function questions(Known $known): array
    {
        $expected = $known->expectedRod($this->point, $this->setUp);
        $guesses = fn (): array => $expected === null ? [] : Guesses::of($known->plan()->notation->unit)->ofFigure(
            $this->rod->inMillimetres(), $expected->inMillimetres(), 30.0,
        );

        return match (true) {
            $this->rod->isNegative() => [Question::impossible(QuestionAbout::RodBelowZero, 'rod', $this->rod)],
            $this->rod->inMillimetres() > self::STAFF => [
                Question::impossible(QuestionAbout::RodBeyondStaff, 'rod', $this->rod, Length::millimetres(self::STAFF), $guesses()),
            ],
            $expected !== null && $this->rod->minus($expected)->magnitude()->inMillimetres() >= self::FAR => [
                Question::doubtful(QuestionAbout::RodFarFromGround, 'rod', $this->rod, $expected, $guesses()),
            ],
            default => [],
        };
    }

    public function stored(): array
    {
        return [
            'point' => $this->point->stored(), 'rod' => $this->rod->nanometres, 'set_up' => $this->setUp, 'distance' => $this->distance?->nanometres,
        ];
    }

    public static function fromStored(Stored $stored): self
    {
        return $stored->has('point')
            ? new self(
                LevelPoint::fromStored($stored->in('point')), $stored->length('rod'), $stored->text('set_up'), $stored->lengthOrNone('distance'),
            )
            : new self(PostId::orNone($stored->textOrNone('post')), $stored->length('rod'));
    }

    public static function phrases(): array
    {
        return [
            new Phrase(Called::Post, 'rod', Takes::Something, self::spoken(PostFeature::Ground), 'b2 rod {}', [[1295, 51]], place: 3),
            new Phrase(Called::Job, 'bench rod', Takes::Something, self::spoken(null), 'bench rod {}', [[1295, 51]]),
            new Phrase(Called::Job, 'benchmark rod', Takes::Something, self::spoken(null)),
            ...array_map(fn (PostFeature $feature) => new Phrase(
                Called::Post, "{$feature->spoken()} rod", Takes::Something, self::spoken($feature),
                ...($feature === PostFeature::Seat ? ['b2 seat rod {} from 2', [[485, 19]]] : []),
            ), PostFeature::cases()),
        ];
    }

    /** @return Closure(SpokenPieces, Whom, string): self “4' 3 from 2 at 60'”: what it reads, from which set-up, how far from the instrument */
    private static function spoken(?PostFeature $on): Closure
    {
        return function (SpokenPieces $pieces, Whom $of, string $said) use ($on): self {
            preg_match('/^(.+?)(?: from (?:set-up )?(\S+))?(?: at (.+))?$/iu', $said, $found);

            return new self(
                $on === null ? LevelPoint::benchmark() : LevelPoint::of($of->post(), $on),
                $pieces->length($found[1] ?? ''), $found[2] ?? '', ($found[3] ?? '') === '' ? null : $pieces->length($found[3]),
            );
        };
    }
}
