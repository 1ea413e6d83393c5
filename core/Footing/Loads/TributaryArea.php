<?php

declare(strict_types=1);

namespace Aequus\Footing\Loads;

use Aequus\Plan\Posts\Post;

/** What one post carries of a roof or floor, ft and ft². */
final readonly class TributaryArea
{
    public float $area;

    public function __construct(public Post $post, public float $alongBeam, public float $acrossBeam)
    {
        $this->area = $alongBeam * $acrossBeam;
    }
}
