<?php

declare(strict_types=1);

namespace App\Picture;

use GdImage;

/**
 * A picture as it is kept: turned upright, at most 1600 pixels long, written anew as JPEG. Nothing of the file that came in is kept beside its
 * pixels: no place, no camera, nothing hidden that could be run.
 */
final readonly class StoredPicture
{
    private const LONGEST = 1600;

    private const THUMBNAIL = 480;

    private const QUALITY = 82;

    private const MOST_PIXELS = 60_000_000;

    private function __construct(public string $bytes, public string $fingerprint)
    {
    }

    /** @throws PictureRefused when the file is no picture, or too large a one */
    public static function fromFile(string $path): self
    {
        $about = @getimagesize($path);
        if ($about === false || ! in_array($about[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            throw PictureRefused::noPicture();
        }
        if ($about[0] * $about[1] > self::MOST_PIXELS) {
            throw PictureRefused::tooManyPixels();
        }
        $given = (string) file_get_contents($path);
        $image = $about[2] === IMAGETYPE_JPEG && self::isCutOff($given) ? false : @imagecreatefromstring($given);
        if ($image === false) {
            throw PictureRefused::noPicture();
        }
        $image = self::upright(self::smaller($image, self::LONGEST), $about[2] === IMAGETYPE_JPEG ? $path : null);
        ob_start();
        imagejpeg($image, null, self::QUALITY);
        $bytes = (string) ob_get_clean();

        return new self($bytes, hash('sha256', $bytes));
    }

    /** A kept picture as it stands in a list. */
    public static function thumbnail(string $bytes): string
    {
        $image = imagecreatefromstring($bytes);
        assert($image !== false);
        ob_start();
        imagejpeg(self::smaller($image, self::THUMBNAIL), null, self::QUALITY);

        return (string) ob_get_clean();
    }

    private static function smaller(GdImage $image, int $longest): GdImage
    {
        [$width, $height] = [imagesx($image), imagesy($image)];
        $scale = min(1.0, $longest / max($width, $height));
        $smaller = imagecreatetruecolor(max(1, (int) round($width * $scale)), max(1, (int) round($height * $scale)));
        assert($smaller !== false);
        // What was transparent lies on white.
        imagefill($smaller, 0, 0, (int) imagecolorallocate($smaller, 255, 255, 255));
        imagecopyresampled($smaller, $image, 0, 0, 0, 0, imagesx($smaller), imagesy($smaller), $width, $height);

        return $smaller;
    }

    /** Whether the last scan of a JPEG is not ended: the library would fill the rest with grey and say nothing. */
    private static function isCutOff(string $jpeg): bool
    {
        return (int) strrpos($jpeg, "\xFF\xD9") < (int) strrpos($jpeg, "\xFF\xDA");
    }

    /** As the camera was held, where it noted that. */
    private static function upright(GdImage $image, ?string $jpeg): GdImage
    {
        $noted = $jpeg === null || ! function_exists('exif_read_data') ? false : @exif_read_data($jpeg);
        $orientation = $noted === false ? 1 : (int) ($noted['Orientation'] ?? 1);
        if (in_array($orientation, [2, 4, 5, 7], true)) {
            imageflip($image, in_array($orientation, [2, 5, 7], true) ? IMG_FLIP_HORIZONTAL : IMG_FLIP_VERTICAL);
        }
        $turn = match ($orientation) {
            3 => 180, 6, 7 => -90, 5, 8 => 90, default => 0
        };
        $turned = $turn === 0 ? $image : imagerotate($image, $turn, 0);
        assert($turned !== false);

        return $turned;
    }
}
