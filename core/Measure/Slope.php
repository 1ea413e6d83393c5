<?php

declare(strict_types=1);

namespace Aequus\Measure;

/** How far something leans or falls over a length: rise over run, without unit. */
final readonly class Slope
{
    private function __construct(public float $ratio)
    {
    }

    public static function level(): self
    {
        return new self(0.0);
    }

    public static function ratio(float $ratio): self
    {
        return new self($ratio);
    }

    /** @throws SlopeWithoutLength when the level or run has no length */
    public static function fromGap(Length $gap, Length $over): self
    {
        if (! $over->isPositive()) {
            throw SlopeWithoutLength::over($over);
        }

        return new self($gap->nanometres / $over->nanometres);
    }

    public static function fromAngle(float $radians): self
    {
        return new self(tan($radians));
    }

    public function negated(): self
    {
        return new self(-$this->ratio);
    }

    public function over(Length $run): Length
    {
        return $run->times($this->ratio);
    }
}
