<?php

declare(strict_types=1);

namespace Tests\Core\Frame;

use Aequus\Frame\Footprint;
use Aequus\Frame\FrameOnPosts;
use Aequus\Frame\FrameRefusal;
use Aequus\Frame\InSpace;
use Aequus\Frame\Piece;
use Aequus\Frame\SectionSawn;
use Aequus\Frame\UsualFrame;
use Aequus\Logbook\Log;
use Aequus\Logbook\Square\AsCast;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\Slope;
use Aequus\Plan\Answers;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\JobKind;
use Aequus\Plan\Place\FixedKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Plan;
use Aequus\Plan\Stored\PlanCodec;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Tops\TopRules;
use Aequus\Stock\Stock;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Ask\Pick;
use Aequus\Thing\Things;
use Aequus\Words\Thing\ThingWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Builds;

/** Every piece on the posts, against figures worked out by hand. Millimetres. */
final class FrameOnPostsTest extends TestCase
{
    /** Two bays of 2400, rows 3000 apart, beams 300 over, joists 600 at most and 300 over, boards of 145 with gaps of 5 and 25 over. */
    public function test_a_deck_has_its_beams_joists_rims_blocks_and_boards(): void
    {
        $deck = $this->frame($this->plan(), $this->deck());
        // 4800 and 300 over at both ends, two plies on each row.
        $this->assertSame([4 => 5400], $this->lengths($deck, LayerKind::Beam));
        // From edge to edge 5400 less one joist are 5355: nine bays of 595.
        $this->assertSame([10 => 3600], $this->lengths($deck, LayerKind::Joist));
        $this->assertEqualsWithDelta(array_map(fn (int $i) => -300 + 22.5 + 595 * $i, range(0, 9)), array_values($deck->marks(LayerKind::Joist)), 1e-6);
        // Near faces from the beam’s end, each from zero: 0, 595, 1190 …
        $this->assertEqualsWithDelta(array_map(fn (int $i) => 595 * $i, range(0, 9)), array_map(fn (Length $face) => $face->inMillimetres(), array_values($deck->nearFaces(LayerKind::Joist))), 1e-5);
        $this->assertSame([], $deck->nearFaces(LayerKind::Purlin));
        $this->assertSame([2 => 5400], $this->lengths($deck, LayerKind::Rim));
        $this->assertSame([9 => 550], $this->lengths($deck, LayerKind::Blocking));
        // 3600 and a rim of 45 at either end take 25 boards, the last ripped to 90.
        $this->assertSame([25 => 5450], $this->lengths($deck, LayerKind::Board));
        $wide = array_map(fn (Piece $piece) => $piece->solid->wide, $deck->of(LayerKind::Board));
        $this->assertEqualsWithDelta([145, 145, 90], [$wide[0], $wide[1], $wide[24]], 1e-6);
        $this->assertEqualsWithDelta(3690, array_sum($wide) + 24 * 5, 1e-6, 'boards and gaps are the floor');
        // Three posts in each row under two plies; 10 joists on two rows; 2 × 10; 2 × 9; 25 × 10. Two at each crossing, three at rims and blocks.
        $this->assertSame(['beam' => 24, 'joist' => 40, 'rim' => 60, 'blocking' => 54, 'board' => 500], $deck->fixings);
        $this->assertSame([], $deck->hindered);
        // Post 2400, beam 195, joist 145: boards lie from 2740 to 2768.
        $board = $deck->of(LayerKind::Board)[3]->solid;
        $this->assertEqualsWithDelta([2740, 2768], [$board->corners()[0]->z, $board->corners()[4]->z], 1e-6);
    }

