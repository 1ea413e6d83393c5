<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\RodReading;
use Aequus\Measure\Length;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\HoleShape;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\Customs;
use Aequus\Plan\Holding\FootBed;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\Mixing;
use Aequus\Plan\Holding\PierRules;
use App\Actions\RevisePlan;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\JobTestCase;

/** The sheets of Footing on a 2 × 2 frame of 5400 by 3600 mm, whose ground falls 200 mm from A1 to B1 and B2. */
final class FootingTest extends JobTestCase
{
    #[TestWith(['compare'])]
    #[TestWith(['dig'])]
    public function test_before_rules_and_ground_a_sheet_says_what_is_missing(string $sheet): void
    {
        $this->sheet($sheet)->assertSee('Decide the rules of depth first');
        $this->decide();
        $this->sheet($sheet)->assertSee('Read the rod at the posts first');
    }

    public function test_ways_of_depth_stand_side_by_side_with_what_would_change_the_answer(): void
    {
        $this->ready();
        $this->sheet('compare', 'price_lengths=0')->assertSee('Cheapest: each to its own depth')->assertSee('all feet on one plane');
        $this->sheet('compare', 'price_lengths=500')->assertSee('Cheapest: all feet on one plane')->assertSee('Each different post length at')->assertSee('instead of 500.00');
        // 300 mm lower than the rules need: every hole on the plane grows by so much, and A1 is the longest.
        $this->sheet('compare', 'plane=-1500')->assertSeeText("1600\u{202F}mm A1");
        $this->sheet('compare', 'auger=1150')->assertSee('beyond the auger: A1');
        $this->sheet('compare', 'auger=800')->assertSee('No way stays within the auger');
    }

    public function test_what_a_way_to_hold_takes_is_told_in_the_units_of_the_job(): void
    {
        $this->ready();
        $this->sheet('hold')->assertSee(' l of concrete')->assertSee(
            '(10.6 l each until your label says otherwise)',
        )->assertSee('4 tubes')->assertDontSee('ft³');
        $this->decide(Length::zero());
        $this->sheet('hold')->assertSee(' l of concrete')->assertDontSee(' 0 l of concrete');
    }

    #[TestWith(['sold_by=0', 'a length above zero'])]
    #[TestWith(['price_post=cheap', 'between 0 and'])]
    #[TestWith(['auger=long', '“long”'])]
    #[TestWith(['plane=-500', 'needs its foot lower'])]
    public function test_what_cannot_be_weighed_is_said_at_its_field_and_kept(string $query, string $sentence): void
    {
        $this->ready();
        $this->sheet('compare', $query)->assertSee($sentence, false)->assertSee('This can’t be worked out yet')->assertSee(
            'value="'.explode('=', $query)[1].'"', false,
        );
    }

    public function test_a_plane_is_tried_on_the_section_and_taken(): void
    {
        $this->ready();
        // The highest plane the rules allow stands at −1200, below B1; the next levels lie 10 deeper each.
        $page = $this->sheet('compare')->assertSee('role="slider"', false);
        preg_match('/data-plane="([^"]+)"/', (string) $page->getContent(), $found);
        $levels = json_decode(html_entity_decode($found[1]), true);
        $this->assertCount(61, $levels);
        $this->assertLessThan($levels[1][1], $levels[0][1], 'deeper lies lower on the drawing');
        $way = fn (array $fields) => $this->post(
            "/jobs/{$this->job->id}/footing/way", $fields + ['based_on' => $this->job->fresh()->revision->number],
        );
        $way(['mode' => 'common_plane', 'plane' => $levels[5][0]])->assertRedirect("/jobs/{$this->job->id}/footing/dig");
        $rules = $this->job->fresh()->revision->plan()->footing;
        $this->assertSame([DepthMode::CommonPlane, -1250.0], [$rules?->mode, $rules?->askedPlane?->inMillimetres()]);
        $this->sheet('dig')->assertSee('the plane asked for');
        $way(['mode' => 'own', 'plane' => ''])->assertSessionHasNoErrors();
        $this->assertNull($this->job->fresh()->revision->plan()->footing?->askedPlane);
        $way(['mode' => 'sideways'])->assertSessionHasErrors('mode');
    }

