<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Square;

use Aequus\Guide\Square\StraightenLayout;

final class StraightenLayoutWords
{
    public static function of(StraightenLayout $is): string
    {
        return match ($is) {
            StraightenLayout::SwingGrid => 'Swing the grid to {line}',
            StraightenLayout::MoveStakes => 'Move {posts: stake|stakes} {posts}',
            StraightenLayout::GridAskew => 'The grid lies askew to what holds it. Move {each;}.',
            StraightenLayout::OneOfMany => '{post} {shifts}',
            StraightenLayout::ReadAgainThen => 'Then what was read to them is read again.',
            StraightenLayout::Racked => 'The diagonals differ by {difference}, so the outline leans; moving the {side} side along its string makes '
                .'them equal.',
            StraightenLayout::ReadingsAgree => '{posts: Its readings agree on where it stands|Their readings agree on where they stand}, within '
                .'{ring}; '
                .'this job allows {allowed}.',
            StraightenLayout::SetPostsHold => '{count: The post that is set holds|The # posts that are set hold} the layout.',
            StraightenLayout::OthersStay => '{others} of {all: # stake|# stakes} stay where they are.',
            StraightenLayout::DugAlready => 'The hole of {post} is dug already: see that the post still keeps its cover.',
            StraightenLayout::MovesMost => 'at {post}, which moves most',
        };
    }
}
