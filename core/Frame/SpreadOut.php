<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Cut\CutRefused;
use Aequus\Cut\Members;
use Aequus\Measure\Length;
use Aequus\Plan\Frame\Layer;

/** Members of one layer spread between two edges, by its rule. */
final class SpreadOut
{
    /** @return array<int, float> centres in mm, by the number of each from the first edge; the outer ones flush with the edges, or so far inside */
    public static function centres(float $from, float $to, Layer $layer): array
    {
        $offset = $layer->spread->offset();
        $long = Length::millimetres($to - $from)->minus($offset->times(2));
        try {
            $faces = self::faces($long, $layer);
        } catch (CutRefused) {
            return [1 => ($from + $to) / 2];
        }
        $centres = [];
        foreach ($faces as $i => $face) {
            if (! in_array($i + 1, $layer->spread->leftOut, true)) {
                // A wider one at an end stays flush with it; any other stands over its own mark.
                $more = $layer->at($i + 1)->wide()->minus($layer->thick)->inMillimetres() / 2;
                $centres[$i + 1] = $from + $offset->plus($face)->inMillimetres() + $layer->thick->inMillimetres() / 2 + match ($i) {
                    0 => $more, count($faces) - 1 => -$more, default => 0.0
                };
            }
        }

        return $centres;
    }

    /** How many places there are, those left out with them. */
    public static function places(float $from, float $to, Layer $layer): int
    {
        try {
            return count(self::faces(Length::millimetres($to - $from)->minus($layer->spread->offset()->times(2)), $layer));
        } catch (CutRefused) {
            return 1;
        }
    }

    /**
     * @return list<Length> near faces
     *
     * @throws CutRefused when two do not fit
     */
    private static function faces(Length $long, Layer $layer): array
    {
        $apart = $layer->apart ?? $long;
        if ($layer->spread->atCentres) {
            return Members::atCentres($long, $layer->thick, $apart)->nearFaces;
        }
        $between = $long->minus($layer->thick)->nanometres;

        return Members::even($long, max(1, (int) ceil($between / max(1, $apart->nanometres) - 1e-9)) + 1, $layer->thick)->nearFaces;
    }
}
