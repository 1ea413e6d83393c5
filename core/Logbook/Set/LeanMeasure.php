<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Measure\Stored;

/** How far out of plumb a face was read, and how: a reading means nothing without the length it was taken over. */
final readonly class LeanMeasure
{
    /** No post stands that leans one in two. */
    private const STEEPEST = 0.5;

    /** Standard deviation of a phone’s lean, rise over run: held once, and held twice, turned over between. */
    public const PHONE_ONCE = 0.002;

    public const PHONE_TWICE = 0.001;

    /**
     * @param  Slope  $slope  rise over run, never below zero
     * @param  ?Length  $off  of a gap or a bob
     * @param  ?Length  $over  length of the level, height of the bob; null for an angle
     * @param  float  $sigma  standard deviation where it was read too roughly to be taken as it is, rise over run; else zero
     */
    private function __construct(
        public LeanWay $way,
        public Slope $slope,
        public ?Length $off = null,
        public ?Length $over = null,
        public ?float $degrees = null,
        public ?Bubble $bubble = null,
        public float $sigma = 0.0,
    ) {
        if ($slope->ratio > self::STEEPEST) {
            throw EntryRefused::leanImpossible();
        }
    }

    /** @throws EntryRefused when the level has no length or the gap does not fit under it */
    public static function gap(Length $gap, Length $level): self
    {
        if (! $level->isPositive()) {
            throw EntryRefused::levelWithoutLength();
        }
        if ($gap->isNegative() || $gap->isLongerThan($level)) {
            throw EntryRefused::gapOutOfRange();
        }

        return new self(LeanWay::Gap, Slope::fromGap($gap, $level), $gap, $level);
    }

    /** @throws EntryRefused when the bob hangs from no height */
    public static function bob(Length $off, Length $height): self
    {
        if (! $height->isPositive() || $off->isNegative()) {
            throw EntryRefused::bobWithoutHeight();
        }

        return new self(LeanWay::Bob, Slope::fromGap($off, $height), $off, $height);
    }

    /** @throws EntryRefused when it is no lean of a post */
    public static function angle(float $degrees): self
    {
        if ($degrees < 0 || $degrees >= 45) {
            throw EntryRefused::leanImpossible();
        }

        return new self(LeanWay::Angle, Slope::fromAngle(deg2rad($degrees)), degrees: $degrees);
    }

    /**
     * By a phone held with its long edge on the face.
     *
     * @param  ?float  $sigma  rise over run, where somebody knows his phone; null as usual
     *
     * @throws EntryRefused when it is no lean of a post
     */
    public static function phone(float $degrees, bool $turnedOver, ?float $sigma = null): self
    {
        if ($degrees < 0 || $degrees >= 45) {
            throw EntryRefused::leanImpossible();
        }

        return new self(
            LeanWay::Phone, Slope::fromAngle(deg2rad($degrees)), degrees: $degrees,
            sigma: $sigma ?? ($turnedOver ? self::PHONE_TWICE : self::PHONE_ONCE),
        );
    }

    /**
     * @param  float  $levelFigure  rise over run that brings the bubble to the line, as a shim test told
     * @param  Length  $level  its length
     */
    public static function bubble(Bubble $bubble, Length $level, float $levelFigure = Bubble::USUAL_FIGURE): self
    {
        return new self(LeanWay::Bubble, $bubble->slope($levelFigure), null, $level, bubble: $bubble);
    }

    public function isPlumb(): bool
    {
        return $this->slope->ratio === 0.0;
    }

    /** @return array<string, mixed> */
    public function stored(): array
    {
        return [
            'way' => $this->way->value, 'slope' => $this->slope->ratio, 'off' => $this->off?->nanometres, 'over' => $this->over?->nanometres,
            'degrees' => $this->degrees, 'bubble' => $this->bubble?->value, 'sigma' => $this->sigma,
        ];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self(
            $stored->case('way', LeanWay::class), Slope::ratio($stored->real('slope')), $stored->lengthOrNone('off'), $stored->lengthOrNone('over'),
            $stored->realOrNone('degrees'), $stored->caseOrNone('bubble', Bubble::class), $stored->realOrNone('sigma') ?? 0.0,
        );
    }
}