    public function test_every_load_is_worked_through_to_its_pad(): void
    {
        $this->ready();
        // A quarter of 5.4 by 3.6 m is 4.86 m²; at 2.4 kN/m² on clay of 71.8: 0.16 m², a round of 455 mm.
        $page = $this->sheet(
            'loads', 'dead=0,5&live=1&snow=1.9&soil=clay',
        )->assertSee('4.86 m²')->assertSee('11.7 kN')->assertSee('0.16 m²')->assertDontSee(' lb');
        $page->assertSeeText("455\u{202F}mm")->assertSee('The hole is too narrow for its load')->assertSee('Not checked here: spans');
        // A roof of 0.7 and 1.2 over it: 4.86 × 4.4.
        $this->sheet('loads', 'dead=0.5&live=2&roof_dead=0.7&roof_snow=1.2')->assertSee('21.4 kN')->assertSee('and the roof over it 0.70 kN/m²');
        $this->sheet('loads', 'dead=0.5&live=1&snow=1.9&soil=bedrock')->assertSee('The pads carry what stands on them');
        $this->sheet('loads', 'dead=0&live=0')->assertSee('Nothing rests on these posts');
        $this->sheet('loads', 'push=20000&soil=clay')->assertSee(
            'where the formula ends: that is for an engineer',
        )->assertSee('engineer</span>', false);
        $this->sheet('loads', 'push=0.5&held=1')->assertSee('held at the ground');
        $this->sheet('loads', 'dead=heavy')->assertSee('This can’t be worked out yet')->assertDontSee('The pads carry')->assertSee('value="heavy"', false);
        $this->sheet('loads', 'suction=60')->assertSee('uplift left')->assertDontSee('none</td>', false);
    }

    public function test_no_load_is_called_carried_where_nothing_or_only_a_block_spreads_it(): void
    {
        $this->ready();
        $bedded = function (Hold $hold, FootBed $bed): TestResponse {
            $job = $this->job->fresh() ?? $this->job;
            $holding = new Holding($hold, new HoldingSite(Soil::Sand), PierRules::usual($job->revision->plan()->notation), Length::millimetres(300), customs: new Customs(foot: $bed));
            app(RevisePlan::class)($job, $this->user, $job->revision->plan()->withHolding($holding), 'Held', $job->revision->number);

            return $this->sheet('loads', 'dead=0.5&live=1&snow=1.9&soil=bedrock');
        };
        $bedded(Hold::Earth, FootBed::Usual)->assertSee('Each block must be as wide as its load needs')->assertSee('a block so wide')->assertDontSee('The pads carry');
        $bedded(Hold::Earth, FootBed::Pad)->assertSee('The pads carry what stands on them')->assertSee('fits the hole');
        foreach ([FootBed::Sump, FootBed::BareSoil] as $bed) {
            $bedded(Hold::Concrete, $bed)->assertSee('Nothing under the posts spreads this load')->assertSee('no pad under it')->assertDontSee('fits the hole');
        }
        $bedded(Hold::Driven, FootBed::Usual)->assertSee('What driven posts carry is not judged here')->assertDontSee('fits the hole');
        $bedded(Hold::Pier, FootBed::Block)->assertSee('The pads carry what stands on them');
    }

