<?php

declare(strict_types=1);

namespace Aequus\Footing\Holes;

use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Posts\Post;

/** A hole whose soil at the foot makes width or way of holding a question again. */
final readonly class SoilSurprise
{
    /** @param  ?Hold  $better  the way that suits the soil found best, where that is not the post's own and was not best before */
    public function __construct(public HoleAsDug $hole, public Soil $assumed, public Soil $found, public ?Hold $better)
    {
    }

    /** At whose hole. */
    public function post(): Post
    {
        return $this->hole->required->post;
    }
}
