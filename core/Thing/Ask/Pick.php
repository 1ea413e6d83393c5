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
}
