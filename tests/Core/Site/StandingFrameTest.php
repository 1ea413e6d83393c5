<?php

declare(strict_types=1);

namespace Tests\Core\Site;

use Aequus\Cut\TopNetwork;
use Aequus\Guide\Set\StopNow;
use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Set\CheckRoute;
use Aequus\Logbook\Set\CrossChecked;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PointOfNoReturn;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Set\ReadyItem;
use Aequus\Logbook\Set\SeenReady;
use Aequus\Logbook\Set\SpacingAt;
use Aequus\Logbook\Set\SpacingRead;
use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\Customs;
use Aequus\Plan\Holding\FillOrder;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\Layout\LayoutRules;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\Side;
use Aequus\Set\Drifts;
use Aequus\Site\PourPoint;
use Aequus\Site\ReadyToPour;
use Aequus\Site\SiteState;
use Aequus\Site\StandingFrame;
use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Core\Guide\SimulatedBuilder;
use Tests\Told;

/** Six posts on flat ground, 2400 apart along x and 3000 along y, standing 2400 high, read with a level of 1200. */
final class StandingFrameTest extends TestCase
{
    private const LABELS = ['A1', 'B1', 'C1', 'A2', 'B2', 'C2'];

    public function test_spacing_at_ground_and_tops_and_plumb_must_agree(): void
    {
        // B1 leans 3 in 1200 toward the stream: 6 at its top, 2400 above grade.
        $book = [
            ...$this->standing(['B1' => [3.0, 0.0]]), new SpacingRead($this->id('A1'), $this->id('B1'), SpacingAt::Ground, Length::millimetres(2401)),
        ];
        $check = fn (float $top) => (new StandingFrame(
            $this->site(...$book, ...[new SpacingRead($this->id('B1'), $this->id('A1'), SpacingAt::Top, Length::millimetres($top))]),
        ))->spacings()[0];
        $this->assertEqualsWithDelta(2407, $check(2407)->expected->inMillimetres(), 1e-3);
        $this->assertTrue($check(2407)->agrees);
        $this->assertFalse($check(2430)->agrees);
        $this->assertEqualsWithDelta(23, $check(2430)->off->magnitude()->inMillimetres(), 1e-3);
        $this->assertSame([], (new StandingFrame($this->site(...$book)))->spacings(), 'nothing to compare without a tape at the tops');
    }

    public function test_three_drifts_tell_what_the_next_fill_will_do(): void
    {
        $filled = fn (string ...$labels): array => array_merge(
            ...array_map(
                fn (string $label) => [new PostFilled($this->id($label), FillStep::Done), ...$this->plumb($label, 2.0, 1.0, Stage::Filled)], $labels,
            ),
        );
        $two = (new StandingFrame($this->site(...$this->standing(), ...$filled('A1', 'B1'))))->drifts();
        $this->assertCount(2, $two->seen);
        $this->assertNull($two->expected);
        $three = (new StandingFrame($this->site(...$this->standing(), ...$filled('A1', 'B1', 'C1'))))->drifts();
        $this->assertEqualsWithDelta([2 / 1200, 1 / 1200], [$three->expected?->slopeX, $three->expected?->slopeY], 1e-9);
        $this->assertSame(Side::PlusX, Drifts::toward($three->expected ?? $this->fail()));
    }

    public function test_tops_stand_where_stakes_and_leans_put_them_and_a_strap_pulls_the_longer_diagonal(): void
    {
        $this->assertNull((new StandingFrame($this->site(...array_slice($this->standing(), 0, -2))))->tops(), 'one post is not read');
        $plumb = (new StandingFrame($this->site(...$this->standing())))->tops();
        $this->assertSame([], $plumb?->out);
        $this->assertNull($plumb->strap);
        // The far row leans 6 in 1200 toward the stream: the diagonal from A1 grows.
        $racked = (new StandingFrame($this->site(...$this->standing(['A2' => [6.0, 0.0], 'B2' => [6.0, 0.0], 'C2' => [6.0, 0.0]]))))->tops();
        $height = 2400 + 900;
        $this->assertEqualsWithDelta(new Vector($height * 6 / 1200, 3000), $racked->tops[$this->id('A2')->value] ?? null, 0.1);
        $this->assertTrue($racked?->strap?->alongAc);
        $true = hypot(4800, 3000);
        $this->assertEqualsWithDelta(hypot(4800 + $height * 6 / 1200, 3000) - $true, $racked->strap->shortenBy->inMillimetres(), 0.2);
    }

