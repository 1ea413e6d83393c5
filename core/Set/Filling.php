<?php

declare(strict_types=1);

namespace Aequus\Set;

use Aequus\Logbook\Entry;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PostFilled;
use DateTimeImmutable;

/** What became of the fill of one post: begun, done, still wet, braces off, and when. */
final readonly class Filling
{
    /** @param  array<string, array{PostFilled, DateTimeImmutable}>  $steps  the newest of each kind, by its value */
    public function __construct(private array $steps = [])
    {
    }

    /** @param  list<Entry>  $entries  of its fill, oldest first */
    public static function of(array $entries): self
    {
        $steps = [];
        foreach ($entries as $entry) {
            if ($entry->payload instanceof PostFilled) {
                $steps[$entry->payload->step->value] = [$entry->payload, $entry->measuredAt()];
            }
        }

        return new self($steps);
    }

    public function isBegun(): bool
    {
        return $this->at(FillStep::Started) !== null || $this->isDone();
    }

    public function isDone(): bool
    {
        return $this->at(FillStep::Done) !== null;
    }

    public function isStripped(): bool
    {
        return $this->at(FillStep::Stripped) !== null;
    }

    public function at(FillStep $step): ?DateTimeImmutable
    {
        return $this->steps[$step->value][1] ?? null;
    }

    /** As noted at the end of the fill, else at its beginning; null where nobody noted it. */
    public function celsius(): ?float
    {
        return $this->steps[FillStep::Done->value][0]->celsius ?? $this->steps[FillStep::Started->value][0]->celsius ?? null;
    }

    public function bags(): ?int
    {
        return $this->steps[FillStep::Done->value][0]->bags ?? null;
    }

    /** Whether somebody found the surface wet after it was filled, and nobody found it hard since. */
    public function isFoundWet(): bool
    {
        $wet = $this->at(FillStep::StillWet);

        return $wet !== null && ! $this->isStripped() && $wet >= ($this->at(FillStep::Done) ?? $wet);
    }
}
