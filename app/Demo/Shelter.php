<?php

declare(strict_types=1);

namespace App\Demo;

use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Clear\ServiceLine;
use Aequus\Logbook\Clear\ServiceType;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\HoleShape;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Grid\Grid;
use Aequus\Plan\Grid\GridLines;
use Aequus\Plan\Grid\Spacing;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\JobKind;
use Aequus\Plan\Place\Fit;
use Aequus\Plan\Place\MustFit;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\SideNames;
use Aequus\Plan\ToleranceClass;
use Aequus\Plan\Tolerances;
use Aequus\Plan\Work\Pricing;
use Aequus\Square\Readings\Wanted;
use Aequus\Square\Readings\WantedReadings;
use Aequus\Words\Square\WantedWords;
use LogicException;

/** The cider-press shelter, half-way: one stake is wrong, one tape is wrong, one hole is too shallow, and four tapes are still to pull. */
final class Shelter
{
    public const NAME = 'Cider-press shelter';

    public const SHALLOW = 'C1';

    public const WRONG_STAKE = 'D3';

    /** Read an inch too long. */
    public const WRONG_TAPE = ['A3', 'B3'];

    /** @var list<string> still to pull */
    public const UNREAD = ['C4–D3', 'D3–E2', 'D2–E3', 'D3–E4'];

    private const INCH = 25.4;

    public static function job(int $seed, string $askedOn): DemoJob
    {
        $plan = self::plan();
        $site = self::site($seed);
        $rods = [$site->rod(null), ...array_map(fn ($post) => $site->rod($post->label), $plan->grid->posts)];
        $holes = [];
        foreach (['A1' => 48.5, 'B1' => 48.25, self::SHALLOW => 41.0, 'D1' => 49.0, 'E1' => 48.5] as $label => $inches) {
            $holes[] = new HoleDug($site->id($label), $site->read($inches * self::INCH, 3));
        }

        return new DemoJob(self::NAME, $plan, [
            new NoticeAsked($askedOn, 3, 'TH-0417'),
            new ServiceLine(ServiceType::Water, 'water to the press', Length::feet(2), [
                self::at(-4, 20), self::at(8, 18.6), self::at(20, 17.4), self::at(29, 18.2), self::at(38, 19.4),
            ]),
            new Decision(DecisionAbout::DigByHand, $site->id('D3'), 'The line was probed every foot; we dig here with spades.'),
            ...self::taped($plan, $site),
            new BenchmarkChosen('barn sill', Length::zero()),
            ...$rods,
            ...$holes,
        ], 9, 'Odile');
    }

    /** The site behind the readings, with the stake that stands wrong. */
    public static function site(int $seed): HiddenSite
    {
        $site = new HiddenSite(self::plan(), $seed, 0.8, 200 / 10363, 100 / 7010, 1320);
        $site->shiftStake(self::WRONG_STAKE, 1.125 * self::INCH, 0.5 * self::INCH);

        return $site;
    }

    public static function plan(): Plan
    {
        $feet = fn (float ...$bays): GridLines => GridLines::fresh(Spacing::bays(array_map(Length::feet(...), array_values($bays))));
        $full = new Grid($feet(8, 9, 9, 8), $feet(7.5, 8, 7.5));

        $frame = OrchardTimber::frame(JobKind::PoleBuilding, Notation::feetInches(16), Length::inches(5.5));

        return (new Plan(
            JobKind::PoleBuilding, Notation::feetInches(16), new SideNames('lane', 'orchard', 'barn', 'stream'),
            new Tolerances(
                ToleranceClass::Building, Length::inches(0.25), 200,
            ), Section::nominal(6, 6), HoleShape::round(Length::inches(18)), Length::feet(9),
            new Grid($full->columns, $full->rows, [$full->labelled('C2')->id, $full->labelled('C3')->id]),
        ))->withFooting(new FootingRules(
            Length::inches(40), Length::inches(2), LeastEmbedment::length(Length::inches(36)), Length::inches(4), Length::inches(6),
            Length::inches(4), DepthMode::Own,
        ))->withFit(
            new Fit(
                [
                    new MustFit(
                        'fruit trailer', $full->labelled('C1')->id, $full->labelled('D1')->id, Length::inches(80), Length::inches(8), Length::zero(),
                    ),
                ],
            ),
        )
            ->withHolding(
                new Holding(
                    Hold::Concrete, new HoldingSite(Soil::SiltyOrClayeySand, roof: true, carried: true), PierRules::usual(Notation::feetInches(16)),
                    Length::feet(1),
                ),
            )->priced([
                'post:'.Length::feet(14)->nanometres => new Pricing(1, 0, 0, 6140), 'bag' => new Pricing(1, 0.1, 24, 549),
                'gravel' => new Pricing(2000, 0.1, 0, 3800),
                'stake' => new Pricing(12, 0, 0, 990), 'profile_board:'.Length::feet(3)->nanometres => new Pricing(1, 0, 0, 310),
                'string' => new Pricing(250, 0.1, 0, 875),
            ])->withFrame($frame ?? throw new LogicException('A pole building has a frame.'));
    }

    /** @return list<TapeReading> */
    private static function taped(Plan $plan, HiddenSite $site): array
    {
        $pulled = array_filter(
            WantedReadings::of($plan),
            fn (Wanted $wanted) => ! in_array(WantedWords::of($wanted), self::UNREAD, true) && ! in_array(
                WantedWords::of($wanted->turned()), self::UNREAD, true,
            ),
        );

        return array_values(array_map(function (Wanted $wanted) use ($site): TapeReading {
            [$from, $to] = [$wanted->ends()->from->label, $wanted->ends()->to->label];
            $isWrong = in_array($from, self::WRONG_TAPE, true) && in_array($to, self::WRONG_TAPE, true);

            return $site->tape($from, $to, TapeClass::Steel, $isWrong ? self::INCH : 0.0);
        }, $pulled));
    }

    private static function at(float $x, float $y): Point
    {
        return new Point(Length::feet($x), Length::feet($y));
    }
}