    /** Posts of 140: beams, joists with their rims, and boards end with the outer faces, so that a gap to a house stays what it was. */
    public function test_a_floor_is_flush_with_its_outer_posts_unless_it_is_let_over(): void
    {
        $deck = $this->frame($this->plan(), $this->usual(JobKind::Deck));
        $this->assertSame([4 => 4940], $this->lengths($deck, LayerKind::Beam));
        $this->assertSame([10 => 3050], $this->lengths($deck, LayerKind::Joist));
        $this->assertSame(4940, array_values($this->lengths($deck, LayerKind::Board))[0]);
        $corners = array_merge(...array_map(fn (Piece $piece) => $piece->solid->corners(), $deck->of(LayerKind::Board)));
        $this->assertEqualsWithDelta([-70, 3070, -70, 4870], [
            min(array_map(fn (InSpace $at) => $at->y, $corners)), max(array_map(fn (InSpace $at) => $at->y, $corners)),
            min(array_map(fn (InSpace $at) => $at->x, $corners)), max(array_map(fn (InSpace $at) => $at->x, $corners)),
        ], 1e-6);
    }

    /** A house 150 behind the outer posts’ centres: 300 over would go 195 into it with the rim, flush leaves 80. */
    public function test_a_frame_that_would_reach_into_a_house_is_told(): void
    {
        $line = fn (float $at, FixedKind $kind = FixedKind::Wall): Plan => $this->plan()->withLayout($this->plan()->layout->heldBy([new FixedLine(
            'w', 'press house', new Point(Length::zero(), Length::millimetres($at)), new Point(Length::millimetres(4800), Length::millimetres($at)), $kind,
        )]));
        $hindered = $this->frame($line(3150), $this->deck())->hindered;
        $this->assertSame([FrameRefusal::IntoTheWall], array_map(fn ($fact) => $fact->is, $hindered));
        $this->assertEqualsWithDelta(195, $hindered[0]->part('by')->inMillimetres(), 1e-6);
        $this->assertSame([], $this->frame($line(3150), $this->usual(JobKind::Deck))->hindered);
        $this->assertCount(1, $this->frame($line(-150), $this->deck())->hindered, 'on the other side as well');
        $this->assertSame([], $this->frame($line(3150, FixedKind::String), $this->deck())->hindered, 'a string is no wall');
    }

    public function test_beams_along_the_columns_turn_everything(): void
    {
        $rules = $this->deck();
        $turned = $this->frame($this->plan(), new FrameRules($rules->layers, false));
        // Three columns of two posts, 3000 long.
        $this->assertSame([6 => 3600], $this->lengths($turned, LayerKind::Beam));
        $this->assertSame([7 => 5400], $this->lengths($turned, LayerKind::Joist));
        $solid = $turned->of(LayerKind::Beam)[0]->solid;
        $this->assertEqualsWithDelta([-300, 3300], [$solid->from->y, $solid->to->y], 1e-6);
    }

    /** Tops fall 150 over 3000 from the first row: rafters √(1 + 0.05²) longer than level, and 145 · 0.05 for the plumb low end. */
    public function test_rafters_follow_tops_that_fall(): void
    {
        $tops = new TopRules(Length::millimetres(2400), Slope::level(), Slope::ratio(-0.05), Length::millimetres(1000));
        $frame = $this->frame($this->plan()->withTops($tops), $this->usual(JobKind::Pergola));
        $this->assertEqualsWithDelta(3600 * sqrt(1.0025) + 145 * 0.05, $frame->of(LayerKind::Joist)[0]->length->inMillimetres(), 1e-3);
        $rafter = $frame->of(LayerKind::Joist)[0]->solid;
        $this->assertEqualsWithDelta([2400 + 195 + 15 + 0.05 * 45, 2400 + 195 - 165 + 0.05 * 45], [$rafter->from->z, $rafter->to->z], 1e-6);
        $this->assertEqualsWithDelta(-300, $rafter->from->y, 1e-6);
        $this->assertSame([], $frame->hindered);
        // Joined over the middle row, the low piece takes the plumb cut’s reach with it, wherever it lies: rows 1800 apart, 300 over, out of lengths of 2700.
        $rules = $this->usual(JobKind::Pergola);
        $rules = $rules->soldIn($rules->layer(LayerKind::Joist)?->section() ?? '', [new Stock(Length::millimetres(2700), 9.0)]);
        foreach ([1, -1] as $way) {
            $sloped = new TopRules(Length::millimetres(2400), Slope::level(), Slope::ratio($way * 0.05), Length::millimetres(1000));
            $joists = $this->frame($this->plan(baysY: [1800, 1800])->withTops($sloped), $rules)->of(LayerKind::Joist);
            $half = 2100 * sqrt(1.0025);
            $this->assertEqualsWithDelta($way > 0 ? [$half + 7.25, $half] : [$half, $half + 7.25], array_map(fn (Piece $piece) => $piece->length->inMillimetres(), array_slice($joists, 0, 2)), 1e-3);
        }
        // One row 20 higher than the plane: told, not averaged away.
        $plan = $this->plan(baysY: [1500, 1500]);
        $ridge = new TopRules(Length::millimetres(2400), Slope::level(), Slope::ratio(-0.05), Length::millimetres(1000), [$plan->grid->labelled('A2')->id->row() => Length::millimetres(2345)]);
        $hindered = $this->frame($plan->withTops($ridge), $this->usual(JobKind::Pergola))->hindered;
        $this->assertSame(['A2', 'C2'], array_map(fn ($fact) => $fact->part('post'), $hindered));
        $this->assertEqualsWithDelta(20, $hindered[0]->part('off')->inMillimetres(), 1e-6);
    }

