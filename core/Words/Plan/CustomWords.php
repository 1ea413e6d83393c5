<?php

declare(strict_types=1);

namespace Aequus\Words\Plan;

use Aequus\Plan\Holding\BracesOff;
use Aequus\Plan\Holding\BuildOrder;
use Aequus\Plan\Holding\Custom;
use Aequus\Plan\Holding\FillEnd;
use Aequus\Plan\Holding\FillOrder;
use Aequus\Plan\Holding\FootBed;
use Aequus\Plan\Holding\Mixing;
use Aequus\Plan\Holding\WoodCare;
use LogicException;

/** What is told of each custom in which good builders differ. */
final class CustomWords
{
    /** What the matter is called on screen. */
    public static function about(string $matter): string
    {
        return match ($matter) {
            'mixing' => 'Mixing',
            'foot' => 'Foot of the post',
            'build' => 'Order of standing',
            'fill_order' => 'Order of filling',
            'braces_off' => 'Braces off',
            'fill_end' => 'End of the fill',
            default => 'Care of buried wood',
        };
    }

    /** Where it suits. */
    public static function suits(Custom $custom): string
    {
        return match ($custom) {
            Mixing::Before => 'anything that carries a load: full strength, known water',
            Mixing::WetInTheHole => 'a few fence posts without a mixer',
            Mixing::DryInTheHole => 'light posts, setting mix made for it',
            FootBed::Usual => 'most jobs: a block under earth, gravel and foam, else a poured pad; no cement is mixed for a pad alone',
            FillEnd::Flush => 'paving and floors that run over it',
            FillEnd::BelowTurf => 'lawns and beds that close over it',
            FillEnd::Mounded => 'wood in concrete: water runs off the post',
            FootBed::Sump => 'light posts of wood: the end grain drains',
            FootBed::Block => 'a known level at once, no wait for a cure',
            FootBed::Pad => 'heavy loads, soft soil: as wide as the load needs',
            FootBed::BareSoil => 'driven or stone-free firm ground, light posts',
            BuildOrder::CornersStringsBetween => 'straight rows: the string between two set corners leads all others',
            BuildOrder::RowByRow => 'few people, long fences, ground that is walked once',
            BuildOrder::BeamsFirst => 'tops that must be level to the mark; posts are cut to the beam and hang plumb by themselves',
            BuildOrder::FramesTilted => 'a crew and a flat yard: joints are cut at bench height',
            FillOrder::AllThenFill => 'frames with joinery or sheets on top: an error still costs nothing',
            FillOrder::EachAsItStands => 'fences, one person alone, few braces',
            BracesOff::Day => 'concrete in cool weather, tall posts, wind',
            BracesOff::Night => 'concrete in summer, posts that carry nothing yet',
            BracesOff::Hour => 'quick-setting bags, tamped gravel or earth',
            BracesOff::Minutes => 'foam',
            WoodCare::Factory => 'wood in the ground, as most codes ask; cut ends are brushed',
            WoodCare::Charred => 'untreated round timber, by the day’s fire rules',
            WoodCare::Brushed => 'cut ends and notches of treated timber',
            WoodCare::Coated => 'posts in concrete, where an inspector asks for it',
            WoodCare::Nothing => 'heartwood of lasting kinds, steel, or a few seasons',
            default => throw new LogicException('Nobody has words for '.$custom::class.'.'),
        };
    }

    /** What speaks against it. */
    public static function against(Custom $custom): string
    {
        return match ($custom) {
            Mixing::Before => 'a mixer or a barrow, and the water carried to it',
            Mixing::WetInTheHole => 'earth falls in and weakens it; the post is pushed while stirring',
            Mixing::DryInTheHole => 'dry pockets, half the strength; not under a roof or floor',
            FootBed::Usual => 'a block is no wider than it is sold',
            FillEnd::Flush => 'water stands round the post unless the top is sloped',
            FillEnd::BelowTurf => 'wet earth lies against the wood',
            FillEnd::Mounded => 'a mower strikes it, feet find it',
            FootBed::Sump => 'it settles under a load; in clay it fills like a bucket',
            FootBed::Block => 'no wider than it is sold; it must be bedded flat',
            FootBed::Pad => 'a pour and a cure before any post stands',
            FootBed::BareSoil => 'the end grain stands wet; it sinks under a load',
            BuildOrder::CornersStringsBetween => 'every hole must be open before the first between is stood',
            BuildOrder::RowByRow => 'an error at one end is found at the other',
            BuildOrder::BeamsFirst => 'the beam is held up on props until the last post is filled',
            BuildOrder::FramesTilted => 'a heavy lift: weigh it first, nobody under it, ropes on both sides',
            FillOrder::AllThenFill => 'braces and holes open for all posts at once',
            FillOrder::EachAsItStands => 'the first posts fix an error that is found at the last',
            BracesOff::Day => 'as many braces as posts',
            BracesOff::Night => 'green concrete cracks when a post is leant on',
            BracesOff::Hour => 'a label’s hour is for warm weather; a surface still wet says no',
            BracesOff::Minutes => 'only what its label says, at its temperature',
            WoodCare::Factory => 'dust and offcuts are kept from gardens and fires',
            WoodCare::Charred => 'only on untreated wood; thin char protects little',
            WoodCare::Brushed => 'it stays near the surface',
            WoodCare::Coated => 'water behind it has no way out: open at the foot',
            WoodCare::Nothing => 'it rots first at the ground line',
            default => throw new LogicException('Nobody has words for '.$custom::class.'.'),
        };
    }
}
