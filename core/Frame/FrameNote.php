<?php

declare(strict_types=1);

namespace Aequus\Frame;

/** What is minded with the timber of a frame, though all of it can be made. */
enum FrameNote
{
    /** Boards are laid with another gap than the one that is wanted in the end, for they move. */
    case LayWithGap;
    /** Boards so wet that they are laid tight, and open further than wanted. */
    case LayTight;
    /** Green timber bows within a day. */
    case IsGreen;
    /** Posts turned off their line: what is fixed to one end is looked at again at its other. */
    case PostsAreTwisted;
    /** Members in one line on both sides of another: the second is fixed at an angle. */
    case FarFaceTaken;
    /** What is at one end of evenly spaced members when they lie at centres. */
    case LastBay;
    /** A seat takes more of a rafter than is usual. */
    case SeatIsDeep;
}