    /** A roof that nobody gave tops falls as its answers say: the plan counts the high side. */
    public function test_a_roof_falls_as_it_was_answered_until_tops_are_decided(): void
    {
        foreach (['high_side' => [3400, 2900], 'low_side' => [2900, 3400]] as $way => $ends) {
            $plan = $this->made(JobKind::PoleBuilding, ['fall' => Length::millimetres(500), 'way_in' => Pick::from($way), 'bays' => 1, 'machine_profile' => [
                [Length::zero(), Length::zero()], [Length::millimetres(5000), Length::millimetres(2600)],
            ]]);
            $frame = $this->frame($plan, $this->usual(JobKind::PoleBuilding));
            $beams = $frame->of(LayerKind::Beam);
            $standing = $plan->standing->inMillimetres();
            $this->assertEqualsWithDelta([$standing - 3400 + $ends[0], $standing - 3400 + $ends[1]], [$beams[0]->solid->from->z, $beams[count($beams) - 1]->solid->from->z], 1e-6);
        }
    }

    public function test_a_frame_on_a_wall_bears_on_its_ledger(): void
    {
        $plan = $this->made(JobKind::Pergola, ['placed' => Pick::OnAWall, 'fall' => Length::millimetres(90)]);
        $frame = $this->frame($plan, $this->usual(JobKind::Pergola));
        $this->assertCount(1, $frame->of(LayerKind::Ledger));
        $rafter = $frame->of(LayerKind::Joist)[0];
        // The wall is 2940 from the posts’ centres: 300 over at the free end, a ledger of 45 at the other, falling 90 from the wall.
        $run = 300 + 2940 - 45;
        $slope = 90 / 2940;
        $this->assertEqualsWithDelta($run * sqrt(1 + $slope ** 2) + 145 * $slope, $rafter->length->inMillimetres(), 1e-3);
        $this->assertGreaterThan($rafter->solid->from->z, $rafter->solid->to->z);
        // At the wall the ledger closes the joists: one rim, at the other end, and boards up to the ledger.
        $floor = $this->usual(JobKind::Pergola)->with(new Layer(LayerKind::Rim, Length::millimetres(45), Length::millimetres(145)))->with(new Layer(LayerKind::Board, Length::millimetres(145), Length::millimetres(28)));
        $closed = $this->frame($this->made(JobKind::Pergola, ['placed' => Pick::OnAWall]), $floor);
        $this->assertCount(1, $closed->of(LayerKind::Rim));
        $this->assertEqualsWithDelta($closed->of(LayerKind::Joist)[0]->solid->from->y - 22.5, $closed->of(LayerKind::Rim)[0]->solid->from->y, 1e-6);
        $ends = array_merge(...array_map(fn (Piece $board) => array_map(fn (InSpace $at) => $at->y, $board->solid->corners()), $closed->of(LayerKind::Board)));
        $this->assertEqualsWithDelta([-345, 2895], [min($ends), max($ends)], 1e-6);
        // One row and no wall: nothing lies on one beam.
        $single = $this->frame($this->plan(baysY: []), $this->usual(JobKind::Pergola));
        $this->assertSame([FrameRefusal::JoistsOnOneBeam], array_map(fn ($fact) => $fact->is, $single->hindered));
        $this->assertSame([], $single->of(LayerKind::Joist));
        // Free on all sides no ledger is made, whatever the rules say.
        $this->assertSame([], $this->frame($this->plan(), $this->usual(JobKind::Pergola))->of(LayerKind::Ledger));
    }

