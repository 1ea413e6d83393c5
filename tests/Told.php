<?php

declare(strict_types=1);

namespace Tests;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Plan\Plan;
use Aequus\Words\Speech;

/** Facts as somebody on site would hear them. */
final class Told
{
    public static function do(?Move $move, ?Plan $plan = null): string
    {
        return $move === null ? 'nothing' : self::say($plan ?? Builds::plan(), $move->do);
    }

    public static function why(?Move $move, ?Plan $plan = null): string
    {
        return self::say($plan ?? Builds::plan(), ...$move->why ?? []);
    }

    public static function beside(?Move $move, ?Plan $plan = null): string
    {
        return self::say($plan ?? Builds::plan(), $move?->beside);
    }

    public static function say(Plan $plan, ?Fact ...$facts): string
    {
        return (string) (new Speech($plan))->say(...$facts);
    }
}
