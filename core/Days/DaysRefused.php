<?php

declare(strict_types=1);

namespace Aequus\Days;

use Aequus\Fact\Fact;
use Aequus\Measure\Refusal;

/** Days that can’t be counted or planned so. */
final class DaysRefused extends Refusal
{
    public static function noticeOfNoDay(): self
    {
        return new self(Fact::of(DaysRefusal::NoticeOfNoDay));
    }

    public static function leastAboveGreatest(): self
    {
        return new self(Fact::of(DaysRefusal::LeastAboveGreatest));
    }

    public static function notWithinTheDaysKnown(string $work): self
    {
        return new self(Fact::of(DaysRefusal::NotWithinTheDaysKnown, work: $work));
    }

    public static function needsWhatComesLater(string $work, string $needed): self
    {
        return new self(Fact::of(DaysRefusal::NeedsWhatComesLater, work: $work, needed: $needed));
    }

    public static function morePeopleThanThereAre(string $work): self
    {
        return new self(Fact::of(DaysRefusal::MorePeopleThanThereAre, work: $work));
    }

    public static function withoutRate(string $work): self
    {
        return new self(Fact::of(DaysRefusal::WithoutRate, work: $work));
    }
}
