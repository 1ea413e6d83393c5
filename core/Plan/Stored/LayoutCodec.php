<?php

declare(strict_types=1);

namespace Aequus\Plan\Stored;

use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Layout\BoardRules;
use Aequus\Plan\Layout\ChosenPlacement;
use Aequus\Plan\Layout\LayoutRules;
use Aequus\Plan\Layout\ReadyList;
use Aequus\Plan\Layout\StringAt;
use Aequus\Plan\Layout\StringRun;
use Aequus\Plan\Place\Fit;
use Aequus\Plan\Place\FixedKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Place\MustFit;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\Point;

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
            'fixed_lines' => array_map(self::line(...), $rules->fixedLines),
            'rough_first' => $rules->roughFirst,
            'spared' => $rules->spared,
        ];
    }

    /** @param  array<string, mixed>  $stored */
    public static function decode(array $stored): LayoutRules
    {
        [$setback, $length, $height] = $stored['boards'];
        [$from, $to] = $stored['base'];
        // A plan once had one line at most, without an id.
        $first = $stored['fixed_line'] ?? null;
        $lines = $stored['fixed_lines'] ?? ($first === null ? [] : [['id' => FixedLine::FIRST_ID, 'name' => $first[0], 'from' => $first[1], 'to' => $first[2], 'kind' => FixedKind::Wall->value, 'least' => null]]);

        return new LayoutRules(
            ChosenPlacement::from($stored['placement']), ReadyList::from($stored['list']), TapeClass::from($stored['tape']),
            $stored['reach'] === null ? null : Length::nanometres($stored['reach']),
            StringRun::stored(StringAt::from($stored['strings'][0]), Length::nanometres($stored['strings'][1])),
            new BoardRules(Length::nanometres($setback), Length::nanometres($length), $height === null ? null : Length::nanometres($height)),
            Length::nanometres($stored['cover']), $from === null ? null : PostId::of($from), $to === null ? null : PostId::of($to),
            array_map(self::toLine(...), array_values($lines)), $stored['rough_first'] ?? false, array_values($stored['spared'] ?? []),
        );
    }

    /** @return array<string, mixed> ready for JSON */
    public static function encodeFit(Fit $fit): array
    {
        return [
            'things' => array_map(fn (MustFit $t) => [$t->name, $t->from->value, $t->to->value, $t->width->nanometres, $t->margin->nanometres, $t->fixed->nanometres, $t->most?->nanometres], $fit->things),
            'neighbours' => array_map(self::line(...), $fit->neighbours),
        ];
    }

    /** @param  array<string, mixed>  $stored */
    public static function decodeFit(array $stored): Fit
    {
        return new Fit(
            array_map(fn (array $t) => new MustFit($t[0], PostId::of($t[1]), PostId::of($t[2]), Length::nanometres($t[3]), Length::nanometres($t[4]), Length::nanometres($t[5]), $t[6] === null ? null : Length::nanometres($t[6])), array_values($stored['things'])),
            array_map(fn (array $n, int $i) => self::toLine(isset($n['id']) ? $n : ['id' => "near-{$i}", 'name' => $n[0], 'from' => $n[1], 'to' => $n[2], 'kind' => FixedKind::Boundary->value, 'least' => $n[3]]), array_values($stored['neighbours']), array_keys(array_values($stored['neighbours']))),
        );
    }

    /** @return array<string, mixed> */
    private static function line(FixedLine $line): array
    {
        return ['id' => $line->id, 'name' => $line->name, 'from' => self::point($line->from), 'to' => self::point($line->to), 'kind' => $line->kind->value, 'least' => $line->least?->nanometres];
    }

    /** @param  array<string, mixed>  $stored */
    private static function toLine(array $stored): FixedLine
    {
        return new FixedLine($stored['id'], $stored['name'], self::at($stored['from']), self::at($stored['to']), FixedKind::from($stored['kind']), $stored['least'] === null ? null : Length::nanometres($stored['least']));
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
