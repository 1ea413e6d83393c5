<?php

declare(strict_types=1);

namespace Aequus\Footing\Holes;

use Aequus\Measure\Length;
use Aequus\Plan\Footing\HoleSlack;
use Aequus\Plan\Posts\Section;

/** How wide a round hole must be for what stands in it and what it carries, and which auger at hand digs it. */
final readonly class HoleWidth
{
    private const THUMB = 3;

    /** Off the middle of a round pad by more than an eighth of its width, its far edge lifts (the kern of a circle, statics). */
    private const KERN = 1 / 8;

    /** The post across its corners, cover and slack on both sides. */
    public Length $forThePost;

    /** About three posts wide: the rule of thumb. */
    public Length $byThumb;

    /** Of the foot: what the load asks of the soil, else as wide as the post needs. */
    public Length $foot;

    /** The narrowest auger at hand that makes room for the post; null where none does, or none is named. */
    public ?Length $auger;

    /** Whether that auger’s hole carries the load as it is. */
    public bool $augerCarries;

    /** How far the post may stand off the middle of what is dug, with its cover kept. */
    public Length $offTheHole;

    /** How far off the middle of its foot before the far edge of the pad lifts. */
    public Length $offTheFoot;

    /**
     * @param  Length  $slack  wanted all round beyond the cover
     * @param  Length  $bearing  diameter of a round pad for the load; zero where nothing bears
     * @param  list<Length>  $augers  at hand
     */
    public function __construct(Section $post, Length $cover, Length $slack, Length $bearing, array $augers)
    {
        $this->forThePost = $post->across()->plus($cover->plus($slack)->times(2));
        $this->byThumb = $post->thicker()->times(self::THUMB);
        $this->foot = $bearing->isLongerThan($this->forThePost) ? $bearing : $this->forThePost;
        $wide = array_values(array_filter($augers, fn (Length $auger) => ! $auger->isShorterThan($this->forThePost)));
        usort($wide, fn (Length $one, Length $other) => $one->nanometres <=> $other->nanometres);
        $carries = array_values(array_filter($wide, fn (Length $auger) => ! $auger->isShorterThan($this->foot)));
        $this->auger = $carries[0] ?? $wide[count($wide) - 1] ?? null;
        $this->augerCarries = $carries !== [];
        $this->offTheHole = HoleSlack::round($this->auger ?? $this->foot, $post, $cover)->slack;
        $foot = $this->auger !== null && $this->auger->isLongerThan($this->foot) ? $this->auger : $this->foot;
        $this->offTheFoot = $foot->times(self::KERN);
    }

    /** A square hole for the same post: square to the grid, it needs less. */
    public static function square(Section $post, Length $cover, Length $slack): Length
    {
        return $post->thicker()->plus($cover->plus($slack)->times(2));
    }
}
