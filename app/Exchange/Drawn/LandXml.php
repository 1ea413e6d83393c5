<?php

declare(strict_types=1);

namespace App\Exchange\Drawn;

use Aequus\Level\GroundSurface;
use Aequus\Measure\Vector;
use DOMDocument;
use DOMElement;
use DOMXPath;

/** Points and a surface of a LandXML file, north before east as it has them. Entities and document types are refused, nothing is fetched. */
final class LandXml
{
    /** Points of a surface; a scan is thinned out before. */
    public const MOST = 20_000;

    private const FEET = ['foot' => 304.8, 'USSurveyFoot' => 304.8006096, 'inch' => 25.4];

    public static function read(string $text): Drawn
    {
        if (stripos($text, '<!DOCTYPE') !== false || stripos($text, '<!ENTITY') !== false) {
            return Drawn::refused(DrawnRefusal::Entities);
        }
        $path = self::opened($text);
        if ($path === null) {
            return Drawn::refused(DrawnRefusal::NoDrawing);
        }
        $shapes = $left = [];
        foreach (self::found($path, '//*[local-name()="CgPoint"]') as $node) {
            $at = self::place($node->textContent);
            if ($at === null) {
                $left['CgPoint'] = ($left['CgPoint'] ?? 0) + 1;
            } else {
                $shapes[] = new Shape(
                    mb_substr($node->getAttribute('code') ?: 'CgPoints', 0, 60), [$at], false, mb_substr($node->getAttribute('name'), 0, 20),
                );
            }
        }
        foreach (['Surface', 'Alignment', 'Parcel'] as $other) {
            $count = (int) $path->evaluate("count(//*[local-name()='{$other}'])");
            $left += $count > 0 ? [$other => $count] : [];
        }

        return match (true) {
            $shapes === [] => Drawn::refused(DrawnRefusal::Nothing),
            count($shapes) > Drawn::MOST => Drawn::refused(DrawnRefusal::TooMuch),
            default => new Drawn($shapes, self::unit($path), $left, true),
        };
    }

    /** Its first surface of triangles, in mm, east and north, or why there is none. */
    public static function surface(string $text): GroundSurface|DrawnRefusal
    {
        $path = self::opened($text);
        if ($path === null) {
            return DrawnRefusal::NoDrawing;
        }
        $definition = self::found($path, '//*[local-name()="Surface"]/*[local-name()="Definition"]')[0] ?? null;
        if ($definition === null) {
            return DrawnRefusal::Nothing;
        }
        if (
            (int) $path->evaluate('count(.//*[local-name()="P"])', $definition) > self::MOST
            || (int) $path->evaluate('count(.//*[local-name()="F"])', $definition) > 2 * self::MOST
        ) {
            return DrawnRefusal::TooMuch;
        }
        $unit = self::unit($path);
        $points = $numbers = $triangles = [];
        foreach (self::found($path, './/*[local-name()="P"]', $definition) as $node) {
            $at = self::place($node->textContent);
            $high = preg_split('/\s+/', trim($node->textContent))[2] ?? '';
            if ($at !== null && is_numeric($high)) {
                $numbers[$node->getAttribute('id')] = count($points);
                $points[] = [$at->times($unit), (float) $high * $unit];
            }
        }
        foreach (self::found($path, './/*[local-name()="F"]', $definition) as $node) {
            $of = array_map(fn (string $id) => $numbers[$id] ?? null, preg_split('/\s+/', trim($node->textContent)) ?: []);
            // A face that is marked as unseen is a hole in the surface.
            if (count($of) === 3 && $of[0] !== null && $of[1] !== null && $of[2] !== null && $node->getAttribute('i') !== '1') {
                $triangles[] = [$of[0], $of[1], $of[2]];
            }
        }

        return $triangles === [] ? DrawnRefusal::Nothing : new GroundSurface($points, $triangles);
    }

    /** Null where it is no such file, or has entities of its own. */
    private static function opened(string $text): ?DOMXPath
    {
        if (stripos($text, '<!DOCTYPE') !== false || stripos($text, '<!ENTITY') !== false) {
            return null;
        }
        $xml = new DOMDocument;
        $before = libxml_use_internal_errors(true);
        $isRead = $xml->loadXML($text === '' ? ' ' : $text, LIBXML_NONET | LIBXML_COMPACT);
        libxml_clear_errors();
        libxml_use_internal_errors($before);

        return $isRead && $xml->documentElement?->localName === 'LandXML' ? new DOMXPath($xml) : null;
    }

    /** @return list<DOMElement> */
    private static function found(DOMXPath $path, string $what, ?DOMElement $in = null): array
    {
        $found = $path->query($what, $in);

        return $found === false ? [] : array_values(array_filter(iterator_to_array($found), fn (mixed $node) => $node instanceof DOMElement));
    }

    private static function unit(DOMXPath $path): float
    {
        $imperial = (string) $path->evaluate('string(//*[local-name()="Imperial"]/@linearUnit)');
        $metric = (string) $path->evaluate('string(//*[local-name()="Metric"]/@linearUnit)');

        return $imperial !== '' ? self::FEET[$imperial] ?? 304.8 : ['millimeter' => 1.0, 'centimeter' => 10.0][$metric] ?? 1000.0;
    }

    private static function place(string $text): ?Vector
    {
        $figures = preg_split('/\s+/', trim($text)) ?: [];

        return count($figures) < 2 || ! is_numeric($figures[0]) || ! is_numeric($figures[1]) || abs((float) $figures[0]) > 1e10
            || abs((float) $figures[1]) > 1e10 ? null
            : new Vector((float) $figures[1], (float) $figures[0]);
    }
}
