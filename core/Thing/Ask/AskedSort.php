<?php

declare(strict_types=1);

namespace Aequus\Thing\Ask;

/** What kind of answer a question takes. */
enum AskedSort
{
    case Length;
    /** A length that may be left open. */
    case MaybeLength;
    case Count;
    case Pick;
    /** Heights, each with the reach there. */
    case Reaches;
    /** Places across, each with the height there; may be left open. */
    case Profile;

    /** Lengths above and below a line; may be left open. */
    case Marks;

    /** Depths, each with how far two faces stand from a plumb line; may be left open. */
    case Faces;
}