    public function test_a_wrong_tape_at_the_tops_is_named(): void
    {
        $tape = fn (string $from, string $to, float $reads) => new SpacingRead(
            $this->id($from), $this->id($to), SpacingAt::Top, Length::millimetres($reads),
        );
        $tops = (new StandingFrame(
            $this->site(...$this->standing(), ...[$tape('A1', 'B1', 2400), $tape('B1', 'C1', 2450), $tape('A2', 'B2', 2400)]),
        ))->tops();
        $last = count($this->book($this->standing()));
        $this->assertSame(['t'.($last + 2)], array_map(fn ($dropped) => $dropped->id, $tops->mistakes->dropped ?? []));
        $this->assertSame([], $tops?->out, 'it moves no top');
    }

    /** A wall one metre outside row 1; A1 leans 6 in 1200 toward the orchard, away from it, so its top, 2400 + 900 above its foot, stands 16.5 further off. */
    public function test_tapes_from_tops_to_a_wall_join_in(): void
    {
        $usual = $this->plan()->layout;
        $wall = new FixedLine(
            FixedLine::FIRST_ID, 'barn wall', new Point(Length::zero(), Length::millimetres(-1000)),
            new Point(Length::millimetres(9000), Length::millimetres(-1000)),
        );
        $plan = $this->plan()->withLayout(
            new LayoutRules($usual->placement, $usual->list, $usual->tape, null, $usual->strings, $usual->boards, $usual->cover, fixedLines: [$wall]),
        );
        $tops = fn (float $a1): ?TopNetwork => (new StandingFrame((new SimulatedBuilder($plan, '2026-06-01', ...$this->book([...$this->standing(['A1' => [0.0, 6.0]]), ...array_map(
            fn (string $label, float $reads) => new SpacingRead(
                $this->id($label), null, SpacingAt::Top, Length::millimetres($reads),
            ), self::LABELS, [$a1, 1000, 1000, 4000, 4000, 4000],
        )])))->site()))->tops();
        $true = $tops(1016.5);
        $this->assertSame([], $true?->mistakes->dropped);
        $this->assertEqualsWithDelta(new Vector(0, 16.5), $true->tops[$this->id('A1')->value], 0.1);
        $wrong = $tops(1070);
        $this->assertCount(1, $wrong->mistakes->dropped ?? []);
        $this->assertEqualsWithDelta(16.5, $wrong->tops[$this->id('A1')->value]->y ?? 0.0, 0.5, 'the wrong tape moves no top');
    }

    public function test_ready_to_pour_names_what_is_missing(): void
    {
        $post = $this->plan()->grid->labelled('A1');
        $missing = fn (Payload ...$more) => (new ReadyToPour($this->site(...$this->standing(), ...$more), $post))->missing();
        $this->assertContains(PourPoint::MeasuredAgain, $missing());
        $this->assertContains(PourPoint::Weather, $missing());
        $seen = array_map(fn (ReadyItem $item) => new SeenReady($item, $item === ReadyItem::Foot ? $post->id : null), ReadyItem::cases());
        $this->assertSame([PourPoint::MeasuredAgain], $missing(...$seen));
        $this->assertSame(
            [PourPoint::MeasuredAgain],
            $missing(...$seen, ...[new CrossChecked(PointOfNoReturn::Pour, CheckRoute::OtherTape, Length::millimetres(40))]),
            'it contradicts the book',
        );
        $this->assertSame([], $missing(...$seen, ...[new CrossChecked(PointOfNoReturn::Pour, CheckRoute::OtherTape, Length::millimetres(2))]));
    }

