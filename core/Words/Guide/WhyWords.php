<?php

declare(strict_types=1);

namespace Aequus\Words\Guide;

use Aequus\Guide\Move\MoveWhy;

/** Why a move is asked for, and how it is done. */
final class WhyWords
{
    public static function of(MoveWhy $is): string
    {
        return match ($is) {
            MoveWhy::DugWithoutNotice => 'Holes are written down, but no notice is. What lies in the ground here is not known until the '
                .'lines are marked.',
            MoveWhy::MarksTakeDays => 'Marks take some working days, so ask before the staking. Private lines are yours to find and enter.',
            MoveWhy::BookedFor => 'It is booked for {day}. What can be done before then stands on the page of days.',
            MoveWhy::NoDayNamed => 'It was asked for on {day}, and nobody named a day. Nothing that waits for it is begun.',
            MoveWhy::DidNotCome => 'On {day} it was refused, or did not come. {says}',
            MoveWhy::NotPassed => 'On {day} it was not passed. {says} Nothing is covered up before it is.',
            MoveWhy::HireIsOver => 'It went back on {day}, and holes are left: hire it again, or dig them by hand and call it off.',
            MoveWhy::WasBookedFor => 'It was booked for {day}, and that day is over.',
            MoveWhy::AskedOn => 'Asked on {asked}, {days: # working day|# working days}: digging may begin on {from}, once every utility '
                .'has answered. '
                .'Public holidays count extra.',
            MoveWhy::LineThroughHole => 'The line as entered runs through the hole. Move the post in a new plan, or have the owner of the '
                .'line say how.',
            MoveWhy::HoleNearLine => 'Its edge stands {room} from the line; {asked} is asked for. Move the post in a new plan, or decide '
                .'to dig it by hand.',
            MoveWhy::BraceBlocks => 'It stands {high} up, in the way of {thing}.',
            MoveWhy::BraceHigher => 'It does not from {above} up.',
            MoveWhy::BraceLower => 'Nor does it at {below} or lower.',
            MoveWhy::BraceShorter => 'Nor with a leg of {leg} at most.',
            MoveWhy::BraceOnAnotherSide => 'It does not to the {sides|}.',
            MoveWhy::BraceNowhere => 'At this post it is in the way at any height. Put it between two others, or take it off the plan.',
            MoveWhy::FixedThroughPost => 'By the plan {line} runs through the post. Change the plan, or take it with a reason.',
            MoveWhy::FixedTooNear => 'By the plan its face stands {room} from it; {least} is to be kept. Change the plan, or take it with a reason.',
            MoveWhy::TimesTooMuch => 'Taken together they read {times} times too much.',
            MoveWhy::TimesTooLittle => 'Taken together they read {times} times too little.',
            MoveWhy::AnotherPlan => 'Is this the plan they belong to?',
            MoveWhy::EnterThemAnew => 'Strike them and enter them again, or correct the plan.',
            MoveWhy::TooMuchByThePlan => 'It reads {misfit} too much by the plan.',
            MoveWhy::TooLittleByThePlan => 'It reads {misfit} too little by the plan.',
            MoveWhy::CountsForNothing => 'It counts for nothing until it is pulled again, or entered once more as right.',
            MoveWhy::ReadTwiceApart => 'It was read more than once, {spread} apart. Read it once more and correct the wrong one.',
            MoveWhy::TooMuchAgainstAll => 'It reads {misfit} too much: all other readings agree with each other and not with this one. '
                .'It is left out until it is read again.',
            MoveWhy::TooLittleAgainstAll => 'It reads {misfit} too little: all other readings agree with each other and not with this one. '
                .'It is left out until it is read again.',
            MoveWhy::IfBothStand => 'If both stakes stand where the plan has them it reads {planned}.',
            MoveWhy::OnTheNails => 'Hold it on the nails, level.',
            MoveWhy::HandIsNearEnough => 'A hand’s breadth is near enough before the boards stand.',
            MoveWhy::StretchTheString => 'Stretch the string from nail to nail, tight and touching nothing, and read how far the nail of '
                .'{stake} stands beside it. '
                .'If it stands right it reads {planned}.',
            MoveWhy::StringRunsBeside => 'The string on the boards runs {ran}, counted from the post centres: tight and touching nothing. '
                .'Read how far the nail of {stake} stands beside it. If it stands right it reads {planned}.',
            MoveWhy::SquareToIt => 'Hold the tape square to it, level, and read to the nail of {stake}. If it stands right it reads {planned}. '
                .'The grid runs parallel to {line}: offsets at several stakes hold it.',
            MoveWhy::RoughTooMuch => 'It reads {misfit} too much. Before there are boards a stake stands within {hand} of its place.',
            MoveWhy::RoughTooLittle => 'It reads {misfit} too little. Before there are boards a stake stands within {hand} of its place.',
            MoveWhy::OuterStakesStand => 'The outer stakes stand within {hand}; those between take their places from the strings. Digging '
                .'takes them away; '
                .'nails on boards and the strings between them stay. Where each board and nail stands is told under Setting out. '
                .'Then the layout is proved to {within} on the nails.',
            MoveWhy::LinesDisagree => 'Measured from the stakes, {lines} do not lie to each other as the plan has them; either may be wrong. '
                .'Measure between them, correct the plan, or only keep a distance from one of them. '
                .'While this stands nothing is judged by a line.',
            MoveWhy::GrossContradiction => 'The readings contradict each other so grossly that no place comes out of them.',
            MoveWhy::NotAllTrue => '{count: # reading|# readings} can’t all be true. '
                .'At least one of them is wrong, and a mistake in any of them would look the same.',
            MoveWhy::MoreThanTwoWrong => '{count: # reading|# readings} can’t all be true, and it takes more than two mistakes to explain it: '
                .'either several are wrong, or this tape is far rougher than its class.',
            MoveWhy::OneFurtherTape => 'This one further tape tells which. It should read about {planned}.',
            MoveWhy::LongestFirst => 'Read each again, longest first: a slip shows at once.',
            MoveWhy::TapeOrLooseStake => 'The tape may be rougher than its class, or a stake stood loose. '
                .'Set two stakes more, at the middle of two opposite sides, and tape to them; or take the layout with a reason.',
            MoveWhy::GridAskew => 'The grid lies askew to what holds it. Move {each;}.',
            MoveWhy::OneOfMany => '{post} {shifts}',
            MoveWhy::ReadAgainThen => 'Then what was read to them is read again.',
            MoveWhy::Racked => 'The diagonals differ by {difference}, so the outline leans; moving the {side} side along its string makes '
                .'them equal.',
            MoveWhy::ReadingsAgree => '{posts: Its readings agree on where it stands|Their readings agree on where they stand}, within {ring}; '
                .'this job allows {allowed}.',
            MoveWhy::SetPostsHold => '{count: The post that is set holds|The # posts that are set hold} the layout.',
            MoveWhy::OthersStay => '{others} of {all: # stake|# stakes} stay where they are.',
            MoveWhy::DugAlready => 'The hole of {post} is dug already: see that the post still keeps its cover.',
            MoveWhy::RougherThanClass => 'No single reading is wrong, but together they scatter {times} times as much as a {tape} should. '
                .'Wind, sag, a loose stake or slack strings do that. '
                .'Choose the class that fits, read again with more care, or take it with a reason.',
            MoveWhy::SetAskewToLine => 'The posts that are set stand out of parallel to {line}, and they can’t move any more. '
                .'Change the plan to what stands, take it up in what goes on top, or take it with a reason.',
            MoveWhy::SetOffTheLine => 'The posts that are set stand too near to or too far from {line}, and they can’t move any more. '
                .'Change the plan to what stands, take it up in what goes on top, or take it with a reason.',
            MoveWhy::StakesAskewToLine => 'The stakes fit the plan among themselves, but they stand out of parallel to {line}. '
                .'Judged by the line each is told its move; or keep only a distance from it, or take the layout with a reason.',
            MoveWhy::StakesOffTheLine => 'The stakes fit the plan among themselves, but they stand too near to or too far from {line}. '
                .'Judged by the line each is told its move; or keep only a distance from it, or take the layout with a reason.',
            MoveWhy::SetOffAnyGrid => 'The posts that are set lie {worst} off any true grid, and they can’t move. Anchors, notches or a '
                .'new plan must give.',
            MoveWhy::ErrorsAddUp => 'Counted from the base line, errors add up until {open} is left open at the far stakes. '
                .'By {way} these same readings tell of every stake. Choose it below.',
            MoveWhy::PlaceIsOpen => 'Where {post} stands is open by {open}; this job allows {allowed}. This tape brings it to {then}.',
            MoveWhy::CannotProve => 'These readings leave {open} open, more than the {allowed} this job allows, and no further reading '
                .'with a {tape} changes that much. '
                .'They can’t prove it.',
            MoveWhy::WillNotMove => 'A sill, a kerb or a nail in a tree: one thing that will not move until the last cut. Every height is '
                .'counted from it.',
            MoveWhy::FirstReading => 'Set the laser where it sees the benchmark and every post. This first reading gives its own height.',
            MoveWhy::TrueGround => 'Stand it on true ground, not on spoil. Still to read: {left} of {all: # post|# posts}.',
            MoveWhy::HeightTooMuch => 'It reads {misfit} too much: all others agree with each other and not with this one. '
                .'It is left out until it is read again.',
            MoveWhy::HeightTooLittle => 'It reads {misfit} too little: all others agree with each other and not with this one. '
                .'It is left out until it is read again.',
            MoveWhy::HeightsNotAllTrue => '{count: # reading|# readings} can’t all be true: {readings,}. A mistake in any of them would '
                .'look the same.',
            MoveWhy::HeightsAndMoreNotAllTrue => '{count: # reading|# readings} can’t all be true: {readings,} and more. A mistake in any '
                .'of them would look the same.',
            MoveWhy::TheRod => 'the rod on {point} from set-up {set_up}',
            MoveWhy::TheDifference => '{from} to {to}, {instrument}',
            MoveWhy::TheEntry => 'entry {entry}',
            MoveWhy::AgainDecides => 'Reading this one again decides.',
            MoveWhy::AThirdDecides => 'A third reading decides.',
            MoveWhy::StillDisagree => 'They were read again and still disagree: check that {points} did not move and the instrument stands level; '
                .'or take the heights with a reason.',
            MoveWhy::LevelMisses => 'The way round misses by more than the level should. Either it is out of true, or one hop is wrong; '
                .'a hop the other way round tells which.',
            MoveWhy::NamedLevelMisses => 'The way round misses by more than the level “{level}” should. Either it is out of true, or one '
                .'hop is wrong; '
                .'a hop the other way round tells which.',
            MoveWhy::StandsAbove => '{post} stands {off} above what the others say.',
            MoveWhy::StandsBelow => '{post} stands {off} below what the others say.',
            MoveWhy::AnotherSetUpShows => 'If the ground really lies so, another set-up shows it.',
            MoveWhy::CallItSetUp => 'Call it set-up {set_up}.',
            MoveWhy::GroundTooRough => 'The ground is too rough to show a misread rod.',
            MoveWhy::PostsInOneRow => 'Posts in one row can’t show a misread rod.',
            MoveWhy::TooFewPosts => 'So few posts can’t show a misread rod.',
            MoveWhy::SecondWayChecks => 'Depths rest on its height: a second way there checks it.',
            MoveWhy::TwoSetUpsCheck => 'Depths rest on its height: two set-ups check each other.',
            MoveWhy::SecondSetUpChecks => 'Depths rest on these heights: a second set-up, or a hop with a board, checks them.',
            MoveWhy::FrostFromTheOffice => 'Frost depth comes from your local office; margin, embedment, pad and gravel are yours. No '
                .'hole has a depth before that.',
            MoveWhy::SoilFound => 'At the bottom {found} was found at {post}, {assumed} was assumed.',
            MoveWhy::FootMustBeWider => 'It carries less, so the foot must be wider.',
            MoveWhy::SuitsBestNow => 'What suits it best now: {hold}.',
            MoveWhy::DecideAnew => 'Decide again for the soil there is, or keep both with a reason.',
            MoveWhy::ToTheCleanBottom => 'From today’s ground to the clean bottom.',
            MoveWhy::ToItsFoot => 'From today’s ground to its foot; plumb it every few blows.',
            MoveWhy::LevelWithTheFirst => 'So deep its top comes level with {post}’s, if the posts are alike.',
            MoveWhy::WhatGoverns => 'What makes it so deep: {rule}.',
            MoveWhy::MetBesideIt => '{post} beside it met {found}.',
            MoveWhy::NotDrivenFarEnough => 'It went {depth} into the ground and must go {required}: {rule}.',
            MoveWhy::ShortenedSoFar => '{count: One was|# were} shortened so far; the sheet lets {most} be.',
            MoveWhy::NotDeepEnough => 'It is {depth} deep and must be {required}: {rule}.',
            MoveWhy::WaysPastRock => 'Break it and dig on, move or widen the foot, or take it shorter: what each costs stands beside the hole.',
            MoveWhy::FootAsDug => 'From its foot to its top, the foot as its hole came out. It can’t be made longer: '
                .'measure from the same end twice, then cut and seal it.',
            MoveWhy::BoltToItsBase => 'Bolt it to its base, face to the string, braced on two sides.',
            MoveWhy::HangFromItsBeam => 'Hang it from its beam over the hole, clear of the bottom, and let it come to rest plumb; then brace it.',
            MoveWhy::TiltItsFrame => 'Tilt its frame up, nobody under it, ropes on both sides; seat it on its foot and brace it on two sides.',
            MoveWhy::SeatOnItsFoot => 'Seat it on its foot, face to the string, braced on two sides.',
            MoveWhy::TreatedUpTo => 'Mark it {reach} up from its foot: to there it is {care}. A foot that is cut and a face that is '
                .'planed are treated again.',
            MoveWhy::GaugeOff => 'Alone: the board of {gauge} holds it off {other} while you plumb it.',
            MoveWhy::TwoBracesFirst => 'Alone: screw one end of both braces to it before it stands, and drive their pegs.',
            MoveWhy::NotForOne => 'It weighs about {kilograms} kg: not for one person. Get help, or hire a hoist or a tripod.',
            MoveWhy::NotForTwo => 'It weighs about {kilograms} kg: more than two people lift. Tilt it up on a block, or hire a machine.',
            MoveWhy::JoinBothPieces => 'Its two pieces are joined on trestles before it stands.',
            MoveWhy::BetweenTwoStrings => 'It stands between two strings, one touching each side: it has no face to set by.',
            MoveWhy::RoughSawnDiffers => 'Rough-sawn: set it by the middle of its face, not by the edge.',
            MoveWhy::AtLeastSoLong => 'It is at least this long from foot to finished top.',
            MoveWhy::FilledSinceRead => 'It was filled since it was last read: a fill pushes. Read it again while it still gives.',
            MoveWhy::NothingRead => 'Nothing was read on this post yet.',
            MoveWhy::HalfKnown => 'One face was read: the post is only half known.',
            MoveWhy::ReadTooRoughly => 'A phone can’t prove it: it may be {rough} in {run} off, and the limit is 1 in {limit}. Hold a level on it.',
            MoveWhy::FaceByRule => 'The rule lets the face stand {least} to {most} off {line}, and the centre stands {reach} behind it. Square to the edge, to the '
                .'middle of the post or its stake, it should read {planned}.',
            MoveWhy::FaceOutOfItsBand => 'Its face stands {setback} off {line}; the rule lets it stand {least} to {most}.',
            MoveWhy::EmbedmentLine => 'Draw a line on it {up} up from its foot: when the ground meets the line, the foot is where its hole has it.',
            MoveWhy::FootByLine => 'By the line on it the foot is {line} deep.',
            MoveWhy::FootByLineAndHole => 'By the line on it the foot is {line} deep, by its hole {hole}.',
            MoveWhy::FootLeast => 'It must be {least} deep at least.',
            MoveWhy::LineTwiceAlike => 'Look whether the line was drawn from the foot, and read it again: read twice alike, it is believed before the hole.',
            MoveWhy::HoleFellIn => 'A side may have fallen in. Clean the bottom, set the post again, and read its line again.',
            MoveWhy::TopByRule => 'The rule wants {least} to {most} over {line}. Hold a level across from the post’s top and measure down to {line}: '
                .'it should read {planned}.',
            MoveWhy::TopOutOfItsBand => 'As it stands it comes to {height} over {line}; the rule lets it be {least} to {most}.',
            MoveWhy::LiftOnGravel => 'Tamp gravel under its foot or take some out, plumb it, and measure again.',
            MoveWhy::NoPlaceKeepsCover => 'In a hole so narrow no place leaves the post its cover: widen the hole first.',
            MoveWhy::HoleLetsItNoFurther => 'The hole lets it go no further with its cover: {still} stays out. Widen the hole, or ask whether it may stay.',
            MoveWhy::FilledAsItStands => 'It is filled and can’t be moved any more. Ask whoever made the rule whether it may stay, and write down the answer.',
            MoveWhy::AtTheBrace => 'At the brace that is {pulls}. The limit is 1 in {limit}.',
            MoveWhy::PullWhileItGives => 'It is filled: pull only while the fill still gives, or take the lean with a reason.',
            MoveWhy::ReadBothFacesAgain => 'Then read both faces again.',
            MoveWhy::NextToBeFilled => '{post} is next to be filled. See to it, then say so: for all posts, or for this one.',
            MoveWhy::BeforeItIsFilled => 'Before {post} is filled: {route}. It catches {catches}.',
            MoveWhy::BeforeTheFirstCut => 'Before the first cut: {route}. It catches {catches}.',
            MoveWhy::FillWith => '{^fill}.',
            MoveWhy::PlumbWhenFull => 'Plumb it again when it is full.',
            MoveWhy::FillsPushed => 'The last fills pushed the posts toward the {side}: keep this one as much the other way.',
            MoveWhy::OneHeight => 'One height at {post}, level or falling, and the height of the level line you strike on every post. '
                .'All marks are measured from that line.',
            MoveWhy::MarkAboveTheLine => 'Its mark comes {mark} above the line. Nobody cuts before every top is measured.',
            MoveWhy::TopBelowItsMark => 'Its top stands below its mark. Lower all tops in a new plan, change the post, or decide how to '
                .'make it good.',
            MoveWhy::ComesOff => 'The datum line stands {line} above the benchmark’s zero. {off} comes off. Seal the fresh end.',
            MoveWhy::FilledAtFreezing => 'It was filled at freezing: it does not set. Keep it warm, and ask the label of the bag; no saw, '
                .'no load, no braces off.',
            MoveWhy::FoundWet => 'Its surface was found wet: believe the surface, not the label. No saw, no load, no braces off.',
            MoveWhy::ShakesLoose => 'Sawing and loading shake what has not set.',
            MoveWhy::WriteDownTheFill => 'Write down when it is filled.',
            MoveWhy::HoursMore => 'It wants about {hours: # hour|# hours} more.',
            MoveWhy::MinutesMore => 'It wants {minutes: # minute|# minutes} more.',
            MoveWhy::ChangedSinceHandover => 'It was handed over, and the plan was changed since: the record is of another plan.',
            MoveWhy::NothingLacks => 'Every post has its depth, its plumb readings and its cut in the book.',
            MoveWhy::PostsLack => '{count: # post lacks|# posts lack} a depth, a plumb reading or a cut in the book; the record says so.',
            MoveWhy::BracesNotOff => 'Not in the book yet: braces off {count: # post|# posts}.',
            MoveWhy::MembersNotUp => 'Not in the book yet: {count: # piece|# pieces} of the frame put up.',
            MoveWhy::HalfAPourBreaks => 'A pour that stops half-way leaves a joint where the post breaks: fill to the top, plumb both '
                .'faces, slope it off. '
                .'Where bags do not reach, leave the surface rough and ask an engineer.',
            MoveWhy::RainAndFrostSpoil => 'Rain washes it out, frost spoils it. Sheet or straw over it, weighed down; nobody leans on these posts.',
            MoveWhy::HeldByBracesAlone => 'A post in an open hole is held by its braces alone. A second pair, or down on the ground '
                .'before the wind comes.',
            MoveWhy::BoardsThatBear => 'Boards that bear a person, weighed down and marked. Nobody reaches into them in the morning '
                .'before they are looked into.',
            MoveWhy::WetBagsAreLost => 'Wet bags are lost. Power off.',
            MoveWhy::FrozeWhenFresh => 'Concrete that freezes on its first day never gets its full strength. Scratch it with a nail: where it '
                .'crumbles or flakes, or sounds dull under the hammer, it comes out, or an engineer says what it still bears. Braces stay on.',
            MoveWhy::FrostOnItsFirstDay => 'Its first day is not over, and freezing is foretold: straw or blankets over it, weighed down, '
                .'before it gets cold.',
            MoveWhy::GustsSinceItWasRead => 'Gusts have come since that stop any lifting, and braces give. Both faces, before anything is filled or loaded.',
            MoveWhy::RainSinceDug => 'Rain has come since they were dug: bail them out, dig out mud and what fell in, and measure the depth again.',
            MoveWhy::FrostInTheHoles => 'It has frozen since they were dug: nothing is poured on frozen ground. Let it thaw, or dig it out.',
            MoveWhy::HardByItsClock => 'What holds it has had its hours. Look and scratch first; a cold night makes it longer, the page of days knows. '
                .'Then write it down.',
            MoveWhy::FilledAtNoKnownTime => 'Nobody wrote down when it was filled, so no clock runs. Scratch it with a nail: only what is hard lets go of its braces. '
                .'Then write it down.',
            MoveWhy::FromBelow => 'From below, each layer before the next. What is up is written down by row; what keeps posts in place comes before what rests on it.',
            MoveWhy::HardByClockAndWeather => 'They have had their hours, and the weather that came was warm enough for it. Look first: a surface '
                .'that is still wet counts for more than any clock.',
        };
    }
}
