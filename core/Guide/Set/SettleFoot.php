<?php

declare(strict_types=1);

namespace Aequus\Guide\Set;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Beside;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Logbook\EntryKind;
use Aequus\Plan\Posts\Post;
use Aequus\Site\FootByLine;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** A line on a post that says otherwise than its hole is read again; a foot that is not deep enough by it comes out while it can. */
final readonly class SettleFoot implements Rule
{
    public function moves(SiteState $site): iterable
    {
        $read = FootByLine::all($site);
        foreach ($site->walk() as $post) {
            $foot = $read[$post] ?? null;
            if ($foot === null || $foot->settled) {
                continue;
            }
            $isShort = $foot->shortBy()->isPositive();
            if (! $foot->confirmed && ($isShort || $foot->isContradicted())) {
                yield new Move(
                    Phase::Set, Fact::of(MoveKind::ReadLineAgain, post: $post), [self::why($foot), Fact::of(MoveWhy::LineTwiceAlike)],
                    null, null, [$post], EntryKind::EmbedmentLine,
                );
            } elseif ($isShort) {
                yield $this->short($site, $post, $foot);
            }
        }
    }

    private function short(SiteState $site, Post $post, FootByLine $foot): Move
    {
        $isLoose = ! $site->isFilled($post);

        return new Move(
            Phase::Set, Fact::of($isLoose ? MoveKind::TakeOutAndDeepen : MoveKind::FootStaysHigh, post: $post),
            [self::why($foot), Fact::of(MoveWhy::FootLeast, least: $foot->least), Fact::of($isLoose ? MoveWhy::HoleFellIn : MoveWhy::FilledAsItStands)],
            $foot->shortBy(), Fact::of(Beside::TooLittle), [$post], $isLoose ? EntryKind::EmbedmentLine : EntryKind::Decision,
        );
    }

    private static function why(FootByLine $foot): Fact
    {
        return $foot->byHole === null ? Fact::of(MoveWhy::FootByLine, line: $foot->embedded)
            : Fact::of(MoveWhy::FootByLineAndHole, line: $foot->embedded, hole: $foot->byHole);
    }
}
