<?php

declare(strict_types=1);

namespace App\Plan;

use Aequus\Measure\Length;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Place\KeptDistance;
use Aequus\Plan\Place\SiteObject;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Site\TooNear;
use Aequus\Words\Names;

/** Something on the site, and how near the nearest face of a post comes to it; what holds the layout is among it. */
final readonly class SiteRow
{
    /** @param  ?string  $id  by which it is taken away here; null for what is changed where the layout is held */
    private function __construct(
        public string $name, public string $kind, public Length $room, public bool $isKept, public bool $holds, public ?string $id,
    ) {
    }

    /** @return list<self> what holds the layout first */
    public static function of(Plan $plan): array
    {
        $near = TooNear::things($plan);

        return [
            ...array_map(fn (FixedLine $line) => self::line($line, $plan, $near), $plan->fixedLines()),
            ...array_map(fn (SiteObject $object) => self::object($object, $plan, $near), $plan->site),
        ];
    }

    /** @param  list<string>  $near  what a post stands too near to */
    private static function line(FixedLine $line, Plan $plan, array $near): self
    {
        $kept = new KeptDistance($line, $plan->grid, $plan->sectionOf(...));

        return new self($line->name, Names::of($line->kind), $kept->room, ! in_array($line->name, $near, true), $line->binds(), null);
    }

    /** @param  list<string>  $near  what a post stands too near to */
    private static function object(SiteObject $object, Plan $plan, array $near): self
    {
        $rooms = array_map(fn (Post $post) => $object->room($post, $plan->sectionOf($post))->nanometres, $plan->grid->posts);

        return new self(
            $object->name, Names::of($object->kind), Length::nanometres(min($rooms)), ! in_array($object->name, $near, true), false, $object->id,
        );
    }
}
