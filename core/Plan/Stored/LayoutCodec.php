<?php

declare(strict_types=1);

namespace Aequus\Plan\Stored;

use Aequus\Measure\Stored;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Layout\BoardRules;
use Aequus\Plan\Layout\ChosenPlacement;
use Aequus\Plan\Layout\LayoutRules;
use Aequus\Plan\Layout\ReadingList;
use Aequus\Plan\Layout\StringAt;
use Aequus\Plan\Layout\StringRun;
use Aequus\Plan\Place\Fit;
use Aequus\Plan\Place\FixedKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Place\MustFit;
use Aequus\Plan\Place\WorldPlace;
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

    public static function decode(Stored $stored): LayoutRules
    {
        [$boards, $strings, $base] = [$stored->in('boards'), $stored->in('strings'), $stored->in('base')];
        $first = $stored->inOrNone('fixed_line');

        return new LayoutRules(
            $stored->case('placement', ChosenPlacement::class), $stored->case('list', ReadingList::class), $stored->case('tape', TapeClass::class),
            $stored->lengthOrNone('reach'),
            StringRun::stored($strings->case(0, StringAt::class), $strings->length(1)),
            new BoardRules($boards->length(0), $boards->length(1), $boards->lengthOrNone(2)),
            $stored->length('cover'), PostId::orNone($base->textOrNone(0)), PostId::orNone($base->textOrNone(1)),
            // A plan once had one line at most, without an id.
            $first === null ? array_map(self::toLine(...), $stored->each('fixed_lines')) : [
                new FixedLine(
                    FixedLine::FIRST_ID, $first->text(0), Point::fromStored($first->in(1)), Point::fromStored($first->in(2)), FixedKind::Wall, null,
                ),
            ],
            $stored->isSo('rough_first'), array_values($stored->texts('spared')),
        );
    }

    /** @return array<string, mixed> ready for JSON */
    public static function encodeFit(Fit $fit): array
    {
        return [
            'things' => array_map(
                fn (MustFit $t) => [
                    $t->name, $t->from->value, $t->to->value, $t->width->nanometres, $t->margin->nanometres, $t->fixed->nanometres,
                    $t->most?->nanometres,
                    ...($t->isLeaf || $t->low !== null || $t->high !== null ? [$t->isLeaf, $t->low?->nanometres, $t->high?->nanometres] : []),
                ],
                $fit->things,
            ),
            'neighbours' => array_map(self::line(...), $fit->neighbours),
        ];
    }

    public static function decodeFit(Stored $stored): Fit
    {
        $neighbours = $stored->each('neighbours');

        return new Fit(
            array_map(
                fn (Stored $t) => new MustFit(
                    $t->text(0), PostId::of($t->text(1)), PostId::of($t->text(2)), $t->length(3), $t->length(4), $t->length(5), $t->lengthOrNone(6),
                    $t->isSo(7),
                    $t->lengthOrNone(8), $t->lengthOrNone(9),
                ),
                $stored->each('things'),
            ),
            array_map(fn (Stored $n, int $i) => $n->has('id')
                ? self::toLine($n)
                : new FixedLine(
                    "near-{$i}", $n->text(0), Point::fromStored($n->in(1)), Point::fromStored($n->in(2)), FixedKind::Boundary, $n->lengthOrNone(3),
                ), $neighbours, array_keys($neighbours)),
        );
    }

    /** @return array<string, mixed> */
    private static function line(FixedLine $line): array
    {
        return [
            'id' => $line->id, 'name' => $line->name, 'from' => $line->from->stored(), 'to' => $line->to->stored(), 'kind' => $line->kind->value,
            'least' => $line->least?->nanometres,
        ];
    }

    private static function toLine(Stored $stored): FixedLine
    {
        return new FixedLine(
            $stored->text('id'), $stored->text('name'), Point::fromStored($stored->in('from')), Point::fromStored($stored->in('to')),
            $stored->case('kind', FixedKind::class), $stored->lengthOrNone('least'),
        );
    }

    /** @return array<string, mixed> */
    public static function encodeWorld(WorldPlace $world): array
    {
        return [
            'points' => array_map(
                fn (array $point) => ['post' => $point[0]->value, 'east' => $point[1]->nanometres, 'north' => $point[2]->nanometres], $world->points,
            ),
            'zero_height' => $world->zeroHeight?->nanometres, 'factor' => $world->factor, 'system' => $world->system,
        ];
    }

    public static function decodeWorld(Stored $stored): WorldPlace
    {
        return new WorldPlace(
            array_map(
                fn (Stored $point) => [PostId::of($point->text('post')), $point->length('east'), $point->length('north')], $stored->each('points'),
            ),
            $stored->lengthOrNone('zero_height'),
            $stored->real('factor'), $stored->text('system', ''),
        );
    }
}
