<?php

declare(strict_types=1);

namespace App\Exchange\Drawn;

use Aequus\Measure\Vector;
use DOMDocument;
use DOMElement;
use DOMXPath;

/** Points of a LandXML file, north before east as it has them. Entities and document types are refused, nothing is fetched. Surfaces are named as left out. */
final class LandXml
{
    private const FEET = ['foot' => 304.8, 'USSurveyFoot' => 304.8006096, 'inch' => 25.4];

    public static function read(string $text): Drawn
    {
        if (stripos($text, '<!DOCTYPE') !== false || stripos($text, '<!ENTITY') !== false) {
            return Drawn::refused(DrawnRefusal::Entities);
        }
        $xml = new DOMDocument;
        $before = libxml_use_internal_errors(true);
        $isRead = $xml->loadXML($text, LIBXML_NONET | LIBXML_COMPACT);
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        if (! $isRead || $xml->documentElement?->localName !== 'LandXML') {
            return Drawn::refused(DrawnRefusal::NoDrawing);
        }
        $path = new DOMXPath($xml);
        $shapes = $left = [];
        foreach ($path->query('//*[local-name()="CgPoint"]') ?: [] as $node) {
            $at = $node instanceof DOMElement ? self::place($node->textContent) : null;
            if ($at === null) {
                $left['CgPoint'] = ($left['CgPoint'] ?? 0) + 1;
            } elseif ($node instanceof DOMElement) {
                $shapes[] = new Shape(mb_substr($node->getAttribute('code') ?: 'CgPoints', 0, 60), [$at], false, mb_substr($node->getAttribute('name'), 0, 20));
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

    private static function unit(DOMXPath $path): float
    {
        $imperial = (string) $path->evaluate('string(//*[local-name()="Imperial"]/@linearUnit)');
        $metric = (string) $path->evaluate('string(//*[local-name()="Metric"]/@linearUnit)');

        return $imperial !== '' ? self::FEET[$imperial] ?? 304.8 : ['millimeter' => 1.0, 'centimeter' => 10.0][$metric] ?? 1000.0;
    }

    private static function place(string $text): ?Vector
    {
        $figures = preg_split('/\s+/', trim($text)) ?: [];

        return count($figures) < 2 || ! is_numeric($figures[0]) || ! is_numeric($figures[1]) || abs((float) $figures[0]) > 1e10 || abs((float) $figures[1]) > 1e10 ? null
            : new Vector((float) $figures[1], (float) $figures[0]);
    }
}
