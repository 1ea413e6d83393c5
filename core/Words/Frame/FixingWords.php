<?php

declare(strict_types=1);

namespace Aequus\Words\Frame;

use Aequus\Frame\FixingMisfit;
use Aequus\Frame\Metal;
use Aequus\Plan\Frame\FastenerKind;

/** What fixings are, and why one does not go with what it shall hold. */
final class FixingWords
{
    public static function of(FixingMisfit $is): string
    {
        return match ($is) {
            FixingMisfit::TooNarrow => '{layer}: {wide} is too thin for “{name}”, which takes {from} at least.',
            FixingMisfit::TooWide => '{layer}: {wide} does not go into “{name}”, which takes {to} at most.',
            FixingMisfit::OtherPlies => '{layer}: “{name}” is made for {plies: # ply|# plies}, not for {are}.',
            FixingMisfit::NotDeepEnough => '{layer}: {deep} is not as deep as “{name}” asks, {least} at least.',
            FixingMisfit::ConnectorScrewComesOut => 'The screws of “{name}” are {long} long and would come out of {thick} of timber.',
            FixingMisfit::BaseTakesNoPost => 'A post of {post} does not go with the base “{name}”, which takes {from} to {to}.',
            FixingMisfit::TooShort => '{layer}: {long} does not reach through {through}. Take a longer fixing.',
            FixingMisfit::ComesOut => '{layer}: {long} would come out behind {thick} of timber. Take a shorter fixing.',
            FixingMisfit::TooManyAtACrossing => '{layer}: {count: # fixing has|# fixings have} no room side by side in {room} where each keeps '
                .'{edge} from edges and from the next. Take fewer, or thinner ones.',
            FixingMisfit::TooNearAJoint => '{layer}: where two are joined each end has {have} to be fixed on, and the sheet asks for {need}. Widen '
                .'what they lie on, or join them over something wider.',
            FixingMisfit::BoltBesideThePier => 'The bolt of “{name}” stands {off} off the middle of the post: on a pier {pier} wide it comes nearer '
                .'to the edge than {edge}.',
        };
    }

    public static function fastener(FastenerKind $kind): string
    {
        return match ($kind) {
            FastenerKind::Nail => 'nail',
            FastenerKind::Screw => 'screw',
            FastenerKind::Bolt => 'bolt',
        };
    }

    public static function metal(Metal $metal): string
    {
        return match ($metal) {
            Metal::Plated => 'plated steel will do',
            Metal::HotDipZinc => 'hot-dip zinc or stainless',
            Metal::Stainless => 'stainless',
        };
    }
}
