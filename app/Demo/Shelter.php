<?php

declare(strict_types=1);

namespace App\Demo;

use Aequus\Logbook\BenchmarkChosen;
use Aequus\Logbook\Decision;
use Aequus\Logbook\DecisionAbout;
use Aequus\Logbook\HoleDug;
use Aequus\Logbook\NoticeAsked;
use Aequus\Logbook\ServiceLine;
use Aequus\Logbook\ServiceType;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\TapeClass;
use Aequus\Plan\DepthMode;
use Aequus\Plan\FootingRules;
use Aequus\Plan\Grid;
use Aequus\Plan\GridLines;
use Aequus\Plan\JobKind;
use Aequus\Plan\LeastEmbedment;
use Aequus\Plan\Plan;
use Aequus\Plan\Point;
use Aequus\Plan\Section;
use Aequus\Plan\SideNames;
use Aequus\Plan\Spacing;
use Aequus\Plan\ToleranceClass;
use Aequus\Plan\Tolerances;

/** The cider-press shelter, half-way: one stake is wrong, one tape is wrong, one hole is too shallow. */
final class Shelter
{
    public const SHALLOW = 'C1';

    public const WRONG_STAKE = 'D3';

    private const INCH = 25.4;

    public static function job(int $seed, string $askedOn): DemoJob
    {
        $plan = self::plan();
        $site = new HiddenSite($plan, $seed, 0.8, 200 / 10363, 100 / 7010, 1320);
        $site->shiftStake(self::WRONG_STAKE, 1.125 * self::INCH, 0.5 * self::INCH);
        $steel = TapeClass::Steel;
        $taped = [
            $site->tape('A1', 'E1', $steel), $site->tape('E1', 'E4', $steel), $site->tape('E4', 'A4', $steel), $site->tape('A4', 'A1', $steel),
            $site->tape('A1', 'E4', $steel), $site->tape('E1', 'A4', $steel, slip: self::INCH),
            $site->tape('D3', 'E3', $steel), $site->tape('B3', 'D3', $steel), $site->tape('D3', 'D4', $steel), $site->tape('D2', 'D3', $steel), $site->tape('D3', 'E4', $steel),
        ];
        $rods = [$site->rod(null), ...array_map(fn ($post) => $site->rod($post->label), $plan->grid->posts)];
        $holes = [];
        foreach (['A1' => 48.5, 'B1' => 48.25, self::SHALLOW => 41.0, 'D1' => 49.0, 'E1' => 48.5] as $label => $inches) {
            $holes[] = new HoleDug($site->id($label), $site->read($inches * self::INCH, 3));
        }

        return new DemoJob('Cider-press shelter', $plan, [
            new NoticeAsked($askedOn, 3, 'TH-0417'),
            new ServiceLine(ServiceType::Water, 'water to the press', Length::feet(2), [
                self::at(-4, 20), self::at(8, 18.6), self::at(20, 17.4), self::at(29, 18.2), self::at(38, 19.4),
            ]),
            new Decision(DecisionAbout::DigByHand, $site->id('D3'), 'The line was probed every foot; we dig here with spades.'),
            ...$taped,
            new BenchmarkChosen('barn sill', Length::zero()),
            ...$rods,
            ...$holes,
        ], 9, 'Odile');
    }

    private static function plan(): Plan
    {
        $feet = fn (float ...$bays): GridLines => GridLines::fresh(Spacing::bays(array_map(Length::feet(...), array_values($bays))));
        $full = new Grid($feet(8, 9, 9, 8), $feet(7.5, 8, 7.5));

        return (new Plan(
            JobKind::PoleBuilding, Notation::feetInches(16), new SideNames('lane', 'orchard', 'barn', 'stream'),
            new Tolerances(ToleranceClass::Building, Length::inches(0.25), 200), Section::nominal(6, 6), Length::inches(18), Length::feet(9),
            new Grid($full->columns, $full->rows, [$full->labelled('C2')->id, $full->labelled('C3')->id]),
        ))->withFooting(new FootingRules(
            Length::inches(40), Length::inches(2), LeastEmbedment::length(Length::inches(36)), Length::inches(4), Length::inches(6), Length::inches(4), DepthMode::Own,
        ));
    }

    private static function at(float $x, float $y): Point
    {
        return new Point(Length::feet($x), Length::feet($y));
    }
}