    public function test_by_the_order_of_filling_one_that_leans_keeps_all_others_waiting(): void
    {
        $half = array_slice($this->standing(), 0, -1);
        $ready = fn (FillOrder $order): array => (new ReadyToPour(
            (new SimulatedBuilder(
                $this->plan()->withHolding(
                    new Holding(
                        Hold::Concrete, new HoldingSite(Soil::Sand), PierRules::usual($this->plan()->notation), Length::millimetres(300),
                        customs: new Customs(fillOrder: $order),
                    ),
                ),
                '2026-06-01', ...$half,
            ))->site(),
            $this->plan()->grid->labelled('A1'),
        ))->points;
        $this->assertSame(
            [true, false], [$ready(FillOrder::AllThenFill)[PourPoint::Plumb->value], $ready(FillOrder::AllThenFill)[PourPoint::AllPlumb->value]],
        );
        $this->assertTrue($ready(FillOrder::EachAsItStands)[PourPoint::AllPlumb->value]);
    }

    public function test_one_post_has_no_diagonal_to_be_taken_again_and_a_row_has_its_length(): void
    {
        $routes = fn (array $baysX, array $baysY): array => CheckRoute::before(PointOfNoReturn::Pour, Builds::plan($baysX, $baysY)->grid);
        $this->assertSame([CheckRoute::FixedPoints, CheckRoute::OtherLevel], $routes([], []));
        $this->assertSame(CheckRoute::WholeLength, $routes([2400, 2400], [])[0]);
        $this->assertSame(CheckRoute::WholeLength, $routes([], [2400, 2400])[0]);
        $this->assertSame(CheckRoute::LongDiagonal, $routes([2400], [2400])[0]);
    }

    public function test_stop_now_begins_with_what_is_half_done(): void
    {
        $now = new DateTimeImmutable('2026-05-04 18:00 UTC');
        $site = $this->site(
            ...array_slice($this->standing(), 0, -1 - 2 * 1),
            ...[new PostFilled($this->id('A1'), FillStep::Started), new PostFilled($this->id('B1'), FillStep::Done)],
        );
        $stop = new StopNow($site, $now);
        $this->assertSame(
            [
                'Finish what is begun', 'Leave braces on, cover the fresh fill', 'Brace both ways, or lay it down', 'Cover the holes',
                'Bags under a roof or a sheet, off the ground; tools, ladders and cables down',
            ],
            array_map(fn ($move) => Told::do($move), $stop->moves),
        );
        $this->assertSame(
            [['A1'], ['B1']], array_map(fn ($move) => array_map(fn ($post) => $post->label, $move->posts), array_slice($stop->moves, 0, 2)),
        );
        $this->assertNotContains('A1', array_map(fn ($post) => $post->label, $stop->mayFill));
    }

    public function test_an_open_hole_is_covered_though_nobody_levelled_and_no_rule_judges_it(): void
    {
        $plan = Builds::plan([2400], [2400]);
        $stop = fn (Payload ...$said) => new StopNow(
            SiteState::derive($plan, Builds::log(...array_values($said))->entries, '2026-06-01'), new DateTimeImmutable('2026-05-04 18:00 UTC'),
        );
        $does = fn (StopNow $stop) => array_map(fn ($move) => Told::do($move), $stop->moves);
        $hole = new HoleDug($plan->grid->labelled('B1')->id, Length::millimetres(900));
        $this->assertContains('Cover the holes', $does($stop($hole)));
        $this->assertNotContains('Cover the holes', $does($stop($hole, new PostSet($plan->grid->labelled('B1')->id))));
        $this->assertNotContains('Cover the holes', $does($stop()));
    }

