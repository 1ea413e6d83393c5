<?php

declare(strict_types=1);

namespace Aequus\Guide\Level;

use Aequus\Adjust\GrossErrors\Dropped;
use Aequus\Fact\Fact;
use Aequus\Guide\Move\Beside;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Level\LevelReadings;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Level\HeightDifference;
use Aequus\Logbook\Level\RodReading;
use Aequus\Measure\Length;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** A height reading that does not fit the others, or can’t be told from its partners: the one re-reading that decides. */
enum SettleHeights implements Says
{
    case ReadAgain;
    case SettleHeights;

    case HeightTooMuch;
    case HeightTooLittle;
    case HeightsNotAllTrue;
    case HeightsAndMoreNotAllTrue;
    case TheRod;
    case TheDifference;
    case TheEntry;
    case AgainDecides;
    case AThirdDecides;
    case StillDisagree;

    /** So many readings in doubt are named, and so many points to look at. */
    private const NAMED = 4;

    private const POINTS = 3;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        $mistakes = $site->level->mistakes;
        if ($mistakes === null || $site->decided(DecisionAbout::AcceptHeights) !== null) {
            return;
        }
        foreach ($mistakes->dropped as $dropped) {
            if (! self::wasReadAgain($site, $dropped->id)) {
                $off = Length::millimetres($dropped->mistake);
                yield self::again(
                    $site, $dropped->id, Fact::of($off->isPositive() ? self::HeightTooMuch : self::HeightTooLittle, misfit: $off->magnitude()),
                );
            }
        }
        if ($mistakes->named === []) {
            return;
        }
        $points = array_unique(array_merge(...array_map(fn (string $id) => self::names($site, $id), $mistakes->named)));
        $named = array_map(fn (string $id) => self::reading($site, $id), array_slice($mistakes->named, 0, self::NAMED));
        $why = Fact::of(
            count($mistakes->named) > self::NAMED ? self::HeightsAndMoreNotAllTrue : self::HeightsNotAllTrue, count: count($mistakes->named),
            readings: $named,
        );
        foreach (self::order($site) as $id) {
            if ($site->level->readings->isReading($id) && ! self::wasReadAgain($site, $id)) {
                yield self::again($site, $id, $why, Fact::of(self::AgainDecides));
            }
        }
        if (self::asksForAThird($site)) {
            yield self::again($site, $mistakes->named[0], $why, Fact::of(self::AThirdDecides));
        }
        yield new Move(
            Phase::Level, Fact::of(self::SettleHeights),
            [$why, Fact::of(self::StillDisagree, points: array_slice(array_values($points), 0, self::POINTS))], asks: EntryKind::Decision,
        );
    }

    /** @return list<string> in which order readings in doubt are read again: the weakest instrument first, then the one that decides */
    private static function order(SiteState $site): array
    {
        $named = $site->level->mistakes->named ?? [];
        $isRods = array_filter($named, fn (string $id) => $site->level->readings->isRod($id)) === $named;
        $first = $isRods ? [] : $site->level->doubtedFirst;

        return [...$first, ...($site->level->separation->of ?? []), ...$named];
    }

    /** Number of the entry that is to be read again; null where nothing is. */
    public static function asksFor(SiteState $site): ?int
    {
        $mistakes = $site->level->mistakes;
        $wanted = [
            ...array_map(fn (Dropped $dropped) => $dropped->id, $mistakes->dropped ?? []),
            ...($mistakes === null || $mistakes->named === [] ? [] : self::order($site)),
        ];
        foreach ($wanted as $id) {
            if ($site->level->readings->isReading($id) && ! self::wasReadAgain($site, $id)) {
                return LevelReadings::sequence($id);
            }
        }

        return self::asksForAThird($site) ? LevelReadings::sequence($mistakes->named[0] ?? '') : null;
    }

    /** Whether the same was read twice, and those two are what can’t both be true. */
    private static function asksForAThird(SiteState $site): bool
    {
        $named = $site->level->mistakes->named ?? [];

        return count($named) === 2 && $site->level->readings->isSame($named[0], $named[1]);
    }

    private static function again(SiteState $site, string $id, Fact ...$why): Move
    {
        $payload = $site->log->entries[LevelReadings::sequence($id)]->payload ?? null;
        $post = $payload instanceof RodReading && $payload->point->post !== null ? $site->plan->grid->find($payload->point->post) : null;

        return new Move(
            Phase::Level, Fact::of(self::ReadAgain, reading: self::reading($site, $id)), array_values($why),
            $payload instanceof RodReading ? $payload->rod
                : ($payload instanceof HeightDifference ? $payload->read->magnitude() : null), Fact::of(Beside::WhatWasRead),
            $post === null ? [] : [$post], $payload instanceof RodReading ? EntryKind::Rod : EntryKind::HeightDifference,
        );
    }

    /** Whether a later reading of the same kind took its place or stands beside it. */
    private static function wasReadAgain(SiteState $site, string $id): bool
    {
        $sequence = LevelReadings::sequence($id);
        $entry = $site->log->entries[$sequence] ?? null;

        return $entry === null || $entry->replaces !== null || $site->level->readings->isReadBeside($sequence);
    }

    private static function reading(SiteState $site, string $id): Fact
    {
        $payload = $site->log->entries[LevelReadings::sequence($id)]->payload ?? null;

        return match (true) {
            $payload instanceof RodReading => Fact::of(self::TheRod, point: self::names($site, $id)[0], set_up: $payload->setUp ?: '1'),
            $payload instanceof HeightDifference => Fact::of(
                self::TheDifference, from: $site->level->name($payload->from), to: $site->level->name($payload->to),
                instrument: $payload->instrument,
            ),
            default => Fact::of(self::TheEntry, entry: $id),
        };
    }

    /** @return non-empty-list<string> */
    private static function names(SiteState $site, string $id): array
    {
        $payload = $site->log->entries[LevelReadings::sequence($id)]->payload ?? null;

        return match (true) {
            $payload instanceof RodReading => [$site->level->name($payload->point)],
            $payload instanceof HeightDifference => [$site->level->name($payload->from), $site->level->name($payload->to)],
            default => [$id],
        };
    }
}
