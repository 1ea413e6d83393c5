<?php

declare(strict_types=1);

namespace Aequus\Words\Logbook;

use Aequus\Logbook\Kind\PictureRefusal;

/** What was wrong, where, and what to enter instead. */
final class PictureRefusalWords
{
    public static function of(PictureRefusal $is): string
    {
        return match ($is) {
            PictureRefusal::NoPicture => 'This file is not a picture. Choose a JPEG, PNG or WebP.',
            PictureRefusal::Missing => 'No picture came along. Choose one, or take one with the phone.',
            PictureRefusal::TooLarge => 'This picture is too large to be sent: 20 MB is the most. Take it again with fewer pixels.',
            PictureRefusal::TooManyPixels => 'This picture has more than 60 million pixels. Take it again with fewer.',
        };
    }
}
