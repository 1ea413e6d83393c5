<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Logbook\Book\Strike;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Square\BoardsUp;
use Aequus\Logbook\Square\StakeMoved;
use Aequus\Logbook\Square\StakeReading;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\PostId;
use Generator;

/** The logbook of one job, and which of its entries count now: not struck, not corrected, and not from before a stake was moved. */
final readonly class Log
{
    /** @var array<int, Entry> by sequence, growing */
    public array $entries;

    /** @var array<int, Strike> by the sequence of the entry struck */
    private array $struck;

    /** @var array<int, int> the sequence of the correction, by that of the entry corrected */
    private array $corrected;

    /** The boards that stand: readings between the rough stakes before are old. */
    private ?Entry $boardsUp;

    /** @var ByPost<non-empty-list<Entry>> the moves that count */
    private ByPost $moves;

    /** @var array<class-string<Payload>, array<int, Payload>> what counts now, by sequence */
    private array $now;

    /** @var array<int, Entry> those that count now, by sequence, growing */
    public array $counting;

    /** @param  list<Entry>  $entries */
    public function __construct(array $entries)
    {
        $bySequence = $now = $counting = [];
        foreach ($entries as $entry) {
            $bySequence[$entry->sequence] = $entry;
        }
        ksort($bySequence);
        $struck = $corrected = [];
        for ($entry = end($bySequence); $entry !== false; $entry = prev($bySequence)) {
            // From the newest back: what strikes or corrects is always newer, so its own standing is settled by now.
            if (isset($struck[$entry->sequence])) {
                continue;
            }
            if ($entry->payload instanceof Strike) {
                $struck[$entry->payload->sequence] = $entry->payload;
            }
            if ($entry->replaces !== null) {
                $corrected[$entry->replaces] = $entry->sequence;
            }
        }
        $this->entries = $bySequence;
        $this->struck = $struck;
        $this->corrected = $corrected;
        $boards = array_filter($bySequence, fn (Entry $entry) => $entry->payload instanceof BoardsUp && $this->stands($entry));
        $this->boardsUp = $boards === [] ? null : $boards[array_key_last($boards)];
        $this->moves = ByPost::grouped($this->movesAndPostsReadAnew());
        foreach ($bySequence as $sequence => $entry) {
            if ($this->isCounted($entry)) {
                $now[$entry->payload::class][$sequence] = $entry->payload;
                $counting[$sequence] = $entry;
            }
        }
        $this->now = $now;
        $this->counting = $counting;
    }

    /** @return list<int> sequences of entries that were made up for practice, and nobody struck or corrected */
    public function madeUp(): array
    {
        return array_keys(array_filter($this->entries, fn (Entry $entry) => $entry->isMadeUp && $this->stands($entry)));
    }

    /** Whether a doubtful figure in an entry was asked about, and is right as typed. */
    public function isConfirmed(int $sequence): bool
    {
        return $this->entries[$sequence]->asTyped ?? false;
    }

    public function lastSequence(): int
    {
        return array_key_last($this->entries) ?? 0;
    }

    /** Why the entry was struck, or null when it was not. */
    public function strikeOf(Entry $entry): ?Strike
    {
        return $this->struck[$entry->sequence] ?? null;
    }

    /** The entry that corrects this one, or null. */
    public function correctionOf(Entry $entry): ?Entry
    {
        return $this->entries[$this->corrected[$entry->sequence] ?? -1] ?? null;
    }

    /**
     * Whether it was read to a stake that was moved, or to one whose post was set and read anew, afterwards. A correction is as old as what it
     * corrects.
     */
    public function isOld(Entry $entry): bool
    {
        if (! $entry->payload instanceof StakeReading) {
            return false;
        }
        $read = $this->firstReadingOf($entry);
        if ($this->boardsUp !== null && self::isBefore($read, $this->boardsUp)) {
            return true;
        }
        foreach ($entry->payload->posts() as $post) {
            if (array_filter($this->moves[$post] ?? [], fn (Entry $move) => self::isBefore($read, $move)) !== []) {
                return true;
            }
        }

        return false;
    }

    /**
     * @template T of Payload
     *
     * @param  class-string<T>  $payload
     * @return array<int, T> what counts now, by sequence
     */
    public function now(string $payload): array
    {
        /** @var array<int, T> */
        return $this->now[$payload] ?? [];
    }

    /**
     * @template T of Payload
     *
     * @param  class-string<T>  $payload
     * @return ?T the newest that counts, of the job or of one post
     */
    public function latest(string $payload, ?PostId $post = null): ?Payload
    {
        foreach (array_reverse($this->now($payload), true) as $found) {
            if ($post === null || array_filter($found->posts(), $post->equals(...)) !== []) {
                return $found;
            }
        }

        return null;
    }

    /** @param  class-string<Payload>  $payload */
    public function newestEntry(string $payload, PostId $post): ?Entry
    {
        foreach (array_reverse($this->counting) as $entry) {
            if ($entry->payload instanceof $payload && array_filter($entry->payload->posts(), $post->equals(...)) !== []) {
                return $entry;
            }
        }

        return null;
    }

    /**
     * A correction is as old as what it corrects: a figure mended later was read when it was read first.
     *
     * @param  class-string<Payload>  $payload
     * @return list<Entry> those of a post that count and were written after another, the newest last
     */
    public function since(string $payload, PostId $post, Entry $after): array
    {
        return array_values(array_filter(
            $this->counting,
            fn (Entry $entry) => $entry->payload instanceof $payload && array_filter($entry->payload->posts(), $post->equals(...)) !== []
                && self::isBefore($after, $this->firstReadingOf($entry)),
        ));
    }

    /**
     * @template T of Payload
     *
     * @param  class-string<T>  $payload
     * @return ByPost<T> the newest that counts, of each post
     */
    public function newest(string $payload): ByPost
    {
        return ByPost::of($this->ofPosts($payload));
    }

    /**
     * @template T of Payload
     *
     * @param  class-string<T>  $payload
     * @return ByPost<non-empty-list<T>> all that count, of each post, oldest first
     */
    public function all(string $payload): ByPost
    {
        return ByPost::grouped($this->ofPosts($payload));
    }

    /**
     * @template T of Payload
     *
     * @param  class-string<T>  $payload
     * @return Generator<PostId, T>
     */
    private function ofPosts(string $payload): Generator
    {
        foreach ($this->now($payload) as $one) {
            foreach ($one->posts() as $post) {
                yield $post => $one;
            }
        }
    }

    /**
     * @param  class-string<Payload>  $payload
     * @return Generator<PostId, Entry> what counts now, by each post it speaks of
     */
    public function entriesOfPosts(string $payload = Payload::class): Generator
    {
        foreach ($this->counting as $entry) {
            foreach ($entry->payload instanceof $payload ? $entry->payload->posts() : [] as $post) {
                yield $post => $entry;
            }
        }
    }

    /**
     * A post set in place of its stake counts as a move as soon as anything is read to the post itself.
     *
     * @return Generator<PostId, Entry>
     */
    private function movesAndPostsReadAnew(): Generator
    {
        yield from $this->standing(StakeMoved::class);
        $set = ByPost::grouped($this->standing(PostSet::class));
        $counted = [];
        foreach ($set->isEmpty() ? [] : $this->entries as $reading) {
            if (! $reading->payload instanceof StakeReading || isset($this->struck[$reading->sequence])) {
                continue;
            }
            foreach ($reading->payload->posts() as $post) {
                foreach ($set[$post] ?? [] as $placed) {
                    if (! isset($counted[$placed->sequence]) && self::isBefore($placed, $this->firstReadingOf($reading))) {
                        $counted[$placed->sequence] = true;
                        yield $post => $placed;
                    }
                }
            }
        }
    }

    /**
     * @param  class-string<Payload>  $payload
     * @return Generator<PostId, Entry> neither struck nor corrected, by each post they speak of
     */
    private function standing(string $payload): Generator
    {
        foreach ($this->entries as $entry) {
            if ($entry->payload instanceof $payload && $this->stands($entry)) {
                foreach ($entry->payload->posts() as $post) {
                    yield $post => $entry;
                }
            }
        }
    }

    private function isCounted(Entry $entry): bool
    {
        return $this->stands($entry) && ! $this->isOld($entry);
    }

    /** Whether nobody struck or corrected it. */
    private function stands(Entry $entry): bool
    {
        return ! isset($this->struck[$entry->sequence]) && ! isset($this->corrected[$entry->sequence]);
    }

    private function firstReadingOf(Entry $entry): Entry
    {
        while ($entry->replaces !== null && isset($this->entries[$entry->replaces])) {
            $entry = $this->entries[$entry->replaces];
        }

        return $entry;
    }

    private static function isBefore(Entry $one, Entry $other): bool
    {
        return [$one->measured, $one->sequence] < [$other->measured, $other->sequence];
    }
}