    public function test_beams_are_joined_over_posts_and_what_no_stock_reaches_is_told(): void
    {
        $rules = $this->deck();
        $beam = $rules->layer(LayerKind::Beam)?->section() ?? '';
        $joined = $this->frame($this->plan(), $rules->soldIn($beam, [new Stock(Length::millimetres(4200), 30.0), new Stock(Length::millimetres(2700), 18.0)]));
        $this->assertSame([8 => 2700], $this->lengths($joined, LayerKind::Beam));
        // Over B both plies are joined, as there is no other post: told for each row.
        $this->assertSame([[FrameRefusal::PliesJoinedTogether, ['B1', 'B2']]], array_map(fn ($fact) => [$fact->is, $fact->part('posts')], $joined->hindered));
        $short = $this->frame($this->plan(), $rules->soldIn($beam, [new Stock(Length::millimetres(2600), 18.0)]));
        $this->assertSame([FrameRefusal::NoStockReaches, FrameRefusal::NoStockReaches], array_map(fn ($fact) => $fact->is, $short->hindered));
        $this->assertSame([4 => 5400], $this->lengths($short, LayerKind::Beam), 'it stays in one piece, and is told');
        // Two rows of boards side by side are never joined on one joist.
        $board = $rules->layer(LayerKind::Board)?->section() ?? '';
        $floor = $this->frame($this->plan(), $rules->soldIn($board, [new Stock(Length::millimetres(3600), 12.0), new Stock(Length::millimetres(4200), 14.0)]));
        $rows = [];
        foreach ($floor->of(LayerKind::Board) as $piece) {
            $rows[sprintf('%.3f', $piece->solid->from->y)][] = sprintf('%.2f', $piece->solid->to->x);
        }
        $joints = array_map(fn (array $ends) => array_slice($ends, 0, -1), array_values($rows));
        for ($i = 1; $i < count($joints); $i++) {
            $this->assertSame([], array_intersect($joints[$i - 1], $joints[$i]));
        }
    }

    public function test_beams_follow_the_posts_that_stand_and_as_they_were_cast(): void
    {
        $plan = $this->plan();
        $cast = fn (string $post, float $off): AsCast => new AsCast($plan->grid->labelled($post)->id, Length::millimetres($off), Length::zero());
        $frame = $this->frame($plan, $this->deck(), Builds::log($cast('C1', 12), $cast('A1', 0)));
        $this->assertEqualsWithDelta([5412, 5412, 5400, 5400], array_map(fn (Piece $piece) => $piece->length->inMillimetres(), $frame->of(LayerKind::Beam)), 1e-3);
        $this->assertSame(['A1'], array_keys($frame->changed));
        $this->assertEqualsWithDelta(12, $frame->changed['A1']->longer->inMillimetres(), 1e-6);
        // A post left out at an end shortens its beam; a line of one post carries none.
        $short = $this->frame($this->plan(leftOut: ['C2']), $this->deck());
        $this->assertEqualsWithDelta([5400, 5400, 3000, 3000], array_map(fn (Piece $piece) => $piece->length->inMillimetres(), $short->of(LayerKind::Beam)), 1e-6);
        // What lies over the missing corner hangs free, and that is told; at either end.
        foreach ([['C2', 'A2'], ['A2', 'B2']] as [$out, $from]) {
            $corner = $this->frame($this->plan(leftOut: [$out]), $this->deck())->hindered;
            $this->assertSame([[FrameRefusal::BeamEndsShort, $from]], array_map(fn ($fact) => [$fact->is, $fact->part('post')], $corner));
            $this->assertEqualsWithDelta(2400, $corner[0]->part('by')->inMillimetres(), 1e-6);
        }
        $this->assertSame([], $this->frame($this->plan(leftOut: ['B2']), $this->deck())->hindered, 'a beam goes on over a post left out between');
        $none = $this->frame($this->plan(leftOut: ['B1', 'C1', 'B2', 'C2']), $this->deck());
        $this->assertSame([], $none->pieces);
    }

