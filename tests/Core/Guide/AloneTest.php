<?php

declare(strict_types=1);

namespace Tests\Core\Guide;

use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Guide\Set\SetPosts;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\JobKind;
use Aequus\Site\SiteState;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Ask\Pick;
use Aequus\Thing\Things;
use Aequus\Words\Thing\ThingWords;
use PHPUnit\Framework\TestCase;
use Tests\Told;

/** What the guide says of a post to whoever stands it: which board holds it, what is fixed first, and when it is too heavy. */
final class AloneTest extends TestCase
{
    public function test_whoever_works_alone_is_told_the_board_that_holds_each_post(): void
    {
        $site = $this->dug(JobKind::FenceLine, ['crew' => Pick::Alone]);
        $first = $this->move($site, 'A1');
        $this->assertContains(SetPosts::TwoBracesFirst, $this->why($first));
        $this->assertNotContains(SetPosts::GaugeOff, $this->why($first));
        // 12 m in seven bays, less the 90 mm of a post.
        $second = $this->move($this->dug(JobKind::FenceLine, ['crew' => Pick::Alone], 'A1'), 'B1');
        $gauge = array_values(array_filter($second->why, fn ($fact) => $fact->is === SetPosts::GaugeOff))[0] ?? $this->fail();
        $this->assertEqualsWithDelta(12_000 / 7 - 90, $gauge->part('gauge')->inMillimetres(), 0.01);
        $this->assertSame('A1', $gauge->part('other')->label);
        $this->assertStringContainsString('the board of 1624 mm holds it off A1', Told::why($second, $site->plan));
        // With help nobody is told of boards.
        $this->assertSame([], array_intersect([SetPosts::TwoBracesFirst->name, SetPosts::GaugeOff->name], array_column($this->why($this->move($this->dug(JobKind::FenceLine, [], 'A1'), 'B1')), 'name')));
    }

    public function test_a_post_too_heavy_for_who_is_there_is_named_with_its_weight(): void
    {
        $oak = ['timber' => Pick::GreenOak, 'post_thick' => Length::millimetres(150)];
        foreach ([[['crew' => Pick::Alone], SetPosts::NotForOne, false], [[], SetPosts::NotForOne, false], [['crew' => Pick::Alone] + $oak, SetPosts::NotForTwo, true], [$oak, SetPosts::NotForTwo, true]] as [$said, $case, $isTold]) {
            $site = $this->dug(JobKind::PoleBuilding, $said);
            $move = $this->move($site, 'A1');
            $this->assertSame($isTold, in_array($case, $this->why($move), true), json_encode(array_keys($said)));
            if ($isTold) {
                $long = $site->plan->standing->plus($site->footing->required($move->posts[0])?->need->ground->minus($site->footing->foot($move->posts[0]) ?? Length::zero()) ?? Length::zero());
                $kilograms = 0.15 * 0.15 * $long->inMillimetres();
                $this->assertStringContainsString('weighs about '.round($kilograms).' kg', Told::why($move, $site->plan));
            }
        }
        // Between one person’s lift and two’s only whoever is alone is told.
        $fir = ['post_thick' => Length::millimetres(140), 'timber' => Pick::DrySoftwood, 'high' => Length::millimetres(2400)];
        $this->assertContains(SetPosts::NotForOne, $this->why($this->move($this->dug(JobKind::Pergola, ['crew' => Pick::Alone] + $fir), 'A1')));
        $this->assertNotContains(SetPosts::NotForOne, $this->why($this->move($this->dug(JobKind::Pergola, $fir), 'A1')));
    }

    public function test_what_a_post_is_made_of_is_said_where_it_is_stood(): void
    {
        foreach ([[Pick::TwoPieces, SetPosts::JoinBothPieces], [Pick::RoughSawn, SetPosts::RoughSawnDiffers], [Pick::Pole, SetPosts::BetweenTwoStrings]] as [$make, $why]) {
            $this->assertContains($why, $this->why($this->move($this->dug(JobKind::FenceLine, ['make' => $make]), 'A1')));
            $this->assertNotContains($why, $this->why($this->move($this->dug(JobKind::FenceLine, []), 'A1')));
        }
        $this->assertContains(SetPosts::BetweenTwoStrings, $this->why($this->move($this->dug(JobKind::DrivenPosts, []), 'A1')));
    }

    /** @return list<Says> */
    private function why(Move $move): array
    {
        return array_map(fn ($fact) => $fact->is, $move->why);
    }

    private function move(SiteState $site, string $label): Move
    {
        foreach (SetPosts::moves($site) as $move) {
            if ($move->posts[0]->label === $label) {
                return $move;
            }
        }
        $this->fail("{$label} is not to be set.");
    }

    /**
     * A job whose holes are dug and whose tops are decided, with these posts set.
     *
     * @param  array<string, mixed>  $said
     */
    private function dug(JobKind $kind, array $said, string ...$set): SiteState
    {
        $thing = Things::of($kind) ?? $this->fail();
        $plan = $thing->make(Heard::usual(Notation::millimetres(0), ThingWords::sides($kind), $thing->asks(), $said))->plan;
        $last = $plan->grid->posts[count($plan->grid->posts) - 1];
        $builder = (new SimulatedBuilder($plan))->until(fn (SiteState $site): bool => $site->footing->asDug($last) !== null);
        foreach ($set as $label) {
            $id = $builder->plan->grid->labelled($label)->id;
            $builder->write(new PostSet($id));
            $builder->write(new PostFilled($id, FillStep::Done));
        }

        return $builder->site();
    }
}
