<?php

declare(strict_types=1);

namespace Tests\Core\Level;

use Aequus\Adjust\GrossErrors\Dropped;
use Aequus\Guide\Level\SettleHeights;
use Aequus\Level\CutAndFill;
use Aequus\Level\FinishedGrade;
use Aequus\Level\Heights;
use Aequus\Level\InstrumentChoice;
use Aequus\Level\InstrumentKind;
use Aequus\Level\Laser;
use Aequus\Level\LevelLoop;
use Aequus\Level\LevelReadings;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\LevelPoint;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Level\BeamTested;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\HeightDifference;
use Aequus\Logbook\Level\LevelInstrument;
use Aequus\Logbook\Level\LevelWay;
use Aequus\Logbook\Level\RodReading;
use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\PostFeature;
use Aequus\Plan\Terms\Side;
use Aequus\Site\SiteState;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Core\Guide\SimulatedBuilder;
use Tests\Told;

/** Heights from what the logbook holds, on a 3 × 2 grid whose true ground is known. */
final class HeightsTest extends TestCase
{
    private const GROUND = ['A1' => -120.0, 'B1' => -175.0, 'C1' => -260.0, 'A2' => -90.0, 'B2' => -150.0, 'C2' => -241.0];

    private const BEAM = ['' => 1500.0, '2' => 1240.0];

    private Plan $plan;

    protected function setUp(): void
    {
        $this->plan = Builds::plan(baysX: [2400, 2400], baysY: [3000]);
    }

    public function test_rods_boards_a_water_level_and_a_string_give_one_set_of_heights(): void
    {
        // The board level reads 0.4 mm in a metre too high; the string’s level hangs at its first end.
        $string = (0.01 * 2.4 + 0.2) / 100 * 2400;
        $heights = new Heights($this->plan, Builds::log(
            ...$this->rods('', null, 'A1', 'B1'),
            ...[
                $this->difference('B1', 'C1', LevelInstrument::Board, 2400, off: 0.96),
                $this->difference('B1', 'C1', LevelInstrument::Board, 2400, LevelWay::Turned, -0.96),
            ],
            ...[$this->difference('A1', 'A2', LevelInstrument::Water), $this->difference('C2', 'C1', LevelInstrument::Water)],
            ...[
                new HeightDifference(
                    $this->on('A2'), $this->on('B2'), Length::millimetres(-60 - $string), LevelInstrument::LineLevel, Length::millimetres(2400),
                    hungAt: Length::zero(),
                ),
            ],
            ...[$this->difference('B2', 'C2', LevelInstrument::Water)],
        ));
        $this->assertHeights($heights, 1e-4);
        $this->assertSame([], $heights->free);
        // Two readings of 0.7 mm over 2.4 m tell it to 0.2 mm in a metre; that it is a 0.5 mm level was known before.
        $told = (0.7 / sqrt(2) / 2.4) ** 2;
        $this->assertEqualsWithDelta(0.4 * 0.5 ** 2 / (0.5 ** 2 + $told), 1000 * $heights->levels[0]->value, 1e-3);
        $this->assertSame([], $heights->ownErrors, 'one pair of readings alone tells nobody that the level is out');
        $this->assertGreaterThan($heights->uncertainty($this->plan->grid->labelled('B1')), $heights->uncertainty($this->plan->grid->labelled('B2')));
    }

    /** 2 mm in a metre from one hold, 1 from two: over 2.4 m that is what the far post is known to, beside the rod. */
    public function test_a_phone_on_a_board_says_how_little_it_knows(): void
    {
        $open = function (LevelWay $way): float {
            $heights = new Heights($this->plan, Builds::log(
                ...$this->rods('', null, 'A1', 'B1'), ...[$this->difference('B1', 'C1', LevelInstrument::Phone, 2400, $way)],
            ));
            $this->assertEqualsWithDelta(self::GROUND['C1'], $heights->groundAt($this->plan->grid->labelled('C1'))?->inMillimetres(), 1e-4);

            return sqrt($heights->uncertainty($this->plan->grid->labelled('C1')) ** 2 - $heights->uncertainty($this->plan->grid->labelled('B1')) ** 2);
        };
        $this->assertEqualsWithDelta(2.4, $open(LevelWay::Turned), 1e-3);
        $this->assertEqualsWithDelta(4.8, $open(LevelWay::AsMarked), 1e-3);
    }

