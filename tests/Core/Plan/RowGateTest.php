<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Aequus\Measure\Length;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Part\PartKind;
use Aequus\Plan\Part\RowGate;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostRole;
use Aequus\Plan\Stored\PlanCodec;
use Aequus\Plan\Terms\PlanRefusal;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Plan\Terms\Point;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;

/** Gates in a row with corners: two posts for each, as far apart as leaf, gaps and posts ask, and even bays before and behind. */
final class RowGateTest extends TestCase
{
    public function test_a_gate_stands_in_its_section_with_even_bays_on_both_sides(): void
    {
        $plan = $this->plan([self::gate(1, 2000, 1000, 20)]);
        $post = $plan->post->thicker()->inMillimetres();
        $latch = 2000 + 1000 + 40 + $post;
        // 2 m before the gate in two bays of 1 m; what is left behind it, up to 1.5 m each; then the second section as ever.
        $rest = (6000 - $latch) / 2;
        $this->assertEqualsWithDelta(
            [0.0, 1000.0, 2000.0, $latch, $latch + $rest, 6000.0, 6000.0, 6000.0], array_map(fn (Post $at) => $at->at->x->inMillimetres(), $plan->parts[0]->posts), 0.001,
        );
        $this->assertSame(
            ['p1.k0', 'p1.k0-1', 'p1.g0-0h', 'p1.g0-0l', 'p1.k0-2', 'p1.k1', 'p1.k1-1', 'p1.k2'], array_map(fn (Post $at) => $at->id->value, $plan->parts[0]->posts),
        );
    }

    public function test_the_opening_is_the_leaf_and_its_gaps_whatever_post_is_chosen(): void
    {
        foreach ([[90.0, 0.0], [140.0, 0.0], [140.0, 37.0], [140.0, -120.0]] as [$thick, $turn]) {
            $plan = Builds::plan(baysX: [3000], baysY: [3000], post: $thick)->withParts([$this->part([self::gate(1, 2000, 1000, 20)], $turn)]);
            $opening = $plan->openings()[0];
            $this->assertEqualsWithDelta(1040.0, $opening->opening->opening->inMillimetres(), 0.001);
            $this->assertTrue($opening->fits());
            $this->assertSame(['F3', 'F4'], [$opening->from->label, $opening->to->label]);
        }
    }

    public function test_its_two_posts_stand_firmer_than_those_between_as_ends_and_corners_do(): void
    {
        $plan = $this->plan([self::gate(1, 2000, 1000, 20)]);
        $roles = array_map(fn (Post $post) => $plan->roleOf($post), $plan->parts[0]->posts);
        $this->assertSame([PostRole::Corner, null, PostRole::Gate, PostRole::Gate, null, PostRole::Corner, null, PostRole::Corner], $roles);
    }

    /** It hangs on the corner post itself, or shuts against one; no post stands twice. */
    public function test_a_gate_at_a_corner_uses_the_corner_post(): void
    {
        $post = $this->plan([])->post->thicker()->inMillimetres();
        $first = $this->plan([self::gate(1, 0, 1000, 20)]);
        $this->assertEqualsWithDelta(1040 + $post, $first->parts[0]->posts[1]->at->x->inMillimetres(), 0.001);
        $this->assertSame(PostRole::Gate, $first->roleOf($first->parts[0]->posts[0]));
        $last = $this->plan([self::gate(1, 6000 - 1040 - $post, 1000, 20)]);
        $this->assertSame('p1.k1', $last->parts[0]->hung[0][2]->value);
        $this->assertCount(count(array_unique(array_map(fn (Post $one) => $one->id->value, $last->parts[0]->posts))), $last->parts[0]->posts);
    }

    /** A row that closes on its first post: the gate before it shuts against that one. */
    public function test_a_gate_that_ends_a_closed_row_shuts_against_its_first_post(): void
    {
        $post = $this->plan([])->post->thicker()->inMillimetres();
        $part = new Part(
            'p1', 'F', PartKind::Row, [self::at(0, 0), self::at(3000, 0), self::at(3000, 3000), self::at(0, 3000), self::at(0, 0)], [], [], null, self::at(9000, 0),
            gates: [self::gate(4, 3000 - 1040 - $post, 1000, 20)],
        );
        $plan = Builds::plan(baysX: [3000], baysY: [3000])->withParts([$part]);
        $this->assertSame('p1.k0', $plan->parts[0]->hung[0][2]->value);
        $this->assertSame(PostRole::Gate, $plan->roleOf($plan->grid->labelled('F1')));
    }

    #[TestWith([0, 500.0, 1000.0, PlanRefusal::GateInNoSection])]
    #[TestWith([3, 500.0, 1000.0, PlanRefusal::GateInNoSection])]
    #[TestWith([1, 5500.0, 1000.0, PlanRefusal::GateWithoutRoom])]
    #[TestWith([1, 6500.0, 1000.0, PlanRefusal::GateWithoutRoom])]
    #[TestWith([1, 500.0, 0.0, PlanRefusal::GateWithoutLeaf])]
    #[TestWith([1, -1.0, 1000.0, PlanRefusal::GateWithoutLeaf])]
    public function test_what_can_not_be_is_refused(int $section, float $from, float $leaf, PlanRefusal $why): void
    {
        $this->assertRefused($why, fn () => $this->plan([self::gate($section, $from, $leaf, 20)]));
    }

    public function test_two_gates_can_not_stand_in_each_other(): void
    {
        $this->assertCount(2, $this->plan([self::gate(1, 3500, 1000, 20), self::gate(1, 1000, 1000, 20)])->parts[0]->hung);
        $this->assertRefused(PlanRefusal::GateWithoutRoom, fn () => $this->plan([self::gate(1, 1000, 1000, 20), self::gate(1, 1500, 1000, 20)]));
    }

    public function test_they_are_stored_with_the_part(): void
    {
        $plan = $this->plan([self::gate(2, 800, 900, 15)]);
        $this->assertEquals($plan, PlanCodec::decode(json_decode((string) json_encode(PlanCodec::encode($plan)), true)));
    }

    /** @param  list<RowGate>  $gates */
    private function plan(array $gates): Plan
    {
        return Builds::plan(baysX: [3000], baysY: [3000])->withParts([$this->part($gates)]);
    }

    /** @param  list<RowGate>  $gates */
    private function part(array $gates, float $turn = 0.0): Part
    {
        return new Part(
            'p1', 'F', PartKind::Row, [self::at(0, 0), self::at(6000, 0), self::at(6000, 2500)], [], [], Length::millimetres(1500), self::at(0, -9000), $turn, gates: $gates,
        );
    }

    private static function gate(int $section, float $from, float $leaf, float $gap): RowGate
    {
        return new RowGate($section, Length::millimetres($from), Length::millimetres($leaf), Length::millimetres($gap));
    }

    private static function at(float $x, float $y): Point
    {
        return new Point(Length::millimetres($x), Length::millimetres($y));
    }

    private function assertRefused(PlanRefusal $why, callable $act): void
    {
        try {
            $act();
            $this->fail('Nothing was refused.');
        } catch (PlanRefused $refusal) {
            $this->assertSame($why, $refusal->fact->is);
        }
    }
}
