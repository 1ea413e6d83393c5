<?php

declare(strict_types=1);

namespace App\Picture;

use Aequus\Fact\Fact;
use Aequus\Logbook\Kind\PictureRefusal;
use Aequus\Measure\Refusal;

/** A file that is no picture this program can keep. */
final class PictureRefused extends Refusal
{
    public static function noPicture(): self
    {
        return new self(Fact::of(PictureRefusal::NoPicture));
    }

    public static function missing(): self
    {
        return new self(Fact::of(PictureRefusal::Missing));
    }

    public static function tooLarge(): self
    {
        return new self(Fact::of(PictureRefusal::TooLarge));
    }

    public static function tooManyPixels(): self
    {
        return new self(Fact::of(PictureRefusal::TooManyPixels));
    }
}
