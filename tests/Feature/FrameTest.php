<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use Illuminate\Testing\TestResponse;
use Tests\Builds;
use Tests\FeatureTestCase;

/** Beams, rafters, boards and braces over the posts of a plan, against figures worked out by hand. */
final class FrameTest extends FeatureTestCase
{
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($user = $this->person());
        $this->job = $this->job($user, Builds::plan(baysX: [2400, 2400, 1800, 1800], baysY: [3600]));
    }

    /**
     * Row 1: 8400 from A1 to E1, 300 past either end. One piece of 9000 is none; the fewest are two, joined over C1 (300 + 4800) out of a 6000 and a 4200
     * for 34 + 21; over B1 or D1 a 6600 or 6900 would be wanted.
     */
    public function test_a_beam_is_cut_from_stock_so_that_it_is_joined_over_a_post(): void
    {
        $this->asked(['line' => 'y0', 'over' => '300', 'past' => '300', 'stocks' => '4200 : 21; 6000 : 34,00; 3000 : 14'])
            ->assertSee('2 pieces for 55.00')->assertSeeInOrder(['5100', '6000', 'C1', '3900', '4200']);
        // Two plies: the other one can’t be joined over C1 as well, so it takes three pieces.
        $this->asked(['line' => 'y0', 'over' => '300', 'past' => '300', 'stocks' => '4200 : 21; 6000 : 34; 3000 : 14', 'plies' => '2'])
            ->assertSee('5 pieces for')->assertDontSee('are both joined over');
        // Nothing but 6000s: both plies are joined over C1, and that is said.
        $this->asked(['line' => 'x0', 'stocks' => '3600 : 17'])->assertSee('one piece for 17.00');
    }

    public function test_a_beam_follows_its_posts_as_they_were_cast(): void
    {
        $says = fn (): string => (string) preg_replace('/\s+/u', ' ', strip_tags((string) $this->asked(
            ['line' => 'y0', 'over' => '300', 'past' => '300', 'stocks' => '9050 : 80'],
        )->getContent()));
        $cast = fn (string $post, array $off) => $this->post("/jobs/{$this->job->id}/entries/as_cast", [
            ...$this->form(['cast_post' => $post, 'along_y' => '']), 'toward_x' => 'plus_x', 'toward_y' => 'plus_y', ...$off,
        ])->assertSessionHasNoErrors();
        $this->assertStringContainsString('9000 mm long', $says());
        $this->assertStringNotContainsString('was cast', $says());
        $cast('E1', ['along_x' => '14']);
        $this->assertStringContainsString('A1–E1 was cast 14 mm longer than planned, 8414 mm from centre to centre.', $says());
        $this->assertStringContainsString('9014 mm long', $says());
        $this->assertStringContainsString('how they were cast: A1, B1, C1, D1.', $says());
        $cast('E1', ['along_x' => '14', 'toward_x' => 'minus_x']);
        $cast('C1', ['along_x' => '0', 'along_y' => '90']);
        $this->assertStringContainsString('14 mm shorter', $says());
        $this->assertStringContainsString('8986 mm long', $says());
        $this->assertStringContainsString('C1 stands 90 mm beside the line of the beam', $says());
        $cast('E1', ['along_x' => '0']);
        $this->assertStringContainsString('9000 mm long', $says());
        // As long as nobody wrote down how A1, B1 and D1 were cast, nobody can say that.
        $this->assertStringNotContainsString('as long as planned', $says());
        array_map(fn (string $post) => $cast($post, ['along_x' => '0']), ['A1', 'B1', 'D1']);
        $this->assertStringContainsString('A1–E1 was cast as long as planned', $says());
        $this->assertStringNotContainsString('Taken as planned', $says());
    }

    public function test_stock_that_does_not_reach_or_was_not_understood_is_said_at_its_field(): void
    {
        $this->asked(['line' => 'y0', 'stocks' => '2000 : 9'])->assertSee('No stock length reaches from A1 to B1');
        $this->asked(['line' => 'y0', 'stocks' => '2400 : cheap'])->assertSee('is no stock length with its price')->assertSee('value="2400 : cheap"', false);
        $this->asked(['line' => 'y0', 'stocks' => 'long : 3'])->assertSee('value="long : 3"', false)->assertDontSee('pieces for');
        $this->asked(['plies' => '9', 'stocks' => '6000 : 3'])->assertSee('between 1 and 4');
    }

    /**
     * 2700 and 2310 on beams 90 wide, 3600 apart, seats as wide: 390 over 3600 is 0.10833, 6.2°. With 300 past either bearing the top edge is
     * 4200 · √(1 + 0.10833²) = 4224.6; a plumb end reaches 145 · 0.10833 = 15.7 further.
     */
    public function test_a_rafter_is_told_with_its_seats(): void
    {
        $typed = ['high' => '2700', 'low' => '2310', 'beam_wide' => '90', 'seat' => '90', 'depth' => '145', 'over_high' => '300', 'over_low' => '300'];
        $this->asked($typed)->assertSee('6.2°')->assertSee('4225')->assertSee('4240')->assertSeeInOrder(['302', '392', '3923', '4013'])->assertDontSee('less than two thirds');
        $this->asked(['low' => '2700', 'high' => '2310'] + $typed)->assertSee('The high side lies lower');
        $this->asked(['seat' => '900'] + $typed)->assertSee('less than two thirds');
    }

    /** 3110 in boards of 140 with 5 between: 22, the last 65. A brace with legs of 600 and 90 wide: 848.5 along its middle, 938.5 along its long edge. */
    public function test_boards_and_braces(): void
    {
        $this->asked(['across' => '3110', 'wide' => '140', 'board_gap' => '5'])->assertSee('22 boards')->assertSee('65')->assertSee('1 ripped');
        $this->asked(['across' => '161', 'wide' => '20', 'board_gap' => '50'])->assertSee('narrower than a third');
        $this->asked(['leg' => '600', 'brace_wide' => '90'])->assertSee('939')->assertSee('849');
        $this->asked(['leg' => '60', 'brace_wide' => '90'])->assertSee('fills its corner');
        $this->asked([])->assertSee('No span, joint or guard is checked');
    }

    /** @param  array<string, string>  $typed */
    private function asked(array $typed): TestResponse
    {
        return $this->get("/jobs/{$this->job->id}/cut/frame?".http_build_query($typed))->assertOk();
    }
}
