<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\Grid\Gauge;
use Aequus\Plan\Holding\FillOrder;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\JobKind;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Part\PartKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Stored\PlanCodec;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Work\Lasting;
use Aequus\Plan\Work\Timber;
use Aequus\Set\Lift;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Ask\Pick;
use Aequus\Thing\Make\Figure;
use Aequus\Thing\Make\Made;
use Aequus\Thing\Make\ProfilePiece;
use Aequus\Thing\Make\ProfileShape;
use Aequus\Thing\Terms\Ask;
use Aequus\Thing\Terms\ThingRefusal;
use Aequus\Thing\Terms\ThingRefused;
use Aequus\Thing\Things;
use Aequus\Words\Thing\ThingWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;

/** What is asked once of the work: who is there, what becomes of it one day, what the posts are; and what each of them changes. */
final class WorkTest extends TestCase
{
    /** 140 × 140 × 3000 mm of 700 kg/m³ are 41.16 kg. */
    #[TestWith([Timber::WetTreated, 3000, 41.16, 2])]
    #[TestWith([Timber::DrySoftwood, 2500, 24.5, 1])]
    #[TestWith([Timber::DrySoftwood, 2552, 25.0096, 2])]
    #[TestWith([Timber::GreenOak, 2600, 50.96, null])]
    #[TestWith([Timber::Hardwood, 3400, 49.98, 2])]
    public function test_a_post_weighs_what_its_timber_makes_of_it(Timber $timber, float $long, float $kilograms, ?int $people): void
    {
        $lift = Lift::ofPost(Section::rectangle(Length::millimetres(140), Length::millimetres(140)), Length::millimetres($long), $timber);
        $this->assertEqualsWithDelta($kilograms, $lift->kilograms, 1e-9);
        $this->assertSame($people, $lift->people());
    }

    public function test_a_pole_weighs_less_than_the_square_around_it(): void
    {
        $lift = Lift::ofPost(Section::round(Length::millimetres(140)), Length::millimetres(3000), Timber::WetTreated);
        $this->assertEqualsWithDelta(41.16 * M_PI / 4, $lift->kilograms, 1e-9);
    }

    #[TestWith([Lasting::Stays, JobKind::FenceLine, Hold::Concrete])]
    #[TestWith([Lasting::OffForWinter, JobKind::FenceLine, Hold::Concrete])]
    #[TestWith([Lasting::Renewed, JobKind::FenceLine, Hold::Gravel])]
    #[TestWith([Lasting::PulledOut, JobKind::FenceLine, Hold::Collar])]
    #[TestWith([Lasting::Renewed, JobKind::PoleBuilding, Hold::Pier])]
    #[TestWith([Lasting::PulledOut, JobKind::Deck, Hold::Pier])]
    public function test_what_becomes_of_it_says_how_it_is_held_until_somebody_decides(Lasting $lasting, JobKind $kind, Hold $hold): void
    {
        $this->assertSame($hold, Hold::usualFor($lasting, $kind->standsOnPiers()));
        $this->assertTrue($hold->suits($lasting));
        $this->assertSame(! $lasting->comesOut(), Hold::Concrete->suits($lasting));
    }

    public function test_each_kind_takes_the_answers_into_its_plan_and_tells_what_they_come_to(): void
    {
        foreach (Things::all() as $thing) {
            $made = $this->made($thing->kind(), [Ask::Crew->value => Pick::Alone, Ask::Lasting->value => Pick::PulledOut]);
            $this->assertSame(FillOrder::EachAsItStands, $made->plan->customs()->fillOrder, $thing->kind()->value);
            $this->assertContains(Figure::HeldToComeOut, array_map(fn ($figure) => $figure->is, $made->figures));
            $this->assertNotContains(Figure::HeldToComeOut, array_map(fn ($figure) => $figure->is, $this->made($thing->kind(), [])->figures));
            if ($made->plan->holding === null) {
                $this->assertTrue($made->plan->holdOf($made->plan->grid->posts[0]->id)->suits(Lasting::PulledOut));
            }
            $this->assertEquals($made->plan, PlanCodec::decode(json_decode((string) json_encode(PlanCodec::encode($made->plan)), true)));
        }
        $this->assertSame(FillOrder::AllThenFill, $this->made(JobKind::FenceLine, [])->plan->customs()->fillOrder);
    }