    public function test_a_second_set_up_over_turning_points_carries_the_height_on(): void
    {
        $turning = LevelPoint::named('T1');
        $heights = new Heights($this->plan, Builds::log(
            ...$this->rods('', null, 'A1'), ...[
                new RodReading($turning, Length::millimetres(1500 - 33)),
                new RodReading($turning, Length::millimetres(1240 - 33), '2', Length::millimetres(20_000)),
            ], ...$this->rods('2', 'B1', 'C1', 'C2', 'B2', 'A2'),
        ));
        $this->assertHeights($heights, 1e-6);
        $this->assertEqualsWithDelta(1240, $heights->ofInstrument?->inMillimetres(), 1e-6);
        $this->assertEqualsWithDelta(33, $heights->known['point T1']->height->inMillimetres(), 1e-6);
    }

    public function test_a_set_up_that_sees_nothing_known_is_named_and_spoils_nothing(): void
    {
        $heights = new Heights($this->plan, Builds::log(...$this->rods('', null, 'A1', 'B1'), ...$this->rods('2', 'C2')));
        $this->assertEqualsCanonicalizing(['set-up 2', 'C2'], $heights->free);
        $this->assertCount(2, $heights->ground);
    }

    public function test_a_wrong_rod_is_named_with_its_partner_and_the_one_that_is_read_again_decides(): void
    {
        $readings = [
            ...$this->rods('', null, 'A1', 'B1', 'C1', 'A2', 'B2', 'C2'), ...$this->rods('2', 'A1', 'B1', 'A2', 'B2'), $this->rod('2', 'C2', 25),
        ];
        $heights = new Heights($this->plan, Builds::log(...$readings));
        $named = array_map(LevelReadings::sequence(...), $heights->mistakes->named ?? []);
        $this->assertEqualsCanonicalizing([8, 13], $named, 'the rod on C2 from the first set-up and from the second');
        $again = $this->site(...$readings);
        $asked = SettleHeights::asksFor($again);
        $this->assertContains($asked, [8, 13]);
        // The wrong one read again, rightly: it stands out against three now, and is left out.
        $settled = new Heights($this->plan, Builds::log(...$readings, ...[$this->rod('2', 'C2')]));
        $this->assertSame([], $settled->mistakes?->named);
        $this->assertSame(['r13'], array_map(fn (Dropped $one) => $one->id, $settled->mistakes->dropped));
        $this->assertEqualsWithDelta(25, abs($settled->mistakes->dropped[0]->mistake), 1);
        $this->assertHeights($settled, 0.5);
        $this->assertNull(SettleHeights::asksFor($this->site(...$readings, ...[$this->rod('2', 'C2')])));
    }

