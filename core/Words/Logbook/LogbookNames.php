<?php

declare(strict_types=1);

namespace Aequus\Words\Logbook;

use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\Clear\ServiceType;
use Aequus\Logbook\Diary\AwaitedState;
use Aequus\Logbook\Diary\AwaitedThing;
use Aequus\Logbook\Footing\Finding;
use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Level\LevelInstrument;
use Aequus\Logbook\Set\Bubble;
use Aequus\Logbook\Set\CheckRoute;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\LeanWay;
use Aequus\Logbook\Set\PointOfNoReturn;
use Aequus\Logbook\Set\ReadyItem;
use Aequus\Logbook\Set\SpacingAt;
use UnitEnum;

/** What cases of this floor are called. */
final class LogbookNames
{
    public static function of(UnitEnum $case): ?string
    {
        return match (true) {
            $case instanceof Finding => self::finding($case),
            $case instanceof DecisionAbout => self::decision($case),
            $case instanceof ServiceType => self::service($case),
            $case instanceof AwaitedThing => self::awaited($case),
            $case instanceof AwaitedState => self::state($case),
            default => self::named($case),
        };
    }

    private static function awaited(AwaitedThing $thing): string
    {
        return match ($thing) {
            AwaitedThing::Permit => 'permit',
            AwaitedThing::BeforeTheFill => 'inspection before the fill',
            AwaitedThing::AfterTheFill => 'inspection after the fill',
            AwaitedThing::Posts => 'delivery of posts',
            AwaitedThing::Concrete => 'delivery of what goes into the holes',
            AwaitedThing::Timber => 'delivery of timber for the frame',
            AwaitedThing::Hire => 'auger on hire',
        };
    }

    private static function state(AwaitedState $state): string
    {
        return match ($state) {
            AwaitedState::Asked => 'asked for on',
            AwaitedState::Booked => 'booked for',
            AwaitedState::Came => 'passed or come on',
            AwaitedState::Failed => 'not passed, or not come, on',
            AwaitedState::CalledOff => 'called off on',
        };
    }

    private static function finding(Finding $found): string
    {
        return match ($found) {
            Finding::Rock => 'rock',
            Finding::Roots => 'roots',
            Finding::Water => 'water',
            Finding::RunningSand => 'running sand',
            Finding::SoftGround => 'soft ground',
        };
    }

    private static function decision(DecisionAbout $about): string
    {
        return match ($about) {
            DecisionAbout::DigByHand => 'Dig this hole by hand',
            DecisionAbout::AcceptDistance => 'Take the distance as it is',
            DecisionAbout::AcceptOutline => 'Take the layout as it stands',
            DecisionAbout::AcceptHeights => 'Take the heights as they are',
            DecisionAbout::AcceptShortHole => 'Take the hole as it is',
            DecisionAbout::AsEngineerSays => 'Build it as the engineer says',
            DecisionAbout::KeepHolding => 'Keep width and way of holding',
            DecisionAbout::WaiveFrost => 'Leave the frost line aside',
            DecisionAbout::WaiveEmbedment => 'Leave the least embedment aside',
            DecisionAbout::WaiveLocalMinimum => 'Leave the local minimum aside',
            DecisionAbout::WaiveMakerMinimum => 'Leave the maker’s minimum aside',
            DecisionAbout::AcceptLean => 'Take the lean as it is',
            DecisionAbout::AcceptShortPost => 'Take the post as it is',
        };
    }

    private static function service(ServiceType $carries): string
    {
        return match ($carries) {
            ServiceType::Power => 'power',
            ServiceType::Gas => 'gas',
            ServiceType::Communication => 'communication',
            ServiceType::Water => 'water',
            ServiceType::Sewer => 'sewer',
            ServiceType::Reclaimed => 'reclaimed',
        };
    }

    /** The public marking colours of APWA. */
    public static function markedIn(ServiceType $carries): string
    {
        return match ($carries) {
            ServiceType::Power => 'red',
            ServiceType::Gas => 'yellow',
            ServiceType::Communication => 'orange',
            ServiceType::Water => 'blue',
            ServiceType::Sewer => 'green',
            ServiceType::Reclaimed => 'purple',
        };
    }

    private static function named(UnitEnum $case): ?string
    {
        return match ($case) {
            LevelInstrument::Board => 'spirit level on a board',
            LevelInstrument::Water => 'water level',
            LevelInstrument::LineLevel => 'line level on a string',
            LevelInstrument::Phone => 'this phone on a board',
            LevelInstrument::Survey => 'surface of a survey',
            Stage::HoleOpen => 'braced, the hole open',
            Stage::Lift => 'at a lift of the fill',
            Stage::Filled => 'just filled',
            Stage::Hardened => 'set hard',
            FillStep::Started => 'filling begun',
            FillStep::Done => 'filled',
            FillStep::StillWet => 'surface still wet',
            FillStep::Stripped => 'braces off',
            ReadyItem::Inspected => 'inspected, or no inspection is asked for',
            ReadyItem::Foot => 'foot clean, tamped, seated flat and centred',
            ReadyItem::Anchor => 'anchor put together in its template, form plumb and braced, bars clear of it',
            ReadyItem::Mix => 'mix and water on site',
            ReadyItem::Weather => 'no frost or storm before it has set',
            ReadyItem::Covered => 'cover at hand for the night',
            LeanWay::Gap => 'a gap under the level',
            LeanWay::Angle => 'an angle',
            LeanWay::Bob => 'a bob’s distance',
            LeanWay::Phone => 'this phone',
            LeanWay::Bubble => 'the bubble against its lines',
            Bubble::HalfWay => 'bubble half-way to the line',
            Bubble::OnTheLine => 'bubble on the line',
            Bubble::Beyond => 'bubble beyond the line',
            PointOfNoReturn::Pour => 'the pour',
            PointOfNoReturn::Cut => 'the cuts',
            CheckRoute::LongDiagonal => 'the longest diagonal, from a zero of its own',
            CheckRoute::WholeLength => 'the whole row in one pull, from a zero of its own',
            CheckRoute::FixedPoints => 'its distance from two things that stand fast, with another tape',
            CheckRoute::OtherTape => 'one side with another tape, by another person',
            CheckRoute::OtherLevel => 'the height of one post with another instrument',
            CheckRoute::OneRodForAll => 'one rod cut to the mark, held on every line',
            SpacingAt::Ground => 'at the ground',
            SpacingAt::Top => 'at the tops',
            default => null,
        };
    }
}
