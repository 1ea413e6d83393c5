<?php

declare(strict_types=1);

namespace Tests\Core\Frame;

use Aequus\Frame\FrameRefusal;
use Aequus\Frame\Frames;
use Aequus\Frame\Piece;
use Aequus\Frame\UsualFrame;
use Aequus\Logbook\Log;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\JobKind;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Part\PartKind;
use Aequus\Plan\Part\RowGate;
use Aequus\Plan\Place\FixedKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Plan;
use Aequus\Plan\Stored\PlanCodec;
use Aequus\Plan\Terms\Point;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;

/** Frames on further parts: two bays of 2400 with rows 3000 apart as the first grid, and the same again as a part elsewhere. */
final class FramesTest extends TestCase
{
    #[TestWith([0.0])]
    #[TestWith([37.0])]
    #[TestWith([-90.0])]
    #[TestWith([180.0])]
    public function test_the_same_posts_carry_the_same_frame_wherever_they_stand_and_however_they_are_turned(float $turn): void
    {
        $plan = Builds::plan()->withParts([$this->part(PartKind::Grid, $turn)]);
        foreach ([true, false] as $alongX) {
            $rules = new FrameRules($this->deck()->layers, $alongX);
            $first = Frames::decided($plan->withFrame($rules), new Log([]));
            $both = Frames::decided($plan->withFrame($rules)->withPartFrame($plan->parts[0], $rules), new Log([]));
            $this->assertSame($this->lengths([...$first->pieces, ...$first->pieces]), $this->lengths($both->pieces));
            $this->assertSame(array_map(fn (int $count) => 2 * $count, $first->fixings), $both->fixings);
            $this->assertSame([], $both->hindered);
        }
    }

    /** The house is 150 behind the part’s far row of posts, turned as it is: 300 over goes 195 into it with the rim. */
    #[TestWith([0.0])]
    #[TestWith([30.0])]
    public function test_a_frame_on_a_turned_part_is_held_against_the_walls_of_the_site(float $turn): void
    {
        $part = $this->part(PartKind::Grid, $turn);
        $wall = fn (float $y): array => array_map(function (float $x) use ($y, $part, $turn): Point {
            [$c, $s] = [cos(deg2rad($turn)), sin(deg2rad($turn))];
            $zero = $part->origin->inMillimetres();

            return $this->at($zero->x + $x * $c - $y * $s, $zero->y + $x * $s + $y * $c);
        }, [-1000.0, 6000.0]);
        $plan = fn (float $y): Plan => Builds::plan()->withParts([$part])->withPartFrame($part, $this->deck())->withLayout(
            Builds::plan()->layout->heldBy([new FixedLine('w', 'press house', $wall($y)[0], $wall($y)[1], FixedKind::Wall)]),
        );
        $hindered = Frames::decided($plan(3150), new Log([]))->hindered;
        $this->assertSame([FrameRefusal::IntoTheWall], array_map(fn ($fact) => $fact->is, $hindered));
        $this->assertEqualsWithDelta(195, $hindered[0]->part('by')->inMillimetres(), 1e-3);
        $this->assertSame([], Frames::decided($plan(3400), new Log([]))->hindered);
    }

    /** 6000 along and 2500 round the corner, two rails each: bays of 1500 and 1250; a leaf of 1000 in the first piece. */
    public function test_a_row_is_railed_piece_by_piece_and_no_rail_runs_through_its_gate(): void
    {
        $gate = new RowGate(1, Length::millimetres(1500), Length::millimetres(1000), Length::millimetres(20));
        $rails = UsualFrame::of(JobKind::FenceLine, Notation::millimetres(0), Length::millimetres(140)) ?? $this->fail();
        foreach ([[[], [2 => 2500, 4 => 6000]], [[$gate], [2 => 1500, 4 => 2500, 6 => 6000 - 1500 - 1180]]] as [$gates, $long]) {
            $plan = Builds::plan()->withParts([$this->part(PartKind::Row, 20.0, $gates)]);
            $pieces = Frames::decided($plan->withPartFrame($plan->parts[0], $rails), new Log([]))->piecesOf(LayerKind::Rail);
            $this->assertEqualsCanonicalizing(array_values($long), array_values(array_unique($this->lengths($pieces))));
            $this->assertCount(2 * count($long), $pieces);
        }
    }

    public function test_nothing_stands_on_a_part_until_it_is_decided_or_usual_there(): void
    {
        $plan = Builds::plan()->withParts([$this->part(PartKind::Row), $this->part(PartKind::Spots, name: 'H')]);
        $this->assertSame([], Frames::decided($plan, new Log([]))->all);
        // On an open frame’s row nothing is usual; on another grid of it the same as on the first.
        $this->assertCount(1, Frames::decidedOrUsual($plan, new Log([]))->all);
        $this->assertCount(2, Frames::decidedOrUsual(Builds::plan()->withParts([$this->part(PartKind::Grid)]), new Log([]))->all);
        $this->assertSame([], Frames::decided($plan->withPartFrame($plan->parts[1], $this->deck()), new Log([]))->pieces, 'single posts stand in no line');
    }

    public function test_it_is_stored_with_the_plan(): void
    {
        $plan = Builds::plan()->withParts([$this->part(PartKind::Grid, 12.0)]);
        $plan = $plan->withPartFrame($plan->parts[0], $this->deck());
        $this->assertEquals($plan, PlanCodec::decode(json_decode((string) json_encode(PlanCodec::encode($plan)), true)));
    }

    private function deck(): FrameRules
    {
        $rules = UsualFrame::of(JobKind::Deck, Notation::millimetres(0), Length::millimetres(140)) ?? $this->fail();
        foreach ([[LayerKind::Beam, 300], [LayerKind::Joist, 300]] as [$kind, $past]) {
            $rules = $rules->with($rules->layer($kind)?->standingOver(Length::millimetres($past)) ?? $this->fail());
        }

        return $rules;
    }

    /** @param  list<RowGate>  $gates */
    private function part(PartKind $kind, float $turn = 0.0, array $gates = [], string $name = 'F'): Part
    {
        $bays = fn (int ...$bays): array => array_map(Length::millimetres(...), $bays);

        return new Part(
            "p{$name}", $name, $kind, [$this->at(0, 0), $this->at(6000, 0), $this->at(6000, 2500)], $bays(2400, 2400), $bays(3000), Length::millimetres(1500),
            $this->at(-2000, $name === 'F' ? -19000 : -39000), $turn, gates: $gates,
        );
    }

    /**
     * @param  list<Piece>  $pieces
     * @return list<int> by kind, longest first, in mm
     */
    private function lengths(array $pieces): array
    {
        $lengths = array_map(fn (Piece $piece) => (int) round($piece->length->inMillimetres()), $pieces);
        rsort($lengths);

        return $lengths;
    }

    private function at(float $x, float $y): Point
    {
        return new Point(Length::millimetres($x), Length::millimetres($y));
    }
}
