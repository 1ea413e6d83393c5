<?php

declare(strict_types=1);

namespace Tests\Core\Thing;

use Aequus\Footing\Depths\DepthRule;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\JobKind;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Ask\Pick;
use Aequus\Thing\Things;
use Aequus\Words\Thing\ThingWords;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Guide\SimulatedBuilder;

/** Every kind of thing from its questions to the hand-over, by a builder who does what the guide says. */
final class WholeJobsTest extends TestCase
{
    /** @param  array<string, Pick|int|Length>  $said */
    #[DataProvider('jobs')]
    public function test_a_job_comes_from_its_questions_to_the_hand_over(JobKind $kind, Notation $notation, array $said): void
    {
        $thing = Things::of($kind) ?? $this->fail();
        $plan = $thing->make(Heard::usual($notation, ThingWords::sides($kind), $thing->asks(), $said))->plan;
        $site = (new SimulatedBuilder($plan))->finish()->site();
        $this->assertNotNull($site->handedOver());
        $this->assertSame([], $site->lacking());
        foreach ($site->plan->grid->posts as $post) {
            $this->assertTrue($site->standing($post)->isProvedPlumb(), $post->label);
            $this->assertTrue($site->cut->isCut($post), $post->label);
            $this->assertTrue($site->footing->asDug($post)?->serves(), $post->label);
        }
        $this->assertSame(count($site->plan->grid->posts) > 1, $site->square->survey->placed !== null);
        foreach ($site->handover()->records as $record) {
            $this->assertTrue($record->plumb);
        }
    }

    /** The sheet’s depth is not forgotten where somebody decides on less. */
    public function test_what_the_thing_itself_asks_of_its_holes_holds_whatever_else_is_decided(): void
    {
        foreach ([[JobKind::LetterBox, 1320], [JobKind::CourtHoop, 1200], [JobKind::DrivenPosts, 1500], [JobKind::SocketRepair, 600]] as [$kind, $deep]) {
            $thing = Things::of($kind) ?? $this->fail();
            $plan = $thing->make(Heard::usual(Notation::millimetres(0), ThingWords::sides($kind), $thing->asks()))->plan;
            $site = (new SimulatedBuilder($plan->withFooting(new FootingRules(
                Length::millimetres(300), Length::zero(), LeastEmbedment::length(Length::millimetres(200)), Length::zero(), Length::zero(), Length::zero(), DepthMode::Own,
            ))))->finish()->site();
            foreach ($site->plan->grid->posts as $post) {
                $required = $site->footing->required($post) ?? $this->fail();
                $this->assertSame(DepthRule::Thing, $required->governing);
                $this->assertEqualsWithDelta($deep, $required->holeDepth()->inMillimetres(), 1e-6, $kind->value);
            }
        }
    }

    public static function jobs(): Generator
    {
        foreach (Things::all() as $thing) {
            yield $thing->kind()->value => [$thing->kind(), Notation::millimetres(0), []];
        }
        yield 'a frame on a wall, in inches' => [JobKind::Pergola, Notation::feetInches(16), ['placed' => Pick::OnAWall]];
        yield 'alone, of poles that are pulled out one day' => [JobKind::FenceLine, Notation::millimetres(0), [
            'crew' => Pick::Alone, 'lasting' => Pick::PulledOut, 'make' => Pick::Pole, 'heavy_thick' => Length::millimetres(140),
        ]];
        yield 'a fence round a corner, with a gate' => [JobKind::FenceLine, Notation::millimetres(0), [
            'second_side' => Length::millimetres(4000), 'gate_wide' => Length::millimetres(1000), 'along' => Length::millimetres(60), 'corner_degrees' => 75,
        ]];
        yield 'alone, on piers' => [JobKind::PoleBuilding, Notation::millimetres(0), ['crew' => Pick::Alone, 'lasting' => Pick::Renewed, 'timber' => Pick::GreenOak]];
        yield 'three rotted posts' => [JobKind::SocketRepair, Notation::millimetres(0), ['posts' => 3]];
    }
}
