<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Set\LeanWay;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PostSet;
use Aequus\Measure\Length;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Posts\Section;
use App\Actions\RevisePlan;
use App\Paper\RecordSheet;
use App\Site\ReadSite;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Builds;
use Tests\JobTestCase;

/** A 2 × 2 frame of 5400 by 3600 mm on flat ground, squared and dug. */
final class SetTest extends JobTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $plan = $this->job->revision->plan();
        app(RevisePlan::class)($this->job, $this->user, $plan->withFooting(new FootingRules(
            Length::millimetres(900), Length::millimetres(100), LeastEmbedment::length(Length::millimetres(600)), Length::millimetres(100), Length::millimetres(100), Length::millimetres(50), DepthMode::Own,
        )), 'Footing rules', 1);
        $this->job = $this->job->fresh() ?? $this->job;
        $labels = ['A1', 'B1', 'B2', 'A2'];
        $this->write(
            $this->job, $this->user, new NoticeAsked('2026-05-04', 3, ''), ...Builds::readings($plan), ...[
                new BenchmarkChosen('sill', Length::zero()), new RodReading(null, Length::millimetres(1500)),
            ],
            ...array_map(
                fn (string $label) => new RodReading($this->id($label), Length::millimetres(1500)), $labels,
            ), ...array_map(fn (string $label) => new HoleDug($this->id($label), Length::millimetres(1100)), $labels),
        );
    }

    public function test_what_was_refused_stands_open_with_its_reason(): void
    {
        $this->send('post_set', ['post' => 'A1']);
        $page = "/jobs/{$this->job->id}/set/A1";
        foreach (['twist' => ['gap' => 'wide', 'over' => '140'], 'remark' => ['text' => '']] as $kind => $typed) {
            $open = fn (string $html): int => preg_match_all('~<details class="change"[^>]*\bopen\b[^>]*>(?:(?!</details>).)*name="form"\s+value="'.$kind.'"~s', $html) ?: 0;
            $this->assertSame(0, $open((string) $this->get($page)->getContent()), $kind);
            $back = $this->from($page)->followingRedirects()->post("/jobs/{$this->job->id}/entries/{$kind}", ['post' => 'A1', 'form' => $kind, 'client_id' => (string) Str::ulid(), ...$typed]);
            $this->assertSame(1, $open((string) $back->getContent()), $kind);
        }
    }

    public function test_a_post_s_page_leads_from_the_hole_to_the_braces(): void
    {
        $this->post1()->assertSee('Next move at A1')->assertSee('Set post A1')->assertSee('A1 stands, braced two ways')->assertSeeText("1100\u{202F}mm of 1100\u{202F}mm");
        $this->send('post_set', ['post' => 'A1']);
        $this->post1()->assertSee('Hold the level on the lane face')->assertSee('Not ready to fill')->assertSee('plumb on two faces: missing');
        $this->plumb('A1');
        $this->post1()->assertDontSee('Before the pour: inspected');
        foreach (['B1', 'B2', 'A2'] as $label) {
            $this->send('post_set', ['post' => $label]);
            $this->plumb($label);
        }
        $this->post1()->assertSee('Before the pour: inspected')->assertSee('Seen to, all posts');
        foreach (['inspected', 'foot', 'mix', 'weather'] as $item) {
            $this->send('ready', ['item' => $item, 'post' => '']);
        }
        $this->send('ready', ['item' => 'covered', 'post' => 'A1']);
        $this->post1()->assertSee('Measure once more, another way')->assertSee('racked');
        $this->send('cross_checked', ['before' => 'pour', 'route' => 'long_diagonal', 'off' => '2']);
        $this->post1()->assertSee('Fill A1')->assertSee('Ready to fill')->assertSeeText(
            'Concrete from the gravel to the ground',
        )->assertSee('Rod out the air')->assertSee('within 60 min');
        $this->travelTo('2026-06-01 09:30:00');
        $this->send('filled', ['post' => 'A1', 'step' => 'started', 'celsius' => '35']);
        $this->travelTo('2026-06-01 09:42:00');
        $this->post1()->assertSee('begun, not full')->assertSeeTextInOrder(['12 min', 'since the fill began', 'while it is workable', 'by 10:04']);
        $this->send('filled', ['post' => 'A1', 'step' => 'done', 'bags' => '9', 'celsius' => '5']);
        $this->post1()->assertSee('filled, 9 bags, at 5 °C')->assertSee('on for about 96 hours more')->assertSee('It was filled since it was last read');
        $this->send('filled', ['post' => 'A1', 'step' => 'still_wet']);
        $this->post1()->assertSee('the surface is still wet, whatever the label says');
    }

    public function test_the_job_says_which_holes_are_ready_and_what_is_missing_at_which(): void
    {
        $page = fn () => $this->get("/jobs/{$this->job->id}/set")->assertOk();
        $page()->assertSee('No post is ready to fill')->assertSee('4 holes wait')->assertSeeTextInOrder(
            ['Set and braced two ways', 'at all of them'],
        );
        $this->write($this->job, $this->user, new PostSet($this->id('A1')));
        $this->plumb('A1');
        $page()->assertSeeTextInOrder(['Set and braced two ways', 'B1, B2, A2']);
        foreach (['inspected', 'foot', 'mix', 'weather', 'covered'] as $item) {
            $this->send('ready', ['item' => $item, 'post' => '']);
        }
        $this->send('cross_checked', ['before' => 'pour', 'route' => 'other_tape', 'off' => '0']);
        $page()->assertSee('No post is ready to fill')->assertSeeTextInOrder(['All posts stand plumb', 'at all of them']);
        foreach (['B1', 'B2', 'A2'] as $label) {
            $this->write($this->job, $this->user, new PostSet($this->id($label)));
            $this->plumb($label);
        }
        $page()->assertSee('Ready to fill: A1, B1, B2, A2');
    }

    public function test_the_bags_of_a_fill_are_those_of_the_fill_and_not_of_the_pad_poured_before(): void
    {
        $plan = $this->job->revision->plan();
        $mm = Length::millimetres(...);
        $collar = new Holding(Hold::Collar, new HoldingSite(Soil::Sand), PierRules::usual($plan->notation), $mm(300));
        app(RevisePlan::class)($this->job, $this->user, $plan->withHolding($collar), 'A collar', $this->job->revision->number);
        $this->job = $this->job->fresh() ?? $this->job;
        // 300 of a hole of 400 less the post, a tenth more, in bags of 25 kg that yield 11.7 l; the pad of 100 would be another.
        $post = $plan->post->area();
        $bags = (int) ceil((M_PI / 4 * 400 ** 2 - $post) * 300 * 1.1 / 11.7e6);
        $withThePad = (int) ceil(((M_PI / 4 * 400 ** 2 - $post) * 300 + M_PI / 4 * 400 ** 2 * 100) * 1.1 / 11.7e6);
        $this->assertLessThan($withThePad, $bags);
        $this->post1()->assertSeeTextInOrder(['Lift 1 of', 'Pour the collar', "{$bags} bags in"])->assertDontSeeText("{$withThePad} bags in");
    }

    public function test_a_helper_s_name_stands_on_every_entry_until_it_is_changed(): void
    {
        $this->from('/')->post('/helper', ['helper' => 'Sorrel'])->assertSessionHas('said');
        $this->send('post_set', ['post' => 'A1']);
        $this->plumb('A1');
        $this->get("/jobs/{$this->job->id}/logbook")->assertSeeTextInOrder(
            ['Post A1, stream face', 'Sorrel, written by Wren', 'Post A1 set', 'Sorrel, written by Wren'],
        );
        $this->post('/helper', ['helper' => '']);
        $this->send('post_set', ['post' => 'B1']);
        $this->assertSame('', $this->job->entries()->orderByDesc('sequence')->value('read_by'));
    }

    public function test_a_lean_may_be_read_by_bob_angle_and_bubble(): void
    {
        $this->send('post_set', ['post' => 'A1']);
        $read = function (array $fields): PlumbReading {
            $this->send(
                'plumb', $fields + ['post' => 'A1', 'face' => 'minus_y', 'leans' => 'plus_x', 'gap' => '', 'level' => '1200', 'stage' => 'hole_open'],
            )->assertSessionHasNoErrors();

            return $this->state()->log->latest(PlumbReading::class) ?? $this->fail();
        };
        $this->assertEqualsWithDelta(5 / 2000, $read(['way' => 'bob', 'gap' => '5', 'level' => '2000'])->lean->slope->ratio, 1e-9);
        $this->assertEqualsWithDelta(tan(deg2rad(0.4)), $read(['way' => 'angle', 'gap' => '0,4°'])->lean->slope->ratio, 1e-9);
        $this->assertEqualsWithDelta(1.5 * 0.125 / 24, $read(['way' => 'bubble', 'bubble' => 'beyond'])->lean->slope->ratio, 1e-9);
        // A shim of 4 under a level of 1200 brought its bubble to the line.
        $own = $read(['way' => 'bubble', 'bubble' => 'half_way', 'shim' => '4']);
        $this->assertSame([LeanWay::Bubble, 0.5 * 4 / 1200], [$own->lean->way, $own->lean->slope->ratio]);
        $this->get("/jobs/{$this->job->id}/logbook")->assertSee(
            'bubble half-way to the line, top toward the stream',
        )->assertSee('0.4° toward the stream');
    }

    /** 0.23° is 4.0 mm in a metre, and the limit 5: a phone, turned over, may be 2 off. */
    public function test_what_a_phone_can_not_prove_is_asked_for_with_a_level(): void
    {
        $this->send('post_set', ['post' => 'A1']);
        $read = fn (string $face, string $leans, string $gap, array $more = []) => $this->send('plumb', [
            'post' => 'A1', 'face' => $face, 'leans' => $leans, 'gap' => $gap, 'way' => 'phone', 'stage' => 'hole_open', ...$more,
        ]);
        $read('minus_y', 'plumb', '', ['turned_over' => '1']);
        $read('plus_x', 'plus_x', '0.23°', ['turned_over' => '1']);
        $page = $this->post1()->assertSee('Hold the level on the stream face')->assertSee('A phone can’t prove it')->assertSee('by phone, too rough to prove it')
            ->assertSee('plumb on two faces: missing');
        $this->assertStringContainsString("may be 2\u{202F}mm in 1000\u{202F}mm off, and the limit is 1 in 200", html_entity_decode(strip_tags((string) $page->getContent())));
        $this->assertStringContainsString('0.23° toward the stream, by phone', html_entity_decode(strip_tags((string) $this->get("/jobs/{$this->job->id}/logbook")->getContent())));
        $this->get("/jobs/{$this->job->id}/set")->assertSee('plumb by phone, not proved');
        $page->assertSee('vial is-rough', false);
        // It may be taken as it is, with a reason; another phone was tried against a level.
        $this->send('decision', ['about' => 'accept_lean', 'post' => 'A1', 'reason' => 'a fence of rough poles', 'phase' => 'set']);
        $this->post1()->assertDontSee('A phone can’t prove it')->assertDontSee('plumb on two faces: missing');
        $read('plus_x', 'plus_x', '0.23', ['good_to' => '0.4']);
        $this->assertFalse($this->state()->standing($this->state()->plan->grid->labelled('A1'))->isProvedPlumb(), 'the other face is as rough as before');
        $read('minus_y', 'plumb', '', ['good_to' => '0.4']);
        $this->assertTrue($this->state()->standing($this->state()->plan->grid->labelled('A1'))->isProvedPlumb());
        foreach (['0', '60', 'good'] as $typed) {
            $read('plus_x', 'plus_x', '0.2', ['good_to' => $typed])->assertSessionHasErrors('good_to');
        }
        $read('plus_x', 'plus_x', '50')->assertSessionHasErrors('gap');
        $this->from("/jobs/{$this->job->id}/set/A1")->post("/jobs/{$this->job->id}/quick", ['line' => 'a1 plumb 0.2 degrees stream phone', 'client_id' => 'spoken', 'form' => 'quick'])
            ->assertSessionHasNoErrors();
        $this->from("/jobs/{$this->job->id}/set/A1")->post("/jobs/{$this->job->id}/quick", ['line' => 'a1 plumb 3 stream phone', 'client_id' => 'no', 'form' => 'quick'])
            ->assertSessionHasErrors();
        $said = $this->state()->log->now(PlumbReading::class);
        $this->assertSame([LeanWay::Phone, 0.002, 0.2], [end($said)->lean->way, end($said)->lean->sigma, end($said)->lean->degrees]);
    }

    /** One post plumb of four is no frame plumb; one that leans says so at once. */
    public function test_the_record_calls_a_frame_plumb_only_where_every_post_is_known(): void
    {
        $met = fn (): ?bool => (new RecordSheet($this->state(), $this->job))->tolerances[2][2];
        $this->assertNull($met());
        foreach (['A1', 'B1', 'B2', 'A2'] as $label) {
            $this->send('post_set', ['post' => $label]);
            $this->plumb($label);
            $this->assertSame($label === 'A2' ? true : null, $met(), $label);
        }
        $this->send('plumb', ['post' => 'A1', 'face' => 'plus_x', 'leans' => 'plus_x', 'gap' => '0.2', 'way' => 'phone', 'stage' => 'hole_open']);
        $this->assertNull($met(), 'a phone can’t prove it');
        $this->send('plumb', ['post' => 'A1', 'face' => 'plus_x', 'leans' => 'plus_x', 'gap' => '1', 'way' => 'angle', 'stage' => 'hole_open']);
        $this->assertFalse($met());
    }

    public function test_a_round_pole_is_read_along_any_two_directions(): void
    {
        $plan = $this->job->revision->plan();
        $round = $this->job(
            $this->user,
            new Plan(
                $plan->kind, $plan->notation, $plan->sides, $plan->tolerances, Section::round(Length::millimetres(150)), $plan->hole, $plan->standing,
                $plan->grid,
            ),
        );
        $a1 = $round->revision->plan()->grid->labelled('A1')->id;
        $this->write($round, $this->user, new PostSet($a1));
        $page = fn () => $this->get("/jobs/{$round->id}/set/A1")->assertOk();
        $page()->assertSee('Level held along')->assertSee('stream and orchard')->assertDontSee('lane face</span>', false);
        $send = fn (array $fields) => $this->post(
            "/jobs/{$round->id}/entries/plumb",
            $this->form($fields + ['post' => 'A1', 'leans' => 'off', 'gap' => '3', 'level' => '1200', 'stage' => 'hole_open']),
        );
        $send(['bearing' => '45'])->assertSessionHasNoErrors();
        $this->assertTrue(
            app(ReadSite::class)->site($round->fresh() ?? $round)->state->standing($round->revision->plan()->grid->labelled('A1'))->lean->isHalfKnown(),
        );
        $send(['bearing' => '135', 'leans' => 'plumb', 'gap' => ''])->assertSessionHasNoErrors();
        $lean = app(ReadSite::class)->site($round->fresh() ?? $round)->state->standing($round->revision->plan()->grid->labelled('A1'))->lean;
        $this->assertEqualsWithDelta([3 / 1200 * M_SQRT1_2, 3 / 1200 * M_SQRT1_2], [$lean->slopeX, $lean->slopeY], 1e-9);
        $send(['bearing' => 'up'])->assertSessionHasErrors('bearing');
        $this->get("/jobs/{$round->id}/logbook")->assertSee('toward stream and orchard');
    }

    public function test_a_round_leads_from_post_to_post_and_begins_where_it_stopped(): void
    {
        foreach (['A1', 'B1', 'B2'] as $label) {
            $this->write($this->job, $this->user, new PostSet($this->id($label)));
        }
        $set = "/jobs/{$this->job->id}/set";
        $this->get($set)->assertSee('Plumb before the fill')->assertSee('0 of 3');
        $this->get("{$set}/walk/plumb")->assertRedirect("{$set}/A1?walk=plumb");
        $this->get("{$set}/A1?walk=plumb")->assertSee('Round: plumb before the fill')->assertSee('0 of 3 done');
        $this->send(
            'plumb', ['post' => 'A1', 'face' => 'minus_y', 'leans' => 'plumb', 'level' => '1200', 'stage' => 'hole_open', 'walk' => 'plumb'],
        )->assertRedirect("{$set}/walk/plumb");
        $this->get("{$set}/walk/plumb")->assertRedirect("{$set}/A1?walk=plumb");
        $this->plumb('A1');
        $this->get("{$set}/walk/plumb")->assertRedirect("{$set}/B1?walk=plumb");
        array_map($this->plumb(...), ['B1', 'B2']);
        $this->followingRedirects()->get("{$set}/walk/plumb")->assertSee('all posts are done');
        $this->followRedirects($this->get("{$set}/walk/standing"))->assertSee('A2 stands, braced two ways');
    }

    public function test_spacing_twist_and_stop_now_have_their_pages(): void
    {
        foreach (['A1', 'B1', 'B2', 'A2'] as $label) {
            $this->write($this->job, $this->user, new PostSet($this->id($label)));
            $this->plumb($label);
        }
        $this->send('spacing', ['from' => 'A1', 'to' => 'B1', 'at' => 'ground', 'spacing' => '5400']);
        $this->send('spacing', ['from' => 'A1', 'to' => 'B1', 'at' => 'top', 'spacing' => '5430']);
        $this->get("/jobs/{$this->job->id}/set/tops")->assertSee('A1–B1 contradict')->assertSee('Look at entry')->assertSee('Tops seen from above')->assertSeeText('times as far');
        $this->send('twist', ['post' => 'A1', 'twist' => '3', 'over' => '140', 'turned' => 'against']);
        $this->post1()->assertSee('against the clock');
        $this->send('embedment_line', ['post' => 'A1', 'line_up' => '900', 'line_off_ground' => '12', 'line_is' => 'below'])->assertSessionHasNoErrors();
        $this->send('embedment_line', ['post' => 'A1', 'line_up' => '900', 'line_off_ground' => '', 'line_is' => 'above'])->assertSessionHasNoErrors();
        $this->get("/jobs/{$this->job->id}/logbook")->assertSee('below ground')->assertSee('level with the ground');
        $this->post1()->assertSee('Foot by its line');
        $this->send('filled', ['post' => 'A1', 'step' => 'started']);
        $this->get("/jobs/{$this->job->id}/set/stop")->assertSeeInOrder(['Finish what is begun', 'A1', 'Brace both ways', 'Bags under a roof']);
        $this->send(
            'plumb', ['post' => 'Z9', 'face' => 'minus_y', 'leans' => 'plumb', 'level' => '1200', 'stage' => 'filled'],
        )->assertSessionHasErrors('post');
    }

    private function plumb(string $label): void
    {
        foreach (['minus_y', 'plus_x'] as $face) {
            $this->send(
                'plumb', ['post' => $label, 'face' => $face, 'leans' => 'plumb', 'level' => '1200', 'stage' => 'hole_open'],
            )->assertSessionHasNoErrors();
        }
    }

    private function post1(): TestResponse
    {
        return $this->get("/jobs/{$this->job->id}/set/A1")->assertOk();
    }

    /** @param  array<string, string>  $fields */
    private function send(string $where, array $fields): TestResponse
    {
        return $this->from("/jobs/{$this->job->id}/set/A1")->post("/jobs/{$this->job->id}/entries/{$where}", $this->form($fields));
    }

    private function state(): \Aequus\Site\SiteState
    {
        return app(ReadSite::class)->site($this->job->fresh() ?? $this->job)->state;
    }

    private function id(string $label): PostId
    {
        return $this->job->revision->plan()->grid->labelled($label)->id;
    }
}