    public function test_rails_and_braces(): void
    {
        $fence = $this->frame($this->plan(baysX: [1800, 1800], baysY: []), $this->usual(JobKind::FenceLine));
        $this->assertSame([2 => 3600], $this->lengths($fence, LayerKind::Rail));
        $heights = array_map(fn (Piece $piece) => $piece->solid->from->z, $fence->of(LayerKind::Rail));
        $this->assertGreaterThan(0, min($heights));
        $this->assertLessThan(2400 - 95, max($heights));
        $braces = $this->frame($this->plan(), $this->usual(JobKind::Pergola))->of(LayerKind::Brace);
        // Legs of 600 to the centre line, 70 wide: 600 √2 + 70.
        $this->assertCount(4, $braces);
        $this->assertEqualsWithDelta(600 * M_SQRT2 + 70, $braces[0]->length->inMillimetres(), 1e-3);
        $this->assertEqualsWithDelta([0, 600, 4800, 4200], [$braces[0]->solid->from->x, $braces[0]->solid->to->x, $braces[1]->solid->from->x, $braces[1]->solid->to->x], 1e-6);
    }

    /** A gate of a metre between A and B: no rail crosses it. Tops that follow 700 of rise over 12 m make rails √(1 + (7/120)²) longer; stepped ones run from post to post. */
    public function test_rails_stop_at_a_gate_follow_the_ground_and_step(): void
    {
        $fence = fn (array $said): FrameOnPosts => $this->frame($this->made(JobKind::FenceLine, $said), $this->usual(JobKind::FenceLine));
        $lengths = fn (FrameOnPosts $of): array => array_values(array_unique(array_map(fn (Piece $piece) => (int) round($piece->length->inMillimetres()), $of->of(LayerKind::Rail))));
        $this->assertSame([12000], $lengths($fence([])));
        $plan = $this->made(JobKind::FenceLine, ['gate_wide' => Length::millimetres(1000)]);
        $gated = $this->frame($plan, $this->usual(JobKind::FenceLine));
        $hung = $plan->fit->things[0];
        $gate = $plan->grid->find($hung->from)?->at->distanceTo($plan->grid->find($hung->to)?->at ?? $this->fail())->inMillimetres() ?? 0.0;
        $this->assertGreaterThan(1000, $gate);
        $this->assertSame([(int) round(12000 - $gate)], $lengths($gated));
        foreach ($gated->of(LayerKind::Rail) as $rail) {
            $this->assertGreaterThanOrEqual($gate - 1e-6, $rail->solid->from->x);
        }
        $raked = $fence(['tops' => Pick::Raked, 'end_rise' => Length::millimetres(700)]);
        $this->assertSame([(int) round(12000 * sqrt(1 + (700 / 12000) ** 2))], $lengths($raked));
        $this->assertEqualsWithDelta(700, $raked->of(LayerKind::Rail)[0]->solid->to->z - $raked->of(LayerKind::Rail)[0]->solid->from->z, 1e-6);
        $this->assertEqualsWithDelta(12000, $raked->of(LayerKind::Rail)[0]->solid->to->x, 1e-6);
        $stepped = $fence(['tops' => Pick::Stepped, 'end_rise' => Length::millimetres(700)]);
        $this->assertCount(2 * 7, $stepped->of(LayerKind::Rail));
    }

