<?php

declare(strict_types=1);

namespace Aequus\Plan\Footing;

/** Classes of soil with their presumptive values (International Building Code, table 1806.2). A report for the site comes before them. */
enum Soil: string
{
    case Clay = 'clay';
    case Sand = 'sand';
    case SiltyOrClayeySand = 'silty_or_clayey_sand';
    case SiltyOrClayeyGravel = 'silty_or_clayey_gravel';
    case Gravel = 'gravel';
    case SandyGravelOrGravel = 'sandy_gravel_or_gravel';
    case FoliatedRock = 'foliated_rock';
    case Bedrock = 'bedrock';

    /** What it carries, lb/ft². */
    public function bearing(): float
    {
        return match ($this) {
            self::Clay => 1500.0,
            self::Sand, self::SiltyOrClayeySand, self::SiltyOrClayeyGravel => 2000.0,
            self::Gravel, self::SandyGravelOrGravel => 3000.0,
            self::FoliatedRock => 4000.0,
            self::Bedrock => 12_000.0,
        };
    }

    /** How it holds a post sideways, lb/ft² per ft of depth. */
    public function lateral(): float
    {
        return match ($this) {
            self::Clay => 100.0,
            self::Sand, self::SiltyOrClayeySand, self::SiltyOrClayeyGravel => 150.0,
            self::Gravel, self::SandyGravelOrGravel => 200.0,
            self::FoliatedRock => 400.0,
            self::Bedrock => 1200.0,
        };
    }

    /** Whether it carries less than another, so that a pad made for the other is too narrow. */
    public function isSofterThan(self $other): bool
    {
        return $this->bearing() < $other->bearing();
    }

    /** Whether nothing can be driven into it straight. */
    public function isStony(): bool
    {
        return ! in_array($this, [self::Clay, self::Sand, self::SiltyOrClayeySand], true);
    }

    /** Whether its grains do not hold together round a post. */
    public function isLoose(): bool
    {
        return $this === self::Sand || $this === self::SiltyOrClayeySand;
    }
}
