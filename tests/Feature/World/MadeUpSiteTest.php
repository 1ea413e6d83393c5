<?php

declare(strict_types=1);

namespace Tests\Feature\World;

use Aequus\Logbook\Kind\LevelPoint;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\LevelInstrument;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Square\StakeMoved;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Side;
use Aequus\Site\SiteState;
use Aequus\Square\Readings\Wanted;
use Aequus\Square\Readings\WantedReadings;
use App\World\MadeUpSite;
use App\World\StandIn;
use Tests\Builds;

/** A site that nobody has, read by instruments that nobody holds. */
final class MadeUpSiteTest extends StandInTestCase
{
    protected function seeded(int $seed): MadeUpSite
    {
        return new MadeUpSite($seed);
    }

    protected function answers(StandIn $one): mixed
    {
        $site = $this->site();
        $posts = $site->plan->grid->posts;
        assert($one instanceof MadeUpSite);

        return [
            array_map(fn (Wanted $wanted) => $one->reads($site, $wanted), WantedReadings::of($site->plan)), array_map(fn (Post $post) => $one->rod($site, $post, ''), $posts), $one->rod($site, null, '2'), $one->between($site, LevelPoint::benchmark(), LevelPoint::of($posts[1]->id), LevelInstrument::LineLevel, Length::millimetres(4000)),
            array_map(fn (Post $post) => $one->gap($site, $post, Side::MinusY), $posts), $one->depth($site, $posts[0]), $one->above($site, $posts[0]),
        ];
    }

    /** Over 40 seeds stakes stand off by the 12 mm that were meant, and one more post changes nothing of the others. */
    public function test_stakes_are_off_by_what_was_meant_each_by_itself(): void
    {
        $squares = $n = 0;
        foreach (range(1, 40) as $seed) {
            $site = $this->site();
            foreach (WantedReadings::of($site->plan) as $wanted) {
                $off = (new MadeUpSite($seed))->reads($site, $wanted)->minus($wanted->planned())->inMillimetres();
                [$squares, $n] = [$squares + $off ** 2, $n + 1];
            }
        }
        // A distance is off by one coordinate of each end, the tape’s own noise beside it is small.
        $this->assertEqualsWithDelta(12 * sqrt(2), sqrt($squares / $n), 1.5);
        $more = $this->site(Builds::plan([2400, 2400, 2400]));
        $of = fn (SiteState $site): Length => (new MadeUpSite)->reads($site, Wanted::tape($site->plan->grid->labelled('A1'), $site->plan->grid->labelled('B2')));
        $this->assertEquals($of($this->site()), $of($more));
    }

    public function test_a_stake_that_was_moved_stands_where_it_belongs_and_a_post_that_was_pulled_stands_plumb(): void
    {
        $plan = Builds::plan();
        $moved = $this->site($plan, ...array_map(fn (Post $post) => new StakeMoved($post->id), $plan->grid->posts));
        foreach (WantedReadings::of($plan) as $wanted) {
            $this->assertLessThan(8.0, (new MadeUpSite)->reads($moved, $wanted)->minus($wanted->planned())->magnitude()->inMillimetres());
        }
        $leans = fn (Payload ...$said) => array_map(fn (Post $post) => abs((new MadeUpSite)->gap($this->site($plan, ...$said), $post, Side::MinusY)->inMillimetres()), $plan->grid->posts);
        $read = array_map(fn (Post $post) => PlumbReading::gap($post->id, Side::MinusY, Side::MinusY, Length::millimetres(5), Length::millimetres(1200), Stage::HoleOpen), $plan->grid->posts);
        $this->assertGreaterThan(3.0, max($leans()));
        $this->assertLessThan(2.0, max($leans(...array_map(fn (Post $post) => new PostSet($post->id), $plan->grid->posts), ...$read)));
    }

    /** Stakes truly read some way off: a made-up reading beside them fits those, and contradicts nothing. */
    public function test_beside_true_readings_what_is_made_up_fits_them(): void
    {
        $plan = Builds::plan();
        $site = $this->site($plan, ...Builds::readings($plan, ['B2' => [60.0, 0.0]]));
        foreach (WantedReadings::of($plan) as $i => $wanted) {
            $true = Builds::readings($plan, ['B2' => [60.0, 0.0]])[$i]->distance ?? Length::zero();
            $this->assertEqualsWithDelta($true->inMillimetres(), (new MadeUpSite)->reads($site, $wanted)->inMillimetres(), 8.0, $wanted->key());
        }
    }

    private function site(?Plan $plan = null, Payload ...$said): SiteState
    {
        return SiteState::derive($plan ?? Builds::plan(), Builds::log(new BenchmarkChosen('sill', Length::zero()), ...$said)->entries, '2026-06-01');
    }
}