    public function test_bags_are_counted_by_hole_and_the_hole_is_named_at_which_they_run_out(): void
    {
        $this->ready();
        // Each hole: (π/4 · 0.4² · 1.0 − 0.14² · 0.9) m³ and a tenth more, in bags of 25 kg that yield 11.7 l.
        $bags = (int) ceil((M_PI / 4 * 0.16 - 0.14 ** 2 * 0.9) * 1.1 / 0.0117);
        $this->sheet('bill')->assertSee((4 * $bags).' bags of 25 kg for 4 holes')->assertSee('All as planned');
        $say = fn (array $fields) => $this->post("/jobs/{$this->job->id}/footing/bill", $fields + [
            'form' => 'bill', 'based_on' => $this->job->fresh()->revision->number, 'price_bag' => '', 'pack_bag' => '1', 'waste_bag' => '10', 'site_bag' => '', 'bag_mass' => '',
        ]);
        $say(['site_bag' => (string) (2 * $bags)])->assertSessionHasNoErrors();
        $this->sheet('bill')->assertSee('Bags on site run out at hole B2')->assertSee((2 * $bags).' are missing before the first is opened');
        $this->sheet('bill', 'water=plenty')->assertSee('This can’t be worked out yet')->assertSee('value="plenty"', false);
        $say(['site_bag' => '100'])->assertSessionHasNoErrors();
        $this->sheet('bill', 'hold=collar')->assertSee('The bags on site last')->assertSee('Earth tamped back')->assertSeeTextInOrder(['Pads to pour first', '4'])
            ->assertSee('as if all posts were held so');
        $this->sheet('bill', 'hold=earth')->assertSee('No cement for 4 holes')->assertDontSee('Or by truck')->assertDontSee('left over');
        $this->sheet('bill', 'water=3')->assertSee((4 * $bags * 3).' l to carry')->assertDontSee('as if all posts were held so');
        // 0.432 m³ and a tenth more in lots of a quarter.
        $this->sheet('bill')->assertSee('2 lots of');
        // A lighter bag yields less, on the bill as in the holes.
        $light = (int) ceil((M_PI / 4 * 0.16 - 0.14 ** 2 * 0.9) * 1.1 / (0.0117 * 15 / 25));
        $say(['bag_mass' => '15'])->assertSessionHasNoErrors();
        $this->sheet('bill')->assertSee((4 * $light).' bags of 15 kg for 4 holes')->assertSee('name="bag_mass" type="text" value="15"', false)
            ->assertSeeTextInOrder(['Bag of dry mix', (string) (int) ceil(4 * (M_PI / 4 * 0.16 - 0.14 ** 2 * 0.9) * 1.1 / (0.0117 * 15 / 25))]);
        foreach (['0.5', '121', 'heavy'] as $nonsense) {
            $say(['bag_mass' => $nonsense])->assertSessionHasErrors('bag_mass');
        }
        $say([])->assertSessionHasNoErrors();
        // A1 came out 100 short: gravel thins by 50, the foot rises by 50, and so much less concrete stands above it.
        $this->write($this->job, $this->user, new HoleDug($this->id('A1'), Length::millimetres(1000)));
        $short = (int) ceil((M_PI / 4 * 0.16 * 0.95 - 0.14 ** 2 * 0.85) * 1.1 / 0.0117);
        $this->assertLessThan($bags, $short);
        $this->sheet('bill')->assertSee('1 of 4 as dug')->assertSee((3 * $bags + $short).' bags of 25 kg');
    }

    public function test_the_dig_list_leads_from_hole_to_hole(): void
    {
        $this->ready();
        $this->sheet('dig')->assertSeeInOrder(
            ['Hole at hand', 'A1', 'from today’s ground'],
        )->assertSee('Marks on the auger')->assertSeeText('A1, B1, B2, A2');
        $this->from("/jobs/{$this->job->id}/footing/dig")->post(
            "/jobs/{$this->job->id}/entries/hole", $this->form(['form' => 'hole', 'post' => 'A1', 'depth' => '1100']),
        )->assertRedirect("/jobs/{$this->job->id}/footing/dig");
        $this->sheet('dig')->assertSee('B1 came out at');
        $this->sheet('dig', 'hole=A2')->assertSee('A2 came out at');
        foreach (['B1', 'B2', 'A2'] as $label) {
            $this->write($this->job, $this->user, new HoleDug($this->id($label), Length::millimetres(1100)));
        }
        $this->sheet('dig')->assertSee('All 4 holes are dug');
    }

