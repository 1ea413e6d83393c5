<?php

declare(strict_types=1);

namespace Tests\Core\Site;

use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Guide\Set\KeepFaceInItsBand;
use Aequus\Guide\Set\SettleFoot;
use Aequus\Guide\Square\PullTapes;
use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Square\LineReading;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\JobKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Side;
use Aequus\Site\FaceByRule;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Things;
use Aequus\Words\Thing\ThingWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Core\Guide\SimulatedBuilder;
use Tests\Told;

/** A box by the road is never called well placed before its face was measured, and what is out is told while it can still be moved. */
final class FaceByRuleTest extends TestCase
{
    public function test_stake_and_post_are_each_measured_off_the_road(): void
    {
        $plan = $this->plan();
        $before = $this->move() ?? $this->fail();
        $this->assertSame([PullTapes::MeasureOffLine, EntryKind::LineOffset], [$before->do->is, $before->asks]);
        // 175 to the face and 400 behind it.
        $this->assertEqualsWithDelta(575, $before->number?->inMillimetres(), 1e-6);
        $this->assertStringContainsString('150 mm to 200 mm off road', Told::why($before));
        $this->assertNull($this->move($this->reads(575)));
        $post = $plan->grid->posts[0]->id;
        $this->assertSame(PullTapes::MeasureOffLine, $this->move($this->reads(575), new PostSet($post))?->do->is, 'what was read of the stake says nothing of the post');
        $this->assertNull($this->move($this->reads(575), new PostSet($post), $this->reads(590)));
    }

    /** The hole is 286 across and the post 127 corner to corner: it may go 79 either way where no cover is asked. */
    #[TestWith([540.0, 10.0, Side::PlusY])]
    #[TestWith([612.0, 12.0, Side::MinusY])]
    #[TestWith([700.0, 100.0, Side::MinusY])]
    #[TestWith([480.0, 70.0, Side::PlusY])]
    public function test_a_post_that_stands_out_of_the_band_is_shifted_as_far_as_it_must(float $reads, float $by, Side $toward): void
    {
        $post = $this->plan()->grid->posts[0]->id;
        $move = $this->move($this->reads(575), new PostSet($post), $this->reads($reads)) ?? $this->fail();
        $this->assertSame(KeepFaceInItsBand::ShiftInTheHole, $move->do->is);
        $this->assertEqualsWithDelta($by, $move->number?->inMillimetres(), 1e-6);
        $this->assertSame($toward, $move->beside?->part('side'));
        $this->assertFalse($this->says($move, KeepFaceInItsBand::HoleLetsItNoFurther));
    }

    public function test_what_the_hole_does_not_let_it_go_is_told(): void
    {
        $post = $this->plan()->grid->posts[0]->id;
        // Dug where the stake stood, at 660; with a cover of 60 the post may stand (286 − 127.28) / 2 − 60 off that.
        $tight = $this->plan()->withLayout($this->plan()->layout->covering(Length::millimetres(60)));
        $move = $this->moveOf($tight, $this->reads(660), new PostSet($post), $this->reads(700)) ?? $this->fail();
        $this->assertEqualsWithDelta(40 + 19.36, $move->number?->inMillimetres(), 0.01);
        $this->assertTrue($this->says($move, KeepFaceInItsBand::HoleLetsItNoFurther));
        $this->assertStringContainsString('41 mm stays out', Told::why($move));
        // No cover is left anywhere.
        $narrow = $this->plan()->withLayout($this->plan()->layout->covering(Length::millimetres(90)));
        $move = $this->moveOf($narrow, $this->reads(575), new PostSet($post), $this->reads(530)) ?? $this->fail();
        $this->assertSame(KeepFaceInItsBand::FaceStaysOut, $move->do->is);
        $this->assertTrue($this->says($move, KeepFaceInItsBand::NoPlaceKeepsCover));
    }

    public function test_once_it_is_filled_a_face_that_is_out_wants_a_decision_and_gets_no_peace_without(): void
    {
        $post = $this->plan()->grid->posts[0]->id;
        $filled = [$this->reads(575), new PostSet($post), $this->reads(530), new PostFilled($post, FillStep::Done)];
        $move = $this->move(...$filled) ?? $this->fail();
        $this->assertSame([KeepFaceInItsBand::FaceStaysOut, EntryKind::Decision], [$move->do->is, $move->asks]);
        $this->assertTrue($this->says($move, SettleFoot::FilledAsItStands));
        $this->assertEqualsWithDelta(20, $move->number?->inMillimetres(), 1e-6);
        $this->assertNull($this->move(...[...$filled, new Decision(DecisionAbout::AcceptDistance, $post, 'the road office said so', thing: $this->plan()->fixedLines()[0]->name)]));
        $this->assertNotNull($this->move($this->reads(575), new PostSet($post), new PostFilled($post, FillStep::Done)), 'never measured where it stands');
    }

    public function test_a_decision_before_the_reading_did_not_know_it(): void
    {
        $post = $this->plan()->grid->posts[0]->id;
        $taken = new Decision(DecisionAbout::AcceptDistance, $post, 'the road office said so', thing: $this->plan()->fixedLines()[0]->name);
        $this->assertSame(PullTapes::MeasureOffLine, $this->move($taken)?->do->is);
        $this->assertSame(KeepFaceInItsBand::FaceStaysOut, $this->move($this->reads(575), new PostSet($post), $this->reads(530), $taken, new PostFilled($post, FillStep::Done), $this->reads(500))?->do->is);
    }

    /** Nothing is handed over before the face is in its band. */
    public function test_the_guide_does_not_come_to_its_end_while_the_face_is_out(): void
    {
        $builder = (new SimulatedBuilder($this->plan()))->finish();
        $builder->write(new LineReading($this->plan()->grid->posts[0]->id, $this->off(500), FixedLine::ANSWERED));
        $this->assertSame(KeepFaceInItsBand::FaceStaysOut, $builder->next()?->do->is);
    }

    public function test_other_kinds_have_no_such_rule(): void
    {
        $this->assertNull(FaceByRule::of((new SimulatedBuilder(Builds::plan()))->site()));
    }

    private function plan(): Plan
    {
        $thing = Things::of(JobKind::LetterBox) ?? $this->fail();

        return $thing->make(Heard::usual(Notation::millimetres(0), ThingWords::sides(JobKind::LetterBox), $thing->asks()))->plan;
    }

    private function off(float $millimetres): Length
    {
        $plan = $this->plan();
        $line = $plan->fixedLine(FixedLine::ANSWERED) ?? $this->fail();

        return $line->offAsPlanned($plan->grid->posts[0]->at, Length::millimetres($millimetres));
    }

    private function reads(float $millimetres): LineReading
    {
        return new LineReading($this->plan()->grid->posts[0]->id, $this->off($millimetres), FixedLine::ANSWERED);
    }

    private function move(Payload ...$book): ?Move
    {
        return $this->moveOf($this->plan(), ...$book);
    }

    private function moveOf(Plan $plan, Payload ...$book): ?Move
    {
        foreach (KeepFaceInItsBand::moves((new SimulatedBuilder($plan, '2026-05-04', ...$book))->site()) as $move) {
            return $move;
        }

        return null;
    }

    private function says(Move $move, Says $why): bool
    {
        return array_filter($move->why, fn ($fact) => $fact->is === $why) !== [];
    }
}
