<?php

declare(strict_types=1);

namespace Aequus\Thing\Ask;

/** What a question lets choose from. */
enum Pick: string
{
    case Clear = 'clear';
    case Centres = 'centres';
    case Outside = 'outside';
    case Free = 'free';
    case OnAWall = 'on_a_wall';
    case SwingBar = 'swing_bar';
    case Target = 'target';
    case Banner = 'banner';
    case Gate = 'gate';
    case Hoist = 'hoist';
    case Left = 'left';
    case Right = 'right';
    case SquareHole = 'square_hole';
    case RoundHole = 'round_hole';
    case Level = 'level';
    case Raked = 'raked';
    case Stepped = 'stepped';
    case Nothing = 'nothing';
    case Walls = 'walls';
    case Doors = 'doors';
    case Sail = 'sail';
    case LowSide = 'low_side';
    case HighSide = 'high_side';
    case AtAnEnd = 'at_an_end';
    case NoDoors = 'no_doors';
    case Leaves = 'leaves';
    case Sliding = 'sliding';
    case Concrete = 'concrete';
    case Foam = 'foam';
    case WithHelp = 'with_help';
    case Alone = 'alone';
    case Stays = 'stays';
    case OffForWinter = 'off_for_winter';
    case Renewed = 'renewed';
    case PulledOut = 'pulled_out';
    case Sawn = 'sawn';
    case RoughSawn = 'rough_sawn';
    case Pole = 'pole';
    case TwoPieces = 'two_pieces';
    case WetTreated = 'wet_treated';
    case DrySoftwood = 'dry_softwood';
    case Hardwood = 'hardwood';
    case GreenOak = 'green_oak';
}
