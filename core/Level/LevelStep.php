<?php

declare(strict_types=1);

namespace Aequus\Level;

/** One reading as a step from one name to another, for ways round. In mm. */
final readonly class LevelStep
{
    /**
     * @param  ?string  $reading  its id; null where a height is known and nothing was read
     * @param  array<string, float>  $boards  lengths of board over which a level’s own error counts, by its name; against it where turned
     */
    public function __construct(
        public string $from, public string $to, public float $difference, public float $sigma, public ?string $reading = null,
        public array $boards = [],
    ) {
    }

    /** The same, walked the other way. */
    public function back(): self
    {
        return new self(
            $this->to, $this->from, -$this->difference, $this->sigma, $this->reading, array_map(fn (float $board) => -$board, $this->boards),
        );
    }
}
