<?php

declare(strict_types=1);

namespace Aequus\Words\Bill;

use Aequus\Bill\Ware;

/** What goods are called, with a place for their size. */
final class BillWords
{
    public static function name(Ware $ware): string
    {
        return match ($ware) {
            Ware::Post => 'Post {size} long',
            Ware::HeavyPost => 'Heavier post {size} long, {thick} thick',
            Ware::Bag => 'Bag of dry mix',
            Ware::Gravel => 'Gravel',
            Ware::Foam => 'Pack of foam',
            Ware::Tube => 'Form tube',
            Ware::StockTube => 'Form tube {size} long',
            Ware::Timber => 'Timber {one} × {other}, {size} long',
            Ware::TimberByLength => 'Timber {one} × {other}',
            Ware::Sheet => 'Roof sheet {size} long',
            Ware::FrameFixing => 'Fixing of the frame',
            Ware::BoardScrew => 'Screw for boards',
            Ware::RoofScrew => 'Screw for roof sheets',
            Ware::Block => 'Block under a post',
            Ware::Base => 'Post base with its anchor',
            Ware::Stake => 'Stake',
            Ware::ProfileBoard => 'Profile board {size}',
            Ware::ProfileStake => 'Profile stake',
            Ware::String => 'Mason’s string',
        };
    }
}