    public function test_a_hole_that_rock_stops_opens_its_options_and_a_corner_is_not_shortened(): void
    {
        $this->ready();
        $hole = fn (array $fields) => $this->post("/jobs/{$this->job->id}/entries/hole", $this->form(['form' => 'hole'] + $fields));
        $hole(['post' => 'A1', 'depth' => '700', 'width' => '460', 'found' => 'rock'])->assertSessionHasNoErrors();
        $this->sheet('dig')->assertSee('A1: what can be done')->assertSee('Break the rock and dig on')->assertSee('Never at a corner')->assertSee('short, met rock');
        $this->get("/jobs/{$this->job->id}/footing")->assertSee('A1: what can be done');
        $this->get("/jobs/{$this->job->id}/logbook")->assertSeeText("460\u{202F}mm wide, met rock");
        $decide = fn (string $about) => $this->post(
            "/jobs/{$this->job->id}/entries/decision", $this->form(['about' => $about, 'post' => 'A1', 'reason' => 'the ledge']),
        );
        $this->assertStringContainsString(
            'A corner is never shortened',
            (string) $decide('accept_short_hole')->assertSessionHasErrors('reason')->getSession()?->get('errors')->first('reason'),
        );
        $decide('as_engineer_says')->assertSessionHasNoErrors();
        $this->sheet('dig')->assertDontSee('what can be done');
        $hole(['post' => 'B1', 'depth' => '1100', 'found' => 'water'])->assertSessionHasNoErrors();
        $this->sheet('dig')->assertSee('B1: what can be done')->assertSee('Pump it dry')->assertSee('B1 beside it met water')->assertSee('look out');
    }

    public function test_piers_end_level_and_what_cannot_be_built_is_said_at_its_field(): void
    {
        $this->sheet('piers')->assertSee('Decide the rules of depth first');
        $this->ready();
        // Ground at A1 −100 and at B1 −300, gravel up to 1000 below it; tops 150 above the highest ground: tubes of 1150 and 1350.
        $page = $this->sheet('piers')->assertSeeText("All tubes end level, 50\u{202F}mm above zero");
        $page->assertSeeTextInOrder(['A1', "1150\u{202F}mm", "150\u{202F}mm", 'B1', "1350\u{202F}mm", "350\u{202F}mm"]);
        // (300 − 120 √2) / 2 − 60 of room for the anchor.
        $page->assertSeeText('up to '.round((300 - 120 * M_SQRT2) / 2 - 60)."\u{202F}mm off the middle");
        // 9.81 · π/4 · 0.3² · 0.4
        $this->sheet('piers', 'water=400')->assertSee(number_format(9.81 * M_PI / 4 * 0.09 * 0.4, 2).' kN');
        foreach ([
            'tube=200' => 'too narrow for its base', 'top=-250' => 'At A1 the ground is higher', 'top=9m' => 'above the top of the post',
            'top=up' => '“up”',
        ] as $query => $sentence) {
            $this->sheet('piers', $query)->assertSee('This can’t be worked out yet')->assertSee($sentence, false);
        }
    }

