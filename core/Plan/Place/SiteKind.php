<?php

declare(strict_types=1);

namespace Aequus\Plan\Place;

/** What stands or runs on a site beside the posts, whatever a distance is kept from it. */
enum SiteKind: string
{
    case Boundary = 'boundary';
    case House = 'house';
    case Structure = 'structure';
    case Road = 'road';
    case Tree = 'tree';
    case Bank = 'bank';
    case Wet = 'wet';
    case Overhead = 'overhead';
    case Drive = 'drive';
    case Door = 'door';

    /** Whether it covers ground: its corners go round something, and the last joins the first. */
    public function isArea(): bool
    {
        return in_array($this, [self::House, self::Structure, self::Wet, self::Drive], true);
    }

    /** Whether no post may stand on it, nor on a boundary’s line. */
    public function isKeptClear(): bool
    {
        return $this !== self::Door;
    }
}
