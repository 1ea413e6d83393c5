<?php

declare(strict_types=1);

namespace Aequus\Words\Footing;

use Aequus\Footing\Holes\HoleEffect;
use Aequus\Footing\Holes\HoleRemedy;

/** What can be done about a hole, and what that does. */
final class HoleWords
{
    public static function remedy(HoleRemedy $is): string
    {
        return match ($is) {
            HoleRemedy::FillUpWithGravel => 'Fill up with gravel, tamped in layers',
            HoleRemedy::ThickerPad => 'Make the pad thicker',
            HoleRemedy::DriveOn => 'Drive on, if it still moves',
            HoleRemedy::PullAndDrill => 'Pull it, drill the hole a little narrower than the post, and drive it again',
            HoleRemedy::TurnIt => 'Turn it while you drive',
            HoleRemedy::DigOutAndFill => 'Dig the stone out, stand the post, and fill round it',
            HoleRemedy::CutItsFoot => 'Pull it and cut its foot shorter',
            HoleRemedy::CutItsTop => 'Cut its top off',
            HoleRemedy::LeaveAndCutItsTop => 'Leave it and cut its top off',
            HoleRemedy::BreakTheRock => 'Break the rock and dig on',
            HoleRemedy::CutTheRoots => 'Cut the roots clean and dig on',
            HoleRemedy::BailTheWater => 'Bail the water out and dig on',
            HoleRemedy::SleeveTheHole => 'Sleeve the hole and dig on',
            HoleRemedy::DigOn => 'Dig on',
            HoleRemedy::ShiftTheHole => 'Shift the hole clear of it, keeping the post on its mark',
            HoleRemedy::ThinTheGravel => 'Thin the gravel',
            HoleRemedy::Shorten => 'Shorten the post',
            HoleRemedy::ShortenAndTake => 'Shorten the post and take the hole as it is',
            HoleRemedy::PinToTheRock => 'Pin a base to the rock',
            HoleRemedy::AnotherFooting => 'Another footing',
            HoleRemedy::PumpDry => 'Pump it dry before anything goes in, or pour through a pipe from the bottom up',
            HoleRemedy::TubeWhileDigging => 'Put a tube or a barrel in while digging',
            HoleRemedy::DigToFirmGround => 'Dig on to firm ground, or spread the load over a wider foot',
            HoleRemedy::BellOut => 'Bell the foot out to',
            HoleRemedy::WiderPad => 'Pour a wider pad, or widen the hole to',
        };
    }

    public static function effect(HoleEffect $is): string
    {
        return match ($is) {
            HoleEffect::NothingElseChanges => 'The foot stays where it was planned: nothing else changes.',
            HoleEffect::ConcreteOnCleanGround => 'Concrete on clean ground; the foot stays where it was planned.',
            HoleEffect::StopAtTenBlows => 'A hand is kept off it; stop when ten blows bring less than a finger’s breadth.',
            HoleEffect::KeepsItsDepth => 'It keeps its depth; the ground beside it must not be loosened.',
            HoleEffect::NeverAtCornerOrAnchor => 'Never at a corner or an anchor: they need the whole depth.',
            HoleEffect::PastTheStone => 'A post that turns often slides past a stone.',
            HoleEffect::FilledInLifts => 'In layers of a hand’s breadth, each tamped: loose fill holds nothing.',
            HoleEffect::HolesStayOnTheString => 'Its holes stay on the string. So much less stands in the ground: it needs a decision with its '
                .'reason.',
            HoleEffect::DrillAnewAtTheString => 'Its hole then stands {lower} over the string: drill it anew where the string crosses it.',
            HoleEffect::LeftToShorten => '{count: One more|# more} may be shortened by the sheet.',
            HoleEffect::NoneLeftToShorten => 'As many as the sheet lets be shortened are. Get it down, or ask the maker.',
            HoleEffect::SoMuchLessStands => 'So much less stands in the ground. It needs a decision with its reason.',
            HoleEffect::AsPlannedThen => 'Then it is as planned: nothing else changes.',
            HoleEffect::RoomLeft => 'So much room the hole leaves round the post and its cover; the post itself does not move.',
            HoleEffect::NoRoomLeft => 'The hole leaves no room: the post fills it with its cover.',
            HoleEffect::EveryRuleHolds => 'Every rule of depth still holds.',
            HoleEffect::ThinnestIsTooHigh => 'Even at its thinnest the bottom is not deep enough.',
            HoleEffect::NeverAtACorner => 'Never at a corner: it carries the braces and the ends of two beams.',
            HoleEffect::NeverAtAnAnchor => 'Never at an anchor: what pulls at it needs the whole depth.',
            HoleEffect::LessThanAQuarter => 'less than a quarter of the post stands in the ground',
            HoleEffect::OnlyTheMargin => 'Only the margin is given up.',
            HoleEffect::Then => 'Then {missing&}. Your local office must agree.',
            HoleEffect::NeedsADecision => 'It needs a decision with its reason.',
            HoleEffect::CutAtTheTop => 'Cut it at the top: turned over, or cut at the foot, bare wood would stand in the ground.',
            HoleEffect::AboveTheFrostLine => 'the pad lies {by} above the frost line',
            HoleEffect::BelowEmbedment => 'the post stands {by} less deep than its least embedment',
            HoleEffect::BelowSideways => 'it stands {by} less deep than its load from the side asks',
            HoleEffect::BelowThing => 'it stands {by} less deep than this job asks',
            HoleEffect::BelowMaker => 'the maker’s minimum is missed by {by}',
            HoleEffect::BelowLocal => 'the local minimum is missed by {by}',
            HoleEffect::BelowToday => 'it stands {by} too little in today’s ground',
            HoleEffect::BelowRole => 'it misses what its role asks by {by}',
            HoleEffect::FootRises => 'The foot rises by {by}, and the post is cut so much shorter at its foot.',
            HoleEffect::FootRisesUncut => 'The foot rises by {by}, and the post is cut so much shorter.',
            HoleEffect::FootStays => 'The foot stays where it was planned.',
            HoleEffect::ForAnEngineer => 'Anchors, edge distance and frost under it are for a licensed engineer; record what was said as a decision.',
            HoleEffect::DryMixInWater => 'Dry mix in standing water does not set as its bag says. A closed tube floats: hold it down.',
            HoleEffect::SidesRun => 'Nobody reaches into a hole whose sides run. The wider hole takes more concrete: enter its width.',
            HoleEffect::SayWhichSoil => 'Say which soil is at the bottom and the width is worked out again.',
            HoleEffect::SoilCarries => '{^found} is presumed to carry {carries}, the {assumed} assumed {more}: so wide a foot carries the same load.',
            HoleEffect::PostStays => 'The post, its depth and its length stay; the hole takes more concrete.',
            HoleEffect::BagsFollow => 'Enter the width with the hole, and bags and spoil follow.',
        };
    }
}
