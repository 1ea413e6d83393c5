<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Square;

use Aequus\Guide\Square\SettleContradiction;

final class SettleContradictionWords
{
    public static function of(SettleContradiction $is): string
    {
        return match ($is) {
            SettleContradiction::SettleContradiction => 'Find out why they were read again and still disagree',
            SettleContradiction::GrossContradiction => 'The readings contradict each other so grossly that no place comes out of them.',
            SettleContradiction::NotAllTrue => '{count: # reading|# readings} can’t all be true. '
                .'At least one of them is wrong, and a mistake in any of them would look the same.',
            SettleContradiction::MoreThanTwoWrong => '{count: # reading|# readings} can’t all be true, and it takes more than two mistakes to '
                .'explain it: '
                .'either several are wrong, or this tape is far rougher than its class.',
            SettleContradiction::OneFurtherTape => 'This one further tape tells which. It should read about {planned}.',
            SettleContradiction::LongestFirst => 'Read each again, longest first: a slip shows at once.',
            SettleContradiction::TapeOrLooseStake => 'The tape may be rougher than its class, or a stake stood loose. '
                .'Set two stakes more, at the middle of two opposite sides, and tape to them; or take the layout with a reason.',
        };
    }
}
