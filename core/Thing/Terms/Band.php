<?php

declare(strict_types=1);

namespace Aequus\Thing\Terms;

use Aequus\Measure\Length;

/** Between two lengths, both ends included: where a rule lets a face or a height be. */
final readonly class Band
{
    /** @throws ThingRefused when it is upside down */
    public function __construct(public Length $least, public Length $most)
    {
        if ($least->isLongerThan($most)) {
            throw ThingRefused::bandUpsideDown();
        }
    }

    /** One length with a tolerance either way. */
    public static function about(Length $length, Length $tolerance): self
    {
        return new self($length->minus($tolerance), $length->plus($tolerance));
    }

    /**
     * What the plan takes: what is asked, else the middle.
     *
     * @throws ThingRefused when what is asked lies outside
     */
    public function chosen(?Length $asked): Length
    {
        if ($asked !== null && $this->where($asked) !== InBand::Within) {
            throw ThingRefused::askedOutsideTheBand($this->least, $this->most);
        }

        return $asked ?? $this->least->plus($this->most)->half();
    }

    public function where(Length $length): InBand
    {
        return match (true) {
            $length->isShorterThan($this->least) => InBand::Below,
            $length->isLongerThan($this->most) => InBand::Above,
            default => InBand::Within,
        };
    }

    /** The least change that brings a length inside; zero where it is. */
    public function change(Length $length): Length
    {
        return match ($this->where($length)) {
            InBand::Below => $this->least->minus($length),
            InBand::Above => $this->most->minus($length),
            InBand::Within => Length::zero(),
        };
    }
}
