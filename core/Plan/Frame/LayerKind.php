<?php

declare(strict_types=1);

namespace Aequus\Plan\Frame;

/** What can stand on posts, from the posts up. */
enum LayerKind: string
{
    /** Over the posts of a line. */
    case Beam = 'beam';
    /** On a wall, in place of the far beam. */
    case Ledger = 'ledger';
    /** Over the beams: joists of a floor, rafters of a roof. */
    case Joist = 'joist';
    /** Closes the ends of the joists. */
    case Rim = 'rim';
    /** Between joists, over the middle of their bays. */
    case Blocking = 'blocking';
    /** Over rafters, along the beams. */
    case Purlin = 'purlin';
    /** Flat on joists, along the beams. */
    case Board = 'board';
    /** Of a roof, by the width they cover. */
    case Sheet = 'sheet';
    /** At 45° between a post and its beam. */
    case Brace = 'brace';
    /** From post to post, one above the other. */
    case Rail = 'rail';
    /** A panel or a screen in each bay between two posts of a line. */
    case Panel = 'panel';

    /** Whether it is sawn out of timber that is sold by its section. */
    public function isTimber(): bool
    {
        return $this !== self::Sheet && $this !== self::Panel;
    }

    /** Whether how far apart its members lie is chosen: the legs of a brace, the distance of joists. */
    public function hasSpacing(): bool
    {
        return in_array($this, [self::Joist, self::Purlin, self::Brace], true);
    }

    /** Whether so many lie side by side or above each other: plies of a beam, rails. */
    public function isCounted(): bool
    {
        return in_array($this, [self::Beam, self::Rail], true);
    }

    /** Whether its members are spread by a rule. */
    public function isSpread(): bool
    {
        return $this === self::Joist || $this === self::Purlin;
    }

    /** Whether one of it may have a size of its own: a beam by its row, a joist or purlin by its number. */
    public function isChangedSingly(): bool
    {
        return $this === self::Beam || $this->isSpread();
    }

    /** Whether one may be left out: a joist at a hatch, the rails of an open side, a panel of one bay. */
    public function mayBeLeftOut(): bool
    {
        return $this->isSpread() || in_array($this, [self::Brace, self::Rail, self::Panel], true);
    }

    /** Whether it may stand over beyond what it lies on. */
    public function standsOver(): bool
    {
        return in_array($this, [self::Beam, self::Joist, self::Purlin, self::Board, self::Sheet], true);
    }

    public function hasGap(): bool
    {
        return $this === self::Board || $this === self::Panel;
    }
}
