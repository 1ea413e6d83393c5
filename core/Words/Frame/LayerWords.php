<?php

declare(strict_types=1);

namespace Aequus\Words\Frame;

use Aequus\Plan\Frame\LayerKind;

/** What the layers of a frame are called, one member of each, and what is minded before it goes up. */
final class LayerWords
{
    public static function all(LayerKind $kind): string
    {
        return match ($kind) {
            LayerKind::Beam => 'Beams',
            LayerKind::Ledger => 'Ledger',
            LayerKind::Joist => 'Joists or rafters',
            LayerKind::Rim => 'Rims or fascias',
            LayerKind::Blocking => 'Blocks between joists',
            LayerKind::Purlin => 'Purlins or battens',
            LayerKind::Board => 'Boards',
            LayerKind::Sheet => 'Roof sheets',
            LayerKind::Brace => 'Braces',
            LayerKind::Rail => 'Rails',
            LayerKind::Panel => 'Panels or screens',
        };
    }

    public static function one(LayerKind $kind): string
    {
        return match ($kind) {
            LayerKind::Beam => 'beam',
            LayerKind::Ledger => 'ledger',
            LayerKind::Joist => 'joist',
            LayerKind::Rim => 'rim',
            LayerKind::Blocking => 'block',
            LayerKind::Purlin => 'purlin',
            LayerKind::Board => 'board',
            LayerKind::Sheet => 'sheet',
            LayerKind::Brace => 'brace',
            LayerKind::Rail => 'rail',
            LayerKind::Panel => 'panel',
        };
    }

    /** Before it is lifted: what is marked, drilled and fitted on the ground, and what it needs above. */
    public static function before(LayerKind $kind): string
    {
        return match ($kind) {
            LayerKind::Beam => 'Measure each line of posts as it stands, cut last, and check twice. Mark every joist on its top, and drill for its '
                .'bolts on the ground. '
                .'Sight along it: crown up.',
            LayerKind::Ledger => 'Strike its level line on the wall first. Mark every joist on it, drill it on trestles, and have all bolts at '
                .'hand: begin each by hand.',
            LayerKind::Joist => 'Cut one, try it at both ends of the frame, then cut the rest by it. Crown up. Nobody stands under it while it goes '
                .'over.',
            LayerKind::Rim => 'Measure it after the joists are fixed. Mark the joists on it from one end.',
            LayerKind::Blocking => 'Measure each gap: green joists bow within a day. Offcuts will do.',
            LayerKind::Purlin => 'Mark their places on the two outer rafters, and strike a line between.',
            LayerKind::Board => 'Wet boards close, dry ones with their gap. Mark every tenth row from the first edge, so that the last comes out '
                .'even.',
            LayerKind::Sheet => 'Not in wind. Square the first one to the eaves by the 3-4-5; each one after laps the last away from the weather.',
            LayerKind::Brace => 'Plumb the posts first. Begin all its bolts by hand, then tighten.',
            LayerKind::Rail => 'Mark its height on both end posts and string a line between.',
            LayerKind::Panel => 'Measure each bay at top and foot first. Hang it plumb between its posts, its gap the same on both sides.',
        };
    }
}
