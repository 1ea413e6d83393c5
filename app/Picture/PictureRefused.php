<?php

declare(strict_types=1);

namespace App\Picture;

use Aequus\Measure\Refusal;

/** A file that is no picture this program can keep. */
final class PictureRefused extends Refusal
{
    public static function noPicture(): self
    {
        return new self('This file is not a picture. Choose a JPEG, PNG or WebP.');
    }

    public static function missing(): self
    {
        return new self('No picture came along. Choose one, or take one with the phone.');
    }

    public static function tooLarge(): self
    {
        return new self('This picture is too large to be sent: 20 MB is the most. Take it again with fewer pixels.');
    }

    public static function tooManyPixels(): self
    {
        return new self('This picture has more than 60 million pixels. Take it again with fewer.');
    }
}
