<?php

declare(strict_types=1);

namespace App\Exchange;

/** Why a line of a total station’s file is left out. */
enum AsStakedLeft: string
{
    case NoFigures = 'no_figures';
    case NoSuchPost = 'no_such_post';
    case Twice = 'twice';
    case TooFar = 'too_far';
    case TooMany = 'too_many';
}
