<?php

declare(strict_types=1);

namespace Tests\Core\Thing;

use Aequus\Measure\Notation;
use Aequus\Plan\JobKind;
use Aequus\Site\Phase;
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
    /** @param  array<string, Pick|int>  $said */
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

    public static function jobs(): Generator
    {
        foreach (Things::all() as $thing) {
            yield $thing->kind()->value => [$thing->kind(), Notation::millimetres(0), []];
        }
        yield 'a frame on a wall, in inches' => [JobKind::Pergola, Notation::feetInches(16), ['placed' => Pick::OnAWall]];
        yield 'three rotted posts' => [JobKind::SocketRepair, Notation::millimetres(0), ['posts' => 3]];
    }
}
