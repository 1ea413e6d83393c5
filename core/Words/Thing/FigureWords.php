<?php

declare(strict_types=1);

namespace Aequus\Words\Thing;

use Aequus\Thing\Make\Figure;

/** What the answers come to, each with its reason. */
final class FigureWords
{
    public static function of(Figure $is): string
    {
        return match ($is) {
            Figure::CentreFromKerb => 'Centre of the post from the road’s edge: {number}. That is {setback} to the face and {reach} from there to '
                .'the centre.',
            Figure::TopAboveGround => 'Post top above the ground: {number}. The rule wants {height} over the road{road}{counts}.',
            Figure::RoadBelow => ', which lies {by} below the ground here',
            Figure::RoadAbove => ', which lies {by} above the ground here',
            Figure::CountsAbove => '; what it counts sits {by} above the post',
            Figure::CountsBelow => '; what it counts hangs {by} below the post’s top',
            Figure::DigFor => 'Set the post {number} deep: of {bought} bought, {top} stand. It must be at least {least}.',
            Figure::BoxMayStand => 'While it is set the centre may stand anywhere from {least} to {most} off the edge; the face is then within its '
                .'rule.',
            Figure::CentreBehindEdge => 'Centre of the post behind the court’s edge: {number}. The arm reaches {reach}, and the target hangs '
                .'{inside} inside.',
            Figure::CentreInsideEdge => 'Centre of the post inside the court’s edge: {number}. The arm reaches only {reach}, and the target hangs '
                .'{inside} inside.',
            Figure::TargetAt => 'Set to {height}, the target hangs {number} inside the edge.',
            Figure::MakersHole => 'The maker’s hole: {wide} square and {deep} deep, as its sheet says. Compare it with the frost line before you '
                .'dig.',
            Figure::PairCentres => 'Centre to centre: {number}. That leaves {clear} clear between posts {thick} thick.',
            Figure::LineOnFirst => 'Mark on post A1: {number} above its own ground. The line lies {height} over the mean of the two grounds.',
            Figure::LineOnSecond => 'Mark on post B1: {number} above its own ground.',
            Figure::EvenBays => '{count: # bay|# equal bays} of {number}, centre to centre. None is wider than {largest}.',
            Figure::GateBay => 'The gate’s bay: {number}, centre to centre. That is the leaf of {leaf}, {gap} on either side, and half of two posts '
                .'{thick} thick.',
            Figure::InLineWithNeighbours => 'Its face stands {number} from the road’s edge, in line with the neighbours’ boxes.',
            Figure::MakersRoundHole => 'The maker’s hole: {wide} across and {deep} deep, as its sheet says. Compare it with the frost line before '
                .'you dig.',
            Figure::BarsAt => '{count: One tie|# ties} of bars, {spacing} apart: the lowest and the highest {number} from the ends of the pour.',
            Figure::FormToCut => 'The form at the top: two boards of {number} and two of {long}, {board} thick, for {high} above the ground.',
            Figure::MarkAboveTheLine => 'Mark {off} above the line: on A1 {number} above its own ground, on B1 {second}. On all four faces.',
            Figure::MarkBelowTheLine => 'Mark {off} below the line: on A1 {number} above its own ground, on B1 {second}. On all four faces.',
            Figure::FreeBehind => '{behind} stay free behind it and on either side: {number} across in all.',
            Figure::TopsLevel => 'The tops are level, and the ground {way} by {rise} to the far end: the last post stands {number}.',
            Figure::TopsRaked => 'The tops follow the ground, which {way} by {rise}: from post to post by {number}.',
            Figure::TopsStepped => 'The tops step with the ground, which {way} by {rise}: each bay is level, and the next one {number} off it.',
            Figure::Rises => 'rises',
            Figure::Falls => 'falls',
            Figure::RoundTheCorner => 'Round the corner, turned by {degrees}°: {count: one post more|# posts more}, the first {number} from the '
                .'corner post, centre to centre.',
            Figure::ArchLeaves => 'Under the arch {number} are left at the lowest place over the machine; {margin} are wanted.',
            Figure::RowBought => 'Of posts bought {bought} long {tallest} stand at most: {number} are left for the ground. Compare it with the '
                .'frost line.',
            Figure::LedgerAt => 'Top of the ledger at the wall: {number} above the ground, level along the wall whatever its courses do{falls}.',
            Figure::FallsFromThere => '; the frame falls {fall} from there',
            Figure::HighSide => 'Posts of the high side stand {number}: {fall} of fall over the depth more than the low side.',
            Figure::LaterWalls => 'Walls come later: wind then pushes on all of it. Footings and braces are worked out for the walls from the start.',
            Figure::LaterDoors => 'Doors come later: their posts carry leaves and slams. Name them as gate posts now, and leave their bay clear of '
                .'braces.',
            Figure::LaterSail => 'A sail comes later: it pulls at the tops, in every gust. Work its pull out as a side load before you dig.',
            Figure::Stairs => 'Steps up to the floor: {count: one|#} of {number}, none higher than {riser}.',
            Figure::LandingAt => 'At the head and the foot of the steps {number} stay level and clear, {run} in all beside the steps themselves.',
            Figure::StringAtTheHoles => 'The string for the holes runs {number} above the ground at the first post: {top} below its top. All others '
                .'go down until their hole meets it.',
            Figure::OverPermit => 'The floor lies {number} up, over the {most} from which your office wants a permit. Ask before you dig.',
            Figure::OverGuard => 'The floor lies {number} up, over the {most} from which your office wants a guard: its posts carry it from the '
                .'start.',
            Figure::FewShortened => '{count: One post|# posts} at most may be shortened over a stone, never one at a corner. What was shortened is '
                .'counted.',
            Figure::RoughSawn => 'Rough-sawn posts differ: {number} is what they are planned by. Measure each before its hole is filled, and plumb '
                .'by the middle of its faces.',
            Figure::Pole => 'Poles {number} across have no faces: they stand between two strings, one touching each side, and are plumbed two ways '
                .'by the middle.',
            Figure::TwoPieces => 'Each post is two pieces of {number} by {thick}. Screw or bolt them together flat on trestles, joints staggered, '
                .'before it stands: '
                .'a single piece bows.',
            Figure::GaugeBoards => 'Alone: first cut boards of {lengths}. They hold the next post off the last one while you plumb it.',
            Figure::HeldToComeOut => 'Held by {hold}, so that it comes out again without being broken out. It stands {number} high.',
            Figure::ScrewedToComeOff => 'What comes off for winter is held by bolts or screws that come out, never by nails or glue. The posts, '
                .'{number} high, stay.',
            Figure::PanelBayCentres => 'Each bay: {number}, centre to centre. That is {panel}, {gap} on either side, and half of two posts {thick} '
                .'thick.',
            Figure::DeepFromWall => 'Centres of the posts from the wall: {number}. Over all it stands {deep} out.',
            Figure::DeepBetweenRows => 'Between the outer rows: {number}, centre to centre. Over all it is {deep}.',
            Figure::MachinePasses => 'Each passage: {number}, centre to centre. That is {machine}, {margin} on either side, and half of two posts '
                .'{thick} thick.',
            Figure::MachinePassesDoors => 'Each passage: {number}, centre to centre. That is {machine}, {margin} and {frame} of door frame on '
                .'either side, and half of two posts '
                .'{thick} thick.',
            Figure::MachineLong => 'Between the outer posts {number} are free for a machine {long} long, with {margin} before and behind it.',
            Figure::PassageOverLargest => 'At the end the posts stand {number} apart, more than the {largest} you said is reached: what lies over '
                .'the passage must be sized for that.',
            Figure::DoorOver => 'Over the doors {number} at least: the lowest point over the passage and {over} of frame or track.',
            Figure::DoorLeaves => 'Two leaves close {opening}. They swing over {number} of ground in front: keep it level and free, of snow too.',
            Figure::DoorSlides => 'A sliding door needs {number} of rail free beside its opening: over the next bay only one of two stands open.',
            Figure::LowSide => 'Posts of the low side stand {number}.',
            Figure::RoofLeaves => 'The machine stops {margin} before the low side’s posts: lay a block there. It then comes nearest to the roof '
                .'{along} from its front, with '
                .'{number} left.',
            Figure::EavesAtLeast => 'Lowest point over the passage: {number}. That is {machine} and {margin} over it.',
            Figure::FloorAt => 'The finished floor lies {number} above the ground: {down} below the sill at {sill}.',
            Figure::TopUnderStack => 'Post tops: {number} above the ground. The floor is at {floor}, and {stack} of boards, joists and beam lie on '
                .'the posts.',
            Figure::RowsFromWall => '{rows: One row of posts|# rows of posts}, the first {number} from the house, centre to wall: a gap of {gap}, '
                .'then {deep} of floor, '
                .'with its outer posts flush.',
            Figure::SpaceNeeded => 'It needs a clear place of {number} by {other}: {free} free on every side.',
            Figure::DiagonalComputed => 'Diagonal of one bay: {number}, from {bay} along and {apart} across.',
            Figure::SheetAgrees => 'The sheet’s diagonal is {off} off that; it allows {tolerance}.',
            Figure::DrivenTo => 'Each post goes {number} into the ground and stands {high}: {length} in all.',
            Figure::LeastOver => 'Least height over the passage: {number}. That is {machine} and {margin} over it.',
            Figure::TakeOffAsGiven => 'Side {side}: plane {number} off both faces, to {planed}.',
            Figure::TakeOffTurned => 'Turn the post a quarter. Side {side}: plane {number} off both faces, to {planed}.',
            Figure::WedgesAsGiven => 'Side {side}: the socket is wider. Wedges of {number} on both faces.',
            Figure::WedgesTurned => 'Turn the post a quarter. Side {side}: the socket is wider. Wedges of {number} on both faces.',
            Figure::GoesInAsGiven => 'Side {side}: it goes in as it is.',
            Figure::GoesInTurned => 'Turn the post a quarter. Side {side}: it goes in as it is.',
            Figure::SocketNotProbed => 'Whether the socket can be kept is not known: push a rod into the old post on every side, and write down '
                .'where the '
                .'first one stops. It must be emptied to {least}.',
            Figure::SocketKept => 'The socket can be kept: emptied to {depth}, and {least} is needed.',
            Figure::SocketTooShallow => 'The socket can’t be kept: it can be emptied to {depth} only, {short} less than the {least} that is needed. '
                .'Cut the old post '
                .'off and bolt a base on, or break the concrete out.',
        };
    }
}
