<?php

declare(strict_types=1);

namespace App\Drawing\Drawn;

use Aequus\Plan\Plan;
use Aequus\Set\StandingPost;
use Aequus\Words\Speech;
use App\Type\Say;

/** The top of a post seen from above, against its foot; y grows downward, so that what is away from the reader is up. */
final readonly class DrawnTop
{
    /** The ring of the limit is drawn so wide, and nothing beyond the edge. */
    private const LIMIT = 16.0;

    private const EDGE = 38.0;

    private function __construct(public float $x, public float $y, public float $limit, public int $factor, public string $words)
    {
    }

    public static function of(StandingPost $stands, Plan $plan): self
    {
        $limit = 1 / $plan->tolerances->plumbOneIn;
        $scale = self::LIMIT / $limit;
        $size = $stands->lean->size() * $scale;
        $shrink = $size > self::EDGE ? self::EDGE / $size : 1.0;
        $top = max(1.0, $stands->topAbovePivot()->inMillimetres());
        $parts = $stands->topGone();

        return new self(
            round($stands->own->slopeX * $scale * $shrink, 1), round(-$stands->own->slopeY * $scale * $shrink, 1), self::LIMIT,
            // A post of so many mm is drawn 18 wide; its top goes scale / height times as far as its slope.
            (int) max(1, round(($scale / $top) / (18 / max(1.0, $plan->post->b->inMillimetres())))),
            $parts === [] ? Say::text('drawing.drawn_top.the_top_stands_over_its') : Say::text(
                'drawing.drawn_top.the_top_stands_of_its', list: (new Speech($plan))->of($stands->post->id)->list(...$parts),
            ),
        );
    }
}
