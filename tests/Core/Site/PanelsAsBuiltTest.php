<?php

declare(strict_types=1);

namespace Tests\Core\Site;

use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Set\SpacingAt;
use Aequus\Logbook\Set\SpacingRead;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\Joinery;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\JobKind;
use Aequus\Plan\Place\Fit;
use Aequus\Plan\Place\MustFit;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Side;
use Aequus\Site\PanelsAsBuilt;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Things;
use Aequus\Words\Thing\ThingWords;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Core\Guide\SimulatedBuilder;

/** A panel is called fitting only between posts that were taped and read. */
final class PanelsAsBuiltTest extends TestCase
{
    public function test_nothing_is_said_of_a_bay_before_it_was_taped_and_both_posts_read(): void
    {
        $panels = $this->panels();
        $this->assertSame([[], ['A1B1', 'B1C1', 'A2B2', 'B2C2']], [$panels->bays, array_map(fn (array $bay) => $bay[0]->label.$bay[1]->label, $panels->unknown)]);
        $this->assertSame([], $this->panels($this->tape('A1', 'B1', 2540), ...$this->stands('A1', 0.0))->bays);
        $this->assertSame([], $this->panels(...[...$this->stands('A1', 0.0), ...$this->stands('B1', 0.0)])->bays);
        $this->assertSame([], $this->panels($this->tape('A1', 'B1', 2540, SpacingAt::Top), ...[...$this->stands('A1', 0.0), ...$this->stands('B1', 0.0)])->bays, 'the tops say nothing of the ground');
    }

    /** Posts of 120, panels of 2400 and 10 either side: 2540 from centre to centre. */
    public function test_a_post_that_leans_in_takes_from_the_panel(): void
    {
        $plumb = $this->panels($this->tape('B1', 'A1', 2540), ...[...$this->stands('A1', 0.0), ...$this->stands('B1', 0.0)])->bays[0][2] ?? $this->fail();
        $this->assertTrue($plumb->fits());
        $this->assertEqualsWithDelta(10, $plumb->gap->inMillimetres(), 1e-6);
        // B1 leans 10 in a metre toward A1: 24 over the 2400 that it stands.
        $leaning = $this->panels($this->tape('A1', 'B1', 2540), ...[...$this->stands('A1', 0.0), ...$this->stands('B1', -10.0)])->bays[0][2] ?? $this->fail();
        $this->assertFalse($leaning->fits());
        $this->assertEqualsWithDelta(4, $leaning->trim->inMillimetres(), 1e-6);
        $away = $this->panels($this->tape('A1', 'B1', 2530), ...[...$this->stands('A1', 0.0), ...$this->stands('B1', 10.0)])->bays[0][2] ?? $this->fail();
        $this->assertEqualsWithDelta(5, $away->gap->inMillimetres(), 1e-6, 'leaning away the foot governs');
    }

    public function test_posts_that_leave_no_room_at_all_are_no_fit(): void
    {
        [$left, $right, $panel] = $this->panels($this->tape('A1', 'B1', 130), ...[...$this->stands('A1', 0.0), ...$this->stands('B1', -10.0)])->bays[0];
        $this->assertSame(['A1', 'B1', null], [$left->label, $right->label, $panel]);
    }

    public function test_other_jobs_have_no_panels(): void
    {
        $this->assertNull(PanelsAsBuilt::of((new SimulatedBuilder(Builds::plan()))->site()));
    }

    /** Panels of a frame, 1800 high and 300 below the tops, 10 either side: on a post that leans 10 in a metre the panel's ends are taken where they are. */
    public function test_panels_of_a_frame_hang_between_the_posts_as_they_lean(): void
    {
        $frame = new FrameRules([new Layer(LayerKind::Panel, Length::millimetres(40), Length::millimetres(1800), gap: Length::millimetres(10), joinery: new Joinery(down: Length::millimetres(300)))]);
        $panels = fn (Plan $plan, Payload ...$book): PanelsAsBuilt => PanelsAsBuilt::of((new SimulatedBuilder($plan, '2026-05-04', ...$book))->site()) ?? $this->fail();
        $plan = $this->plan()->withFrame($frame);
        $planned = $plan->grid->labelled('A1')->at->distanceTo($plan->grid->labelled('B1')->at)->inMillimetres();
        $plumb = $panels($plan, $this->tape('A1', 'B1', $planned), ...[...$this->stands('A1', 0.0), ...$this->stands('B1', 0.0)])->bays[0][2] ?? $this->fail();
        $this->assertSame([true, 10.0], [$plumb->fits(), round($plumb->gap->inMillimetres(), 3)]);
        // 2100 of 2400 is as high as the panel reaches: B1 comes 21 nearer there.
        $leaning = $panels($plan, $this->tape('A1', 'B1', $planned), ...[...$this->stands('A1', 0.0), ...$this->stands('B1', -10.0)])->bays[0][2] ?? $this->fail();
        $this->assertEqualsWithDelta(21 - 20 + 20, $leaning->trim->inMillimetres(), 1e-3);
        // Along the columns the bays are those of the columns; where something passes there is none.
        $across = $this->plan()->withFrame($frame->running(false));
        $this->assertSame(['A1A2', 'B1B2', 'C1C2'], array_map(fn (array $bay) => $bay[0]->label.$bay[1]->label, $panels($across)->unknown));
        $passing = $plan->withFit(new Fit([new MustFit('barrow', $plan->grid->labelled('B1')->id, $plan->grid->labelled('A1')->id, Length::millimetres(900), Length::zero(), Length::zero())]));
        $this->assertSame(['B1C1', 'A2B2', 'B2C2'], array_map(fn (array $bay) => $bay[0]->label.$bay[1]->label, $panels($passing)->unknown));
    }

    private function plan(): Plan
    {
        $thing = Things::of(JobKind::Pergola) ?? $this->fail();

        return $thing->make(Heard::usual(Notation::millimetres(0), ThingWords::sides(JobKind::Pergola), $thing->asks()))->plan;
    }

    private function panels(Payload ...$book): PanelsAsBuilt
    {
        return PanelsAsBuilt::of((new SimulatedBuilder($this->plan(), '2026-05-04', ...$book))->site()) ?? $this->fail();
    }

    private function tape(string $from, string $to, float $millimetres, SpacingAt $at = SpacingAt::Ground): SpacingRead
    {
        $grid = $this->plan()->grid;

        return new SpacingRead($grid->labelled($from)->id, $grid->labelled($to)->id, $at, Length::millimetres($millimetres));
    }

    /** @return list<Payload> set, and leaning so much in a metre along the row */
    private function stands(string $label, float $along): array
    {
        $post = $this->plan()->grid->labelled($label)->id;
        $level = Length::millimetres(1000);

        return [
            new PostSet($post),
            PlumbReading::gap($post, Side::PlusX, $along < 0 ? Side::MinusX : Side::PlusX, Length::millimetres(abs($along)), $level, Stage::HoleOpen),
            PlumbReading::gap($post, Side::MinusY, Side::MinusY, Length::zero(), $level, Stage::HoleOpen),
        ];
    }
}
