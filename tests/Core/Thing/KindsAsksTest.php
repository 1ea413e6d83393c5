<?php

declare(strict_types=1);

namespace Tests\Core\Thing;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\JobKind;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Part\PartKind;
use Aequus\Plan\Place\Fit;
use Aequus\Plan\Place\MustFit;
use Aequus\Plan\Terms\Point;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Ask\Pick;
use Aequus\Thing\Make\Figure;
use Aequus\Thing\Make\Made;
use Aequus\Thing\Make\WorkStep;
use Aequus\Thing\Terms\Ask;
use Aequus\Thing\Terms\ThingRefusal;
use Aequus\Thing\Terms\ThingRefused;
use Aequus\Thing\Things;
use Aequus\Words\Thing\ThingWords;
use Aequus\Words\Thing\WorkStepWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What each kind asks beside its main questions, against figures worked out by hand; millimetres. */
final class KindsAsksTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $said
     * @param  array<string, float|int>  $parts  of the figure
     */
    #[DataProvider('figures')]
    public function test_an_answer_comes_to_its_figure(JobKind $kind, array $said, Figure $is, array $parts): void
    {
        $found = array_values(array_filter($this->made($kind, $said)->figures, fn ($fact) => $fact->is === $is))[0] ?? $this->fail("No {$is->name}.");
        foreach ($parts as $name => $expected) {
            $part = $found->part($name);
            $this->assertEqualsWithDelta($expected, $part instanceof Length ? $part->inMillimetres() : $part, 0.01, $name);
        }
        $this->assertNotContains($is, array_map(fn ($fact) => $fact->is, $this->made($kind, [])->figures));
    }

    public static function figures(): \Generator
    {
        $mm = Length::millimetres(...);
        yield 'in line with the neighbours' => [JobKind::LetterBox, ['neighbours' => $mm(190)], Figure::InLineWithNeighbours, ['number' => 190]];
        // 1200 deep, ties 350 apart: three, and (1200 − 700)/2 left at both ends.
        yield 'ties' => [JobKind::CourtHoop, ['bar_spacing' => $mm(350)], Figure::BarsAt, ['count' => 3, 'number' => 250]];
        yield 'one tie where they are far apart' => [JobKind::CourtHoop, ['bar_spacing' => $mm(1500)], Figure::BarsAt, ['count' => 1, 'number' => 600]];
        yield 'a form' => [JobKind::CourtHoop, ['form_high' => $mm(100)], Figure::FormToCut, ['number' => 600, 'long' => 650]];
        yield 'a round hole' => [JobKind::CourtHoop, ['hole_is' => Pick::RoundHole], Figure::MakersRoundHole, ['wide' => 600, 'deep' => 1200]];
        // The line 2200 over the mean of grounds 100 apart: 2250 on the first, 2150 on the second.
        yield 'a mark above' => [JobKind::CarryingPair, ['ground_rise' => $mm(100), 'marks' => [[$mm(300)], [$mm(-450)]]], Figure::MarkAboveTheLine, ['number' => 2550, 'second' => 2450]];
        yield 'a mark below' => [JobKind::CarryingPair, ['ground_rise' => $mm(100), 'marks' => [[$mm(300)], [$mm(-450)]]], Figure::MarkBelowTheLine, ['number' => 1800, 'second' => 1700]];
        // Clear 2400 and a post of 140 are 2540 between centres; 3000 on either side.
        yield 'free behind' => [JobKind::CarryingPair, ['behind' => $mm(3000)], Figure::FreeBehind, ['number' => 8540]];
        // 700 over 12 m in seven bays is 100 a bay.
        yield 'raked' => [JobKind::FenceLine, ['tops' => Pick::Raked, 'end_rise' => $mm(700)], Figure::TopsRaked, ['number' => 100, 'rise' => 700]];
        yield 'stepped downhill' => [JobKind::FenceLine, ['tops' => Pick::Stepped, 'end_rise' => $mm(-350)], Figure::TopsStepped, ['number' => 50, 'rise' => 350]];
        yield 'level' => [JobKind::FenceLine, ['end_rise' => $mm(400)], Figure::TopsLevel, ['number' => 1100]];
        yield 'bought posts' => [JobKind::FenceLine, ['bought_row' => $mm(2400)], Figure::RowBought, ['number' => 900]];
        // Level tops over ground that falls 300: the last post stands 1800, and 600 are left.
        yield 'bought posts where the last is the tallest' => [JobKind::FenceLine, ['bought_row' => $mm(2400), 'end_rise' => $mm(-300)], Figure::RowBought, ['number' => 600, 'tallest' => 1800]];
        // 5 m round the corner in bays of at most 1.8: three of 1666.7, so three posts more.
        yield 'a second side' => [JobKind::FenceLine, ['second_side' => $mm(5000)], Figure::RoundTheCorner, ['number' => 5000 / 3, 'count' => 3, 'degrees' => 90]];
        // The arch comes down from 4200 in the middle to 3000 at the posts, 3300 apart: over a machine 2500 wide, 400 in from either post, it stands 3000 + 1200·400/1650.
        yield 'an arch' => [JobKind::Gateway, ['machine_high' => $mm(2900), 'arch_profile' => [[$mm(0), $mm(3000)], [$mm(1650), $mm(4200)], [$mm(3300), $mm(3000)]]], Figure::ArchLeaves, ['number' => 3000 + 1200 * 400 / 1650 - 2900]];
        yield 'ledger' => [JobKind::Pergola, ['placed' => Pick::OnAWall, 'fall' => $mm(90)], Figure::LedgerAt, ['number' => 2490]];
        // What gets in is 2600 high at its highest, 2000 behind its front. It stops 375 behind the centre of the low posts, 5850 from the high ones: there the
        // roof has risen by 500·2375/5850, so the low side stands 2600 + 300 less that.
        $tractor = [[$mm(0), $mm(900)], [$mm(1500), $mm(1200)], [$mm(2000), $mm(2600)], [$mm(3600), $mm(2600)], [$mm(4200), $mm(1500)]];
        $under = ['fall' => $mm(500), 'way_in' => Pick::HighSide];
        yield 'a low side over the front' => [JobKind::PoleBuilding, $under + ['machine_profile' => $tractor], Figure::LowSide, ['number' => 2900 - 500 * 2375 / 5850]];
        yield 'nearest to the roof' => [JobKind::PoleBuilding, $under + ['machine_profile' => $tractor], Figure::RoofLeaves, ['number' => 300, 'along' => 2000]];
        yield 'as high as its highest all along' => [JobKind::PoleBuilding, $under, Figure::LowSide, ['number' => 2900 - 500 * 375 / 5850]];
        // A track of 400 over the opening lifts the high side by more than the roof needs: 2900 + 400 − 500.
        yield 'the opening before the roof' => [JobKind::PoleBuilding, $under + ['machine_profile' => $tractor, 'door_kind' => Pick::Sliding, 'door_over' => $mm(400)], Figure::LowSide, ['number' => 2800]];
        yield 'what is then left' => [JobKind::PoleBuilding, $under + ['machine_profile' => $tractor, 'door_kind' => Pick::Sliding, 'door_over' => $mm(400)], Figure::RoofLeaves, ['number' => 200 + 500 * 2375 / 5850]];
        yield 'under the low side it is as high as the opening' => [JobKind::PoleBuilding, ['fall' => $mm(500), 'machine_profile' => $tractor], Figure::LowSide, ['number' => 2900]];
        yield 'its length' => [JobKind::PoleBuilding, ['machine_profile' => $tractor], Figure::MachineLong, ['long' => 4200, 'number' => 5700]];
        // 2300, 300 and 50 of frame on either side, and a post.
        yield 'doors take width' => [JobKind::PoleBuilding, ['door_kind' => Pick::Leaves], Figure::MachinePassesDoors, ['number' => 3150]];
        yield 'and height' => [JobKind::PoleBuilding, ['door_kind' => Pick::Leaves], Figure::DoorOver, ['number' => 3050]];
        yield 'leaves' => [JobKind::PoleBuilding, ['door_kind' => Pick::Leaves], Figure::DoorLeaves, ['number' => 1450, 'opening' => 2900]];
        yield 'a sliding door' => [JobKind::PoleBuilding, ['door_kind' => Pick::Sliding], Figure::DoorSlides, ['number' => 2900]];
        // 5850 between the outer rows takes one passage of 3050, not two; 6350 takes two of 3150 with doors.
        yield 'in at an end' => [JobKind::PoleBuilding, ['way_in' => Pick::AtAnEnd], Figure::PassageOverLargest, ['number' => 5850, 'largest' => 3000]];
        yield 'two passages at an end' => [JobKind::PoleBuilding, ['way_in' => Pick::AtAnEnd, 'deep' => $mm(6500), 'door_kind' => Pick::Leaves], Figure::MachinePassesDoors, ['number' => 3175]];
        yield 'bays along the way in' => [JobKind::PoleBuilding, ['way_in' => Pick::AtAnEnd], Figure::EvenBays, ['number' => 3000, 'count' => 2]];
        // 2600 and 300 over it; 500 more on the high side.
        yield 'high side' => [JobKind::PoleBuilding, ['fall' => $mm(500)], Figure::HighSide, ['number' => 3400]];
        yield 'walls later' => [JobKind::PoleBuilding, ['later' => Pick::Walls], Figure::LaterWalls, []];
        // The floor lies 570 up: over 500, so a guard is wanted; not over 600.
        yield 'a landing' => [JobKind::Deck, ['landing' => $mm(900)], Figure::LandingAt, ['number' => 900, 'run' => 1800]];
        // Posts stand 1800, their hole 250 below the top.
        yield 'a string at the holes' => [JobKind::DrivenPosts, ['hole_to_top' => $mm(250)], Figure::StringAtTheHoles, ['number' => 1550]];
        yield 'a guard' => [JobKind::Deck, ['guard_over' => Length::millimetres(500), 'permit_over' => Length::millimetres(600)], Figure::OverGuard, ['number' => 570]];
        yield 'a permit' => [JobKind::Deck, ['permit_over' => Length::millimetres(569)], Figure::OverPermit, ['number' => 570]];
    }

    /** 570 in steps of at most 190 are three of 190; of at most 189, four of 142.5. */
    public function test_the_steps_to_a_floor_are_as_few_as_the_rule_lets_them_be(): void
    {
        foreach ([[190.0, 3, 190.0], [189.0, 4, 142.5]] as [$most, $count, $each]) {
            $stairs = array_values(array_filter($this->made(JobKind::Deck, ['riser_most' => Length::millimetres($most)])->figures, fn ($fact) => $fact->is === Figure::Stairs))[0];
            $this->assertSame($count, $stairs->part('count'));
            $this->assertEqualsWithDelta($each, $stairs->part('number')->inMillimetres(), 0.001);
        }
        // Not above what asks for a permit: nothing is said of one.
        $this->assertNotContains(Figure::OverPermit, array_map(fn ($fact) => $fact->is, $this->made(JobKind::Deck, ['permit_over' => Length::millimetres(570)])->figures));
    }

    public function test_what_an_answer_decides_stands_in_the_plan(): void
    {
        $this->assertSame(Hold::Foam, ($plan = $this->made(JobKind::Gateway, ['held_by' => Pick::Foam])->plan)->holdOf($plan->grid->posts[0]->id));
        $this->assertNull($this->made(JobKind::Gateway, [])->plan->holding);
        $hoop = $this->made(JobKind::CourtHoop, ['hole_is' => Pick::RoundHole, 'bell_wide' => Length::millimetres(750), 'bell_high' => Length::millimetres(300)])->plan->hole;
        $this->assertFalse($hoop->isSquare);
        $this->assertEquals(Length::millimetres(750), $hoop->bellWidth);
        // The neighbours’ 190 take the place of the middle, 175: the centre moves out by 15.
        $edge = fn (array $said): float => abs($this->made(JobKind::LetterBox, $said)->plan->layout->fixedLines[0]->from->y->inMillimetres());
        $this->assertEqualsWithDelta(15.0, $edge(['neighbours' => Length::millimetres(190)]) - $edge([]), 0.001);
        $row = $this->made(JobKind::FenceLine, ['along' => Length::millimetres(60)])->plan;
        $this->assertEquals(Length::millimetres(60), $row->closenessAt($row->grid->posts[1]->id)->along);
    }

    /** @param  array<string, mixed>  $said */
    #[DataProvider('refused')]
    public function test_what_can_not_be_is_refused_at_its_question(JobKind $kind, array $said, ThingRefusal $why, Ask $at): void
    {
        try {
            $this->made($kind, $said);
            $this->fail('Nothing was refused.');
        } catch (ThingRefused $refusal) {
            $this->assertSame([$why, $at->value], [$refusal->fact->is, $refusal->at]);
        }
    }

    public static function refused(): \Generator
    {
        $mm = Length::millimetres(...);
        yield 'neighbours out of the band' => [JobKind::LetterBox, ['neighbours' => $mm(210)], ThingRefusal::AskedOutsideTheBand, Ask::Neighbours];
        yield 'a bell under a square hole' => [JobKind::CourtHoop, ['bell_wide' => $mm(750), 'bell_high' => $mm(300)], ThingRefusal::BellOfARoundHole, Ask::BellWide];
        yield 'half a bell' => [JobKind::CourtHoop, ['hole_is' => Pick::RoundHole, 'bell_wide' => $mm(750)], ThingRefusal::BellOfARoundHole, Ask::BellWide];
        yield 'a bell no wider' => [JobKind::CourtHoop, ['hole_is' => Pick::RoundHole, 'bell_wide' => $mm(600), 'bell_high' => $mm(300)], ThingRefusal::BellOfARoundHole, Ask::BellWide];
        yield 'bars on each other' => [JobKind::CourtHoop, ['bar_spacing' => $mm(0)], ThingRefusal::NotAboveZero, Ask::BarSpacing];
        yield 'a mark in the ground' => [JobKind::CarryingPair, ['ground_rise' => $mm(100), 'marks' => [[$mm(-2200)]]], ThingRefusal::MarkBelowGround, Ask::Marks];
        yield 'a last post that would not stand' => [JobKind::FenceLine, ['end_rise' => $mm(1500)], ThingRefusal::NothingStands, Ask::EndRise];
        yield 'posts bought too short' => [JobKind::FenceLine, ['bought_row' => $mm(1500)], ThingRefusal::NothingStands, Ask::BoughtRow];
        $arch = fn (float ...$heights): array => array_map(fn (float $high, int $i) => [$mm(1650 * $i), $mm($high)], $heights, array_keys($heights));
        yield 'an arch that comes down on the machine' => [JobKind::Gateway, ['arch_profile' => $arch(3000, 4000, 3000)], ThingRefusal::ArchTooLow, Ask::ArchProfile];
        yield 'an arch that ends before the post' => [JobKind::Gateway, ['arch_profile' => $arch(4000, 4000)], ThingRefusal::ArchTooNarrow, Ask::ArchProfile];
        $along = fn (float ...$points): array => array_map(fn (array $pair) => [$mm($pair[0]), $mm($pair[1])], array_chunk($points, 2));
        yield 'a machine that begins behind its front' => [JobKind::PoleBuilding, ['machine_profile' => $along(100, 900, 2000, 2600)], ThingRefusal::ProfileNotAlong, Ask::MachineProfile];
        yield 'a machine told backwards' => [JobKind::PoleBuilding, ['machine_profile' => $along(0, 900, 2000, 2600, 2000, 900)], ThingRefusal::ProfileNotAlong, Ask::MachineProfile];
        yield 'a machine without its highest' => [JobKind::PoleBuilding, ['machine_profile' => $along(0, 900, 2000, 2599)], ThingRefusal::ProfileDisagrees, Ask::MachineProfile];
        yield 'a machine higher than was said' => [JobKind::PoleBuilding, ['machine_profile' => $along(0, 900, 2000, 2601)], ThingRefusal::ProfileDisagrees, Ask::MachineProfile];
        yield 'a machine of one point' => [JobKind::PoleBuilding, ['machine_profile' => $along(0, 2600)], ThingRefusal::ProfileDisagrees, Ask::MachineProfile];
        yield 'a machine too long' => [JobKind::PoleBuilding, ['machine_profile' => $along(0, 2600, 5101, 2600)], ThingRefusal::MachineTooLong, Ask::Deep];
        yield 'a machine too long for the bays' => [JobKind::PoleBuilding, ['way_in' => Pick::AtAnEnd, 'machine_profile' => $along(0, 2600, 5251, 2600)], ThingRefusal::MachineTooLong, Ask::Bays];
        yield 'no passage at an end' => [JobKind::PoleBuilding, ['way_in' => Pick::AtAnEnd, 'deep' => $mm(3199)], ThingRefusal::NotDeepEnough, Ask::Deep];
        yield 'a roof that falls into the ground' => [JobKind::PoleBuilding, ['way_in' => Pick::HighSide, 'fall' => $mm(5000), 'machine_profile' => $along(0, 0, 5000, 2600)], ThingRefusal::NothingStands, Ask::Fall];
        yield 'an arch told backwards' => [JobKind::Gateway, ['arch_profile' => [[$mm(3300), $mm(4000)], [$mm(0), $mm(4000)]]], ThingRefusal::ArchNotAcross, Ask::ArchProfile];
        yield 'a hole below the ground' => [JobKind::DrivenPosts, ['hole_to_top' => $mm(1800)], ThingRefusal::NothingStands, Ask::HoleToTop];
        yield 'a step of nothing' => [JobKind::Deck, ['riser_most' => $mm(0)], ThingRefusal::NotAboveZero, Ask::RiserMost];
    }

    /** Turned to the left it runs away from the base line, to the right toward it; all its posts stand in one survey. */
    public function test_a_row_goes_on_round_its_corner(): void
    {
        foreach ([[Pick::Left, 90, 12_000.0, 5000.0], [Pick::Right, 90, 12_000.0, -5000.0], [Pick::Left, 60, 12_000 + 5000 * 0.5, 5000 * sqrt(3) / 2]] as [$to, $degrees, $x, $y]) {
            $plan = $this->made(JobKind::FenceLine, ['second_side' => Length::millimetres(5000), 'corner_to' => $to, 'corner_degrees' => $degrees])->plan;
            $last = $plan->parts[0]->posts[2]->at->inMillimetres();
            $this->assertEqualsWithDelta([$x, $y], [$last->x, $last->y], 0.01);
            $this->assertSame(['R1', 'R2', 'R3'], array_map(fn ($post) => $post->label, $plan->parts[0]->posts));
        }
        // A row so long that a column is called R: the other side is called otherwise.
        $this->assertSame('RR1', $this->made(JobKind::FenceLine, ['second_side' => Length::millimetres(5000), 'long' => Length::millimetres(34_000)])->plan->parts[0]->posts[0]->label);
        // One bay only is one post.
        $this->assertCount(1, $this->made(JobKind::FenceLine, ['second_side' => Length::millimetres(1500)])->plan->parts[0]->posts);
    }

    /** What was put on the plan by hand stays when an answer changes; what the answers made goes with them. */
    public function test_an_answer_changed_later_takes_away_only_what_answers_made(): void
    {
        $first = $this->made(JobKind::FenceLine, ['gate_wide' => Length::millimetres(1000), 'second_side' => Length::millimetres(5000)])->plan;
        $cart = new MustFit('hay cart', $first->grid->posts[2]->id, $first->grid->posts[3]->id, Length::millimetres(900), Length::zero(), Length::zero());
        $byHand = new Part('p9', 'T', PartKind::Spots, [new Point(Length::zero(), Length::zero())], [], [], null, new Point(Length::millimetres(-4000), Length::zero()));
        $plan = $first->withFit(new Fit([...$first->fit->things, $cart]))->withParts([...$first->parts, $byHand]);
        $none = $this->made(JobKind::FenceLine, [])->plan;
        $now = $plan->answeredAnew($none, $first);
        $this->assertSame(['hay cart'], array_map(fn (MustFit $thing) => $thing->name, $now->fit->things));
        $this->assertSame(['p9'], array_map(fn (Part $part) => $part->id, $now->parts));
        $again = $now->answeredAnew($first, $none);
        $this->assertSame(['', 'hay cart'], array_map(fn (MustFit $thing) => $thing->name, $again->fit->things));
        $this->assertSame([Part::ANSWERED, 'p9'], array_map(fn (Part $part) => $part->id, $again->parts));
        // A way to hold that an answer chose goes with the answer; one that was decided stays.
        [$foam, $concrete] = [$this->made(JobKind::Gateway, ['held_by' => Pick::Foam])->plan, $this->made(JobKind::Gateway, [])->plan];
        $this->assertNull($foam->answeredAnew($concrete, $foam)->holding);
        $decided = $foam->withHolding(new Holding(Hold::Gravel, new HoldingSite(Soil::Clay), PierRules::usual($foam->notation), Length::millimetres(300)));
        $this->assertSame(Hold::Gravel, $decided->answeredAnew($concrete, $foam)->holding?->ofJob);
    }

    public function test_every_kind_has_an_order_of_its_own(): void
    {
        $orders = [];
        foreach (Things::all() as $thing) {
            $heard = Heard::usual(Notation::millimetres(0), ThingWords::sides($thing->kind()), $thing->asks());
            $order = $thing->order($heard);
            $this->assertSame($order, array_values(array_unique($order, SORT_REGULAR)));
            $orders[] = implode(' ', array_map(WorkStepWords::of(...), $order));
        }
        $this->assertCount(count(Things::all()), array_unique($orders));
        $frame = Things::of(JobKind::Pergola) ?? $this->fail();
        $order = fn (Pick $placed): array => $frame->order(Heard::usual(Notation::millimetres(0), ThingWords::sides(JobKind::Pergola), $frame->asks(), ['placed' => $placed]));
        // On a wall the posts are poured last of all; free, there is nothing to square it to.
        $this->assertSame(WorkStep::PourLast, $order(Pick::OnAWall)[3]);
        $this->assertNotContains(WorkStep::SquareToTheWall, $order(Pick::Free));
    }

    /** @param  array<string, mixed>  $said */
    private function made(JobKind $kind, array $said): Made
    {
        $thing = Things::of($kind) ?? $this->fail();

        return $thing->make(Heard::usual(Notation::millimetres(0), ThingWords::sides($kind), $thing->asks(), $said));
    }
}
