<?php

declare(strict_types=1);

namespace Aequus\Logbook\Kind;

use Aequus\Measure\Guesses;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\PostId;

/** What a site knows already, so that an entry can be compared with it before it is stored. */
interface Known
{
    public function plan(): Plan;

    /** What a figure between stakes that does not fit may come from. */
    public function guesses(): Guesses;

    /** How far a distance between stakes may be from what the plan has for it, before it is asked about. */
    public function farBeyond(Length $planned): Length;

    /** Whether the entry takes the place of an earlier one. */
    public function isCorrection(): bool;

    /** Whether any height was told from a benchmark already. */
    public function isLevelled(): bool;

    /** What a rod would read on the ground there if it lay as the ground known so far; null before any set-up is tied in. */
    public function expectedRod(LevelPoint $point, string $setUp): ?Length;

    /** How much higher the second point stands, as far as both are known. */
    public function expectedDifference(LevelPoint $from, LevelPoint $to): ?Length;

    /** What a hole must reach from today’s ground; null before there are rules. */
    public function neededDepth(PostId $post): ?Length;

    /** As read before; null where it is not dug. */
    public function dugDepth(PostId $post): ?Length;

    /** How many of the smallest usual bags its hole takes; null where nothing of bags goes in. */
    public function expectedBags(PostId $post): ?float;

    public function isSet(PostId $post): bool;

    public function isFilled(PostId $post): bool;

    public function isCut(PostId $post): bool;

    /** Whether nothing keeps it from being sawn: what was poured round it is hard. */
    public function isHard(PostId $post): bool;

    /** @return list<PostId> posts whose tops were measured below their marks, and nobody took that */
    public function shortPosts(): array;

    /** Of a post, above the datum line: where it is to be cut. */
    public function cutMark(PostId $post): ?Length;

    /** Above the datum line, as measured last. */
    public function topMeasured(PostId $post): ?Length;

    /** The day on site, as YYYY-MM-DD. */
    public function today(): string;

    /** Whether anything is still to do before the work can be handed over. */
    public function isUnfinished(): bool;

    /** Entries made up for practice that count. */
    public function madeUp(): int;
}
