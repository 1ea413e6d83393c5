<?php

declare(strict_types=1);

namespace Aequus\Logbook\Kind;

/** Why a picture is not kept. */
enum PictureRefusal
{
    case NoPicture;
    case Missing;
    case TooLarge;
    case TooManyPixels;
}
