<?php

declare(strict_types=1);

namespace Aequus\Words\Plan;

use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\Firmer;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Holding\BracesOff;
use Aequus\Plan\Holding\BuildOrder;
use Aequus\Plan\Holding\FillEnd;
use Aequus\Plan\Holding\FillOrder;
use Aequus\Plan\Holding\FootBed;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Mixing;
use Aequus\Plan\Holding\WoodCare;
use Aequus\Plan\JobKind;
use Aequus\Plan\Layout\StringAt;
use Aequus\Plan\Part\PartKind;
use Aequus\Plan\Place\BraceKind;
use Aequus\Plan\Place\FixedKind;
use Aequus\Plan\Place\SiteKind;
use Aequus\Plan\Posts\PostFeature;
use Aequus\Plan\Posts\PostRole;
use Aequus\Plan\Work\Crew;
use Aequus\Plan\Work\Lasting;
use Aequus\Plan\Work\Make;
use Aequus\Plan\Work\Timber;
use Aequus\Words\Frame\LayerWords;
use UnitEnum;

/** What cases of this floor are called. */
final class PlanNames
{
    public static function of(UnitEnum $case): ?string
    {
        return match (true) {
            $case instanceof PostFeature => self::feature($case),
            $case instanceof Hold => HoldWords::name($case),
            $case instanceof LayerKind => LayerWords::all($case),
            default => self::named($case),
        };
    }

    private static function feature(PostFeature $feature): string
    {
        return match ($feature) {
            PostFeature::Ground => 'ground',
            PostFeature::Top => 'top',
            PostFeature::Seat => 'seat',
            PostFeature::Hole => 'bolt hole',
            PostFeature::Rail => 'rail',
            PostFeature::Anchor => 'anchor',
        };
    }

    private static function named(UnitEnum $case): ?string
    {
        return match ($case) {
            SiteKind::Boundary => 'boundary',
            SiteKind::House => 'house',
            SiteKind::Structure => 'shed or other structure',
            SiteKind::Road => 'edge of a road or path',
            SiteKind::Tree => 'tree',
            SiteKind::Bank => 'top of a bank',
            SiteKind::Wet => 'wet ground or water',
            SiteKind::Overhead => 'line overhead',
            SiteKind::Drive => 'drive-in path',
            SiteKind::Door => 'door',
            PartKind::Row => 'a row with corners',
            PartKind::Grid => 'a grid',
            PartKind::Spots => 'single posts',
            JobKind::Pergola => 'Pergola or open frame',
            JobKind::PoleBuilding => 'Roofed frame or pole building',
            JobKind::Deck => 'Deck or floor on posts',
            JobKind::LetterBox => 'Letter box or post by a road',
            JobKind::PlayStructure => 'Play structure',
            JobKind::CourtHoop => 'Hoop over a court',
            JobKind::CarryingPair => 'Pair that carries something',
            JobKind::DrivenPosts => 'Posts driven by a sheet',
            JobKind::Gateway => 'Arch or gateway',
            JobKind::SocketRepair => 'Rotted post in its socket',
            JobKind::Boardwalk => 'Boardwalk or hide on piers',
            JobKind::FenceLine => 'Row of posts',
            JobKind::Other => 'Something else on posts',
            Mixing::Before => 'mixed before it goes in',
            Mixing::WetInTheHole => 'mixed wet in the hole',
            Mixing::DryInTheHole => 'poured dry, water after',
            WoodCare::Factory => 'treated in the factory for ground contact',
            WoodCare::Charred => 'charred',
            WoodCare::Brushed => 'brushed with preservative',
            WoodCare::Coated => 'coated or wrapped',
            WoodCare::Nothing => 'nothing',
            FootBed::Usual => 'as usual for the way of holding',
            FootBed::Sump => 'gravel sump',
            FootBed::Block => 'flat block on gravel',
            FootBed::Pad => 'poured pad',
            FootBed::BareSoil => 'bare, undisturbed soil',
            StringAt::Centre => 'on the post centres',
            StringAt::BothFaces => 'one touching each side of the posts',
            StringAt::Face => 'along the post faces',
            StringAt::Offset => 'off the centres by',
            FillEnd::Flush => 'level with the ground',
            FillEnd::BelowTurf => 'below turf',
            FillEnd::Mounded => 'mounded above the ground',
            FillOrder::AllThenFill => 'stand all, prove square, then fill',
            FillOrder::EachAsItStands => 'fill each post as it stands',
            BracesOff::Day => 'after a full day',
            BracesOff::Night => 'after a night',
            BracesOff::Hour => 'after an hour',
            BracesOff::Minutes => 'after some minutes',
            BuildOrder::CornersStringsBetween => 'corners, strings, then those between',
            BuildOrder::RowByRow => 'row by row, along the string',
            BuildOrder::BeamsFirst => 'beams first, posts hung from them',
            BuildOrder::FramesTilted => 'frames joined on the ground and tilted up',
            Soil::Clay => 'clay',
            Soil::Sand => 'sand',
            Soil::SiltyOrClayeySand => 'silty or clayey sand',
            Soil::SiltyOrClayeyGravel => 'silty or clayey gravel',
            Soil::Gravel => 'gravel',
            Soil::SandyGravelOrGravel => 'sandy gravel or gravel',
            Soil::FoliatedRock => 'layered rock',
            Soil::Bedrock => 'bedrock',
            Firmer::CornersAndNamed => 'corners, and those named',
            Firmer::OnlyNamed => 'only those named',
            DepthMode::Own => 'each to its own depth',
            DepthMode::CommonPlane => 'all feet on one plane',
            DepthMode::StepsByColumn => 'steps, one plane for each column',
            DepthMode::StepsByRow => 'steps, one plane for each row',
            BraceKind::Tie => 'tie',
            BraceKind::Knee => 'knee brace',
            BraceKind::Prop => 'prop',
            Crew::WithHelp => 'with somebody to help',
            Crew::Alone => 'alone',
            Lasting::Stays => 'stays where it is',
            Lasting::OffForWinter => 'comes off for winter, its posts stay',
            Lasting::Renewed => 'gets new posts',
            Lasting::PulledOut => 'is pulled out, posts and all',
            Make::Sawn => 'planed or sawn to size',
            Make::RoughSawn => 'rough-sawn',
            Make::Pole => 'round poles',
            Make::TwoPieces => 'two pieces, joined flat to flat',
            Timber::WetTreated => 'treated softwood, still wet',
            Timber::DrySoftwood => 'dry softwood',
            Timber::Hardwood => 'hardwood',
            Timber::GreenOak => 'green oak',
            PostRole::Corner => 'corner post',
            PostRole::Gate => 'gate post',
            PostRole::Anchor => 'anchor post',
            PostRole::Bracing => 'bracing post',
            FixedKind::Wall => 'wall or building',
            FixedKind::Boundary => 'boundary, hedge or edge of a road',
            FixedKind::String => 'string that stays',
            default => null,
        };
    }
}
