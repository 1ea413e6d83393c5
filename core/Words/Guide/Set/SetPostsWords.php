<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Set;

use Aequus\Guide\Set\SetPosts;

final class SetPostsWords
{
    public static function of(SetPosts $is): string
    {
        return match ($is) {
            SetPosts::SetPost => 'Set post {post}',
            SetPosts::BoltToItsBase => 'Bolt it to its base, face to the string, braced on two sides.',
            SetPosts::HangFromItsBeam => 'Hang it from its beam over the hole, clear of the bottom, and let it come to rest plumb; then brace it.',
            SetPosts::TiltItsFrame => 'Tilt its frame up, nobody under it, ropes on both sides; seat it on its foot and brace it on two sides.',
            SetPosts::SeatOnItsFoot => 'Seat it on its foot, face to the string, braced on two sides.',
            SetPosts::TreatedUpTo => 'Mark it {reach} up from its foot: to there it is {care}. A foot that is cut and a face that is '
                .'planed are treated again.',
            SetPosts::GaugeOff => 'Alone: the board of {gauge} holds it off {other} while you plumb it.',
            SetPosts::TwoBracesFirst => 'Alone: screw one end of both braces to it before it stands, and drive their pegs.',
            SetPosts::NotForOne => 'It weighs about {kilograms} kg: not for one person. Get help, or hire a hoist or a tripod.',
            SetPosts::NotForTwo => 'It weighs about {kilograms} kg: more than two people lift. Tilt it up on a block, or hire a machine.',
            SetPosts::JoinBothPieces => 'Its two pieces are joined on trestles before it stands.',
            SetPosts::BetweenTwoStrings => 'It stands between two strings, one touching each side: it has no face to set by.',
            SetPosts::RoughSawnDiffers => 'Rough-sawn: set it by the middle of its face, not by the edge.',
            SetPosts::AtLeastSoLong => 'It is at least this long from foot to finished top.',
            SetPosts::EmbedmentLine => 'Draw a line on it {up} up from its foot: when the ground meets the line, the foot is where its hole has it.',
            SetPosts::AsItWasCut => 'as it was cut',
            SetPosts::LeastLength => 'least length',
        };
    }
}