    /**
     * A machine 2300 wide with 300 on either side passes between posts 3050 apart, up to 2900: from 75 beside a post on. A brace with legs of 600, 70 wide, comes
     * down to 2900 − 649.5 + 75 there. So the front row, by which it drives in, has none; over a track of 800 it has, as its beam lies at 3700.
     */
    public function test_no_brace_stands_where_a_machine_drives_in(): void
    {
        $frame = fn (array $said): FrameOnPosts => $this->frame($this->made(JobKind::PoleBuilding, $said), $this->usual(JobKind::PoleBuilding));
        $shed = $frame([]);
        $this->assertCount(4, $shed->of(LayerKind::Brace));
        $this->assertSame([[FrameRefusal::NoBraceThere, 'A1'], [FrameRefusal::NoBraceThere, 'C1']], array_map(fn ($fact) => [$fact->is, $fact->part('post')], $shed->hindered));
        $this->assertGreaterThan(100.0, min(array_map(fn (Piece $brace) => $brace->solid->from->y, $shed->of(LayerKind::Brace))), 'none on the front row');
        $over = fn (int $track): array => ['door_kind' => Pick::Sliding, 'door_over' => Length::millimetres($track)];
        $this->assertCount(6, $frame($over(800))->of(LayerKind::Brace));
        // 649.5 − 75 = 574.5 of track are just enough; the door’s frame of 50 beside lets the brace come down as much lower.
        $this->assertCount(6, $frame($over(525))->of(LayerKind::Brace));
        $this->assertCount(4, $frame($over(524))->of(LayerKind::Brace));
        // In at an end the rows carry their braces; what stands along the other way is none of theirs.
        $this->assertSame([], array_filter($frame(['way_in' => Pick::AtAnEnd, 'deep' => Length::millimetres(6400)])->hindered, fn ($fact) => $fact->is === FrameRefusal::NoBraceThere));
    }

    /** Blocks lie over the middle between the rows: 1500. */
    public function test_blocks_lie_over_the_middle_of_their_bay(): void
    {
        foreach ($this->frame($this->plan(), $this->deck())->of(LayerKind::Blocking) as $block) {
            $this->assertEqualsWithDelta(1500, $block->solid->from->y, 1e-6);
        }
    }

    /** Sheets of 1000 over 5400 and 50 on either side: six of them. */
    public function test_sheets_cover_the_roof_and_purlins_lie_evenly(): void
    {
        $roof = $this->frame($this->plan(), $this->usual(JobKind::PoleBuilding));
        $this->assertSame([6 => 3650], $this->lengths($roof, LayerKind::Sheet));
        // 5500 are just five of 1100, six of less.
        foreach ([1100 => 5, 1099 => 6] as $cover => $count) {
            $rules = $this->usual(JobKind::PoleBuilding);
            $sheets = $rules->with(new Layer(LayerKind::Sheet, Length::millimetres($cover), Length::millimetres(1), past: Length::millimetres(50)));
            $this->assertCount($count, $this->frame($this->plan(), $sheets)->of(LayerKind::Sheet));
        }
        // 3600 less one purlin of 70 in bays of 600 at most: six of 588.3.
        $this->assertSame([7 => 5400], $this->lengths($roof, LayerKind::Purlin));
        $this->assertEqualsWithDelta(3530 / 6, $roof->marks(LayerKind::Purlin)[2] - $roof->marks(LayerKind::Purlin)[1], 1e-6);
    }

    /** Seed 1311: whatever the plan, members lie inside the frame, and more room between them never takes more of them. */
    public function test_members_are_even_and_never_further_apart_than_was_said(): void
    {
        $dice = new Randomizer(new Mt19937(1311));
        for ($round = 0; $round < 40; $round++) {
            $plan = $this->plan(array_fill(0, $dice->getInt(1, 5), $dice->getInt(900, 3500)), array_fill(0, $dice->getInt(1, 3), $dice->getInt(900, 4000)));
            $rules = $this->deck();
            $apart = $dice->getInt(300, 900);
            $marksAt = fn (int $apart): array => $this->frame($plan, $rules->with(new Layer(LayerKind::Joist, Length::millimetres(45), Length::millimetres(145), apart: Length::millimetres($apart))))->marks(LayerKind::Joist);
            $at = fn (int $apart): array => array_values($marksAt($apart));
            $marks = $at($apart);
            $gaps = array_map(fn (float $a, float $b) => $b - $a, array_slice($marks, 0, -1), array_slice($marks, 1));
            $this->assertLessThanOrEqual($apart + 1e-6, max($gaps));
            $this->assertEqualsWithDelta(max($gaps), min($gaps), 3e-6);
            $this->assertLessThanOrEqual(count($marks), count($at($apart + 100)));
            $this->assertEqualsWithDelta($plan->grid->columns->length()->inMillimetres() + 600, array_sum($gaps) + 45, 1e-6, 'gaps and joists are the beam');
        }
    }

