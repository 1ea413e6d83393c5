<?php

declare(strict_types=1);

namespace Tests\Core\Square;

use Aequus\Guide\Guide;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Scope;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Square\LineReading;
use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Layout\ChosenPlacement;
use Aequus\Plan\Place\Fit;
use Aequus\Plan\Place\FixedKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Terms\Side;
use Aequus\Site\SiteState;
use Aequus\Square\Layout;
use Aequus\Square\Readings\Wanted;
use Aequus\Square\SettingOut\BatterBoards;
use Aequus\Square\SettingOut\BoardHindrance;
use Aequus\Square\SettingOut\HinderedBoards;
use Aequus\Square\SquareVerdict;
use Aequus\Words\Square\WantedWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Told;

/** A wall, a boundary: whatever will not move holds the layout, and no verdict forgets it. */
final class ByTheLineTest extends TestCase
{
    public function test_a_plan_beside_a_wall_is_judged_by_it_and_asks_for_enough_offsets_to_be_checked(): void
    {
        $plan = $this->walled();
        $this->assertSame(ChosenPlacement::ByLine, $plan->layout->placement);
        $offsets = array_values(array_filter($this->layout($plan)->wanted, fn (Wanted $wanted) => $wanted->line !== null));
        $this->assertSame(['A1', 'B1', 'C1', 'D1'], array_map(fn (Wanted $wanted) => $wanted->posts()[0]->label, $this->byLabel($offsets)));
        $this->assertEquals(Length::millimetres(1800), $offsets[0]->planned()->magnitude());
        $this->assertSame(SquareVerdict::Within, $this->layout($plan, ...Builds::readings($plan))->verdict());
        $missing = array_filter(Builds::readings($plan), fn ($reading) => ! $reading instanceof LineReading);
        $this->assertSame(SquareVerdict::ReadingsMissing, $this->layout($plan, ...$missing)->verdict(), 'the wall was not measured yet');
    }

    #[TestWith([ChosenPlacement::ByLine])]
    #[TestWith([ChosenPlacement::BaseLine])]
    #[TestWith([ChosenPlacement::BestFit])]
    #[TestWith([ChosenPlacement::FewestMoves])]
    public function test_a_grid_out_of_parallel_is_never_within_however_it_is_judged(ChosenPlacement $way): void
    {
        $plan = $this->walled();
        $plan = $plan->withLayout($plan->layout->placedBy($way));
        $layout = $this->layout($plan, ...Builds::readings($plan, $this->turned($plan, 50 / 7200)));
        $this->assertNotSame(SquareVerdict::Within, $layout->verdict());
        $this->assertTrue($layout->verdict()->isTrouble());
        $this->assertFalse($layout->holds());
        $this->assertTrue($layout->survey->against?->isOutOfParallel());
        $this->assertEqualsWithDelta(50, abs($layout->survey->against->turned), 0.05);
    }

    public function test_a_grid_out_of_parallel_is_swung_in_one_move_and_a_stake_off_its_plan_comes_before_it(): void
    {
        $plan = $this->walled();
        $swing = $this->move($plan, $this->turned($plan, 50 / 7200));
        $this->assertSame('Swing the grid to barn wall', Told::do($swing));
        $this->assertGreaterThan(4, count($swing->posts));
        $most = array_map(fn ($stake) => $stake->size(), $this->layout($plan, ...Builds::readings($plan, $this->turned($plan, 50 / 7200)))->toMove());
        $this->assertEqualsWithDelta(max($most), $swing->number?->inMillimetres(), 1e-3);
        $this->assertStringContainsString('which moves most', Told::beside($swing));
        $this->assertSame(count($swing->posts) - 1, substr_count(Told::why($swing), ';'), 'each stake has its own move');
        $even = $this->move($plan, array_map(fn () => [0.0, -46.0], $this->turned($plan, 0)));
        $this->assertStringStartsWith('Move stakes A1,', Told::do($even), 'all alike: one move says it');
        $off = $this->turned($plan, 50 / 7200);
        $off['B2'][0] += 900;
        $this->assertStringStartsWith('Move stake B2', Told::do($this->move($plan, $off)));
    }