    public function test_tubes_come_out_of_the_lengths_they_are_sold_in_and_the_choice_goes_into_the_holes_and_the_bill(): void
    {
        $this->ready();
        $this->post("/jobs/{$this->job->id}/footing/hold", [
            'form' => 'hold', 'based_on' => $this->job->fresh()->revision->number, 'soil' => 'sand', 'wood' => '1', 'no_brace' => '1', 'of_job' => 'pier',
        ])->assertSessionHasNoErrors();
        // Tubes of 1150 and 1350, two of each: both pairs come out of 3000, or each out of one of 1500.
        $page = $this->sheet('piers', 'sold=1500:17;3000:31')->assertSeeTextInOrder(['Tubes to buy', 'cut to height', "2 × 3000\u{202F}mm", '62.00', "1100\u{202F}mm"]);
        $page->assertSeeTextInOrder(['as long as sold, holes deeper', "4 × 1500\u{202F}mm", '68.00', "1450\u{202F}mm", 'What stands of each', 'left over', "3000\u{202F}mm"]);
        $this->sheet('piers', 'sold=1200:14')->assertSee('longer than every length that is sold');
        $this->sheet('piers', 'sold=1200:dear')->assertSee('“1200:dear” is no stock length with its price');
        $this->sheet('piers', 'tubes_are=whole')->assertSee('Type the lengths that tubes are sold in');
        $decide = fn (array $fields) => $this->post("/jobs/{$this->job->id}/footing/piers", ['based_on' => $this->job->fresh()->revision->number] + $fields)->assertSessionHasNoErrors();
        $decide(['sold' => '1500:17; 3000:31', 'tubes_are' => 'whole']);
        $this->assertTrue($this->job->fresh()->revision->plan()->holding?->pier->standWhole);
        $this->get("/jobs/{$this->job->id}/footing")->assertSeeText("1450\u{202F}mm")->assertSee('its tube stands as long as it is sold');
        $this->sheet('bill')->assertSeeTextInOrder(["Form tube 1500\u{202F}mm long", '4', '68.00']);
        $this->sheet('piers')->assertSee('1500 mm : 17.00; 3000 mm : 31.00')->assertSeeTextInOrder(['Tubes to buy', 'as long as sold', '68.00', 'cut to height', '62.00']);
        $decide(['tubes_are' => 'cut']);
        $this->sheet('bill')->assertSeeTextInOrder(["Form tube 3000\u{202F}mm long", '2', '62.00']);
        // Whoever has them cut where they are bought takes it back.
        $decide(['tubes_are' => 'by_length']);
        $this->assertSame([], $this->job->fresh()->revision->plan()->holding?->pier->stocks);
        $this->sheet('bill')->assertDontSeeText('Form tube 3000')->assertSeeText('Form tube');
    }

    public function test_frost_may_be_looked_up_or_estimated_and_nothing_is_put_in_force(): void
    {
        $this->sheet('frost')->assertSee('No frost depth is in force yet');
        $this->sheet('frost', 'place=Cold+Ladle')->assertSee('made up')->assertSeeText("Cold Ladle: 1524\u{202F}mm");
        $metres = sqrt(2 * 1.9 * 0.9 * 500 * 86400 / (334000 * 1600 * 0.15));
        $this->sheet('frost', 'index=500')->assertSeeText('Estimated: '.round(1000 * $metres)."\u{202F}mm");
        $this->sheet('frost', 'index=cold')->assertSee('This lies between 1 and 10000');
        $this->assertSame(1, $this->job->revisions()->count());
    }

    public function test_ways_to_hold_a_post_are_ranked_for_the_site_and_say_what_they_take(): void
    {
        $this->sheet('hold', 'soil=sand&wood=1&no_brace=1')->assertSee('Best here: post in concrete')->assertDontSee('This job’s holes would take');
        $this->sheet(
            'hold', 'soil=sand&wood=1&no_brace=1&repair=1',
        )->assertSee('Best here: pad, crushed gravel tamped')->assertSee('dug out and used again');
        $this->sheet(
            'hold',
            'soil=sand&roof=1&'.implode('&', array_map(fn (string $one) => "ban_{$one}=1", ['concrete', 'collar', 'earth', 'gravel', 'pier'])),
        )->assertSee('None of these is possible here');
        $this->ready();
        // Foam goes round the post above its pad, hole by hole: 0.095 m³ each in packs of 0.375 ft³.
        $packs = 4 * (int) ceil((M_PI / 4 * 0.16 - 0.14 ** 2) * 0.9 / (0.375 * 0.028316846592));
        $this->sheet('hold')->assertSee("{$packs} packs of foam")->assertSee(' l of concrete');
    }

