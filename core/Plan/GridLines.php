<?php

declare(strict_types=1);

namespace Aequus\Plan;

use Aequus\Measure\Length;

/** All strings of one direction, in order from the zero. */
final readonly class GridLines
{
    /** @param  non-empty-list<GridLine>  $lines */
    private function __construct(
        public array $lines,
        /** The number of the next line to be added: a line taken away never lends its id to another. */
        public int $next,
    ) {
    }

    public static function fresh(Spacing $spacing): self
    {
        $lines = array_map(fn (Length $at, int $i) => new GridLine((string) ($i + 1), $at), $spacing->centres, array_keys($spacing->centres));

        return new self($lines, count($lines) + 1);
    }

    /** @param  non-empty-list<GridLine>  $lines as stored */
    public static function stored(array $lines, int $next): self
    {
        return new self($lines, $next);
    }

    /**
     * The same strings at a new spacing. When there are more or fewer than before, lines are added or taken away
     * after the given number of lines; all others keep their identity.
     */
    public function respaced(Spacing $spacing, int $after): self
    {
        $ids = array_map(fn (GridLine $line) => $line->id, $this->lines);
        $more = count($spacing->centres) - count($ids);
        $after = max(0, min($after, count($ids)));
        if ($more > 0) {
            array_splice($ids, $after, 0, array_map(strval(...), range($this->next, $this->next + $more - 1)));
        } elseif ($more < 0) {
            array_splice($ids, min($after, count($ids) + $more), -$more);
        }

        $lines = array_map(fn (Length $at, int $i) => new GridLine($ids[$i], $at->minus($spacing->centres[0])), $spacing->centres, array_keys($spacing->centres));

        return new self($lines, $this->next + max(0, $more));
    }

    public function spacing(): Spacing
    {
        $gaps = [];
        for ($i = 1; $i < count($this->lines); $i++) {
            $gaps[] = $this->lines[$i]->at->minus($this->lines[$i - 1]->at);
        }

        return Spacing::bays($gaps);
    }

    public function length(): Length
    {
        return $this->lines[count($this->lines) - 1]->at;
    }

    public function count(): int
    {
        return count($this->lines);
    }
}
