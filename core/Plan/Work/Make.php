<?php

declare(strict_types=1);

namespace Aequus\Plan\Work;

/** How a post is made: it says how it is measured, joined and plumbed. */
enum Make: string
{
    case Sawn = 'sawn';
    case RoughSawn = 'rough_sawn';
    case Pole = 'pole';
    case TwoPieces = 'two_pieces';
}
