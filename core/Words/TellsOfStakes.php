<?php

declare(strict_types=1);

namespace Aequus\Words;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\PostId;
use Aequus\Words\Square\WantedWords;

/** How stakes and readings of one site are called. */
trait TellsOfStakes
{
    private function reading(string $id): string
    {
        $taken = $this->site->square->taken->holding($id);

        return $taken === null ? '?' : WantedWords::of($taken->wanted);
    }

    private function label(string $id): string
    {
        return $this->plan->grid->find(PostId::of($id))->label ?? '?';
    }

    /** @param  list<string>  $ids */
    private function labels(array $ids): string
    {
        $labels = array_map($this->label(...), $ids);

        return count($labels) > 6 ? count($labels).' stakes' : implode(', ', $labels);
    }

    private function plural(int $count, string $one, string $many): string
    {
        return $count === 1 ? "1 {$one}" : "{$count} {$many}";
    }

    private function said(string|Length|Sentence|null ...$pieces): Sentence
    {
        return Sentence::of($this->plan->notation, ...$pieces);
    }
}
