<?php

declare(strict_types=1);

namespace Aequus\Plan\Tops;

use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Point;

/** Where the post tops are to be cut: a height at A1, falling or rising along the two axes, and the level line they are marked from. */
final readonly class TopRules
{
    /**
     * @param  Length  $heightAtA1  above the benchmark’s zero
     * @param  Slope  $alongX  rise per run toward +x
     * @param  Slope  $alongY  rise per run toward +y
     * @param  Length  $datumLine  height above the benchmark’s zero of the level line struck on every post
     * @param  array<string, Length>  $rows  heights of single rows, level along them, by the row’s line; they come before height and slopes
     * @param  ?TopStack  $under  what the height at A1 was worked out from, where it came from above
     */
    public function __construct(
        public Length $heightAtA1,
        public Slope $alongX,
        public Slope $alongY,
        public Length $datumLine,
        public array $rows = [],
        public ?TopStack $under = null,
    ) {
    }

    public function topOf(Post $post): Length
    {
        return $this->rows[$post->id->row()] ?? $this->topAt($post->at);
    }

    public function topAt(Point $point): Length
    {
        return $this->heightAtA1->plus($this->alongX->over($point->x))->plus($this->alongY->over($point->y));
    }

    /** The same tops, their height given at a zero that lies elsewhere. */
    public function countedFrom(Point $zero): self
    {
        return new self($this->topAt($zero), $this->alongX, $this->alongY, $this->datumLine, $this->rows, $this->under);
    }

    /** All tops so much higher, or lower where it is negative. */
    public function raised(Length $by): self
    {
        return new self(
            $this->heightAtA1->plus($by), $this->alongX, $this->alongY, $this->datumLine, array_map(fn (Length $row) => $row->plus($by), $this->rows),
            $this->under?->raised($by),
        );
    }
}
