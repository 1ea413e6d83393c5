<?php

declare(strict_types=1);

namespace Aequus\Words\Bill;

use Aequus\Bill\Counter;
use Aequus\Bill\NeededFor;
use Aequus\Bill\Ware;

/** What goods are called, with a place for their size; where they are fetched and what they are needed for. */
final class BillWords
{
    public static function counter(Counter $counter): string
    {
        return match ($counter) {
            Counter::Timber => 'Timber',
            Counter::Masonry => 'Cement, gravel and tubes',
            Counter::Hardware => 'Ironmonger',
            Counter::Roofing => 'Roofing',
            Counter::Hire => 'Hire',
        };
    }

    public static function neededFor(NeededFor $work): string
    {
        return match ($work) {
            NeededFor::Layout => 'To set out',
            NeededFor::Holes => 'Before a hole is closed',
            NeededFor::Posts => 'To set the posts',
            NeededFor::Frame => 'For the frame, bought when its posts stand',
            NeededFor::Roof => 'For the roof',
        };
    }

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
            Ware::Nail => 'Nail {size}',
            Ware::Screw => 'Screw {size}',
            Ware::Bolt => 'Bolt {size}, with nut and washers',
            Ware::Cap => 'Cap under a beam',
            Ware::Hanger => 'Hanger or tie of a joist',
            Ware::ConnectorScrew => 'Screw {size} for caps, hangers and bases',
            Ware::Panel => 'Panel {one} high, {size} wide',
            Ware::BraceBoard => 'Board {size} to brace a post',
            Ware::Treatment => 'Preservative for cut ends',
            Ware::MarkingPaint => 'Can of marking paint',
            Ware::Blanket => 'Blanket over what was poured',
            Ware::HireAuger => 'Auger, by the day',
            Ware::HireMixer => 'Mixer, by the day',
            Ware::HireLaser => 'Laser level, by the day',
            Ware::HireSaw => 'Saw for posts, by the day',
        };
    }
}
