<?php

declare(strict_types=1);

namespace Tests;

use Aequus\Logbook\Entry;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Log;
use Aequus\Logbook\Square\LineReading;
use Aequus\Logbook\Square\StringReading;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\Vector;
use Aequus\Plan\Footing\HoleShape;
use Aequus\Plan\Grid\Grid;
use Aequus\Plan\Grid\GridLines;
use Aequus\Plan\Grid\Spacing;
use Aequus\Plan\JobKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Terms\SideNames;
use Aequus\Plan\ToleranceClass;
use Aequus\Plan\Tolerances;
use Aequus\Square\Readings\Wanted;
use Aequus\Square\Readings\WantedReadings;
use DateTimeImmutable;

/** Small plans and logbooks for tests. */
final class Builds
{
    /**
     * @param  list<int|float>  $baysX  millimetres
     * @param  list<int|float>  $baysY
     * @param  list<string>  $leftOut  labels
     */
    public static function plan(
        array $baysX = [2400, 2400], array $baysY = [3000], array $leftOut = [], ?Notation $notation = null, float $within = 6, float $post = 140,
    ): Plan {
        $lines = fn (array $bays) => GridLines::fresh(Spacing::bays(array_map(Length::millimetres(...), $bays)));
        $grid = new Grid($lines($baysX), $lines($baysY));

        return new Plan(
            JobKind::Pergola, $notation ?? Notation::millimetres(0), new SideNames('lane', 'orchard', 'barn', 'stream'),
            new Tolerances(ToleranceClass::Building, Length::millimetres($within), 200),
            Section::rectangle(
                Length::millimetres($post), Length::millimetres($post),
            ), HoleShape::round(Length::millimetres(400)), Length::millimetres(2400),
            new Grid($grid->columns, $grid->rows, array_map(fn (string $label) => $grid->labelled($label)->id, $leftOut)),
        );
    }

    /**
     * The whole ready list of a plan, as it reads without noise when stakes stand off their places by so much.
     *
     * @param  array<string, array{float, float}>  $off  x and y in millimetres, by label
     * @return list<TapeReading|StringReading|LineReading>
     */
    public static function readings(Plan $plan, array $off = []): array
    {
        $at = [];
        foreach ($plan->grid->posts as $post) {
            $at[$post->id->value] = $post->at->inMillimetres()->plus(new Vector(...($off[$post->label] ?? [0.0, 0.0])));
        }

        return array_map(function (Wanted $wanted) use ($at, $plan): TapeReading|StringReading|LineReading {
            $reads = Length::millimetres($wanted->reading($plan->layout->tape)->computed($at));
            if ($wanted->line !== null) {
                return new LineReading($wanted->posts()[0]->id, $reads, $wanted->line->id, $plan->layout->tape);
            }
            [$from, $to] = [$wanted->ends()->from->id, $wanted->ends()->to->id];

            return $wanted->stake === null
                ? new TapeReading($from, $to, $reads, $plan->layout->tape)
                : new StringReading($wanted->stake->id, $from, $to, $reads, Length::zero());
        }, WantedReadings::of($plan));
    }

    /** One entry a minute, in the order given. */
    public static function log(Payload ...$payloads): Log
    {
        return new Log(
            array_map(fn (Payload $payload, int $i) => self::entry($payload, $i + 1), array_values($payloads), array_keys(array_values($payloads))),
        );
    }

    public static function entry(Payload $payload, int $sequence, ?int $replaces = null, ?string $at = null): Entry
    {
        $time = new DateTimeImmutable($at ?? '2026-05-04 08:00:00 UTC +'.$sequence.' minutes');

        return new Entry($sequence, "test-{$sequence}", $payload, 1, $time->format('Y-m-d H:i:s'), 'Tester', '', $replaces);
    }
}
