<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Guide\Guide;
use Aequus\Guide\Move\Scope;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Square\StakeMoved;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Terms\Side;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use Aequus\Square\Readings\Pair;
use Aequus\Square\SquareVerdict;
use App\Demo\BirdHide;
use App\Demo\DemoJob;
use App\Demo\DemoUser;
use App\Demo\LoadDemo;
use App\Demo\ParcelPost;
use App\Demo\ReadFrom;
use App\Demo\Shelter;
use App\Demo\SimulatedTape;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Builds;
use Tests\FeatureTestCase;
use Tests\Told;

final class DemoTest extends FeatureTestCase
{
    public static function seeds(): Generator
    {
        for ($seed = 1; $seed <= 20; $seed++) {
            yield "seed {$seed}" => [$seed * 7919];
        }
        yield 'the demo’s own seed' => [LoadDemo::SEED];
    }

    #[DataProvider('seeds')]
    public function test_whatever_the_noise_the_shelters_shallow_hole_is_named(int $seed): void
    {
        $site = $this->site(Shelter::job($seed, '2026-05-01'));
        $short = array_values(array_map(fn ($hole) => $hole->required->post->label, array_filter($site->footing->dug->all(), fn ($hole) => ! $hole->serves())));
        $this->assertSame([Shelter::SHALLOW], $short);
        $this->assertStringContainsString('Dig '.Shelter::SHALLOW.' deeper', Told::do(Guide::next($site, Scope::phase(Phase::Footing))));
        // About a foot of fall across.
        $this->assertEqualsWithDelta(300, $site->level->range()?->inMillimetres(), 60);
    }

    #[DataProvider('seeds')]
    public function test_whatever_the_noise_obeying_finds_the_wrong_tape_and_the_wrong_stake_and_proves_the_layout(int $seed): void
    {
        [$did, $site] = $this->obey(Shelter::job($seed, '2026-05-01'), new SimulatedTape($seed));
        [$from, $to] = Shelter::WRONG_TAPE;
        $this->assertNotEmpty(array_intersect(["Pull {$from}–{$to} again", "Pull {$to}–{$from} again"], $did), implode(' · ', $did));
        $this->assertSame(['Move stake '.Shelter::WRONG_STAKE], array_values(array_filter($did, fn (string $do) => str_starts_with($do, 'Move'))));
        // The noise itself may, once in a while, be rougher than its class; it is then said, and never blamed on a stake.
        $this->assertContains($site->square->verdict(), [SquareVerdict::Within, SquareVerdict::RougherThanClass]);
    }

    public function test_the_demos_own_seed_comes_to_its_end(): void
    {
        [, $site] = $this->obey(Shelter::job(LoadDemo::SEED, '2026-05-01'), new SimulatedTape(LoadDemo::SEED));
        $this->assertTrue($site->square->holds());
    }

    #[DataProvider('seeds')]
    public function test_whatever_the_noise_the_hides_leaning_and_short_posts_are_named(int $seed): void
    {
        $site = $this->site(BirdHide::job($seed, '2026-05-01'));
        $leaning = array_filter($site->plan->grid->posts, fn ($post) => ! $site->standing($post)->isWithin());
        $this->assertSame([BirdHide::LEANING], array_values(array_map(fn ($post) => $post->label, $leaning)));
        $lean = $site->standing($site->plan->grid->labelled(BirdHide::LEANING))->lean;
        $this->assertSame(Side::MinusX, $lean->pullAt($site->plan->standing)[0]->toward);
        $this->assertSame([BirdHide::SHORT], array_map(fn ($mark) => $mark->post->label, $site->cut->short()));
    }

    public function test_the_parcel_post_waits_for_its_hole(): void
    {
        $this->assertSame('Dig hole A1', Told::do(Guide::next($this->site(ParcelPost::job(LoadDemo::SEED, '2026-05-01')), Scope::job())));
    }

    public function test_the_demo_is_loaded_like_entered_work_and_lists_three_jobs_with_their_next_moves(): void
    {
        app(LoadDemo::class)();
        $this->actingAs(DemoUser::find());
        // On a busy machine a list shows some of its cards the next time.
        for ($times = 0; $times < 9 && str_contains((string) $this->get('/')->getContent(), 'is being worked out'); $times++);
        $this->get('/')->assertOk()
            ->assertSeeInOrder(
                ['Cider-press shelter', 'Pull ', 'Bird hide on the boardwalk', 'Pull the top of D2', 'Parcel post by the lane', 'Dig hole A1'],
            );
    }

    private function site(DemoJob $job): SiteState
    {
        return SiteState::derive($job->plan, ReadFrom::payloads($job->entries), '2026-06-01');
    }

    /** @return array{list<string>, SiteState} what the guide asked for in the Square phase, and where that led */
    private function obey(DemoJob $job, SimulatedTape $tape): array
    {
        $entries = ReadFrom::payloads($job->entries);
        $did = [];
        while (true) {
            $site = SiteState::derive($job->plan, $entries, '2026-06-01');
            $move = Guide::next($site, Scope::phase(Phase::Square));
            if ($move === null || $move->asks === EntryKind::Decision || count($did) > 60) {
                return [$did, $site];
            }
            $did[] = Told::do($move);
            $taped = str_ends_with(Told::do($move), ' again') ? $site->square->taken->find(new Pair($move->posts[0], $move->posts[1])) : null;
            $payload = $move->asks === EntryKind::StakeMoved
                ? new StakeMoved($move->posts[0]->id)
                : new TapeReading(
                    $move->posts[0]->id, $move->posts[1]->id, $tape->read($job->plan, $site->log, $move->posts[0], $move->posts[1], TapeClass::Steel),
                    TapeClass::Steel,
                );
            $entries[] = Builds::entry(
                $payload, count($entries) + 1, $taped === null ? null : array_key_last($taped->readings),
                '2026-05-02 08:00:00 UTC +'.count($entries).' minutes',
            );
        }
    }
}