    public function test_the_way_chosen_is_kept_for_the_job_and_for_single_posts_and_the_sheets_follow_it(): void
    {
        $this->ready();
        $decide = fn (array $fields) => $this->post(
            "/jobs/{$this->job->id}/footing/hold",
            $fields + ['form' => 'hold', 'based_on' => $this->job->fresh()->revision->number, 'soil' => 'sand', 'wood' => '1', 'no_brace' => '1'],
        );
        $decide(['of_job' => 'gravel', 'posts_pier' => 'B1', 'customs' => ['mixing' => 'dry_in_the_hole']])->assertSessionHasNoErrors();
        $holding = $this->job->fresh()->revision->plan()->holding;
        $this->assertSame(
            [Hold::Gravel, Hold::Pier, Mixing::DryInTheHole, Soil::Sand],
            [$holding?->ofJob, $holding?->holdOf($this->id('B1')), $holding?->customs->mixing, $holding?->site->soil],
        );
        $this->sheet('bill')->assertSeeText('pad, crushed gravel tamped; pier with a metal base')->assertSeeTextInOrder(['Form tube', 'the grid']);
        $this->sheet('hold')->assertSee('Decided: pad, crushed gravel tamped, other ways for 1')->assertSee('value="B1"', false);
        $this->get("/jobs/{$this->job->id}/footing?along=row-1")->assertSee('is-gravel', false)->assertSee('is-pier', false);
        $this->post(
            "/jobs/{$this->job->id}/footing/piers", ['based_on' => $this->job->fresh()->revision->number, 'tube' => '350'],
        )->assertSessionHasNoErrors();
        $this->assertEquals(Length::millimetres(350), $this->job->fresh()->revision->plan()->holding?->pier->tube);
        $this->sheet('loads')->assertSee('value="sand" selected', false);
        foreach ([['of_job' => 'foam', 'roof' => '1'], ['of_job' => 'earth', 'ban_earth' => '1']] as $impossible) {
            $decide($impossible)->assertSessionHasErrors('of_job');
        }
        $decide(['of_job' => 'gravel', 'posts_pier' => 'B1', 'posts_earth' => 'B1'])->assertSessionHasErrors('posts_pier');
        $decide(['of_job' => 'gravel', 'posts_pier' => 'Z9'])->assertSessionHasErrors('posts_pier');
        $decide(['of_job' => 'collar', 'collar' => '0'])->assertSessionHasErrors('collar');
        foreach (['-40', 'warm', '11'] as $nonsense) {
            $decide(['of_job' => 'concrete', 'cure_datum' => $nonsense])->assertSessionHasErrors('cure_datum');
        }
    }

    public function test_holes_that_are_deep_enough_by_a_decision_only_say_so_on_depths_and_dig_list(): void
    {
        $this->ready();
        $decide = fn (array $fields) => $this->post("/jobs/{$this->job->id}/entries/decision", $this->form($fields + ['form' => 'waive', 'reason' => 'a play house']));
        $decide(['about' => 'waive_frost', 'lesser' => '300'])->assertSessionHasErrors('lesser');
        $decide(['about' => 'waive_frost'])->assertSessionHasNoErrors();
        $decide(['about' => 'waive_embedment', 'lesser' => '300'])->assertSessionHasNoErrors();
        foreach ($this->job->revision->plan()->grid->posts as $post) {
            $this->post("/jobs/{$this->job->id}/entries/hole", $this->form(['form' => 'hole', 'post' => $post->label, 'depth' => '560', 'sure' => '1']))
                ->assertSessionHasNoErrors();
        }
        foreach (['footing' => 'all deep enough', 'footing/dig' => 'holes are dug'] as $page => $allClear) {
            $this->get("/jobs/{$this->job->id}/{$page}")->assertSeeText($allClear)->assertSeeText('By decision: Leave the frost line aside: a play house.')
                ->assertSeeText("By decision: Leave the least embedment aside, 300\u{202F}mm all the same: a play house.");
        }
    }