    public function test_pieces_of_one_section_are_sawn_together(): void
    {
        $rules = $this->deck();
        $deck = $this->frame($this->plan(), $rules);
        $sawn = SectionSawn::all($deck->pieces, new FrameRules([], true, [$rules->layer(LayerKind::Joist)?->section() ?? '' => [new Stock(Length::millimetres(5400), 20.0)]]), Length::millimetres(3), new Log([]));
        $this->assertSame(['45000000x195000000', '45000000x145000000', '28000000x145000000'], array_map(fn (SectionSawn $one) => $one->key, $sawn));
        // Joists, rims and blocks are one section: ten of 3600, two of 5400, nine of 550.
        $this->assertSame([['joist', 3600, 10], ['rim', 5400, 2], ['blocking', 550, 9]], array_map(
            fn (array $one) => [$one[0]->layer->kind->value, (int) round($one[0]->length->inMillimetres()), $one[1]], $sawn[1]->counted(),
        ));
        $uneven = SectionSawn::all($this->frame($this->plan(leftOut: ['C1']), $rules)->pieces, null, Length::millimetres(3), new Log([]))[0];
        $this->assertSame([[5400, 2], [3000, 2]], array_map(fn (array $one) => [(int) round($one[0]->length->inMillimetres()), $one[1]], $uneven->counted()));
        // Two boards of 5400 for the rims; ten for the joists, and the blocks come out of what is left of them.
        $this->assertCount(12, $sawn[1]->cutting->boards ?? []);
        $this->assertNull($sawn[0]->cutting);
        $this->assertEqualsWithDelta(10 * 3600 + 2 * 5400 + 9 * 550, $sawn[1]->inAll()->inMillimetres(), 1e-3);
        $short = SectionSawn::all($deck->pieces, new FrameRules([], true, [$rules->layer(LayerKind::Joist)?->section() ?? '' => [new Stock(Length::millimetres(4800), 20.0)]]), Length::millimetres(3), new Log([]));
        $this->assertEqualsWithDelta(5400, $short[1]->hindered?->part('piece')->inMillimetres(), 1e-3);
    }

    /** A hundred posts with more than six hundred members: pieces and boards within two seconds together. */
    public function test_a_large_frame_is_planned_in_time(): void
    {
        $plan = $this->plan(array_fill(0, 9, 2400), array_fill(0, 9, 3000));
        $rules = $this->deck();
        $sold = fn (int ...$lengths): array => array_map(fn (int $mm) => new Stock(Length::millimetres($mm), $mm / 100 + 1), $lengths);
        foreach ($rules->layers as $layer) {
            $rules = $rules->soldIn($layer->section(), $sold(2400, 3600, 4200, 4800, 5400));
        }
        $begun = hrtime(true);
        $frame = $this->frame($plan, $rules);
        $sawn = SectionSawn::all($frame->pieces, $rules, Length::millimetres(3), new Log([]));
        $took = (hrtime(true) - $begun) / 1e9;
        $this->assertGreaterThan(600, count($frame->pieces));
        $this->assertSame([], $frame->hindered);
        foreach ($sawn as $section) {
            $this->assertGreaterThanOrEqual($section->cutting->bound ?? INF, $section->cutting?->cost);
            $this->assertCount(count($section->pieces), array_merge(...array_map(fn ($board) => $board->pieces, $section->cutting->boards ?? [])));
        }
        $this->assertLessThan(6.0, $took, 'a busy machine may take three times as long');
    }

