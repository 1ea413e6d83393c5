<?php

declare(strict_types=1);

namespace Aequus\Cut;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;

/** A mark at a height on one post, told from the datum line struck on it; null while the ground it is counted from is not read. */
final readonly class RodMark
{
    /** @param  Length  $height  above zero */
    public function __construct(public Post $post, public Length $height, public Length $datumLine, public ?Length $aboveItsGround)
    {
    }

    public function aboveDatumLine(): Length
    {
        return $this->height->minus($this->datumLine);
    }
}
