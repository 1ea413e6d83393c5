<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

/** When braces come off. The bag’s label and cold weather come before it. */
enum BracesOff: string implements Custom
{
    case Day = 'day';
    case Night = 'night';
    case Hour = 'hour';
    case Minutes = 'minutes';

    public function suits(): string
    {
        return match ($this) {
            self::Day => 'concrete in cool weather, tall posts, wind',
            self::Night => 'concrete in summer, posts that carry nothing yet',
            self::Hour => 'quick-setting bags, tamped gravel or earth',
            self::Minutes => 'foam',
        };
    }

    public function speaksAgainst(): string
    {
        return match ($this) {
            self::Day => 'as many braces as posts',
            self::Night => 'green concrete cracks when a post is leant on',
            self::Hour => 'a label’s hour is for warm weather; a surface still wet says no',
            self::Minutes => 'only what its label says, at its temperature',
        };
    }
}