    public function test_every_way_round_closes_by_what_was_put_into_it(): void
    {
        // The first set-up ties A1, C1 and C2 to the sill; a hose goes from C2 by B2 to A1 and brings 4 mm too much.
        $log = Builds::log(
            ...$this->rods('', null, 'A1', 'C1', 'C2'),
            ...[$this->difference('C2', 'B2', LevelInstrument::Water, off: 1.5), $this->difference('B2', 'A1', LevelInstrument::Water, off: 2.5)],
        );
        $loops = (new Heights($this->plan, $log))->loops()->loops;
        $this->assertCount(1, $loops);
        $this->assertEqualsWithDelta(4.0, abs($loops[0]->chain->closure), 1e-6);
        $this->assertEqualsWithDelta(3.29 * sqrt(2 * 2.0 ** 2 + 2 * Laser::sigma() ** 2), $loops[0]->chain->allowed, 1e-6, 'two hoses and two rods');
        $this->assertTrue($loops[0]->chain->closes);
        $this->assertCount(4, $loops[0]->readings);
        // Four boards the same way round may add four times the level's own error; turned at every hop it falls out.
        $boards = fn (LevelWay $second) => (new Heights($this->plan, Builds::log(...$this->benchmark(), ...[
            $this->rod('', null), $this->rod('', 'A1'), $this->difference('A1', 'B1', LevelInstrument::Board, 2400), $this->difference(
                'B1', 'C1', LevelInstrument::Board, 2400, $second,
            ), $this->rod('', 'C1'),
        ])))->loops()->loops[0]->chain->allowed;
        $this->assertEqualsWithDelta(3.29 * sqrt(2 * 0.7 ** 2 + 2 * Laser::sigma() ** 2), $boards(LevelWay::Turned), 1e-6);
        $this->assertEqualsWithDelta(3.29 * sqrt(2 * 0.7 ** 2 + 2 * Laser::sigma() ** 2 + (4800 * 0.5e-3) ** 2), $boards(LevelWay::AsMarked), 1e-6);
        $slip = (new Heights(
            $this->plan, Builds::log(...$this->rods('', null, 'A1', 'B1'), ...[$this->difference('A1', 'B1', LevelInstrument::Water, off: 30)]),
        ))->loops()->loops;
        $this->assertSame([false], array_map(fn (LevelLoop $loop) => $loop->chain->closes, $slip));
        // From one known height to another is a way round too: the kerb counts as 7 more than the rods say.
        $known = Builds::log(
            new BenchmarkChosen('sill', Length::zero()), $this->rod('', null),
            new BenchmarkChosen('kerb', Length::millimetres(self::GROUND['B1'] + 7)),
            new RodReading(LevelPoint::named('kerb'), $this->rod('', 'B1')->rod),
        );
        $this->assertEqualsWithDelta(7, abs((new Heights($this->plan, $known))->loops()->loops[0]->chain->closure), 1e-6);
    }

    public function test_a_loop_has_as_many_closures_as_readings_more_than_needed(): void
    {
        $readings = [
            ...$this->rods('', null, 'A1', 'B1', 'C1', 'A2', 'B2', 'C2'), ...$this->rods('2', 'A1', 'B1', 'C1'),
            $this->difference('A1', 'B2', LevelInstrument::Board, 2400),
            $this->difference('B2', 'A1', LevelInstrument::Board, 2400, LevelWay::Turned),
        ];
        $heights = new Heights($this->plan, Builds::log(...$readings));
        // The board brings its own error as one more unknown, and a first guess of it as one more reading.
        $this->assertCount($heights->surplus, $heights->loops()->loops);
        foreach ($heights->loops()->loops as $loop) {
            $this->assertEqualsWithDelta(0.0, $loop->chain->closure, 1e-6);
            $this->assertSame($loop->through[0], $loop->through[count($loop->through) - 1]);
        }
    }

    public function test_what_two_pegs_showed_is_taken_out_of_rods_with_a_distance(): void
    {
        // A beam that rises 3 mm in 10 m meets a rod 20 m away 6 too high.
        $far = new RodReading($this->on('C2'), Length::millimetres(self::BEAM[''] - self::GROUND['C2'] + 6), '', Length::millimetres(20_000));
        $readings = [...$this->rods('', null, 'A1'), $far];
        $this->assertEqualsWithDelta(
            self::GROUND['C2'] - 6,
            (new Heights($this->plan, Builds::log(...$readings)))->groundAt($this->plan->grid->labelled('C2'))?->inMillimetres(), 1e-6,
        );
        $tested = new BeamTested(Slope::ratio(3e-4));
        $this->assertEqualsWithDelta(
            self::GROUND['C2'],
            (new Heights($this->plan, Builds::log(...$readings, ...[$tested])))->groundAt($this->plan->grid->labelled('C2'))?->inMillimetres(), 1e-6,
        );
        $this->assertEquals($tested, EntryKind::of($tested)->read(EntryKind::VERSION, $tested->stored()));
        $this->expectException(EntryRefused::class);
        new BeamTested(Slope::ratio(0.2));
    }