    public function test_a_cure_counted_from_another_temperature_is_kept_with_the_plan_and_told_where_braces_wait(): void
    {
        $this->ready();
        $decide = fn (string $datum) => $this->post("/jobs/{$this->job->id}/footing/hold", [
            'form' => 'hold', 'based_on' => $this->job->fresh()->revision->number, 'soil' => 'sand', 'of_job' => 'concrete', 'cure_datum' => $datum,
        ])->assertSessionHasNoErrors();
        $decide('14 F');
        $this->assertEqualsWithDelta(-10.0, $this->job->fresh()->revision->plan()->holding?->customs->cureDatum->celsius, 1e-9);
        $this->sheet('hold')->assertSee('value="−10 °C"', false);
        foreach (['hole' => ['depth' => '1100'], 'filled' => ['step' => 'done', 'celsius' => '40 F', 'sure' => '1']] as $kind => $said) {
            $this->post("/jobs/{$this->job->id}/entries/{$kind}", $this->form(['form' => $kind, 'post' => 'A1'] + $said))->assertSessionHasNoErrors();
        }
        // A day at 20 °C is 720 degree hours above −10 °C; at 4.4 °C that takes 49.8.
        $this->get("/jobs/{$this->job->id}/set/A1")->assertSeeText('time × degrees above −10 °C is the same')
            ->assertSeeText('on for about 50 hours more; colder than 5 °C')->assertSeeText('its cure counted from −10 °C as typed');
        $decide('−10 °C');
        $this->assertSame(-10.0, $this->job->fresh()->revision->plan()->holding?->customs->cureDatum->celsius, 'what the form shows it reads');
        $decide('');
        $this->assertFalse($this->job->fresh()->revision->plan()->holding?->customs->cureDatum->isTyped());
    }

    public function test_soil_other_than_assumed_opens_the_way_of_holding_again_until_it_is_decided(): void
    {
        $this->ready();
        $this->post(
            "/jobs/{$this->job->id}/footing/hold",
            ['form' => 'hold', 'based_on' => $this->job->fresh()->revision->number, 'of_job' => 'concrete', 'soil' => 'gravel', 'no_brace' => '1'],
        )->assertSessionHasNoErrors();
        $hole = fn (array $fields) => $this->post(
            "/jobs/{$this->job->id}/entries/hole", $this->form(['form' => 'hole', 'post' => 'A1', 'depth' => '1100'] + $fields),
        );
        $hole(['soil' => 'clay', 'layers' => 'gravel to 400; sand 800'])->assertSessionHasNoErrors();
        $this->get("/jobs/{$this->job->id}/footing")->assertSee('A1: clay instead of gravel')->assertSee('Bell the foot out to')->assertSeeText("566\u{202F}mm");
        $this->get("/jobs/{$this->job->id}/logbook")->assertSeeText("gravel to 400\u{202F}mm, sand to 800\u{202F}mm, clay to 1100\u{202F}mm");
        $this->post(
            "/jobs/{$this->job->id}/entries/decision", $this->form(['about' => 'keep_holding', 'post' => 'A1', 'reason' => 'it carries a fence']),
        )->assertSessionHasNoErrors();
        $this->get("/jobs/{$this->job->id}/footing")->assertDontSee('A1: clay instead of gravel');
        foreach (['mud 300' => 'is not a layer', 'clay 1200' => 'Layers go down', 'clay deep' => '“deep”'] as $layers => $sentence) {
            $this->assertStringContainsString(
                $sentence, (string) $hole(['layers' => $layers])->assertSessionHasErrors('layers')->getSession()?->get('errors')->first('layers'),
            );
        }
    }

    public function test_a_shape_of_hole_is_weighed_and_put_in_force(): void
    {
        $this->ready();
        // A post of 140 square is 198 across; 50 of cover and 25 of slack on both sides.
        $this->sheet('width', 'cover=50&slack=25')->assertSeeText("348\u{202F}mm")->assertSee('The holes planned are wide enough');
        $this->sheet('width', 'load=27&soil=clay')->assertSee('The holes planned are too narrow');
        $this->sheet('width', 'cover=50&slack=25&augers=300; 360; 450')->assertSeeText("Of the augers at hand 360\u{202F}mm digs it as it is");
        $this->sheet('width', 'augers=wide')->assertSee('This can’t be worked out yet')->assertSee('“wide”');
        $shape = fn (array $fields) => $this->post(
            "/jobs/{$this->job->id}/footing/width", $fields + ['form' => 'shape', 'based_on' => $this->job->fresh()->revision->number],
        );
        $shape(['shape' => 'bell', 'width' => '300', 'bell_width' => '600', 'bell_height' => '300'])->assertSessionHasNoErrors();
        $this->assertEquals(
            HoleShape::bell(Length::millimetres(300), Length::millimetres(600), Length::millimetres(300)),
            $this->job->fresh()->revision->plan()->hole,
        );
        $shape(['shape' => 'bell', 'width' => '300', 'bell_width' => '200', 'bell_height' => '300'])->assertSessionHasErrors('bell_width');
        $shape(['shape' => 'square', 'width' => '130'])->assertSessionHasErrors('width');
        $shape(['shape' => 'square', 'width' => '300'])->assertSessionHasNoErrors();
        $this->sheet('width')->assertSee('Planned: square');
    }

