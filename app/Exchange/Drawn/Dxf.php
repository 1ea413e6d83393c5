<?php

declare(strict_types=1);

namespace App\Exchange\Drawn;

use Aequus\Measure\Vector;

/**
 * A DXF drawing of any version, as text: points, circles, inserted blocks with their labels, lines and polylines of its ENTITIES section; a text
 * names what lies nearest to it on its layer. What blocks are made of is not looked into. Arcs in a polyline are taken as straight.
 */
final class Dxf
{
    /** mm of one unit, by the number that a header has for it. */
    /** Millimetres in the unit of a drawing, by what its header calls it. */
    public const UNITS = ['1' => 25.4, '2' => 304.8, '4' => 1.0, '5' => 10.0, '6' => 1000.0];

    private const TEXTS = ['TEXT', 'MTEXT'];

    public static function read(string $text): Drawn
    {
        if (str_contains($text, "\0")) {
            return Drawn::refused(DrawnRefusal::Binary);
        }
        $groups = self::groups($text);
        if ($groups === null) {
            return Drawn::refused(DrawnRefusal::NoDrawing);
        }
        [$unit, $section, $shapes, $texts, $left] = [null, '', [], [], []];
        $count = count($groups);
        for ($i = 0; $i < $count; $i++) {
            [$code, $value] = $groups[$i];
            if ($code === 0 && $value === 'SECTION') {
                $section = $groups[$i + 1][1] ?? '';
            } elseif ($section === 'HEADER' && $code === 9 && $value === '$INSUNITS') {
                $unit = self::UNITS[$groups[$i + 1][1] ?? ''] ?? null;
            } elseif ($section === 'ENTITIES' && $code === 0 && ! in_array($value, ['', 'ENDSEC', 'EOF', 'SEQEND', 'VERTEX', 'ATTRIB'], true)) {
                [$shape, $end] = self::shape($value, $groups, $i + 1);
                if ($shape !== null && in_array($value, self::TEXTS, true)) {
                    $texts[] = $shape;
                } elseif ($shape !== null) {
                    $shapes[] = $shape;
                } else {
                    $left[$value] = ($left[$value] ?? 0) + 1;
                }
                $i = $end - 1;
            }
            if (count($shapes) + count($texts) > Drawn::MOST) {
                return Drawn::refused(DrawnRefusal::TooMuch);
            }
        }

        return $shapes === [] ? Drawn::refused(DrawnRefusal::Nothing) : new Drawn(self::named($shapes, $texts), $unit, $left);
    }

    /** @return ?list<array{int, string}> code and value in turn; null where it is no such file */
    private static function groups(string $text): ?array
    {
        $lines = preg_split('/\r\n|\r|\n/', $text) ?: [];
        $groups = [];
        for ($i = 0; $i + 1 < count($lines); $i += 2) {
            $code = trim($lines[$i]);
            if (! preg_match('/^-?\d{1,4}$/', $code)) {
                return null;
            }
            // A value that is no text we know is read as older programs write it.
            $value = trim($lines[$i + 1]);
            $groups[] = [(int) $code, mb_check_encoding($value, 'UTF-8') ? $value : mb_convert_encoding($value, 'UTF-8', 'Windows-1252')];
        }

        return in_array([0, 'SECTION'], $groups, true) ? $groups : null;
    }

    /**
     * @param  list<array{int, string}>  $groups
     * @return array{?Shape, int} null where it can’t be understood, and where the next one begins
     */
    private static function shape(string $kind, array $groups, int $at): array
    {
        [$layer, $name, $flags, $xs, $ys, $isFollowed] = ['0', '', 0, [], [], false];
        $follows = ['POLYLINE' => 'VERTEX', 'INSERT' => 'ATTRIB'][$kind] ?? '';
        $in = $kind;
        for (; isset($groups[$at]); $at++) {
            [$code, $value] = $groups[$at];
            if ($code === 0) {
                if ($value === 'SEQEND' && $follows !== '') {
                    // Its own layer and handle follow, nothing else.
                    $in = 'SEQEND';
                    $isFollowed = true;

                    continue;
                }
                if ($value !== $follows || $follows === '' || $isFollowed) {
                    break;
                }
                $in = $value;

                continue;
            }
            match (true) {
                $code === 8 && $in === $kind => $layer = $value,
                $code === 70 && $in === $kind => $flags = (int) $value,
                $code === 1 && ($in === 'ATTRIB' || in_array($kind, self::TEXTS, true)) => $name = $name === '' ? $value : $name,
                in_array($code, [10, 11], true) && self::isPlace($kind, $in, $code) => $xs[] = $value,
                in_array($code, [20, 21], true) && self::isPlace($kind, $in, $code - 10) => $ys[] = $value,
                default => null,
            };
        }
        if (! in_array($kind, ['POINT', 'CIRCLE', 'INSERT', 'LINE', 'POLYLINE', 'LWPOLYLINE', ...self::TEXTS], true)) {
            return [null, $at];
        }

        return [self::made($kind, mb_substr($layer, 0, 60), mb_substr($name, 0, 20), $flags, $xs, $ys), $at];
    }

    /** A polyline’s own 10 is no corner; a line’s end is 11. */
    private static function isPlace(string $kind, string $in, int $code): bool
    {
        return match ($kind) {
            'LINE' => true,
            'POLYLINE' => $in === 'VERTEX' && $code === 10,
            'INSERT' => $in === 'INSERT' && $code === 10,
            default => $code === 10,
        };
    }

    /**
     * @param  list<string>  $xs
     * @param  list<string>  $ys
     */
    private static function made(string $kind, string $layer, string $name, int $flags, array $xs, array $ys): ?Shape
    {
        $points = [];
        foreach ($xs as $i => $x) {
            $y = $ys[$i] ?? '';
            if (! is_numeric($x) || ! is_numeric($y) || abs((float) $x) > 1e10 || abs((float) $y) > 1e10) {
                return null;
            }
            $points[] = new Vector((float) $x, (float) $y);
        }
        $isLine = in_array($kind, ['LINE', 'POLYLINE', 'LWPOLYLINE'], true);
        if ($points === [] || count($points) > Drawn::MOST || ($isLine && count($points) < 2)) {
            return null;
        }

        return $isLine ? new Shape($layer, $points, $kind !== 'LINE' && ($flags & 1) === 1, $name) : new Shape($layer, [$points[0]], false, $name);
    }

    /**
     * Each text goes to the nearest of its layer that has no name yet.
     *
     * @param  list<Shape>  $shapes
     * @param  list<Shape>  $texts
     * @return list<Shape>
     */
    private static function named(array $shapes, array $texts): array
    {
        foreach ($texts as $text) {
            $nearest = null;
            foreach ($shapes as $i => $shape) {
                if (
                    $shape->layer === $text->layer && $shape->name === ''
                    && ($nearest === null || self::apart($shape, $text) < self::apart($shapes[$nearest], $text))
                ) {
                    $nearest = $i;
                }
            }
            if ($nearest !== null) {
                $shapes[$nearest] = new Shape($text->layer, $shapes[$nearest]->points, $shapes[$nearest]->isClosed, $text->name);
            }
        }

        return array_values($shapes);
    }

    private static function apart(Shape $shape, Shape $text): float
    {
        return min(array_map(fn (Vector $point) => $point->minus($text->points[0])->length(), $shape->points));
    }
}
