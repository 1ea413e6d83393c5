<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Bill\Choice;
use Aequus\Bill\FrameChoices;
use Aequus\Bill\GoodsMass;
use Aequus\Bill\HireDays;
use Aequus\Bill\JobNeeds;
use Aequus\Bill\NeededFor;
use Aequus\Bill\Variant;
use Aequus\Bill\Ware;
use Aequus\Frame\UsualFrame;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Frame\Joinery;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Frame\Seating;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\JobKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Stored\PlanCodec;
use Aequus\Plan\Work\Pricing;
use Aequus\Site\SiteState;
use Aequus\Stock\Stock;
use App\Bill\BillPage;
use App\Bill\BillRow;
use App\Bill\ListsPage;
use App\Models\Job;
use App\Models\User;
use App\Site\ReadSite;
use Illuminate\Testing\TestResponse;
use Tests\Builds;
use Tests\FeatureTestCase;
use Tests\PdfText;

/** Lists to take along by delivery and by day, what is hired, and what another frame would cost: two bays of 2400, rows 3000 apart, in concrete. */
final class ListsTest extends FeatureTestCase
{
    private User $user;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user = $this->person());
    }

    /** Every list of a way together holds what is bought, once; a lorry brings neither string nor screws. */
    public function test_every_way_to_list_holds_everything_it_is_for_once(): void
    {
        $job = $this->level($this->plan()->needing([NeededFor::Holes->value => '2026-05-04', NeededFor::Posts->value => '2026-05-04', NeededFor::Frame->value => '2026-04-20']));
        $all = array_map(fn (BillRow $row) => $row->line->goods->name, (new BillPage($this->site($job)))->rows);
        foreach (['counter', 'work', 'day'] as $by) {
            $this->assertEqualsCanonicalizing($all, $this->listed($job, $by), $by);
        }
        $delivered = $this->listed($job, 'delivery');
        $this->assertSame([], array_diff($delivered, $all));
        $left = array_values(array_unique(array_map(fn (string $id) => JobNeeds::read($id)[0]->counter()->value, array_diff($all, $delivered))));
        $this->assertSame(['hardware'], $left);
    }

    public function test_lists_by_day_stand_in_the_order_of_the_days_and_what_has_none_comes_last(): void
    {
        $job = $this->level($this->plan());
        $this->lists($job, 'day')->assertSeeTextInOrder(['No day yet', 'Post 3600']);
        $need = fn (array $days): TestResponse => $this->from("/jobs/{$job->id}/footing/bill/lists?by=day")->post("/jobs/{$job->id}/footing/bill/lists", $days + ['form' => 'needed', 'based_on' => $job->fresh()?->revision->number]);
        $need(['on_posts' => '2026-05-04', 'on_frame' => '2026-04-20'])->assertSessionHasNoErrors();
        $this->lists($job, 'day')->assertSeeTextInOrder(['Mon 20 Apr 2026', 'Timber 45', 'Mon 4 May 2026', 'Post 3600', 'No day yet', 'Stake']);
        $need(['on_posts' => '2026-02-31'])->assertSessionHasErrors('on_posts');
        $this->lists($job, 'day')->assertSee('Choose a day, or leave it empty.')->assertSeeTextInOrder(['Mon 20 Apr 2026', 'Mon 4 May 2026']);
        $plan = $job->fresh()?->revision->plan() ?? $this->fail();
        $this->assertEquals($plan, PlanCodec::decode(json_decode((string) json_encode(PlanCodec::encode($plan)), true)));
        $need([])->assertSessionHasNoErrors();
        $this->lists($job, 'day')->assertDontSeeText('Mon 4 May 2026');
    }

    /** Six posts of 140 × 140 × 3600 at 700 kg/m³, the beams and rafters as they are bought, bags of 25 kg. */
    public function test_what_a_lorry_brings_is_weighed_as_far_as_it_can_be(): void
    {
        $plan = $this->plan();
        $this->assertEqualsWithDelta(0.14 * 0.14 * 3.6 * 700, GoodsMass::of('post:3600000000', $plan), 1e-9);
        $this->assertEqualsWithDelta(0.045 * 0.195 * 5.4 * 700, GoodsMass::of('timber:45000000:195000000:5400000000', $plan), 1e-9);
        $this->assertEqualsWithDelta(0.045 * 0.195 * 700, GoodsMass::of('timber_by_length:45000000:195000000', $plan), 1e-9);
        $this->assertSame([25.0, 1000.0, null], [GoodsMass::of('bag', $plan), GoodsMass::of('gravel', $plan), GoodsMass::of('sheet:3000000000', $plan)]);
        $job = $this->level($plan);
        $weighs = 4 * 0.045 * 0.195 * 5.4 * 700 + 10 * 0.045 * 0.145 * 3.6 * 700 + 2 * 0.07 * 0.07 * 2.4 * 700;
        $this->lists($job, 'delivery')->assertSeeText('weighs '.round($weighs).' kg')->assertSeeText('For the frame');
        // Profile boards and braces are weighed by nobody here: of posts and bags it is at least so much, of stakes nothing is said.
        $this->lists($job, 'delivery')->assertSeeText('weighs at least')->assertDontSeeText('weighs at least 0 kg')->assertDontSeeText('weighs 0 kg');
    }

    public function test_lists_are_printed_and_read_by_a_spreadsheet(): void
    {
        $job = $this->level($this->plan());
        foreach (['counter', 'work', 'delivery', 'day'] as $by) {
            $text = PdfText::of((string) $this->get("/jobs/{$job->id}/footing/bill/lists.pdf?by={$by}")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent());
            $this->assertStringContainsString('Post 3600', $text);
            $this->assertStringContainsString($by === 'counter' ? 'by counter' : ($by === 'day' ? 'No day yet' : 'To set the posts'), $text);
        }
        $csv = (string) $this->get("/jobs/{$job->id}/footing/bill/lists.csv?by=work")->assertOk()->getContent();
        $this->assertStringContainsString('"To set the posts","Post 3600 mm long",6', str_replace("\u{202F}", ' ', $csv));
        $this->lists($job, 'nonsense')->assertSee('by counter');
    }

    /** 20 holes in a day, one of six dug; 44 bags at 40 a day are two days; a tool that is not asked for is not on the bill. */
    public function test_tools_are_hired_for_what_is_still_to_do(): void
    {
        $job = $this->level($this->plan());
        $this->assertArrayNotHasKey('hire_auger', $this->needed($job));
        $keep = fn (string ...$hired): TestResponse => $this->post("/jobs/{$job->id}/footing/bill", array_fill_keys(array_map(fn (string $tool) => "hired_{$tool}", $hired), '1') + ['form' => 'bill', 'hires' => '1', 'based_on' => $job->fresh()?->revision->number]);
        $keep('hire_auger', 'hire_mixer', 'spade')->assertRedirect()->assertSessionHasNoErrors();
        $this->assertSame([1.0, 2.0], [$this->needed($job)['hire_auger'], $this->needed($job)['hire_mixer']]);
        $this->get("/jobs/{$job->id}/footing/bill")->assertSee('Auger, by the day')->assertSee('1 day')->assertSee('2 days')->assertSee('20 holes, 40 bags');
        $this->write($job, $this->user, ...array_map(fn ($post) => new HoleDug($post->id, Length::millimetres(800)), $job->revision->plan()->grid->posts));
        $this->assertArrayNotHasKey('hire_auger', $this->needed($job), 'all holes are dug');
        $this->write($job, $this->user, ...array_map(fn ($post) => new PostFilled($post->id, FillStep::Done, 7), array_slice($job->revision->plan()->grid->posts, 0, 4)));
        $this->assertSame(1.0, $this->needed($job)['hire_mixer'], 'two holes are left to mix for');
        $keep()->assertRedirect()->assertSessionHasNoErrors();
        $this->assertSame([], array_filter(array_keys($job->fresh()?->revision->plan()->prices ?? []), fn (string $id) => str_starts_with($id, 'hire_')));
        // 63 posts are more than one day of levelling; a post has nothing to do with rods.
        $many = $this->site($this->level(Builds::plan(baysX: array_fill(0, 20, 2400), baysY: [3000, 3000])));
        $this->assertSame([2.0, 2.0, 0.0], [HireDays::of(Ware::HireLaser, $many, []), HireDays::of(Ware::HireSaw, $many, []), HireDays::of(Ware::Post, $many, [])]);
    }

    /** Each variant that can be kept as it is costs what the bill says once it is kept. */
    public function test_what_another_frame_would_cost_is_what_it_costs_once_it_is_kept(): void
    {
        $plan = $this->plan();
        $job = $this->level($plan);
        $frame = $plan->frame ?? $this->fail();
        $tables = (new FrameChoices($this->site($job)))->tables;
        $this->assertSame(['plane', 'bays', 'overhang', 'longest'], array_map(fn (array $table) => $this->what($table[0])->kind->value, $tables));
        [$planes, $bays, $overhangs, $longest] = $tables;
        foreach ($overhangs as $choice) {
            $past = $this->what($choice)->length;
            $this->assertSame($past->equals(Length::millimetres(300)), $choice->isDecided);
            $beam = $frame->layer(LayerKind::Beam) ?? $this->fail();
            $this->assertSame($this->sum($this->level($plan->withFrame($frame->with($beam->standingOver($past))))), $choice->bill->sum);
        }
        $this->assertGreaterThan($overhangs[0]->bill->sum, $overhangs[2]->bill->sum);
        foreach ($planes as $choice) {
            $deeper = Length::millimetres(-800)->minus($this->what($choice)->length);
            $rules = $plan->footing?->dug(DepthMode::CommonPlane, $this->what($choice)->length->isZero() ? null : $deeper) ?? $this->fail();
            $this->assertSame($this->sum($this->level($plan->withFooting($rules))), $choice->bill->sum);
        }
        $this->assertGreaterThan($planes[0]->dug, $planes[3]->dug);
        foreach ($longest as $choice) {
            $rules = $frame;
            foreach ($frame->stocks as $section => $stocks) {
                $rules = $rules->soldIn($section, array_values(array_filter($stocks, fn (Stock $stock) => ! $stock->length->isLongerThan($this->what($choice)->length))));
            }
            $this->assertSame($this->sum($this->level($plan->withFrame($rules))), $choice->bill->sum);
        }
        // Nothing shorter than 3600 makes a rafter, and 4800 serves for a beam of 5400 out of two.
        $this->assertSame([3600, 4800, 5400], array_map(fn (Choice $one) => (int) $this->what($one)->length->inMillimetres(), $longest));
        // One bay has four posts, two have six: two thirds of the holes and the bags.
        $this->assertSame([1, 2, 3, 4], array_map(fn (Choice $one) => $this->what($one)->count, $bays));
        $this->assertEqualsWithDelta([$bays[1]->dug * 4 / 6, $bays[1]->dug * 10 / 6], [$bays[0]->dug, $bays[3]->dug], 1);
        $this->assertSame([$this->sum($job), true], [$bays[1]->bill->sum, $bays[1]->isDecided]);
        $this->get("/jobs/{$job->id}/footing/bill/choices")->assertSee('Bays along the beams')->assertSeeText('3 bays of 1600')->assertSeeText('100 mm deeper')->assertSee('No span is checked');
    }

    /** Twelve cut ends of 45 × 195 and so on, twice each piece, over 2.5 m² a litre; a can of paint; two braces to a post. */
    public function test_the_bill_counts_what_is_easily_forgotten(): void
    {
        $needed = $this->needed($this->level($this->plan()));
        $this->assertEqualsWithDelta(2 * (4 * 45 * 195 + 10 * 45 * 145 + 4 * 70 * 70) / 2.5e6, $needed['treatment'], 1e-9);
        $this->assertSame([1.0, 12.0], [$needed['marking_paint'], $needed['brace_board:2400000000']]);
        $this->get("/jobs/{$this->level($this->plan())->id}/footing/bill")->assertSeeText('hot-dip zinc or stainless');
    }

    public function test_posts_are_listed_with_their_lengths_and_what_is_cut_out_of_them(): void
    {
        $frame = $this->plan()->frame ?? $this->fail();
        $job = fn (Joinery $joinery): Job => $this->level($this->plan()->withFrame($frame->with(($frame->layer(LayerKind::Beam) ?? $this->fail())->joined($joinery))));
        // 2400 above the ground and 800 in it.
        $this->get("/jobs/{$job(new Joinery)->id}/cut/boards")->assertSeeTextInOrder(['A1', "3200\u{202F}mm", 'nothing', 'A2']);
        $this->get("/jobs/{$job(new Joinery(Seating::InNotch, Length::millimetres(160)))->id}/cut/boards")
            ->assertSeeText("notch 160\u{202F}mm down from the top, 90\u{202F}mm deep; 50\u{202F}mm stays")->assertSeeText("Cut last, and check twice: the beam of 5400\u{202F}mm");
    }

    private function what(Choice $choice): Variant
    {
        return $choice->what instanceof Variant ? $choice->what : $this->fail();
    }

    private function sum(Job $job): int
    {
        return (new JobNeeds($this->site($job)))->bill()->sum;
    }

    /** @return array<string, float> */
    private function needed(Job $job): array
    {
        $needed = [];
        foreach ((new JobNeeds($this->site($job)))->bill()->lines as $line) {
            $needed[$line->goods->name] = $line->needed;
        }

        return $needed;
    }

    /** @return list<string> */
    private function listed(Job $job, string $by): array
    {
        $site = $this->site($job);

        return array_merge(...array_map(fn (array $list) => array_map(fn (BillRow $row) => $row->line->goods->name, $list[1]), (new ListsPage(new BillPage($site), $site, $by))->lists()));
    }

    private function lists(Job $job, string $by): TestResponse
    {
        return $this->get("/jobs/{$job->id}/footing/bill/lists?by={$by}")->assertOk();
    }

    private function site(Job $job): SiteState
    {
        return app(ReadSite::class)->site($job->fresh() ?? $job)->state;
    }

    private function plan(): Plan
    {
        $frame = UsualFrame::of(JobKind::Pergola, Notation::millimetres(0), Length::millimetres(140)) ?? $this->fail();
        foreach ([[LayerKind::Beam, [[2400, 15], [3600, 24], [4800, 33], [5400, 40]]], [LayerKind::Joist, [[3600, 20], [4800, 27]]], [LayerKind::Brace, [[2400, 9.5]]]] as [$kind, $stocks]) {
            $frame = $frame->soldIn($frame->layer($kind)?->section() ?? '', array_map(fn (array $stock) => new Stock(Length::millimetres($stock[0]), (float) $stock[1]), $stocks));
        }
        $prices = array_map(fn (int $coins) => new Pricing(1, 0, 0, $coins), [
            'bag' => 500, 'post:3600000000' => 4000, 'post:4200000000' => 5000, 'frame_fixing' => 20, 'treatment' => 1500, 'brace_board:2400000000' => 300, 'stake' => 80, 'string' => 10, 'marking_paint' => 700,
        ]);

        return Builds::plan()->withFooting(new FootingRules(
            Length::millimetres(700), Length::millimetres(100), LeastEmbedment::length(Length::zero()), Length::zero(), Length::zero(), Length::zero(), DepthMode::Own,
        ))->withHolding(new Holding(Hold::Concrete, new HoldingSite(Soil::Clay), PierRules::usual(Notation::millimetres(0)), Length::millimetres(300)))->withFrame($frame)->priced($prices);
    }

    private function level(Plan $plan): Job
    {
        $job = $this->job($this->user, $plan);
        $rod = fn (?PostId $post): RodReading => new RodReading($post, Length::millimetres(1500));
        $this->write($job, $this->user, new BenchmarkChosen('sill', Length::zero()), $rod(null), ...array_map(fn ($post) => $rod($post->id), $plan->grid->posts));

        return $job;
    }
}
