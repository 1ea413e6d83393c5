<?php

declare(strict_types=1);

namespace Aequus\Plan\Stored;

use Aequus\Measure\Length;
use Aequus\Measure\Stored;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Part\PartKind;
use Aequus\Plan\Place\SiteKind;
use Aequus\Plan\Place\SiteObject;
use Aequus\Plan\Terms\Point;
use UnexpectedValueException;

/** A further part of a plan, and what stands on its site, as they are stored and read again. */
final class PartCodec
{
    /** @return array<string, mixed> ready for JSON; lengths in whole nanometres, the turn in degrees */
    public static function encode(Part $part): array
    {
        return [
            'id' => $part->id, 'name' => $part->name, 'kind' => $part->kind->value, 'points' => array_map(fn (Point $point) => $point->stored(), $part->points),
            'columns' => array_map(fn (Length $bay) => $bay->nanometres, $part->columns), 'rows' => array_map(fn (Length $bay) => $bay->nanometres, $part->rows), 'largest' => $part->largest?->nanometres,
            'origin' => $part->origin->stored(), 'turn' => $part->turn,
        ];
    }

    public static function decode(Stored $stored): Part
    {
        return new Part(
            $stored->text('id'), $stored->text('name'), $stored->case('kind', PartKind::class), array_map(Point::fromStored(...), $stored->each('points')),
            array_values($stored->lengths('columns')), array_values($stored->lengths('rows')), $stored->lengthOrNone('largest'),
            Point::fromStored($stored->in('origin')), $stored->real('turn'),
        );
    }

    /** @return array<string, mixed> ready for JSON */
    public static function encodeObject(SiteObject $object): array
    {
        return [
            'id' => $object->id, 'name' => $object->name, 'kind' => $object->kind->value, 'points' => array_map(fn (Point $point) => $point->stored(), $object->points),
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
