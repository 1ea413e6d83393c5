<?php

declare(strict_types=1);

namespace Aequus\Guide\Plan;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Site\BraceInTheWay;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** A tie, a knee or a prop that stands where something must pass is set higher, shorter or elsewhere, or taken off the plan. */
enum KeepBracesOut implements Says
{
    case MoveBrace;

    case BraceBlocks;
    case BraceHigher;
    case BraceLower;
    case BraceShorter;
    case BraceOnAnotherSide;
    case BraceNowhere;

    case OrHigher;
    case OrLower;
    case LongestLeg;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        foreach (BraceInTheWay::all($site->plan) as $blocks) {
            $instead = [
                ...($blocks->above === null ? [] : [Fact::of(self::BraceHigher, above: $blocks->above)]),
                ...($blocks->below === null ? [] : [Fact::of(self::BraceLower, below: $blocks->below)]),
                ...($blocks->leg === null ? [] : [Fact::of(self::BraceShorter, leg: $blocks->leg)]),
                ...($blocks->sides === [] ? [] : [Fact::of(self::BraceOnAnotherSide, post: $blocks->post, sides: $blocks->sides)]),
            ];
            yield new Move(
                Phase::Plan, Fact::of(self::MoveBrace, brace: $blocks->brace->kind, post: $blocks->post), [
                    Fact::of(self::BraceBlocks, thing: $blocks->thing, high: $blocks->brace->high),
                    ...($instead === [] ? [Fact::of(self::BraceNowhere)] : $instead),
                ], $blocks->above ?? $blocks->below ?? $blocks->leg, match (true) {
                    $blocks->above !== null => Fact::of(self::OrHigher), $blocks->below !== null => Fact::of(self::OrLower),
                    $blocks->leg !== null => Fact::of(self::LongestLeg), default => null
                }, [$blocks->post],
            );
        }
    }
}
