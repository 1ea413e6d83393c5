<?php

declare(strict_types=1);

namespace Aequus\Guide\Plan;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Beside;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Site\BraceInTheWay;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** A tie, a knee or a prop that stands where something must pass is set higher, shorter or elsewhere, or taken off the plan. */
final readonly class KeepBracesOut implements Rule
{
    public function moves(SiteState $site): iterable
    {
        foreach (BraceInTheWay::all($site->plan) as $blocks) {
            $instead = [
                ...($blocks->above === null ? [] : [Fact::of(MoveWhy::BraceHigher, above: $blocks->above)]),
                ...($blocks->below === null ? [] : [Fact::of(MoveWhy::BraceLower, below: $blocks->below)]),
                ...($blocks->leg === null ? [] : [Fact::of(MoveWhy::BraceShorter, leg: $blocks->leg)]),
                ...($blocks->sides === [] ? [] : [Fact::of(MoveWhy::BraceOnAnotherSide, post: $blocks->post, sides: $blocks->sides)]),
            ];
            yield new Move(
                Phase::Plan, Fact::of(MoveKind::MoveBrace, brace: $blocks->brace->kind, post: $blocks->post), [
                    Fact::of(MoveWhy::BraceBlocks, thing: $blocks->thing, high: $blocks->brace->high), ...($instead === [] ? [Fact::of(MoveWhy::BraceNowhere)] : $instead),
                ], $blocks->above ?? $blocks->below ?? $blocks->leg, match (true) {
                    $blocks->above !== null => Fact::of(Beside::OrHigher), $blocks->below !== null => Fact::of(Beside::OrLower),
                    $blocks->leg !== null => Fact::of(Beside::LongestLeg), default => null
                }, [$blocks->post],
            );
        }
    }
}
