<?php

declare(strict_types=1);

namespace Tests;

use Aequus\Logbook\Entry;
use Aequus\Logbook\Log;
use Aequus\Logbook\Payload;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\Grid;
use Aequus\Plan\GridLines;
use Aequus\Plan\JobKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Section;
use Aequus\Plan\SideNames;
use Aequus\Plan\Spacing;
use Aequus\Plan\ToleranceClass;
use Aequus\Plan\Tolerances;
use DateTimeImmutable;

/** Small plans and logbooks for tests. */
final class Builds
{
    /**
     * @param  list<int|float>  $baysX  millimetres
     * @param  list<int|float>  $baysY
     * @param  list<string>  $leftOut  labels
     */
    public static function plan(array $baysX = [2400, 2400], array $baysY = [3000], array $leftOut = [], ?Notation $notation = null): Plan
    {
        $lines = fn (array $bays) => GridLines::fresh(Spacing::bays(array_map(Length::millimetres(...), $bays)));
        $grid = new Grid($lines($baysX), $lines($baysY));

        return new Plan(
            JobKind::Pergola, $notation ?? Notation::millimetres(0), new SideNames('lane', 'orchard', 'barn', 'stream'),
            new Tolerances(ToleranceClass::Building, Length::millimetres(6), 200),
            Section::rectangle(Length::millimetres(140), Length::millimetres(140)), Length::millimetres(400), Length::millimetres(2400),
            new Grid($grid->columns, $grid->rows, array_map(fn (string $label) => $grid->labelled($label)->id, $leftOut)),
        );
    }

    /** One entry a minute, in the order given. */
    public static function log(Payload ...$payloads): Log
    {
        return new Log(array_map(fn (Payload $payload, int $i) => self::entry($payload, $i + 1), array_values($payloads), array_keys(array_values($payloads))));
    }

    public static function entry(Payload $payload, int $sequence, ?int $replaces = null, ?string $at = null): Entry
    {
        $time = new DateTimeImmutable($at ?? '2026-05-04 08:00:00 UTC +'.$sequence.' minutes');

        return new Entry($sequence, "test-{$sequence}", $payload, 1, $time, $time, 'Tester', '', $replaces);
    }
}
