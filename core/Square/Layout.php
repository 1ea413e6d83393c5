<?php

declare(strict_types=1);

namespace Aequus\Square;

use Aequus\Logbook\Log;
use Aequus\Logbook\TapeReading;
use Aequus\Plan\Plan;
use Aequus\Plan\Post;
use Aequus\Plan\PostId;
use LogicException;

/** What the tapes say of the stakes of one plan. */
final readonly class Layout
{
    /** @var array<string, Taped> by pair, every pair that was read */
    public array $taped;

    /** Null where the outline has no four standing corners. */
    public ?Outline $outline;

    /** @var list<Pair> for a single row: from its first stake to each other, the marks from one zero */
    public array $row;

    public function __construct(private Plan $plan, Log $log)
    {
        $taped = [];
        foreach ($log->now(TapeReading::class) as $sequence => $reading) {
            [$from, $to] = [$plan->grid->find($reading->from), $plan->grid->find($reading->to)];
            if ($from !== null && $to !== null) {
                $taped[self::key($reading->from, $reading->to)][$sequence] = $reading;
            }
        }
        $pulls = [];
        foreach ($log->entries as $entry) {
            if ($entry->payload instanceof TapeReading && $log->strikeOf($entry) === null && ! $log->isOld($entry)) {
                $key = self::key($entry->payload->from, $entry->payload->to);
                $pulls[$key] = ($pulls[$key] ?? 0) + 1;
            }
        }
        foreach ($taped as $key => $readings) {
            $first = $readings[array_key_first($readings)];
            $taped[$key] = new Taped(new Pair($this->post($plan, $first->from), $this->post($plan, $first->to)), $readings, $pulls[$key]);
        }
        $this->taped = $taped;
        $corners = $plan->grid->corners();
        $this->outline = $corners === null ? null : Outline::read($corners, $this->find(...), $plan->tolerances->squareness);
        $isRow = $plan->grid->rows->count() === 1 || $plan->grid->columns->count() === 1;
        $posts = $plan->grid->posts;
        $this->row = $isRow ? array_map(fn (Post $post) => new Pair($posts[0], $post), array_slice($posts, 1)) : [];
    }

    public function find(Pair $pair): ?Taped
    {
        return $this->taped[self::key($pair->from->id, $pair->to->id)] ?? null;
    }

    /** The next pair to pull a tape between, or null when the ready list is read. */
    public function nextUnread(): ?Pair
    {
        foreach ($this->readyList() as $pair) {
            if ($this->find($pair) === null) {
                return $pair;
            }
        }

        return null;
    }

    /** @return list<Pair> what this check needs, in walking order */
    public function readyList(): array
    {
        return $this->outline !== null ? $this->outline->pairs : $this->row;
    }

    /** @return list<Taped> of a single row: stakes off their mark from zero by more than the tolerance */
    public function rowOff(): array
    {
        return array_values(array_filter(
            array_map($this->find(...), $this->row),
            fn (?Taped $taped) => $taped !== null && $taped->offPlan()->magnitude()->isLongerThan($this->plan->tolerances->squareness),
        ));
    }

    /** Whether the stakes are proved as far as this list of tapes can. */
    public function holds(): bool
    {
        return $this->outline !== null
            ? $this->outline->verdict() === OutlineVerdict::Square
            : $this->nextUnread() === null && $this->rowOff() === [] && ! $this->anyReadTwiceDiffers();
    }

    public function anyReadTwiceDiffers(): bool
    {
        return array_filter($this->taped, fn (Taped $taped) => $taped->disagreesWithItself()) !== [];
    }

    /** @return list<Post> stakes that no tape of the ready list reaches: nothing is proved of them */
    public function unproved(): array
    {
        $reached = [];
        foreach ($this->readyList() as $pair) {
            $reached[$pair->from->id->value] = $reached[$pair->to->id->value] = true;
        }

        return array_values(array_filter($this->plan->grid->posts, fn (Post $post) => count($this->plan->grid->posts) > 1 && ! isset($reached[$post->id->value])));
    }

    private static function key(PostId $one, PostId $other): string
    {
        return min($one->value, $other->value).'|'.max($one->value, $other->value);
    }

    private function post(Plan $plan, PostId $id): Post
    {
        return $plan->grid->find($id) ?? throw new LogicException('A taped stake is missing from the plan it was checked against.');
    }
}
