<?php

declare(strict_types=1);

namespace Tests;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Measure\Refusal;
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

    public static function refusal(\Throwable $refusal): string
    {
        return $refusal instanceof Refusal ? self::say(Builds::plan(), $refusal->fact) : $refusal->getMessage();
    }

    /** What is said when this is refused; nothing where it is taken. */
    public static function refused(callable $act): string
    {
        try {
            $act();
        } catch (Refusal $refusal) {
            return self::refusal($refusal);
        }

        return '';
    }

    public static function say(Plan $plan, ?Fact ...$facts): string
    {
        return (string) (new Speech($plan))->say(...$facts);
    }
}
