<?php

declare(strict_types=1);

namespace App\Square;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Square\Readings\Wanted;
use Aequus\Words\Square\WantedWords;
use App\Type\Say;
use App\Type\Typeset;

/** One line of the list of readings. */
final readonly class ReadingRow
{
    /**
     * @param  string  $key  names it in a link: what the entry form opens for
     * @param  string  $state  to-pull, fits, out (left out), doubt, waits or unchecked: drawn by shape and said in words
     * @param  ?Length  $off  read less computed from all others
     */
    public function __construct(
        public Wanted $wanted,
        public string $key,
        public ?Length $read,
        public ?Length $off,
        public string $state,
        public string $word,
    ) {
    }

    public function touches(string $label): bool
    {
        foreach ($this->wanted->posts() as $post) {
            if ($post->label === $label) {
                return true;
            }
        }

        return false;
    }

    /** What it reads, or would read by the plan while it is not read. */
    public function figure(Notation $notation): string
    {
        return Typeset::length($notation, $this->asHeld($this->read ?? $this->wanted->planned()));
    }

    /** Off a fixed line a figure grows away from it, on the side where the plan has the stake. */
    private function asHeld(Length $figure): Length
    {
        return $this->wanted->line !== null && $this->wanted->planned()->isNegative() ? $figure->negated() : $figure;
    }

    /** How far off all others say it is, with its sign; a dash where nothing checks it. */
    public function misfit(Notation $notation): string
    {
        $off = $this->off === null ? null : $this->asHeld($this->off);

        return match (true) {
            $off === null => '—',
            $notation->round($off)->isZero() => '0',
            default => ($off->isNegative() ? '−' : '+').Typeset::length($notation, $off->magnitude()),
        };
    }

    public function label(): string
    {
        return match (true) {
            $this->wanted->isTape() => $this->wanted->ends()->label(),
            $this->wanted->line !== null => WantedWords::of($this->wanted),
            default => Say::text('square.reading_row.off', label: $this->wanted->posts()[0]->label, label_b: $this->wanted->ends()->label()),
        };
    }
}
