<?php

declare(strict_types=1);

namespace Tests\Core\Site;

use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Guide\Set\KeepTopInItsBand;
use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\Cut\PostCut;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Set\TopOver;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\JobKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\PostId;
use Aequus\Site\TopByRule;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Things;
use Aequus\Words\Thing\ThingWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Core\Guide\SimulatedBuilder;
use Tests\Told;

/** A box is never called high enough before it was measured as it stands. The rule lets its bottom be 1050 to 1150 over the road; that is 20 above the post’s top. */
final class TopByRuleTest extends TestCase
{
    public function test_a_post_is_measured_once_it_stands(): void
    {
        $this->assertNull($this->move());
        $move = $this->move(new PostSet($this->post())) ?? $this->fail();
        $this->assertSame([KeepTopInItsBand::MeasureTopOver, EntryKind::TopOver], [$move->do->is, $move->asks]);
        $this->assertEqualsWithDelta(1080, $move->number?->inMillimetres(), 1e-6);
        $this->assertStringContainsString('1050 mm to 1150 mm over road', Told::why($move));
        $this->assertSame(KeepTopInItsBand::MeasureTopOver, $this->move($this->reads(1080), new PostSet($this->post()))?->do->is, 'measured before it stood so');
        $this->assertSame(KeepTopInItsBand::MeasureTopOver, $this->move(new PostSet($this->post()), $this->reads(1080), new PostCut($this->post()))?->do->is, 'cut since');
    }

    #[TestWith([1030.0, null, 0.0])]
    #[TestWith([1130.0, null, 0.0])]
    #[TestWith([1029.0, KeepTopInItsBand::LiftInTheHole, 1.0])]
    #[TestWith([1131.0, KeepTopInItsBand::LowerInTheHole, 1.0])]
    #[TestWith([600.0, KeepTopInItsBand::LiftInTheHole, 430.0])]
    public function test_what_is_out_of_the_band_is_lifted_or_lowered_as_far_as_it_must(float $reads, ?Says $do, float $by): void
    {
        $move = $this->move(new PostSet($this->post()), $this->reads($reads));
        $this->assertSame([$do, $do === null ? null : EntryKind::TopOver], [$move?->do->is, $move?->asks]);
        $this->assertEqualsWithDelta($by, $move?->number?->inMillimetres() ?? 0, 1e-6);
    }

    public function test_once_filled_it_wants_a_decision_of_its_own(): void
    {
        $filled = [new PostSet($this->post()), $this->reads(1000), new PostFilled($this->post(), FillStep::Done)];
        $move = $this->move(...$filled) ?? $this->fail();
        $this->assertSame([KeepTopInItsBand::HeightStaysOut, EntryKind::Decision], [$move->do->is, $move->asks]);
        $this->assertNotNull($this->move(...[...$filled, new Decision(DecisionAbout::AcceptHeights, null, 'the rods agree')]), 'that was said of the rods');
        $this->assertNotNull($this->move(...[...$filled, new Decision(DecisionAbout::AcceptDistance, $this->post(), 'agreed', thing: 'road')]), 'that was said of its face');
        $this->assertNull($this->move(...[...$filled, new Decision(DecisionAbout::AcceptHeights, $this->post(), 'the road office said so')]));
        $this->assertSame(KeepTopInItsBand::MeasureTopOver, $this->move($filled[0], $filled[2])?->do->is, 'filled and never measured');
    }

    public function test_a_decision_before_the_reading_did_not_know_it(): void
    {
        $taken = new Decision(DecisionAbout::AcceptHeights, $this->post(), 'the road office said so');
        $this->assertSame(KeepTopInItsBand::MeasureTopOver, $this->move(new PostSet($this->post()), $taken)?->do->is);
        $this->assertSame(KeepTopInItsBand::LiftInTheHole, $this->move(new PostSet($this->post()), $this->reads(1000), $taken, $this->reads(900))?->do->is, 'lower since');
    }

    public function test_a_correction_is_as_old_as_what_it_corrects(): void
    {
        $builder = new SimulatedBuilder($this->plan());
        $read = $builder->write($this->reads(1180));
        $builder->write(new PostSet($this->post()));
        $builder->write($this->reads(1080), $read);
        $this->assertNull(TopByRule::of($builder->site())?->height(), 'read before the post stood so');
    }

    public function test_the_guide_does_not_come_to_its_end_while_the_height_is_out(): void
    {
        $builder = (new SimulatedBuilder($this->plan()))->finish();
        $this->assertNotNull(TopByRule::of($builder->site())?->height());
        $builder->write($this->reads(900));
        $this->assertSame(KeepTopInItsBand::HeightStaysOut, $builder->next()?->do->is);
        $this->assertNull(TopByRule::of((new SimulatedBuilder(Builds::plan()))->site()));
    }

    private function plan(): Plan
    {
        $thing = Things::of(JobKind::LetterBox) ?? $this->fail();

        return $thing->make(Heard::usual(Notation::millimetres(0), ThingWords::sides(JobKind::LetterBox), $thing->asks()))->plan;
    }

    private function post(): PostId
    {
        return $this->plan()->grid->posts[0]->id;
    }

    private function reads(float $millimetres): TopOver
    {
        return new TopOver($this->post(), Length::millimetres($millimetres), FixedLine::ANSWERED);
    }

    private function move(Payload ...$book): ?Move
    {
        foreach (KeepTopInItsBand::moves((new SimulatedBuilder($this->plan(), '2026-05-04', ...$book))->site()) as $move) {
            return $move;
        }

        return null;
    }
}
