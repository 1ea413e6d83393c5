<?php

declare(strict_types=1);

namespace Tests\Core\Site;

use Aequus\Guide\Footing\DeepenShortHoles;
use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\JobKind;
use Aequus\Plan\Plan;
use Aequus\Site\ShortenedPosts;
use Aequus\Site\SiteState;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Things;
use Aequus\Words\Thing\ThingWords;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Core\Guide\SimulatedBuilder;
use Tests\Told;

/** A sheet lets so many driven posts be shortened over a stone; how many were is counted from what was decided. */
final class ShortenedPostsTest extends TestCase
{
    public function test_what_was_shortened_is_counted_and_told_with_the_next_that_stops_short(): void
    {
        $plan = $this->plan(JobKind::DrivenPosts);
        $builder = (new SimulatedBuilder($plan))->until(fn (SiteState $site): bool => $site->footing->required($plan->grid->posts[1]) !== null);
        $this->assertSame([2, 0], [ShortenedPosts::in($builder->site())?->left(), count(ShortenedPosts::in($builder->site())->posts)]);
        foreach ([1, 2] as $i) {
            $post = $plan->grid->posts[$i];
            $builder->write(new HoleDug($post->id, Length::millimetres(900)));
            $move = [...DeepenShortHoles::moves($builder->site())][0] ?? $this->fail();
            $this->assertSame([DeepenShortHoles::DriveDeeper, $post->label], [$move->do->is, $move->posts[0]->label]);
            $this->assertSame($i === 2, str_contains(Told::why($move, $plan), 'One was shortened so far; the sheet lets 2 be.'));
            $this->assertStringContainsString('It went 900 mm into the ground and must go', Told::why($move, $plan));
            $builder->write(new Decision(DecisionAbout::AcceptShortHole, $post->id, 'a stone'));
        }
        $this->assertSame(0, ShortenedPosts::in($builder->site())?->left());
    }

    public function test_nothing_is_counted_where_no_sheet_says_how_many(): void
    {
        $this->assertNull(ShortenedPosts::in((new SimulatedBuilder($this->plan(JobKind::FenceLine)))->site()));
        $this->assertNull(ShortenedPosts::in((new SimulatedBuilder(Builds::plan()))->site()));
    }

    private function plan(JobKind $kind): Plan
    {
        $thing = Things::of($kind) ?? $this->fail();

        return $thing->make(Heard::usual(Notation::millimetres(0), ThingWords::sides($kind), $thing->asks()))->plan;
    }
}
