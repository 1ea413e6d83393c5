<?php

declare(strict_types=1);

namespace App\Exchange\Drawn;

/** A drawing as a file: DXF as text, or LandXML. */
final class DrawingFile
{
    public static function read(string $bytes): Drawn
    {
        $text = (string) preg_replace('/^\xEF\xBB\xBF/', '', $bytes);

        return str_starts_with(ltrim($text), '<') ? LandXml::read($text) : Dxf::read($text);
    }
}
