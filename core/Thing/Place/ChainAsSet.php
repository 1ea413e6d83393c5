<?php

declare(strict_types=1);

namespace Aequus\Thing\Place;

use Aequus\Measure\Length;
use Aequus\Thing\Terms\Band;
use Aequus\Thing\Terms\InBand;

/** How a post that was set stands to the band of its face, and how far its hole still mends what is out. Positions grow away from the edge. */
final readonly class ChainAsSet
{
    public Length $face;

    /** From the edge to the face. */
    public Length $setback;

    public InBand $verdict;

    /** The least move of the post that brings its face into the band; above zero away from the edge. */
    public Length $move;

    /** Whether the post has its cover where it stands now. */
    public bool $coverKept;

    /** The least move that brings it as far into the band as the cover allows; null where it is out and no place in the hole keeps the cover. */
    public ?Length $moveAllowed;

    /** What stays out after that. */
    public ?Length $stillOutBy;

    /**
     * @param  Length  $edge  position of the edge
     * @param  Band  $band  for the setback of the face
     * @param  Length  $reach  from the face to the centre of the post
     * @param  Length  $centre  of the post, as measured
     * @param  Length  $hole  position of the hole’s centre
     * @param  Length  $slack  how far the post may stand off it with its cover kept; below zero where the hole is too small
     */
    public function __construct(Length $edge, Band $band, Length $reach, Length $centre, Length $hole, public Length $slack)
    {
        $this->face = $centre->minus($reach);
        $this->setback = $this->face->minus($edge);
        $this->verdict = $band->where($this->setback);
        $this->move = $band->change($this->setback);
        $this->coverKept = ! $centre->minus($hole)->magnitude()->isLongerThan($slack);
        if ($this->verdict === InBand::Within) {
            [$this->moveAllowed, $this->stillOutBy] = [Length::zero(), Length::zero()];

            return;
        }
        if ($slack->isNegative()) {
            [$this->moveAllowed, $this->stillOutBy] = [null, null];

            return;
        }
        $asWanted = $centre->plus($this->move);
        $covered = Band::about($hole, $slack);
        // What the cover takes from the wanted place it takes toward the hole’s centre; past the band’s near end it may come into the band all the
        // same.
        $allowed = $asWanted->plus($covered->change($asWanted));
        $this->moveAllowed = $allowed->minus($centre);
        $this->stillOutBy = $band->change($allowed->minus($reach)->minus($edge))->magnitude();
    }

    /** How far the face is out of its band. */
    public function outBy(): Length
    {
        return $this->move->magnitude();
    }
}