    /** @param  array<string, array{float, float}>  $off */
    private function move(Plan $plan, array $off): Move
    {
        $said = [new NoticeAsked('2026-05-04', 3, ''), ...Builds::readings($plan, $off)];
        $entries = array_map(fn ($payload, int $i) => Builds::entry($payload, $i + 1), $said, array_keys($said));

        return Guide::next(SiteState::derive($plan, $entries, '2026-06-01'), Scope::job()) ?? $this->fail();
    }

    public function test_the_whole_too_near_is_told_and_every_stake_moves_away_from_the_wall(): void
    {
        $plan = $this->walled();
        $layout = $this->layout($plan, ...Builds::readings($plan, array_map(fn () => [0.0, -46.0], $this->turned($plan, 0))));
        $this->assertSame(SquareVerdict::Out, $layout->verdict());
        $this->assertTrue($layout->survey->against?->isOffPlace());
        $this->assertCount(8, $layout->toMove());
        $this->assertEqualsWithDelta([0.0, 46.0], [$layout->toMove()[0]->along->x, $layout->toMove()[0]->along->y], 0.01);
    }

    public function test_posts_that_stand_out_of_parallel_hold_the_layout_and_the_wall_is_told_all_the_same(): void
    {
        $plan = $this->walled();
        $set = array_map(fn ($post) => new PostSet($post->id), $plan->grid->posts);
        $layout = $this->layout($plan, ...Builds::readings($plan, $this->turned($plan, 50 / 7200)), ...$set);
        $this->assertSame(SquareVerdict::AgainstTheLine, $layout->verdict());
    }

    public function test_a_wrong_offset_is_named_and_does_not_turn_the_layout(): void
    {
        $plan = $this->walled();
        $slips = 0;
        $readings = array_map(function ($reading) use (&$slips, $plan) {
            $slip = $reading instanceof LineReading && $reading->post->equals($plan->grid->labelled('B1')->id) ? 30 : 0;
            $slips += $slip;

            return $slip === 0 ? $reading : new LineReading(
                $reading->post, $reading->off->plus(Length::millimetres($slip)), $reading->line, $reading->tape,
            );
        }, Builds::readings($plan));
        $this->assertSame(30, $slips);
        $layout = $this->layout($plan, ...$readings);
        $named = [...array_map(fn ($one) => $one->id, $layout->survey->mistakes->dropped ?? []), ...$layout->survey->mistakes->named ?? []];
        $this->assertNotSame([], $named);
        $this->assertSame([], $layout->toMove());
    }

    public function test_two_lines_that_cant_both_be_true_are_named_and_the_verdict_waits(): void
    {
        $plan = $this->walled();
        $boundary = FixedLine::beside(
            'line-3', 'north boundary', $plan->grid, Side::MinusX, Length::millimetres(2000), Length::millimetres(2000), FixedKind::Boundary, null,
        );
        $both = $plan->withLayout($plan->layout->heldBy([...$plan->layout->fixedLines, $boundary]));
        $this->assertSame(SquareVerdict::Within, $this->layout($both, ...Builds::readings($both))->verdict());
        // On the ground the boundary runs 40 mm askew over the depth of the grid.
        $askew = array_map(fn ($reading) => $reading instanceof LineReading && $reading->line === 'line-3'
            ? new LineReading(
                $reading->post, $reading->off->plus(Length::millimetres(40 * $both->grid->find($reading->post)?->at->y->inMillimetres() / 3000)),
                $reading->line, $reading->tape,
            ) : $reading, Builds::readings($both));
        $layout = $this->layout($both, ...$askew);
        $this->assertSame(SquareVerdict::LinesContradict, $layout->verdict());
        $this->assertEqualsCanonicalizing(['line-2', 'line-3'], $layout->survey->linesInConflict());
    }

    public function test_a_line_that_only_keeps_a_distance_is_checked_and_never_binds(): void
    {
        $plan = Builds::plan([2400, 2400, 2400], [3000]);
        $hedge = FixedLine::beside(
            'line-2', 'hedge', $plan->grid, Side::PlusY, Length::millimetres(1000), Length::millimetres(1000), FixedKind::Boundary,
            Length::millimetres(900),
        );
        $plan = $plan->withFit(new Fit([], [$hedge]));
        $this->assertSame(ChosenPlacement::FewestMoves, $plan->layout->placement);
        $off = fn (float $mm): LineReading => new LineReading(
            $plan->grid->labelled('A2')->id, $hedge->offAsPlanned($plan->grid->labelled('A2')->at, Length::millimetres($mm)), 'line-2',
            TapeClass::Steel,
        );
        // 140 mm post: its face stands 70 nearer than its centre.
        $near = $this->layout($plan, ...[...Builds::readings($plan), $off(960)]);
        $this->assertSame(SquareVerdict::Within, $near->verdict());
        $this->assertEquals([Length::millimetres(890), false], [$near->keptOffsets()[0]->room, $near->keptOffsets()[0]->isKept()]);
        $this->assertTrue($this->layout($plan, $off(975))->keptOffsets()[0]->isKept());
    }

