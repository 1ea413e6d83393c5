<?php

declare(strict_types=1);

namespace Aequus\Plan\Layout;

/** The places a string may run; for posts without a straight face, round or driven, one on each side of them. */
enum StringAt: string
{
    case Centre = 'centre';
    case Face = 'face';
    case BothFaces = 'both_faces';
    case Offset = 'offset';
}
