<?php

declare(strict_types=1);

namespace Tests\Core\Site;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\JobKind;
use Aequus\Plan\Place\SiteKind;
use Aequus\Plan\Place\SiteObject;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Point;
use Aequus\Site\FreeZone;
use Aequus\Site\TooNear;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Things;
use Aequus\Words\Thing\ThingWords;
use PHPUnit\Framework\TestCase;

/** What is climbed, swung or thrown from stays clear of everything on its site, whatever distance was typed at that. */
final class FreeZoneTest extends TestCase
{
    /** Usual: 1800 on every side. A tree whose crown ends 1700 from the nearest face is too near; at 1810 it is not. */
    public function test_nothing_on_the_site_reaches_into_the_free_zone_of_a_play_frame(): void
    {
        foreach ([[1700.0, ['Walnut']], [1810.0, []]] as [$away, $near]) {
            $plan = $this->withTree(JobKind::PlayStructure, [], $away, 0);
            $this->assertSame($near, TooNear::things($plan));
        }
        // A greater distance that was typed counts, a smaller one does not shrink the zone.
        $this->assertSame(['Walnut'], TooNear::things($this->withTree(JobKind::PlayStructure, [], 2500.0, 3000)));
        $this->assertSame(['Walnut'], TooNear::things($this->withTree(JobKind::PlayStructure, [], 1700.0, 500)));
        $this->assertEquals(Length::millimetres(1800), TooNear::all($this->withTree(JobKind::PlayStructure, [], 1700.0, 500))[0]->least);
    }

    public function test_a_pair_keeps_what_was_typed_free_behind_it_and_other_things_nothing(): void
    {
        $this->assertSame(['Walnut'], TooNear::things($this->withTree(JobKind::CarryingPair, ['behind' => Length::millimetres(3000)], 2900.0, 0)));
        $this->assertSame([], TooNear::things($this->withTree(JobKind::CarryingPair, [], 2900.0, 0)));
        $this->assertTrue(FreeZone::of($this->withTree(JobKind::FenceLine, [], 500.0, 0))->isZero());
    }

    /**
     * A tree so far before the nearest face of A1.
     *
     * @param  array<string, mixed>  $said
     */
    private function withTree(JobKind $kind, array $said, float $away, float $least): Plan
    {
        $thing = Things::of($kind) ?? $this->fail();
        $plan = $thing->make(Heard::usual(Notation::millimetres(0), ThingWords::sides($kind), $thing->asks(), $said))->plan;
        $at = new Point(Length::zero(), Length::millimetres(-$away - $plan->post->d->inMillimetres() / 2 - 600));

        return $plan->withSite([new SiteObject('o1', 'Walnut', SiteKind::Tree, [$at], Length::millimetres($least), Length::millimetres(600))]);
    }
}