    public function test_with_a_coarse_tape_it_cant_be_told_and_the_list_does_not_grow_without_end(): void
    {
        $plan = $this->walled(TapeClass::Fibreglass);
        $layout = $this->layout($plan, ...Builds::readings($plan));
        $this->assertSame(SquareVerdict::CannotTell, $layout->verdict());
        $this->assertLessThanOrEqual(8, count(array_filter($layout->wanted, fn (Wanted $wanted) => $wanted->line !== null)));
    }

    public function test_no_board_stands_behind_the_wall(): void
    {
        $plan = Builds::plan([2400, 2400, 2400], [3000]);
        $lane = fn (Plan $plan) => array_values(array_filter(BatterBoards::of($plan), fn ($board) => $board->side === Side::MinusY))[0];
        $this->assertNull($lane($plan)->obstacle);
        $wall = fn (float $off): Plan => $plan->withLayout(
            $plan->layout->heldBy(
                [
                    FixedLine::beside(
                        'line-2', 'house', $plan->grid, Side::MinusY, Length::millimetres($off), Length::millimetres($off), FixedKind::Wall, null,
                    ),
                ],
            ),
        );
        $moved = $lane($wall(900));
        $this->assertSame(['house', true], [$moved->obstacle?->name, $moved->canStand]);
        $this->assertTrue($moved->setback->isShorterThan(Length::millimetres(801)));
        $this->assertFalse($lane($wall(250))->canStand);

        $told = HinderedBoards::facts(BatterBoards::of($wall(900)), $plan->layout->boards->setback);
        $this->assertCount(1, $told, 'boards that one wall hinders alike are told once');
        $this->assertSame([BoardHindrance::MovedForLine, ['A', 'B', 'C', 'D']], [$told[0]->is, $told[0]->part('lines')]);
        $this->assertEquals($moved->setback, $told[0]->part('setback'));
        $this->assertSame(BoardHindrance::NoPlaceForLine, HinderedBoards::facts(BatterBoards::of($wall(250)), $moved->setback)[0]->is);
        $this->assertSame([], HinderedBoards::facts(BatterBoards::of($plan), $moved->setback));
    }

    /** A grid of four by two with a wall 1800 off its first row. */
    private function walled(TapeClass $tape = TapeClass::SteelWithCare): Plan
    {
        $plan = Builds::plan([2400, 2400, 2400], [3000]);
        $usual = $plan->layout;
        $plan = $plan->withLayout(
            new \Aequus\Plan\Layout\LayoutRules($usual->placement, $usual->list, $tape, null, $usual->strings, $usual->boards, $usual->cover),
        );

        return $plan->withLayout(
            $plan->layout->heldBy(
                [
                    FixedLine::beside(
                        'line-2', 'barn wall', $plan->grid, Side::MinusY, Length::millimetres(1800), Length::millimetres(1800), FixedKind::Wall, null,
                    ),
                ],
            ),
        );
    }

    /** @return array<string, array{float, float}> how far each stake is off when the whole is turned */
    private function turned(Plan $plan, float $angle): array
    {
        $off = [];
        foreach ($plan->grid->posts as $post) {
            $off[$post->label] = [-$angle * $post->at->y->inMillimetres(), $angle * $post->at->x->inMillimetres()];
        }

        return $off;
    }

    /**
     * @param  list<Wanted>  $wanted
     * @return list<Wanted>
     */
    private function byLabel(array $wanted): array
    {
        usort($wanted, fn (Wanted $one, Wanted $other) => WantedWords::of($one) <=> WantedWords::of($other));

        return $wanted;
    }

    private function layout(Plan $plan, object ...$payloads): Layout
    {
        return new Layout($plan, Builds::log(...array_values($payloads)), ByPost::none());
    }
}
