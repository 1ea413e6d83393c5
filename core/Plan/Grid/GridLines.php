<?php

declare(strict_types=1);

namespace Aequus\Plan\Grid;

use Aequus\Measure\Length;

/** All strings of one direction, in order from the zero. */
final readonly class GridLines
{
    /**
     * @param  non-empty-list<GridLine>  $lines
     * @param  array<string, string>  $gone  lines taken away, each with the id of the one it stood after, empty for the first; the newest last
     */
    private function __construct(
        public array $lines,
        /** The number of the next line to be added: a line taken away never lends its id to another. */
        public int $next,
        public array $gone = [],
    ) {
    }

    public static function fresh(Spacing $spacing): self
    {
        $lines = array_map(fn (Length $at, int $i) => new GridLine((string) ($i + 1), $at), $spacing->centres, array_keys($spacing->centres));

        return new self($lines, count($lines) + 1);
    }

    /**
     * @param  non-empty-list<GridLine>  $lines as stored
     * @param  array<string, string>  $gone
     */
    public static function stored(array $lines, int $next, array $gone = []): self
    {
        return new self($lines, $next, $gone);
    }

    /**
     * The same strings at a new spacing. When there are more or fewer than before, lines are added or taken away
     * after the given number of lines; all others keep their identity. A line that was taken away there before comes back as itself.
     */
    public function respaced(Spacing $spacing, int $after): self
    {
        $ids = array_map(fn (GridLine $line) => $line->id, $this->lines);
        $more = count($spacing->centres) - count($ids);
        $after = max(0, min($after, count($ids)));
        [$gone, $next] = [$this->gone, $this->next];
        if ($more > 0) {
            $added = self::comingBack($gone, $ids[$after - 1] ?? '', $more);
            $gone = array_diff_key($gone, array_flip($added));
            while (count($added) < $more) {
                $added[] = (string) $next++;
            }
            array_splice($ids, $after, 0, $added);
        } elseif ($more < 0) {
            $at = min($after, count($ids) + $more);
            for ($i = $at; $i < $at - $more; $i++) {
                $gone[$ids[$i]] = $ids[$i - 1] ?? '';
            }
            array_splice($ids, $at, -$more);
        }

        $lines = array_map(
            fn (Length $at, int $i) => new GridLine($ids[$i], $at->minus($spacing->centres[0])), $spacing->centres, array_keys($spacing->centres),
        );

        return new self($lines, $next, $gone);
    }

    /**
     * The same strings as an earlier plan had them; what stood meanwhile is kept in mind, so that no id is given twice.
     */
    public function returnedTo(self $earlier): self
    {
        $gone = $this->gone;
        foreach ($this->lines as $i => $line) {
            $gone[$line->id] = $this->lines[$i - 1]->id ?? '';
        }
        $again = array_flip(array_map(fn (GridLine $line) => $line->id, $earlier->lines));

        return new self($earlier->lines, max($this->next, $earlier->next), array_diff_key($gone, $again) + array_diff_key($earlier->gone, $again));
    }

    /** How far the zero of these strings lies from that of others, counted from theirs; nothing where they share no string. */
    public function zeroFrom(self $before): Length
    {
        $at = [];
        foreach ($before->lines as $line) {
            $at[$line->id] = $line->at;
        }
        foreach ($this->lines as $line) {
            if (isset($at[$line->id])) {
                return $at[$line->id]->minus($line->at);
            }
        }

        return Length::zero();
    }

    /**
     * @param  array<string, string>  $gone
     * @return list<string> ids of the lines taken away after that one, in their order, at most so many
     */
    private static function comingBack(array $gone, string $after, int $most): array
    {
        $back = [];
        while (count($back) < $most && ($id = array_search($after, array_map(strval(...), $gone), true)) !== false) {
            $back[] = $after = (string) $id;
            unset($gone[$id]);
        }

        return $back;
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
