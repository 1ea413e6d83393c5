<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Measure\Guesses;
use Aequus\Measure\Length;
use Aequus\Plan\PostId;

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

    public function kind(): EntryKind
    {
        return EntryKind::Rod;
    }

    public function posts(): array
    {
        return $this->point->post === null ? [] : [$this->point->post];
    }

    public function questions(Known $known): array
    {
        $expected = $known->expectedRod($this->point, $this->setUp);
        $guesses = fn (): array => $expected === null ? [] : Guesses::of($known->plan()->notation->unit)->ofFigure($this->rod->inMillimetres(), $expected->inMillimetres(), 30.0);

        return match (true) {
            $this->rod->isNegative() => [Question::impossible(QuestionAbout::RodBelowZero, 'rod', $this->rod)],
            $this->rod->inMillimetres() > self::STAFF => [Question::impossible(QuestionAbout::RodBeyondStaff, 'rod', $this->rod, Length::millimetres(self::STAFF), $guesses())],
            $expected !== null && $this->rod->minus($expected)->magnitude()->inMillimetres() >= self::FAR => [Question::doubtful(QuestionAbout::RodFarFromGround, 'rod', $this->rod, $expected, $guesses())],
            default => [],
        };
    }

    public function stored(): array
    {
        return ['point' => $this->point->stored(), 'rod' => $this->rod->nanometres, 'set_up' => $this->setUp, 'distance' => $this->distance?->nanometres];
    }

    public static function fromStored(array $stored): self
    {
        return isset($stored['point'])
            ? new self(LevelPoint::fromStored($stored['point']), Length::nanometres($stored['rod']), $stored['set_up'], $stored['distance'] === null ? null : Length::nanometres($stored['distance']))
            : new self(isset($stored['post']) ? PostId::of($stored['post']) : null, Length::nanometres($stored['rod']));
    }
}
