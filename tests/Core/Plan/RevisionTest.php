<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\Slope;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\HoleShape;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Grid\Grid;
use Aequus\Plan\Grid\GridLines;
use Aequus\Plan\Grid\Spacing;
use Aequus\Plan\JobKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Stored\PlanCodec;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Plan\Terms\SideNames;
use Aequus\Plan\ToleranceClass;
use Aequus\Plan\Tolerances;
use Aequus\Plan\Tops\TopRules;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Told;

final class RevisionTest extends TestCase
{
    public function test_a_column_added_at_the_front_moves_every_label_and_no_identity(): void
    {
        $before = new Grid($this->lines(2400, 2400), $this->lines(3000));
        $after = new Grid($before->columns->respaced(Spacing::bays($this->lengths(1800, 2400, 2400)), 0), $before->rows);

        $this->assertSame('B1', $after->find($before->labelled('A1')->id)?->label);
        $this->assertSame('D2', $after->find($before->labelled('C2')->id)?->label);
        $this->assertNull($before->find($after->labelled('A1')->id));
    }

    public function test_a_column_taken_from_the_middle_keeps_the_others(): void
    {
        $before = new Grid($this->lines(2400, 2400, 2400), $this->lines(3000));
        $after = new Grid($before->columns->respaced(Spacing::bays($this->lengths(2400, 4800)), 1), $before->rows);

        $this->assertNull($after->find($before->labelled('B1')->id));
        $this->assertSame('B1', $after->find($before->labelled('C1')->id)?->label);
        $this->assertSame('C2', $after->find($before->labelled('D2')->id)?->label);
    }

    public function test_a_line_taken_away_comes_back_as_itself_where_it_stood_and_as_a_new_one_elsewhere(): void
    {
        $ids = fn (GridLines $lines): array => array_map(fn ($line) => $line->id, $lines->lines);
        $less = GridLines::fresh(Spacing::bays([Length::feet(8), Length::feet(8)]))->respaced(Spacing::bays([Length::feet(8)]), 2);
        $this->assertSame(['1', '2'], $ids($less));
        $this->assertSame(['1', '2', '3'], $ids($less->respaced(Spacing::bays([Length::feet(8), Length::feet(9)]), 2)));
        $this->assertSame(['4', '1', '2'], $ids($less->respaced(Spacing::bays([Length::feet(8), Length::feet(8)]), 0)));
        $this->assertSame(
            ['1', '2', '3', '4'], $ids($less->respaced(Spacing::bays([Length::feet(8), Length::feet(9), Length::feet(9)]), 2)),
            'one comes back, one is new',
        );
    }

    public function test_a_mark_coarser_than_the_tolerance_is_refused(): void
    {
        $plan = Builds::plan(notation: Notation::feetInches(8));
        $coarse = fn () => new Plan(
            $plan->kind, $plan->notation, $plan->sides, new Tolerances(ToleranceClass::Framing, Length::millimetres(3), 300), $plan->post,
            $plan->hole, $plan->standing, $plan->grid,
        );
        $this->assertStringContainsString('smallest mark is coarser than the tolerance', Told::refused($coarse));
    }

    public function test_columns_past_z_count_on_as_double_letters(): void
    {
        $this->assertSame(['A', 'Z', 'AA', 'AZ', 'BA'], array_map(Grid::letters(...), [0, 25, 26, 51, 52]));
    }

    public function test_a_plan_is_read_back_as_it_was_stored(): void
    {
        $grid = new Grid($this->lines(2400, 2400.5), $this->lines(3000));
        $plan = $this->plan(new Grid($grid->columns, $grid->rows, [$grid->labelled('B2')->id]))
            ->withFooting(new FootingRules(
                Length::inches(40), Length::inches(4), LeastEmbedment::share(1 / 3), Length::inches(8),
                Length::inches(6), Length::inches(4), DepthMode::CommonPlane, Length::inches(-3), true, Length::feet(-5),
            ))
            ->withTops(new TopRules(Length::feet(9), Slope::level(), Slope::ratio(-1 / 48), Length::feet(4)));

        $stored = json_decode(json_encode(PlanCodec::encode($plan), JSON_THROW_ON_ERROR), true, flags: JSON_THROW_ON_ERROR);
        $this->assertEquals($plan, PlanCodec::decode($stored));
    }

    public function test_plans_that_cannot_be_built_are_refused_in_words(): void
    {
        $grid = new Grid($this->lines(2400), $this->lines(2400));
        $this->assertRefused('overlap', fn () => $this->plan(new Grid($this->lines(80), $this->lines(2400))));
        $this->assertRefused('left out', fn () => new Grid($this->lines(2400), $this->lines(), array_map(fn (Post $p) => $p->id, $grid->posts)));
        $this->assertRefused('Q9', fn () => $grid->labelled('q9'));
        $this->assertRefused('share a name', fn () => new SideNames('lane', 'Lane', 'barn', 'stream'));
        $this->assertRefused('Bay 2', fn () => Spacing::bays($this->lengths(2400, 0)));
        $this->assertRefused(
            'nothing between', fn () => Spacing::overall(Length::millimetres(90), \Aequus\Plan\Grid\TapeHeld::Outside, Length::millimetres(90), 2),
        );
        $this->assertRefused('7', fn () => Section::nominal(7, 7));
        $this->assertRefused(
            '12 ft',
            fn () => new FootingRules(
                Length::feet(40), Length::zero(), LeastEmbedment::length(Length::zero()), Length::zero(), Length::zero(), Length::zero(),
                DepthMode::Own,
            ),
        );
    }

    public function test_sawn_sizes_are_smaller_than_their_names(): void
    {
        $this->assertEquals(Section::rectangle(Length::inches(3.5), Length::inches(3.5)), Section::nominal(4, 4));
        $this->assertEquals(Section::rectangle(Length::inches(1.5), Length::inches(9.25)), Section::nominal(2, 10));
        $this->assertEquals(Length::inches(5.5), Section::nominal(6, 6)->b);
    }

    private function assertRefused(string $word, callable $attempt): void
    {
        try {
            $attempt();
            $this->fail("nothing was refused; expected a sentence with “{$word}”");
        } catch (PlanRefused $refusal) {
            $this->assertStringContainsStringIgnoringCase($word, Told::refusal($refusal));
        }
    }

    private function plan(Grid $grid): Plan
    {
        return new Plan(
            JobKind::Pergola, Notation::millimetres(0), new SideNames('lane', 'orchard', 'barn', 'stream'),
            new Tolerances(ToleranceClass::Building, Length::millimetres(6), 200),
            Section::rectangle(
                Length::millimetres(140), Length::millimetres(140),
            ), HoleShape::round(Length::millimetres(400)), Length::millimetres(2400), $grid,
        );
    }

    private function lines(float ...$bays): GridLines
    {
        return GridLines::fresh(Spacing::bays($this->lengths(...$bays)));
    }

    /** @return list<Length> */
    private function lengths(float ...$millimetres): array
    {
        return array_map(Length::millimetres(...), array_values($millimetres));
    }
}
