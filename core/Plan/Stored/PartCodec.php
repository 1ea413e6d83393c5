<?php

declare(strict_types=1);

namespace Aequus\Plan\Stored;

use Aequus\Measure\Length;
use Aequus\Measure\Stored;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Part\PartKind;
use Aequus\Plan\Part\RowGate;
use Aequus\Plan\Place\Brace;
use Aequus\Plan\Place\BraceKind;
use Aequus\Plan\Place\SiteKind;
use Aequus\Plan\Place\SiteObject;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\Closeness;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\Side;
use Aequus\Plan\Terms\SideNames;
use UnexpectedValueException;

/** A further part of a plan, and what stands on its site, as they are stored and read again. */
final class PartCodec
{
    /** @return array<string, mixed> ready for JSON; lengths in whole nanometres, the turn in degrees */
    public static function encode(Part $part): array
    {
        return [
            'id' => $part->id, 'name' => $part->name, 'kind' => $part->kind->value,
            'points' => array_map(fn (Point $point) => $point->stored(), $part->points),
            'columns' => array_map(fn (Length $bay) => $bay->nanometres, $part->columns),
            'rows' => array_map(fn (Length $bay) => $bay->nanometres, $part->rows), 'largest' => $part->largest?->nanometres,
            'origin' => $part->origin->stored(), 'turn' => $part->turn,
            ...($part->closeness === null ? [] : ['across' => $part->closeness->across->nanometres, 'along' => $part->closeness->along->nanometres]),
            ...($part->sides === null ? [] : ['sides' => [$part->sides->minusY, $part->sides->plusY, $part->sides->minusX, $part->sides->plusX]]),
            ...($part->gates === [] ? [] : ['gates' => array_map(self::encodeGate(...), $part->gates)]),
        ];
    }

    public static function decode(Stored $stored): Part
    {
        [$across, $sides] = [$stored->lengthOrNone('across'), $stored->inOrNone('sides')];

        return new Part(
            $stored->text('id'), $stored->text('name'), $stored->case('kind', PartKind::class),
            array_map(Point::fromStored(...), $stored->each('points')),
            array_values($stored->lengths('columns')), array_values($stored->lengths('rows')), $stored->lengthOrNone('largest'),
            Point::fromStored($stored->in('origin')), $stored->real('turn'),
            $across === null ? null : new Closeness($across, $stored->lengthOrNone('along')),
            $sides === null ? null : new SideNames($sides->text(0), $sides->text(1), $sides->text(2), $sides->text(3)),
            array_map(self::decodeGate(...), $stored->each('gates')),
        );
    }

    /** @return array{int, int, int, int} section, then from its corner, leaf and gap */
    private static function encodeGate(RowGate $gate): array
    {
        return [$gate->section, $gate->from->nanometres, $gate->leaf->nanometres, $gate->gap->nanometres];
    }

    private static function decodeGate(Stored $stored): RowGate
    {
        return new RowGate($stored->whole(0), $stored->length(1), $stored->length(2), $stored->length(3));
    }

    /** @return array<string, mixed> ready for JSON */
    public static function encodeBrace(Brace $brace): array
    {
        return [
            'kind' => $brace->kind->value, 'post' => $brace->post->value, 'to' => $brace->to?->value, 'toward' => $brace->toward?->value,
            'high' => $brace->high->nanometres,
            'reach' => $brace->reach->nanometres,
        ];
    }

    public static function decodeBrace(Stored $stored): Brace
    {
        return new Brace(
            $stored->case('kind', BraceKind::class), PostId::of($stored->text('post')), PostId::orNone($stored->textOrNone('to')),
            $stored->caseOrNone('toward', Side::class),
            $stored->length('high'), $stored->length('reach'),
        );
    }

    /** @return array<string, mixed> ready for JSON */
    public static function encodeObject(SiteObject $object): array
    {
        return [
            'id' => $object->id, 'name' => $object->name, 'kind' => $object->kind->value,
            'points' => array_map(fn (Point $point) => $point->stored(), $object->points),
            'least' => $object->least->nanometres, 'reach' => $object->reach->nanometres,
        ];
    }

    public static function decodeObject(Stored $stored): SiteObject
    {
        return new SiteObject(
            $stored->text('id'), $stored->text('name'), $stored->case('kind', SiteKind::class),
            array_map(Point::fromStored(...), $stored->each('points')) ?: throw new UnexpectedValueException('An object of the site has no place.'),
            $stored->length('least'), $stored->length('reach'),
        );
    }
}