    #[TestWith([3])]
    #[TestWith([17])]
    public function test_reading_a_whole_loop_again_the_same_changes_no_height(int $seed): void
    {
        mt_srand($seed);
        $noise = fn () => mt_rand(-15, 15) / 10;
        $loop = [
            ...array_map(fn ($label) => $this->rod('', $label, $noise()), [null, 'A1', 'B1', 'C1', 'C2', 'A1']),
            $this->difference(
                'C2', 'B2', LevelInstrument::Water, off: $noise(),
            ), $this->difference(
                'B2', 'A2', LevelInstrument::Water, off: $noise(),
            ), $this->difference('A2', 'A1', LevelInstrument::Water, off: $noise()),
        ];
        [$once, $twice] = [
            new Heights($this->plan, Builds::log(...$this->benchmark(), ...$loop)),
            new Heights($this->plan, Builds::log(...$this->benchmark(), ...$loop, ...$loop)),
        ];
        foreach ($once->ground as $id => $height) {
            $this->assertEqualsWithDelta($height->inMillimetres(), $twice->ground[$id]->inMillimetres(), 1e-6);
        }
        $this->assertCount(6, $once->ground);
    }

    public function test_any_part_of_a_post_has_a_height_of_its_own(): void
    {
        $top = LevelPoint::of($this->plan->grid->labelled('A1')->id, PostFeature::Top);
        $heights = new Heights(
            $this->plan,
            Builds::log(
                ...$this->rods('', null, 'A1'), ...[new HeightDifference($this->on('A1'), $top, Length::millimetres(2400), LevelInstrument::Water)],
            ),
        );
        $this->assertEqualsWithDelta(2280, $heights->heightOfPart($this->plan->grid->labelled('A1'), PostFeature::Top)?->inMillimetres(), 1e-6);
        $this->assertNull($heights->heightOfPart($this->plan->grid->labelled('B1'), PostFeature::Top));
    }

    public function test_readings_go_into_the_book_and_come_out_again_and_old_rods_are_still_understood(): void
    {
        foreach ([
            $this->rod('2', 'C2'), new RodReading(LevelPoint::named('T1'), Length::millimetres(900), '3', Length::millimetres(12_000)),
            $this->difference('A1', 'B1', LevelInstrument::Board, 2400, LevelWay::Turned),
        ] as $payload) {
            $this->assertEquals($payload, EntryKind::of($payload)->read(EntryKind::VERSION, $payload->stored()));
        }
        $id = $this->plan->grid->labelled('B1')->id;
        $this->assertEquals(
            new RodReading($id, Length::millimetres(1600)), EntryKind::Rod->read(2, ['post' => $id->value, 'rod' => 1_600_000_000]),
        );
        $this->assertEquals(
            new RodReading(null, Length::millimetres(1600)), EntryKind::Rod->read(1, ['post' => null, 'rod' => 1_600_000_000]),
        );
    }

    public function test_what_cannot_be_a_difference_is_refused_in_a_sentence(): void
    {
        foreach ([
            'same point twice' => fn () => $this->difference('A1', 'A1', LevelInstrument::Water),
            'length of the' => fn () => new HeightDifference($this->on('A1'), $this->on('B1'), Length::zero(), LevelInstrument::Board),
            'between its two ends' => fn () => new HeightDifference(
                $this->on('A1'), $this->on('B1'), Length::zero(), LevelInstrument::LineLevel, Length::millimetres(2400),
                hungAt: Length::millimetres(2500),
            ),
        ] as $sentence => $make) {
            try {
                $make();
                $this->fail("Not refused: {$sentence}");
            } catch (EntryRefused $refused) {
                $this->assertStringContainsString($sentence, Told::refusal($refused));
            }
        }
    }

