<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Drawing\Drawn\DrawnReading;
use App\Drawing\Drawn\DrawnStake;
use App\Type\Say;

/** What the shapes of stakes and readings stand for, those that occur. */
final class SquareLegend
{
    private const SHAPES = [
        'within', 'out', 'undetermined', 'free', 'held', 'tape fits', 'tape to-pull', 'tape doubt', 'tape out', 'tape waits', 'tape unchecked',
    ];

    /**
     * @param  list<DrawnStake>  $stakes
     * @param  list<DrawnReading>  $readings
     * @return array<string, string> words by shape
     */
    public static function of(array $stakes, array $readings): array
    {
        $occur = [
            ...array_map(fn (DrawnStake $stake) => $stake->shape, $stakes), ...array_map(
                fn (DrawnReading $reading) => "tape {$reading->state}", $readings,
            ),
        ];
        $told = array_values(array_intersect(self::SHAPES, $occur));

        return array_combine($told, array_map(fn (string $shape) => Say::text('drawing.legend.'.strtr($shape, ' ', '_')), $told));
    }
}