    public function test_a_storm_lets_be_filled_only_what_lacks_nothing(): void
    {
        $labels = fn (StopNow $stop) => array_map(fn ($post) => $post->label, $stop->mayFill);
        $now = new DateTimeImmutable('2026-05-04 18:00 UTC');
        $before = new StopNow($this->site(...$this->standing()), $now);
        $this->assertSame([], $labels($before));
        $this->assertContains(PourPoint::Inspected, $before->lack['A1'] ?? []);
        $seen = array_map(fn (ReadyItem $item) => new SeenReady($item, $item === ReadyItem::Mix ? $this->id('A1') : null), ReadyItem::cases());
        $after = new StopNow(
            $this->site(...$this->standing(), ...$seen, ...[new CrossChecked(PointOfNoReturn::Pour, CheckRoute::OtherTape, Length::zero())]), $now,
        );
        $this->assertSame(['A1'], $labels($after));
        $checked = new CrossChecked(PointOfNoReturn::Pour, CheckRoute::OtherTape, Length::zero());
        $begun = new StopNow($this->site(...$this->standing(), ...$seen, ...[$checked, new PostFilled($this->id('A1'), FillStep::Started)]), $now);
        $this->assertSame([], $labels($begun), 'what is begun is finished, not begun again');
        $this->assertSame([PourPoint::Mix], $after->lack['B1'] ?? []);
    }

    public function test_a_post_is_on_its_mark_only_where_readings_say_so(): void
    {
        $onIts = fn (Payload ...$read): bool => (new ReadyToPour(
            (new SimulatedBuilder($this->plan(), '2026-06-01', new NoticeAsked('2026-05-04', 3, ''), ...$read))->site(),
            $this->plan()->grid->labelled('B1'),
        ))->points[PourPoint::OnItsMark->value];
        $this->assertTrue($onIts(...Builds::readings($this->plan())));
        $this->assertFalse($onIts(...Builds::readings($this->plan(), ['B1' => [60.0, 0.0]])), 'it stands 60 mm off');
        $this->assertFalse($onIts(), 'nothing was taped');
    }

    public function test_a_hole_is_deep_enough_only_where_it_was_dug_so_deep_or_taken_so_with_a_reason(): void
    {
        $deep = fn (Payload ...$more): bool => (new ReadyToPour(
            $this->site(...$more), $this->plan()->grid->labelled('B1'),
        ))->points[PourPoint::HoleDeep->value];
        $this->assertFalse($deep());
        $this->assertFalse($deep(new HoleDug($this->id('B1'), Length::millimetres(1040))), 'with the thinnest gravel 10 mm short');
        $this->assertTrue($deep(new HoleDug($this->id('B1'), Length::millimetres(1100))));
        $this->assertTrue(
            $deep(new HoleDug($this->id('B1'), Length::millimetres(1040)), new Decision(DecisionAbout::AcceptShortHole, $this->id('B1'), 'rock')),
        );
    }

    public function test_what_was_measured_again_before_the_cut_says_nothing_before_the_pour(): void
    {
        $site = $this->site(new CrossChecked(PointOfNoReturn::Cut, CheckRoute::OtherLevel, Length::zero()));
        $this->assertSame(
            [false, true], [ReadyToPour::isCrossChecked($site, PointOfNoReturn::Pour), ReadyToPour::isCrossChecked($site, PointOfNoReturn::Cut)],
        );
    }

    public function test_gravel_waits_for_no_mix_and_a_lean_read_one_way_is_not_taken(): void
    {
        $post = $this->plan()->grid->labelled('A1');
        $gravel = $this->plan()->withHolding(
            new Holding(Hold::Gravel, new HoldingSite(Soil::Sand), PierRules::usual($this->plan()->notation), Length::millimetres(300)),
        );
        $points = (new ReadyToPour((new SimulatedBuilder($gravel, '2026-06-01', ...$this->book($this->standing())))->site(), $post))->points;
        $this->assertSame(
            [true, false, false, false],
            array_map(
                fn (PourPoint $point) => array_key_exists($point->value, $points),
                [PourPoint::Foot, PourPoint::Mix, PourPoint::Weather, PourPoint::Covered],
            ),
        );
        $taken = new Decision(DecisionAbout::AcceptLean, $post->id, 'a screen hides it');
        $leans = fn (int $faces): SiteState => $this->site(
            new PostSet($post->id), ...array_slice($this->plumb('A1', 30.0, 30.0), 0, $faces), ...[$taken],
        );
        $this->assertSame([false, true], [ReadyToPour::isPlumb($leans(1), $post), ReadyToPour::isPlumb($leans(2), $post)]);
    }