    #[DataProvider('frames')]
    public function test_what_was_decided_of_a_frame_is_kept(JobKind $kind, Notation $notation): void
    {
        $rules = UsualFrame::of($kind, $notation, Length::millimetres(140));
        if ($rules === null) {
            $this->assertContains($kind, [JobKind::LetterBox, JobKind::CourtHoop, JobKind::DrivenPosts, JobKind::SocketRepair]);

            return;
        }
        $plan = $this->plan()->withFrame($rules->soldIn('1x2', [new Stock(Length::millimetres(2400), 11.5)]));
        $this->assertEquals($plan, PlanCodec::decode(json_decode(json_encode(PlanCodec::encode($plan), JSON_THROW_ON_ERROR), true, flags: JSON_THROW_ON_ERROR)));
        $this->assertSame([], $this->frame($this->plan(), $rules)->hindered);
    }

    public static function frames(): \Generator
    {
        foreach (JobKind::cases() as $kind) {
            yield "{$kind->value} mm" => [$kind, Notation::millimetres(0)];
            yield "{$kind->value} in" => [$kind, Notation::feetInches(16)];
        }
    }

    public function test_a_layer_has_a_section_and_room_between_its_members(): void
    {
        $mm = Length::millimetres(...);
        foreach ([
            fn () => new Layer(LayerKind::Joist, Length::zero(), $mm(145)), fn () => new Layer(LayerKind::Joist, $mm(45), $mm(-1)),
            fn () => new Layer(LayerKind::Joist, $mm(45), $mm(145), apart: $mm(45)), fn () => new Layer(LayerKind::Joist, $mm(45), $mm(145), past: $mm(-1)),
            fn () => new Layer(LayerKind::Board, $mm(145), $mm(28), gap: $mm(-1)),
        ] as $refused) {
            try {
                $refused();
                $this->fail('Nothing was refused.');
            } catch (PlanRefused $refusal) {
                $this->assertNotSame('', $refusal->fact->is->name);
            }
        }
    }

    private function usual(JobKind $kind): FrameRules
    {
        return UsualFrame::of($kind, Notation::millimetres(0), Length::millimetres(140)) ?? $this->fail();
    }

    /** A floor let over on all sides: 300 under the boards, 25 more at their ends. */
    private function deck(): FrameRules
    {
        $rules = $this->usual(JobKind::Deck);
        foreach ([[LayerKind::Beam, 300], [LayerKind::Joist, 300], [LayerKind::Board, 25]] as [$kind, $past]) {
            $rules = $rules->with($rules->layer($kind)?->standingOver(Length::millimetres($past)) ?? $this->fail());
        }

        return $rules;
    }

    private function frame(Plan $plan, FrameRules $rules, ?Log $log = null): FrameOnPosts
    {
        return new FrameOnPosts($plan, $rules, Footprint::ofGrid($plan, $rules), $log ?? new Log([]));
    }

    /**
     * @param  list<float|int>  $baysX
     * @param  list<float|int>  $baysY
     * @param  list<string>  $leftOut
     */
    private function plan(array $baysX = [2400, 2400], array $baysY = [3000], array $leftOut = []): Plan
    {
        return Builds::plan(baysX: $baysX, baysY: $baysY, leftOut: $leftOut);
    }

    /** @param  array<string, mixed>  $said */
    private function made(JobKind $kind, array $said): Plan
    {
        $thing = Things::of($kind) ?? $this->fail();

        return $thing->make(Heard::usual(Notation::millimetres(0), ThingWords::sides($kind), $thing->asks(), $said))->plan;
    }

    /** @return array<int, int> how many, and how long; fails where they are not alike */
    private function lengths(FrameOnPosts $frame, LayerKind $kind): array
    {
        $lengths = array_map(fn (Piece $piece) => (int) round($piece->length->inMillimetres()), $frame->of($kind));
        $this->assertCount(1, array_unique($lengths), implode(' ', $lengths));

        return [count($lengths) => $lengths[0]];
    }
}
