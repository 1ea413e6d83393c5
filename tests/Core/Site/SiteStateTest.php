<?php

declare(strict_types=1);

namespace Tests\Core\Site;

use Aequus\Footing\Depths\DepthRule;
use Aequus\Handover\PostRecord;
use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\Book\Remark;
use Aequus\Logbook\Cut\PostCut;
use Aequus\Logbook\Cut\TopMeasured;
use Aequus\Logbook\Entry;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Set\LeanMeasure;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PostSet;
use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\Side;
use Aequus\Plan\Tops\TopRules;
use Aequus\Site\SiteState;
use Aequus\Words\Handover\HandoverWords;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Builds;
use Tests\LargeJob;

final class SiteStateTest extends TestCase
{
    public function test_the_order_in_which_entries_are_handed_in_changes_nothing(): void
    {
        $plan = LargeJob::plan();
        $entries = $this->entries(...array_slice(LargeJob::entries($plan), 0, 120));
        $shuffled = (new Randomizer(new Mt19937(5)))->shuffleArray($entries);
        $this->assertEquals(SiteState::derive($plan, $entries, '2026-06-01'), SiteState::derive($plan, $shuffled, '2026-06-01'));
    }

    public function test_what_is_derived_twice_is_the_same(): void
    {
        $plan = LargeJob::plan();
        $entries = $this->entries(...LargeJob::entries($plan));
        $this->assertEquals(SiteState::derive($plan, $entries, '2026-06-01'), SiteState::derive($plan, $entries, '2026-06-01'));
    }

    public function test_entries_of_a_post_no_longer_in_the_plan_disturb_nothing(): void
    {
        $gone = PostId::of('9.9');
        $site = $this->site(
            $this->plan(), new HoleDug($gone, Length::millimetres(900)), new PostSet($gone), new RodReading($gone, Length::millimetres(1500)),
            new TopMeasured($gone, Length::millimetres(10)),
        );
        $this->assertCount(4, $site->log->entries);
        $this->assertCount(0, $site->footing->dug);
        $this->assertCount(4, $site->handover()->records);
    }

    public function test_the_walk_turns_round_at_the_end_of_every_row(): void
    {
        $site = $this->site(Builds::plan(baysX: [2400, 2400], baysY: [3000, 3000], leftOut: ['B2']));
        $this->assertSame(['A1', 'B1', 'C1', 'C2', 'A2', 'A3', 'B3', 'C3'], array_map(fn ($post) => $post->label, $site->walk()));
    }

    public function test_a_hole_is_measured_from_the_ground_at_its_own_post(): void
    {
        $site = $this->site($this->plan(), ...$this->levelled([1600, 1700, 1650, 1900]));
        foreach (['A1' => -100, 'B1' => -200, 'A2' => -150, 'B2' => -400] as $label => $ground) {
            $required = $site->footing->required($site->plan->grid->labelled($label));
            // Frost 900 and margin 100 below the ground, pad 100 above that foot, gravel 100 below the pad.
            $this->assertEquals(Length::millimetres($ground - 900), $required?->foot);
            $this->assertEquals(Length::millimetres(1100), $required->holeDepth());
            $this->assertSame(DepthRule::Frost, $required->governing);
        }
    }

    public function test_on_one_plane_the_lowest_ground_sets_the_depth_of_all(): void
    {
        $site = $this->site($this->plan(DepthMode::CommonPlane), ...$this->levelled([1600, 1700, 1650, 1900]));
        $this->assertEquals(Length::millimetres(-1300), $site->footing->depths?->plane);
        $this->assertSame('B2', $site->footing->depths->deepest?->label);
        $this->assertEquals(Length::millimetres(1400), $site->footing->required($site->plan->grid->labelled('A1'))?->holeDepth());
    }

    public function test_the_newest_depth_of_a_hole_counts(): void
    {
        $plan = $this->plan();
        $a1 = $plan->grid->labelled('A1');
        $book = $this->levelled([1600, 1700, 1650, 1900]);
        $short = $this->site($plan, ...$book, ...[new HoleDug($a1->id, Length::millimetres(900))]);
        $this->assertFalse($short->footing->asDug($a1)?->serves());
        $this->assertEquals(Length::millimetres(200), $short->footing->asDug($a1)->shortBy);
        $deep = $this->site($plan, ...$book, ...[new HoleDug($a1->id, Length::millimetres(900)), new HoleDug($a1->id, Length::millimetres(1120))]);
        $this->assertTrue($deep->footing->asDug($a1)?->deepEnough);
        $this->assertEquals(Length::millimetres(20), $deep->footing->asDug($a1)->overDugBy);
    }

    public function test_a_post_turns_about_its_foot_until_the_hole_is_filled(): void
    {
        $plan = $this->plan();
        $a1 = $plan->grid->labelled('A1');
        $read = fn (Stage $stage) => PlumbReading::gap($a1->id, Side::MinusY, Side::PlusX, Length::millimetres(6), Length::millimetres(1200), $stage);
        $book = [...$this->levelled([1600, 1700, 1650, 1900]), new PostSet($a1->id), $read(Stage::HoleOpen)];
        // Standing 2400 on ground at −100, foot at −1000.
        $open = $this->site($plan, ...$book)->standing($a1);
        $this->assertEquals(Length::millimetres(3300), $open->topAbovePivot());
        $this->assertEquals(Length::millimetres(16.5), $open->lean->outOfPlumb($open->topAbovePivot()));
        $filled = $this->site($plan, ...$book, ...[$read(Stage::Filled)])->standing($a1);
        $this->assertEquals(Length::millimetres(2400), $filled->topAbovePivot());
        $this->assertEquals(Length::millimetres(1600), $filled->braceAbovePivot());
        $this->assertEquals(Length::millimetres(12), $filled->lean->outOfPlumb($filled->topAbovePivot()));
    }