    #[TestWith([40.0, InstrumentKind::LineLevel])]
    #[TestWith([6.0, InstrumentKind::BoardLevelTurned])]
    #[TestWith([1.0, null])]
    public function test_the_simplest_instrument_that_meets_the_tolerance_is_recommended(float $tolerance, ?InstrumentKind $instrument): void
    {
        $choice = new InstrumentChoice(
            Builds::plan(baysX: [3000, 3000, 3000], baysY: [3000, 3000, 3000], within: $tolerance), Length::millimetres(2400),
        );
        $this->assertSame($instrument, $choice->recommended()?->instrument);
        // Eight boards of 2.4 m, each 0.5 mm in a metre out: 9.6 mm, and 0.7 mm in each reading.
        $this->assertEqualsWithDelta(1.96 * hypot(8 * 0.5e-3 * 2400, sqrt(8) * 0.7), $choice->instruments[1]->error->inMillimetres(), 1e-6);
    }

    public function test_cut_and_fill_of_a_level_and_of_a_falling_grade(): void
    {
        $level = ByPost::each($this->plan->grid->posts, fn () => Length::millimetres(100));
        $this->assertEqualsWithDelta(100.0 * 4800 * 3000, (new CutAndFill($this->plan, $level, new FinishedGrade(Length::zero())))->cut, 1);
        // From 100 below the ground at the near side to 100 above it at the far one: as much to take as to bring.
        $tilted = new CutAndFill($this->plan, $level, new FinishedGrade(Length::zero(), Side::MinusX, 200 / 4800));
        $this->assertEqualsWithDelta($tilted->cut, $tilted->fill, 1);
        $this->assertEqualsWithDelta(100.0 * 1200 * 3000, $tilted->cut, 1);
        $this->assertEqualsWithDelta(-100, $tilted->heights[$this->plan->grid->labelled('C2')]->inMillimetres(), 1e-3);
    }

    private function assertHeights(Heights $heights, float $within): void
    {
        foreach (self::GROUND as $label => $height) {
            $this->assertEqualsWithDelta($height, $heights->groundAt($this->plan->grid->labelled($label))?->inMillimetres(), $within, $label);
        }
    }

    private function on(string $label): LevelPoint
    {
        return LevelPoint::of($this->plan->grid->labelled($label)->id);
    }

    private function rod(string $setUp, ?string $label, float $slip = 0.0): RodReading
    {
        return new RodReading(
            $label === null ? null : $this->on($label),
            Length::millimetres(self::BEAM[$setUp] - ($label === null ? 0 : self::GROUND[$label]) + $slip), $setUp,
        );
    }

    /** @return list<Payload> a rod on each, the benchmark for null, after the benchmark is chosen */
    private function rods(string $setUp, ?string ...$labels): array
    {
        return [...($labels[0] === null ? $this->benchmark() : []), ...array_map(fn (?string $label) => $this->rod($setUp, $label), $labels)];
    }

    /** @return list<Payload> */
    private function benchmark(): array
    {
        return [new BenchmarkChosen('sill', Length::zero())];
    }

    private function difference(
        string $from, string $to, LevelInstrument $with, ?float $over = null, LevelWay $way = LevelWay::AsMarked, float $off = 0.0,
    ): HeightDifference {
        return new HeightDifference(
            $this->on($from), $this->on($to), Length::millimetres(self::GROUND[$to] - self::GROUND[$from] + $off), $with,
            $over === null ? null : Length::millimetres($over), $way,
        );
    }

    private function site(Payload ...$payloads): SiteState
    {
        return (new SimulatedBuilder($this->plan, '2026-06-01', ...$payloads))->site();
    }

    /** @return array<string, true> */
    private static function byId(Plan $plan): array
    {
        return array_fill_keys(array_map(fn ($post) => $post->id->value, $plan->grid->posts), true);
    }
}
