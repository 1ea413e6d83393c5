<?php

declare(strict_types=1);

namespace Aequus\Plan\Part;

/** How the posts of a further part are laid out. */
enum PartKind: string
{
    case Row = 'row';
    case Grid = 'grid';
    case Spots = 'spots';
}
