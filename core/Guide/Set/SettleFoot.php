<?php

declare(strict_types=1);

namespace Aequus\Guide\Set;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Beside;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\EntryKind;
use Aequus\Plan\Posts\Post;
use Aequus\Site\FootByLine;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** A line on a post that says otherwise than its hole is read again; a foot that is not deep enough by it comes out while it can. */
enum SettleFoot implements Says
{
    case ReadLineAgain;
    case TakeOutAndDeepen;
    case FootStaysHigh;

    case FootByLine;
    case FootByLineAndHole;
    case FootLeast;
    case LineTwiceAlike;
    case HoleFellIn;
    case FilledAsItStands;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
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
                    Phase::Set, Fact::of(self::ReadLineAgain, post: $post), [self::why($foot), Fact::of(self::LineTwiceAlike)],
                    null, null, [$post], EntryKind::EmbedmentLine,
                );
            } elseif ($isShort) {
                yield self::short($site, $post, $foot);
            }
        }
    }

    private static function short(SiteState $site, Post $post, FootByLine $foot): Move
    {
        $isLoose = ! $site->isFilled($post);

        return new Move(
            Phase::Set, Fact::of($isLoose ? self::TakeOutAndDeepen : self::FootStaysHigh, post: $post),
            [self::why($foot), Fact::of(self::FootLeast, least: $foot->least), Fact::of($isLoose ? self::HoleFellIn : self::FilledAsItStands)],
            $foot->shortBy(), Fact::of(Beside::TooLittle), [$post], $isLoose ? EntryKind::EmbedmentLine : EntryKind::Decision,
        );
    }

    private static function why(FootByLine $foot): Fact
    {
        return $foot->byHole === null ? Fact::of(self::FootByLine, line: $foot->embedded)
            : Fact::of(self::FootByLineAndHole, line: $foot->embedded, hole: $foot->byHole);
    }
}