    public function test_poles_are_round_in_the_plan_and_ends_and_gates_heavier_where_that_is_said(): void
    {
        $row = $this->made(JobKind::FenceLine, [Ask::Make->value => Pick::Pole, Ask::HeavyThick->value => Length::millimetres(140), Ask::GateWide->value => Length::millimetres(1000)])->plan;
        $this->assertTrue($row->post->round);
        $thick = array_map(fn (Post $post) => $row->sectionOf($post)->thicker()->inMillimetres(), $row->grid->posts);
        // Hinge and latch of the gate, and the far end; the others are like the rest.
        $this->assertSame([140.0, 140.0], array_slice($thick, 0, 2));
        $this->assertSame(140.0, $thick[count($thick) - 1]);
        $this->assertSame([90.0], array_values(array_unique(array_slice($thick, 2, -1))));
        // The opening is measured between the heavy posts.
        $this->assertEqualsWithDelta(1040.0, $row->openings()[0]->opening->opening->inMillimetres(), 0.001);
        $this->assertTrue($row->openings()[0]->fits());
        $this->assertTrue($row->hole->takes($row->heavy ?? $this->fail()));
    }

    public function test_ends_and_corners_of_a_part_are_as_heavy_as_those_of_the_first_row(): void
    {
        $mm = Length::millimetres(...);
        $heavy = fn (Plan $plan) => array_values(array_map(
            fn (Post $post) => $post->label, array_filter($plan->grid->posts, fn (Post $post) => $plan->sectionOf($post)->thicker()->equals($mm(140))),
        ));
        $row = $this->made(JobKind::FenceLine, [
            Ask::HeavyThick->value => $mm(140), Ask::SecondSide->value => $mm(5000), Ask::Long->value => $mm(5400), Ask::LargestBay->value => $mm(1800),
        ])->plan;
        // Round the corner it goes on from D1: its first post is one of those between, its last an end.
        $this->assertSame(['A1', 'D1', 'R3'], $heavy($row));
        $this->assertSame(['A1', 'D1'], array_map(fn (Post $post) => $post->label, $row->corners()));
        $at = fn (float $x, float $y) => new Point($mm($x), $mm($y));
        $with = fn (PartKind $kind, array $points, ?Length $largest = null, array $columns = [], array $rows = []) => $heavy($row->withParts([
            new Part('p', 'P', $kind, $points, $columns, $rows, $largest, $at(0, 9000)),
        ]));
        $this->assertSame(['A1', 'D1', 'P1', 'P3', 'P5'], $with(PartKind::Row, [$at(0, 0), $at(3000, 0), $at(3000, 3000)], $mm(1800)));
        $this->assertSame(['A1', 'D1', 'P1', 'P5'], $with(PartKind::Row, [$at(0, 0), $at(3000, 0), $at(6000, 0)], $mm(1800)), 'it does not turn at P3');
        $this->assertSame(['A1', 'D1', 'P1', 'P3', 'P5'], $with(PartKind::Row, [$at(0, 0), $at(3000, 0), $at(1500, 3000), $at(0, 0)], $mm(1800)));
        $this->assertSame(['A1', 'D1', 'P1', 'P3', 'P4', 'P6'], $with(PartKind::Grid, [], null, [$mm(2000), $mm(2000)], [$mm(2000)]));
        $this->assertSame(['A1', 'D1'], $with(PartKind::Spots, [$at(0, 0), $at(3000, 0)]));
        // One bay in line behind the far end of the first row, and one bay and a bit.
        $on = fn (float $from) => $heavy($row->withParts([new Part('p', 'P', PartKind::Row, [$at($from, 0), $at($from + 1800, 0)], [], [], $mm(1800), $at(0, 0))]));
        $this->assertSame(['A1', 'D1', 'P2'], $on(5400 + 1800));
        $this->assertSame(['A1', 'D1', 'P1', 'P2'], $on(5400 + 1850));
        // Beside it, and no further off than a bay: it goes on from nothing.
        $beside = new Part('p', 'P', PartKind::Row, [$at(5400, 1000), $at(7200, 1000)], [], [], $mm(1800), $at(0, 0));
        $this->assertSame(['A1', 'D1', 'P1', 'P2'], $heavy($row->withParts([$beside])));
        // It comes back to its first post in line with itself.
        $round = [$at(0, 0), $at(3000, 0), $at(3000, 3000), $at(-3000, 3000), $at(-3000, 0), $at(0, 0)];
        $this->assertSame(['A1', 'D1', 'P2', 'P3', 'P4', 'P5'], $with(PartKind::Row, $round, $mm(9000)));
    }

    public function test_ends_thinner_than_the_rest_are_refused_at_their_field(): void
    {
        foreach ([[Ask::HeavyThick, 70.0, ThingRefusal::LighterThanTheRest], [Ask::Along, 10.0, ThingRefusal::CloserAlongThanAcross]] as [$ask, $typed, $why]) {
            try {
                $this->made(JobKind::FenceLine, [$ask->value => Length::millimetres($typed)]);
                $this->fail('Nothing was refused.');
            } catch (ThingRefused $refusal) {
                $this->assertSame([$why, $ask->value], [$refusal->fact->is, $refusal->at]);
            }
        }
    }

