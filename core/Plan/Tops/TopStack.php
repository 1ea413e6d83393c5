<?php

declare(strict_types=1);

namespace Aequus\Plan\Tops;

use Aequus\Measure\Length;

/** From what a height of tops came, where it was given from above: a finished surface and what lies between it and the posts. */
final readonly class TopStack
{
    /** @param  list<Length>  $layers  boards, joists, bearers, from the top down */
    public function __construct(public Length $finished, public Length $clearance, public array $layers)
    {
    }

    /** The same layers, their surface so much higher. */
    public function raised(Length $by): self
    {
        return new self($this->finished->plus($by), $this->clearance, $this->layers);
    }
}
