<?php

declare(strict_types=1);

namespace Aequus\Plan;

use Aequus\Adjust\PlacementWay;
use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;

/** How the layout is proved and what it must leave room for, as stored within a plan. */
final class LayoutCodec
{
    /** @return array<string, mixed> ready for JSON */
    public static function encode(LayoutRules $rules): array
    {
        return [
            'placement' => $rules->placement->value,
            'list' => $rules->list->value,
            'tape' => $rules->tape->value,
            'reach' => $rules->reach?->nanometres,
            'strings' => [$rules->strings->at->value, $rules->strings->typed()->nanometres],
            'boards' => [$rules->boards->setback->nanometres, $rules->boards->length->nanometres, $rules->boards->height?->nanometres],
            'cover' => $rules->cover->nanometres,
            'base' => [$rules->baseFrom?->value, $rules->baseTo?->value],
            'fixed_line' => $rules->fixedLine === null ? null : [$rules->fixedLine->name, self::point($rules->fixedLine->from), self::point($rules->fixedLine->to)],
        ];
    }

    /** @param  array<string, mixed>  $stored */
    public static function decode(array $stored): LayoutRules
    {
        [$setback, $length, $height] = $stored['boards'];
        [$from, $to] = $stored['base'];
        $line = $stored['fixed_line'];

        return new LayoutRules(
            PlacementWay::from($stored['placement']), ReadyList::from($stored['list']), TapeClass::from($stored['tape']),
            $stored['reach'] === null ? null : Length::nanometres($stored['reach']),
            StringRun::stored(StringAt::from($stored['strings'][0]), Length::nanometres($stored['strings'][1])),
            new BoardRules(Length::nanometres($setback), Length::nanometres($length), $height === null ? null : Length::nanometres($height)),
            Length::nanometres($stored['cover']), $from === null ? null : PostId::of($from), $to === null ? null : PostId::of($to),
            $line === null ? null : new FixedLine($line[0], self::at($line[1]), self::at($line[2])),
        );
    }

    /** @return array<string, mixed> ready for JSON */
    public static function encodeFit(Fit $fit): array
    {
        return [
            'things' => array_map(fn (MustFit $t) => [$t->name, $t->from->value, $t->to->value, $t->width->nanometres, $t->margin->nanometres, $t->fixed->nanometres, $t->most?->nanometres], $fit->things),
            'neighbours' => array_map(fn (Neighbour $n) => [$n->name, self::point($n->from), self::point($n->to), $n->least->nanometres], $fit->neighbours),
        ];
    }

    /** @param  array<string, mixed>  $stored */
    public static function decodeFit(array $stored): Fit
    {
        return new Fit(
            array_map(fn (array $t) => new MustFit($t[0], PostId::of($t[1]), PostId::of($t[2]), Length::nanometres($t[3]), Length::nanometres($t[4]), Length::nanometres($t[5]), $t[6] === null ? null : Length::nanometres($t[6])), array_values($stored['things'])),
            array_map(fn (array $n) => new Neighbour($n[0], self::at($n[1]), self::at($n[2]), Length::nanometres($n[3])), array_values($stored['neighbours'])),
        );
    }

    /** @return array{int, int} */
    private static function point(Point $point): array
    {
        return [$point->x->nanometres, $point->y->nanometres];
    }

    /** @param  array{int, int}  $stored */
    private static function at(array $stored): Point
    {
        return new Point(Length::nanometres($stored[0]), Length::nanometres($stored[1]));
    }
}