    /** 2400 bays of 140 posts leave 2260 clear; 3000 leaves 2860; from inner corner to inner corner √(2260² + 2860²). */
    public function test_the_boards_of_whoever_works_alone_are_cut_between_faces_and_used_in_walking_order(): void
    {
        $gauges = self::gauges(Builds::plan());
        $this->assertEqualsWithDelta([2260.0, 2860.0, hypot(2260, 2860)], array_map(fn ($gauge) => $gauge->length->inMillimetres(), $gauges), 0.001);
        $this->assertSame([false, false, true], array_map(fn ($gauge) => $gauge->isDiagonal, $gauges));
        $labels = fn (array $pair): string => "{$pair[0]->label}-{$pair[1]->label}";
        $this->assertSame(['A1-B1', 'B1-C1', 'A2-B2', 'B2-C2'], array_map($labels, $gauges[0]->between));
        $this->assertSame(['A1-A2', 'B1-B2', 'C1-C2'], array_map($labels, $gauges[1]->between));
        $this->assertSame(['A1-B2', 'B1-C2'], array_map($labels, $gauges[2]->between));
        // Beside a post left out there is no bay to hold.
        $this->assertSame(['A1-B1', 'B1-C1', 'A2-B2'], array_map($labels, self::gauges(Builds::plan(leftOut: ['C2']))[0]->between));
        $this->assertSame([], self::gauges(Builds::plan(baysX: [], baysY: [])));
    }

    public function test_the_boards_of_a_part_count_too_and_so_does_the_joint_with_the_first_row(): void
    {
        $mm = Length::millimetres(...);
        $plan = $this->made(JobKind::FenceLine, [
            Ask::HeavyThick->value => $mm(140), Ask::SecondSide->value => $mm(5000), Ask::Long->value => $mm(5400), Ask::LargestBay->value => $mm(1800),
        ])->plan;
        $held = array_map(fn (Gauge $gauge) => [round($gauge->length->inMillimetres(), 1), array_map(fn (array $two) => "{$two[0]->label}-{$two[1]->label}", $gauge->between)], self::gauges($plan));
        $this->assertSame([
            [1800.0 - 70 - 45, ['A1-B1', 'C1-D1']], [1800.0 - 90, ['B1-C1']],
            [round(5000 / 3 - 70 - 45, 1), ['D1-R1', 'R2-R3']], [round(5000 / 3 - 90, 1), ['R1-R2']],
        ], $held);
        $at = fn (float $x) => new Point($mm($x), Length::zero());
        $toward = $plan->withParts([new Part('p', 'P', PartKind::Row, [$at(9000), $at(7200)], [], [], $mm(1800), $at(0))]);
        $pairs = array_map(fn (Gauge $gauge) => array_map(fn (array $two) => "{$two[0]->label}-{$two[1]->label}", $gauge->between), self::gauges($toward));
        $this->assertSame([['A1-B1', 'C1-D1', 'P1-P2', 'P2-D1'], ['B1-C1']], $pairs);
    }

    public function test_a_row_is_drawn_with_its_heavier_posts_and_a_long_one_goes_on(): void
    {
        $mm = Length::millimetres(...);
        $drawn = function (int $long, int $gate) use ($mm): array {
            $pieces = $this->made(JobKind::FenceLine, [
                Ask::Long->value => $mm($long), Ask::LargestBay->value => $mm(1800), Ask::HeavyThick->value => $mm(140), Ask::GateWide->value => $mm($gate),
            ])->profile->pieces;
            $of = fn (ProfileShape $shape) => array_values(array_filter($pieces, fn (ProfilePiece $piece) => $piece->shape === $shape));
            $posts = array_map(fn (ProfilePiece $piece) => $piece->right->minus($piece->left)->inMillimetres(), $of(ProfileShape::Post));

            return [$posts, count($of(ProfileShape::Timber)), count($of(ProfileShape::Thing))];
        };
        $this->assertEquals([[140, 90, 90, 140], 3, 0], $drawn(5400, 0));
        $this->assertEquals([[140, 90, 90, 90], 4, 0], $drawn(7200, 0));
        $this->assertEquals([[140, 140, 90, 140], 2, 1], $drawn(4780, 1000));
    }

    /** @return list<Gauge> */
    private static function gauges(Plan $plan): array
    {
        return $plan->gauges();
    }

    /** @param  array<string, mixed>  $said */
    private function made(JobKind $kind, array $said): Made
    {
        $thing = Things::of($kind) ?? $this->fail();

        return $thing->make(Heard::usual(Notation::millimetres(0), ThingWords::sides($kind), $thing->asks(), $said));
    }
}