    public function test_a_pier_is_ready_before_anything_stands_on_it(): void
    {
        $plan = $this->plan()->withHolding(
            new Holding(Hold::Pier, new HoldingSite(Soil::Sand), PierRules::usual($this->plan()->notation), Length::millimetres(300)),
        );
        $points = (new ReadyToPour(
            (new SimulatedBuilder($plan, '2026-06-01', new NoticeAsked('2026-05-04', 3, '')))->site(), $plan->grid->labelled('A1'),
        ))->points;
        $this->assertSame(
            [],
            array_intersect(
                [PourPoint::Braced->value, PourPoint::Plumb->value, PourPoint::AllPlumb->value, PourPoint::MeasuredAgain->value], array_keys($points),
            ),
        );
        $this->assertArrayHasKey(PourPoint::HoleDeep->value, $points);
    }

    public function test_a_row_is_as_straight_as_its_worst_post(): void
    {
        $straight = (new StandingFrame($this->site(...$this->standing())))->rowLines();
        $this->assertSame([[true, '1'], [true, '2']], array_map(fn ($row) => [$row->isRow, $row->name], $straight));
        $this->assertTrue($straight[0]->isStraight);
        $bent = (new StandingFrame(
            (new SimulatedBuilder(
                $this->plan(), '2026-06-01', new NoticeAsked('2026-05-04', 3, ''), ...Builds::readings($this->plan(), ['B1' => [0.0, 9.0]]),
            ))->site(),
        ))->rowLines();
        $this->assertSame('B1', $bent[0]->worstPost?->label);
        $this->assertEqualsWithDelta(9, $bent[0]->worst->inMillimetres(), 0.1);
        $this->assertSame([false, true], array_map(fn ($row) => $row->isStraight, $bent));
    }

    /**
     * Every post set in its hole and read on two faces while that is open.
     *
     * @param  array<string, array{float, float}>  $gaps  toward the stream and the orchard, by label
     * @return list<Payload>
     */
    private function standing(array $gaps = []): array
    {
        $book = [];
        foreach (self::LABELS as $label) {
            array_push(
                $book, new HoleDug($this->id($label), Length::millimetres(1100)), new PostSet($this->id($label)),
                ...$this->plumb($label, ...($gaps[$label] ?? [0.0, 0.0])),
            );
        }

        return $book;
    }

    /** @return list<PlumbReading> */
    private function plumb(string $label, float $x, float $y, Stage $stage = Stage::HoleOpen): array
    {
        return [
            PlumbReading::gap($this->id($label), Side::MinusY, Side::PlusX, Length::millimetres($x), Length::millimetres(1200), $stage),
            PlumbReading::gap($this->id($label), Side::PlusX, Side::PlusY, Length::millimetres($y), Length::millimetres(1200), $stage),
        ];
    }

    private function site(Payload ...$book): SiteState
    {
        return (new SimulatedBuilder($this->plan(), '2026-06-01', ...$this->book($book)))->site();
    }

    /**
     * @param  list<Payload>  $book
     * @return list<Payload>
     */
    private function book(array $book): array
    {
        return [
            new NoticeAsked('2026-05-04', 3, ''), ...Builds::readings($this->plan()), new BenchmarkChosen('sill', Length::zero()), new RodReading(null, Length::millimetres(1500)),
            ...array_map(fn (string $label) => new RodReading($this->id($label), Length::millimetres(1500)), self::LABELS), ...array_values($book),
        ];
    }

    private function plan(): Plan
    {
        return Builds::plan(baysX: [2400, 2400], baysY: [3000])->withFooting(new FootingRules(
            Length::millimetres(900), Length::millimetres(100), LeastEmbedment::length(Length::millimetres(600)),
            Length::millimetres(100), Length::millimetres(100), Length::millimetres(50), DepthMode::Own,
        ));
    }

    private function id(string $label): PostId
    {
        return $this->plan()->grid->labelled($label)->id;
    }
}