    public function test_after_a_pull_the_newest_reading_of_each_face_counts(): void
    {
        $plan = $this->plan();
        $a1 = $plan->grid->labelled('A1');
        $read = fn (Side $face, Side $toward, int $gap) => PlumbReading::gap(
            $a1->id, $face, $toward, Length::millimetres($gap), Length::millimetres(1200), Stage::HoleOpen,
        );
        $site = $this->site(
            $plan, new PostSet($a1->id), $read(Side::MinusY, Side::PlusX, 15), $read(Side::PlusX, Side::PlusY, 2),
            $read(Side::MinusY, Side::PlusX, 1),
        );
        $this->assertEqualsWithDelta(1 / 1200, $site->standing($a1)->lean->slopeX, 1e-12);
        $this->assertTrue($site->standing($a1)->isProvedPlumb());
        $this->assertNull($site->standing($a1)->nextFace());
    }

    public function test_a_level_turned_end_for_end_loses_its_own_error_and_tells_it(): void
    {
        $plan = $this->plan();
        $a1 = $plan->grid->labelled('A1');
        $read = fn (float $gap, Side $toward, bool $turned) => new PlumbReading(
            $a1->id, Side::MinusY, $toward, LeanMeasure::gap(Length::millimetres($gap), Length::millimetres(1200)), Stage::HoleOpen, $turned,
        );
        // The post leans 2 toward the stream; the level shows 3 too much one way round, 3 too little the other.
        $both = $this->site($plan, new PostSet($a1->id), $read(5, Side::PlusX, false), $read(1, Side::MinusX, true))->standing($a1);
        $this->assertEqualsWithDelta(2 / 1200, $both->lean->slopeX, 1e-12);
        $this->assertEqualsWithDelta(3 / 1200, $both->ownErrorOfTheLevel(), 1e-12);
        $anew = $this->site(
            $plan, new PostSet($a1->id), $read(5, Side::PlusX, false), $read(1, Side::MinusX, true), $read(0, Side::PlusX, false),
        )->standing($a1);
        $this->assertSame([0.0, null], [$anew->lean->slopeX, $anew->ownErrorOfTheLevel()], 'read anew, both earlier ones are gone');
    }

    public function test_the_record_sets_what_was_asked_beside_what_was_measured(): void
    {
        $plan = $this->plan()->withTops(new TopRules(Length::millimetres(2300), Slope::level(), Slope::level(), Length::millimetres(1200)));
        $a1 = $plan->grid->labelled('A1')->id;
        $plumb = fn (Side $face, Side $toward) => PlumbReading::gap(
            $a1, $face, $toward, Length::millimetres(3), Length::millimetres(1200), Stage::Filled,
        );
        $site = $this->site($plan, ...$this->levelled([1600, 1700, 1650, 1900]), ...[
            new HoleDug($a1, Length::millimetres(1100)), new PostSet($a1), $plumb(Side::MinusY, Side::PlusX), $plumb(Side::PlusX, Side::MinusY),
            new TopMeasured($a1, Length::millimetres(1150)), new PostCut($a1), new Remark($a1, 'knot near the top'), new Decision(
                DecisionAbout::AcceptLean, $a1, 'it is a fence',
            ),
        ]);
        $record = $site->handover()->records[0];
        $this->assertEquals(Length::millimetres(1100), $record->depthRequired);
        $this->assertEquals(Length::millimetres(1100), $record->depthDug);
        $this->assertTrue($record->deepEnough);
        $this->assertEquals(Length::millimetres(1100), $record->cutMark);
        $this->assertTrue($record->cut);
        // 3 in 1200 both ways, 2400 above grade to the finished top at 2300 over ground at −100.
        $this->assertEqualsWithDelta(hypot(6, 6), $record->outOfPlumb?->inMillimetres(), 1e-5);
        $this->assertTrue($record->plumb);
        $this->assertSame('Take the lean as it is: it is a fence; knot near the top', HandoverWords::remarks($record));
        $this->assertSame(['Tester'], $record->by);
        $this->assertSame(['B1', 'A2', 'B2'], $site->handover()->incomplete());
        $this->assertSame([null, null, null], array_map(fn (PostRecord $r) => $r->outOfPlumb, array_slice($site->handover()->records, 1)));
    }

    private function plan(DepthMode $mode = DepthMode::Own): Plan
    {
        return Builds::plan(baysX: [5400], baysY: [3600])->withFooting(new FootingRules(
            Length::millimetres(900), Length::millimetres(100), LeastEmbedment::length(Length::millimetres(600)),
            Length::millimetres(100), Length::millimetres(100), Length::millimetres(50), $mode,
        ));
    }

    /**
     * @param  list<int>  $rods  at A1, B1, A2, B2, under a beam at 1500
     * @return list<Payload>
     */
    private function levelled(array $rods): array
    {
        $posts = $this->plan()->grid->posts;

        return [
            new BenchmarkChosen('sill', Length::zero()), new RodReading(null, Length::millimetres(1500)),
            ...array_map(fn (int $rod, int $i) => new RodReading($posts[$i]->id, Length::millimetres($rod)), $rods, array_keys($rods)),
        ];
    }

    private function site(Plan $plan, Payload ...$payloads): SiteState
    {
        return SiteState::derive($plan, $this->entries(...$payloads), '2026-06-01');
    }

    /** @return list<Entry> */
    private function entries(Payload ...$payloads): array
    {
        return array_map(
            fn (Payload $payload, int $i) => Builds::entry($payload, $i + 1), array_values($payloads), array_keys(array_values($payloads)),
        );
    }
}