    public function test_roles_go_deeper_and_a_rule_is_left_aside_with_a_reason(): void
    {
        $this->ready();
        $rules = fn (array $more) => $this->post("/jobs/{$this->job->id}/footing/rules", $more + [
            'form' => 'rules', 'based_on' => $this->job->fresh()->revision->number, 'frost' => '900', 'margin' => '100', 'embedment_by' => 'length', 'embedment' => '600',
            'pad' => '100', 'gravel' => '100', 'least_gravel' => '50', 'mode' => 'own',
        ]);
        $rules(['for_role' => '500', 'maker' => '1050', 'posts_anchor' => 'B1'])->assertSessionHasNoErrors();
        $this->get("/jobs/{$this->job->id}/footing")->assertSee('deeper for its role')->assertSee('Maker’s minimum')->assertSee('is a corner post');
        $rules(['posts_anchor' => 'B1', 'posts_gate' => 'B1'])->assertSessionHasErrors('posts_anchor');
        $rules(['maker' => '-5'])->assertSessionHasErrors();
        $rules([])->assertSessionHasNoErrors();
        $this->post(
            "/jobs/{$this->job->id}/entries/decision",
            $this->form(['about' => 'waive_frost', 'post' => '', 'reason' => 'a play fort; heave does no harm']),
        )->assertSessionHasNoErrors();
        $this->get("/jobs/{$this->job->id}/footing")->assertSee('left aside with a reason')->assertSee('least embedment below finished grade');
    }

    /** @param  array<string, string>  $wrong */
    #[TestWith([['width' => '0'], 'width', 'above zero'])]
    #[TestWith([['width' => '150'], 'width', 'would not go in'])]
    #[TestWith([['found' => 'gold'], 'found', 'Choose one'])]
    #[TestWith([['depth' => ''], 'depth', 'Nothing was typed'])]
    public function test_a_hole_that_cannot_be_is_refused_at_its_field(array $wrong, string $field, string $sentence): void
    {
        $this->ready();
        $answer = $this->post(
            "/jobs/{$this->job->id}/entries/hole",
            $this->form($wrong + ['form' => 'hole', 'post' => 'A1', 'depth' => '1100', 'width' => '', 'found' => '']),
        )->assertSessionHasErrors($field);
        $this->assertStringContainsString($sentence, (string) $answer->getSession()?->get('errors')->first($field));
    }

    private function sheet(string $name, string $query = ''): TestResponse
    {
        return $this->get("/jobs/{$this->job->id}/footing/{$name}?{$query}")->assertOk();
    }

    private function ready(): void
    {
        $this->decide();
        $this->write($this->job, $this->user, new BenchmarkChosen('sill', Length::zero()), new RodReading(null, Length::millimetres(1500)), ...array_map(
            fn (string $label) => new RodReading($this->id($label), Length::millimetres($label[0] === 'A' ? 1600 : 1800)), ['A1', 'B1', 'B2', 'A2'],
        ));
    }

    private function decide(?Length $pad = null): void
    {
        $plan = $this->job->fresh()->revision->plan();
        app(RevisePlan::class)($this->job->fresh(), $this->user, $plan->withFooting(new FootingRules(
            Length::millimetres(900), Length::millimetres(100), LeastEmbedment::length(Length::millimetres(600)),
            $pad ?? Length::millimetres(100), Length::millimetres(100), Length::millimetres(50), DepthMode::Own,
        )), 'Footing rules', $this->job->fresh()->revision->number);
    }

    private function id(string $label): \Aequus\Plan\Posts\PostId
    {
        return $this->job->revision->plan()->grid->labelled($label)->id;
    }
}
