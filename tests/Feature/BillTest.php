<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Bill\BillLine;
use Aequus\Bill\Choice;
use Aequus\Bill\Choices;
use Aequus\Bill\JobNeeds;
use Aequus\Bill\Ware;
use Aequus\Footing\Holding\HoldAdvice;
use Aequus\Footing\Holding\HoldAdviser;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\RodReading;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\Layout\BoardRules;
use Aequus\Plan\Layout\ChosenPlacement;
use Aequus\Plan\Layout\LayoutRules;
use Aequus\Plan\Layout\ReadingList;
use Aequus\Plan\Layout\StringRun;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Part\PartKind;
use Aequus\Plan\Place\FixedKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Plan;
use Aequus\Plan\Stored\PlanCodec;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\Side;
use Aequus\Plan\Work\Pricing;
use App\Bill\Amount;
use App\Bill\BillPage;
use App\Bill\BillRow;
use App\Bill\ListsPage;
use App\Models\Job;
use App\Models\User;
use App\Site\ReadSite;
use App\Type\Say;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Builds;
use Tests\FeatureTestCase;

/** What posts, holes and layout take, worked out by hand; prices typed, refused and kept. */
final class BillTest extends FeatureTestCase
{
    private User $user;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user = $this->person());
    }

    /**
     * Six posts 140 square in round holes of 400, 800 deep, on level ground: frost 700 and a margin of 100, no pad, no gravel. A post stands 2400 and goes
     * 800 in: 3200, sold as 3600. A hole takes π/4·0.4²·0.8 less 0.14²·0.8 = 0.08485 m³; six of them 0.5091 m³, at 11.7 l a bag 43.51 bags.
     */
    public function test_the_needs_of_a_level_site_are_as_worked_out_by_hand(): void
    {
        $lines = $this->lines($this->level($this->plan()));
        $this->assertSame(['6', '6'], [$this->amount($lines['post:3600000000']), $this->amount($lines['stake'])]);
        $this->assertEqualsWithDelta(6 * (M_PI / 4 * 0.4 ** 2 * 0.8 - 0.14 ** 2 * 0.8) * 1000 / 11.7, $lines['bag']->needed, 0.001);
        // A tenth more, in whole bags.
        $this->assertSame(48, $lines['bag']->bought->packs);
        $this->assertArrayNotHasKey('gravel', $lines);
        $this->assertArrayNotHasKey('foam', $lines);
    }

    /** Boards stand a setback of 1000 past the outer posts, so that each string is 2000 longer than its row. */
    public function test_string_and_boards_follow_from_the_lines_that_need_them(): void
    {
        $mm = Length::millimetres(...);
        $told = function (Plan $plan): array {
            $lines = $this->lines($this->job($this->user, $plan));
            $of = fn (string $ware): float => round(array_sum(array_map(
                fn (BillLine $line) => str_starts_with($line->goods->name, $ware) ? $line->needed : 0.0, $lines,
            )), 3);

            return [$of('string'), $of('profile_board'), $of('profile_stake')];
        };
        $boards = fn (Plan $plan, StringRun $run) => $plan->withLayout(new LayoutRules(
            ChosenPlacement::BaseLine, ReadingList::Full, TapeClass::Steel, null, $run, new BoardRules($mm(1000), $mm(900)), Length::zero(),
        ));
        $grid = Builds::plan(baysX: [2400, 2400], baysY: [3000]);
        $this->assertSame([3 * 5.0 + 2 * 6.8, 10.0, 20.0], $told($boards($grid, StringRun::centre())));
        $this->assertSame([2 * (3 * 5.0 + 2 * 6.8), 10.0, 20.0], $told($boards($grid, StringRun::bothFaces())));
        $this->assertSame([6.8, 2.0, 4.0], $told($boards(Builds::plan(baysX: [2400, 2400], baysY: []), StringRun::centre())));
        $this->assertSame([5.0, 2.0, 4.0], $told($boards(Builds::plan(baysX: [], baysY: [3000]), StringRun::centre())));
        // A wall so near that no board stands on that side: the strings that would end there are not stretched.
        $wall = FixedLine::beside('line-2', 'house', $grid->grid, Side::MinusY, $mm(250), $mm(250), FixedKind::Wall, null);
        $walled = $boards($grid, StringRun::centre());
        $this->assertSame([2 * 6.8, 7.0, 14.0], $told($walled->withLayout($walled->layout->heldBy([$wall]))));
    }

    public function test_heavier_posts_are_bought_by_themselves(): void
    {
        $plan = $this->plan();
        $heavy = PlanCodec::decode(['heavy' => ['b' => 160_000_000, 'd' => 160_000_000, 'round' => false]] + PlanCodec::encode($plan));
        $job = $this->level($heavy);
        $lines = $this->lines($job);
        $this->assertSame(['4', '2'], [$this->amount($lines['heavy_post:3600000000']), $this->amount($lines['post:3600000000'])]);
        $says = (string) preg_replace('/\s+/u', ' ', strip_tags((string) $this->get("/jobs/{$job->id}/footing/bill")->assertOk()->getContent()));
        $this->assertStringContainsString('Heavier post 3600 mm long, 160 mm thick', $says);
        $this->assertStringNotContainsString('a part needs its own', $says);
        $at = new Point(Length::millimetres(9000), Length::zero());
        $job = $this->level($plan->withParts([new Part('p1', 'S', PartKind::Spots, [$at], [], [], null, $at)]));
        $this->get("/jobs/{$job->id}/footing/bill")->assertSee('a part needs its own');
    }

    public function test_a_part_adds_to_the_same_lines_and_turning_it_changes_nothing(): void
    {
        $at = fn (float $x, float $y): Point => new Point(Length::millimetres($x), Length::millimetres($y));
        $with = fn (float $turn): array => $this->lines($this->level($this->plan()->withParts([
            new Part('p1', 'S', PartKind::Spots, [$at(0, 0), $at(1500, 0)], [], [], null, $at(9000, 500), $turn),
        ])));
        $straight = $with(0.0);
        $this->assertSame(['8', ['', 'S']], [$this->amount($straight['post:3600000000']), $straight['post:3600000000']->parts]);
        foreach ($with(37.0) as $id => $line) {
            $this->assertEqualsWithDelta($straight[$id]->needed, $line->needed, 1e-9, $id);
        }
    }

    public function test_what_is_dug_wider_takes_more_and_no_ground_takes_no_hole(): void
    {
        $plan = $this->plan();
        $planned = $this->lines($this->level($plan))['bag']->needed;
        $job = $this->level($plan);
        $this->write($job, $this->user, new HoleDug($plan->grid->labelled('A1')->id, Length::millimetres(800), Length::millimetres(500)));
        // π/4·(0.5² − 0.4²)·0.8 m³ more.
        $this->assertEqualsWithDelta($planned + M_PI / 4 * 0.09 * 0.8 * 1000 / 11.7, $this->lines($job)['bag']->needed, 0.001);
        $bare = $this->job($this->user, Builds::plan());
        $this->assertSame([], array_filter(array_keys($this->lines($bare)), fn (string $id) => str_starts_with($id, 'post') || $id === 'bag'));
        $this->get("/jobs/{$bare->id}/footing/bill")->assertOk()->assertSee('hole and post are left out');
    }

    public function test_prices_are_kept_and_summed_and_what_has_none_is_named(): void
    {
        $job = $this->level($this->plan());
        $this->get("/jobs/{$job->id}/footing/bill")->assertOk()->assertSee('nothing has a price yet')->assertSee('Bag of dry mix');
        $this->post("/jobs/{$job->id}/footing/bill", ['price_bag' => '4,89', 'pack_bag' => '1', 'waste_bag' => '10', 'site_bag' => '6', 'based_on' => '1'])->assertSessionHasNoErrors();
        // 48 less 6 on site: 42 bags at 4.89.
        $this->get("/jobs/{$job->id}/footing/bill")->assertSee('205.38 for what has a price')->assertSee('Without a price')->assertDontSee('not in it: Bag of dry mix')->assertSee('value="4.89"', false);
        $this->post("/jobs/{$job->id}/footing/bill", ['price_post_3600000000' => '23.10', 'pack_post_3600000000' => '1', 'based_on' => '2'])->assertSessionHasNoErrors();
        // What was said of the bags stays; six posts more.
        $this->get("/jobs/{$job->id}/footing/bill")->assertSee('343.98 for what has a price');
        // A plan revised for another reason keeps the prices.
        $this->post("/jobs/{$job->id}/plan/around", ['north' => '90', 'based_on' => '3'])->assertSessionHasNoErrors();
        $this->get("/jobs/{$job->id}/footing/bill")->assertSee('343.98');
        $this->actingAs($this->person('Teal'))->post("/jobs/{$job->id}/footing/bill", ['price_bag' => '1', 'based_on' => '4'])->assertForbidden();
    }

    public function test_the_file_for_a_spreadsheet_has_the_same_lines_and_no_formula(): void
    {
        $job = $this->level($this->plan()->withParts([new Part(
            'p1', 'S', PartKind::Spots, [new Point(Length::zero(), Length::zero())], [], [], null, new Point(Length::millimetres(9000), Length::zero()),
        )])->priced(['bag' => new Pricing(1, 0.1, 6, 489)]));
        $csv = (string) $this->get("/jobs/{$job->id}/footing/bill.csv")->assertOk()->assertHeader('content-type', 'text/csv; charset=utf-8')->getContent();
        $rows = array_map(fn (string $line) => str_getcsv($line, escape: ''), explode("\n", trim($csv)));
        $this->assertSame('What', $rows[0][0]);
        $bag = array_values(array_filter($rows, fn (array $row) => $row[0] === 'Bag of dry mix'))[0];
        // Seven holes: 50.77 bags and a tenth more are 55.84; 50 to buy beside the 6 on site.
        $this->assertSame(['the grid, S', '50.77', '10', '6', '1', '4.89', '50', '244.50'], array_slice($bag, 1));
        $this->assertCount(count((new JobNeeds(app(ReadSite::class)->site($job)->state))->bill()->lines) + 1, $rows);
        $this->assertSame(0, preg_match('/^[=+@-]/m', $csv));
    }

    /** A hole of 0.08485 m³ takes 7.98 bags of 11.7 l with a tenth for waste: eight; six of them 48, and as many mixed on. With a quarter for waste it is 9.07: ten. */
    public function test_holes_mixed_one_by_one_take_more_bags_where_they_do_and_both_pages_count_alike(): void
    {
        $job = $this->level($this->plan());
        $this->get("/jobs/{$job->id}/footing/bill")->assertDontSee('mixed one by one')->assertSee('A bag of dry mix weighs');
        // Posts without a hole of concrete have no bag to weigh.
        $this->get("/jobs/{$this->job($this->user, $this->plan())->id}/footing/bill")->assertDontSee('A bag of dry mix weighs');
        $this->post("/jobs/{$job->id}/footing/bill", ['form' => 'bill', 'price_bag' => '5', 'pack_bag' => '1', 'waste_bag' => '25', 'site_bag' => '20', 'based_on' => '1'])->assertSessionHasNoErrors();
        $this->get("/jobs/{$job->id}/footing/bill")->assertSee('Holes mixed one by one take 60 bags, not 55');
        $this->get("/jobs/{$job->id}/footing/materials")->assertRedirect();
        $this->get("/jobs/{$job->id}/footing/bill")->assertSee('takes 60 bags, one mix for all 55, with 25 % for waste')->assertSee('20 are on site');
    }

    public function test_the_yard_prices_what_has_no_price_and_nothing_else(): void
    {
        $job = $this->level($this->plan());
        $this->post("/jobs/{$job->id}/footing/bill", ['form' => 'bill', 'price_bag' => '5', 'pack_bag' => '1', 'waste_bag' => '10', 'site_bag' => '7', 'based_on' => '1'])->assertSessionHasNoErrors();
        $this->get("/jobs/{$job->id}/footing/bill")->assertSee('Ask the yard')->assertSee('are made up');
        $this->post("/jobs/{$job->id}/footing/bill/ask", ['based_on' => '2'])->assertSessionHas('said', fn (string $said) => str_contains($said, 'that had no price'));
        $lines = $this->lines($job);
        $this->assertSame(500, (int) $lines['bag']->goods->price);
        $this->assertSame([10.0, 7.0], [$lines['stake']->goods->pack, $lines['bag']->goods->onSite]);
        $this->assertGreaterThan(0, $lines['post:3600000000']->goods->price);
        // Everything it sells has a price now: asked again it has nothing to add, and no plan is made.
        $this->post("/jobs/{$job->id}/footing/bill/ask", ['based_on' => '3']);
        $this->assertSame(3, $job->revisions()->count());
    }

    public function test_prices_come_back_from_a_spreadsheet_all_of_them_or_none(): void
    {
        $job = $this->level($this->plan());
        $send = fn (string $bytes) => $this->from("/jobs/{$job->id}/footing/bill")->post("/jobs/{$job->id}/footing/bill/read", [
            'form' => 'sheet', 'based_on' => $job->fresh()?->revision->number, 'sheet' => UploadedFile::fake()->createWithContent('prices.csv', $bytes),
        ]);
        $csv = (string) $this->get("/jobs/{$job->id}/footing/bill.csv")->getContent();
        // As it was saved, nothing is said that was not said before.
        $send($csv)->assertSessionHasNoErrors();
        $this->assertNull($this->lines($job)['bag']->goods->price);
        $heads = explode("\n", $csv)[0];
        $send("what;A pack costs;Waste, %\nbag of dry mix;5,49;12,5\nSTAKE;1.234,50;\n")->assertSessionHasNoErrors();
        $lines = $this->lines($job);
        $this->assertSame([549, 0.125, 123450], [(int) $lines['bag']->goods->price, $lines['bag']->goods->waste, (int) $lines['stake']->goods->price]);
        $this->assertStringContainsString('A pack costs', $heads);
        $before = $job->revisions()->count();
        foreach ([
            "What,A pack costs\nBag of dry mix,6\nMoon dust,3\n" => '“Moon dust” is not on this bill', "What,A pack costs\nStake,dear\n" => '“dear” is no amount for “Stake”',
            "What,In a pack\nStake,0\n" => '“0” is no amount', "Goods,Price\nStake,1\n" => 'none is called “What”', '' => 'none is called “What”', "What,A pack costs\n" => 'No line of it names goods',
        ] as $bytes => $says) {
            $send($bytes)->assertSessionHasErrors('sheet');
            $this->get("/jobs/{$job->id}/footing/bill")->assertSee($says);
        }
        $this->post("/jobs/{$job->id}/footing/bill/read", ['form' => 'sheet', 'based_on' => '1'])->assertSessionHasErrors('sheet');
        $this->assertSame($before, $job->revisions()->count());
    }

    /**
     * In concrete the six posts take 44 bags at 5 and 6 posts at 40: 460. In tamped earth only the posts. Dug out are 6 · π/4 · 0.4² · 0.8 m³ either way; carried in
     * 43.51 bags of 25 kg and six posts of 0.14² · 3.2 m³ at 700 kg/m³, or the posts alone.
     */
    public function test_what_another_way_costs_stands_beside_the_one_decided(): void
    {
        $holding = new Holding(Hold::Concrete, new HoldingSite(Soil::Clay), PierRules::usual(Notation::millimetres(0)), Length::millimetres(300));
        $job = $this->level($this->plan()->withHolding($holding)->priced([
            'post:3600000000' => new Pricing(1, 0, 0, 4000), 'bag' => new Pricing(1, 0, 0, 500), 'gravel' => new Pricing(0.5, 0, 0, 2000),
        ]));
        $choices = new Choices(app(ReadSite::class)->site($job)->state);
        $of = fn (Hold|DepthMode $what): Choice => array_values(array_filter([...$choices->holds, ...$choices->depths], fn (Choice $one) => $one->what === $what))[0] ?? $this->fail();
        [$concrete, $earth, $pier] = [$of(Hold::Concrete), $of(Hold::Earth), $of(Hold::Pier)];
        $this->assertSame([true, false, 46000, 24000, -22000], [$concrete->isDecided, $earth->isDecided, $concrete->bill->sum, $earth->bill->sum, $earth->dearerThan($concrete)]);
        $this->assertEqualsWithDelta(6 * M_PI / 4 * 0.16 * 0.8, $earth->dug / 1e9, 1e-9);
        $posts = 6 * 0.14 ** 2 * 3.2 * 700;
        $this->assertEqualsWithDelta($posts, $earth->carried, 1e-6);
        $this->assertEqualsWithDelta($posts + 6 * (M_PI / 4 * 0.16 * 0.8 - 0.14 ** 2 * 0.8) * 1000 / 11.7 * 25, $concrete->carried, 1e-6);
        // Tubes and bases have no price: nobody knows what piers cost more.
        $this->assertNull($pier->dearerThan($concrete));
        $this->assertNull($concrete->dearerThan($pier));
        $this->assertSame($this->orderOfAdvice($job), array_map(fn (Choice $one) => $one->what, $choices->holds));
        $this->assertSame([true, 0], [$of(DepthMode::Own)->isDecided, $of(DepthMode::CommonPlane)->dearerThan($of(DepthMode::Own))]);
        $page = $this->get("/jobs/{$job->id}/footing/bill/choices")->assertOk();
        $page->assertSee('220.00 less.')->assertSee('As much.')->assertSee('Not known: something has no price.')->assertSee('at least ')->assertSee('not by price');
        $this->get("/jobs/{$job->id}/footing/bill")->assertSee('What a choice costs');
        $open = $this->job($this->user, $this->plan());
        $this->get("/jobs/{$open->id}/footing/bill/choices")->assertSee('read the ground first');
    }

    /** @return list<Hold> ways that are dug, as they suit the site: a cheaper one stands no higher for it */
    private function orderOfAdvice(Job $job): array
    {
        $site = $job->revision->plan()->holding->site ?? $this->fail();

        return array_values(array_filter(array_map(fn (HoldAdvice $one) => $one->hold, (new HoldAdviser($site))->ranked), fn (Hold $hold) => $hold->isDug()));
    }

    public function test_what_can_not_be_is_refused_and_nothing_is_changed(): void
    {
        $job = $this->level($this->plan());
        foreach (['price_bag' => 'cheap', 'pack_bag' => '0', 'waste_bag' => '120', 'site_bag' => '-3'] as $field => $typed) {
            $this->from("/jobs/{$job->id}/footing/bill")->post("/jobs/{$job->id}/footing/bill", [$field => $typed] + ['price_bag' => '5', 'based_on' => '1'])->assertSessionHasErrors($field);
            $this->get("/jobs/{$job->id}/footing/bill")->assertSee('value="'.$typed.'"', false);
        }
        $this->assertSame(1, $job->revisions()->count());
    }

    public function test_lists_to_take_along_hold_everything_that_is_bought_once(): void
    {
        $job = $this->level($this->plan()->priced(['bag' => new Pricing(1, 0.1, 100, 500), 'stake' => new Pricing(10, 0, 0, 790), 'string' => new Pricing(100, 0.1, 0, 650)]));
        foreach (['counter', 'work'] as $by) {
            $site = app(ReadSite::class)->site($job)->state;
            $page = new ListsPage(new BillPage($site), $site, $by);
            $names = array_merge(...array_map(fn (array $list) => array_map(fn (BillRow $row) => $row->line->goods->name, $list[1]), $page->lists()));
            foreach ($page->lists() as [, $rows, $sum]) {
                $coins = array_map(fn (BillRow $row) => $row->line->bought->coins, $rows);
                $this->assertSame(in_array(null, $coins, true) ? (array_filter($coins) === [] ? '' : 'at least '.BillPage::money(array_sum($coins))) : BillPage::money(array_sum($coins)), $sum);
            }
            // Everything but the bags, of which enough lie on the site.
            $wanted = array_values(array_diff(array_keys($this->lines($job)), ['bag']));
            $this->assertEqualsCanonicalizing($wanted, $names);
        }
        $this->get("/jobs/{$job->id}/footing/bill/lists")->assertOk()->assertSeeTextInOrder(['Timber', 'at least 7.90', 'Post 3600', '10', 'Stake', '1 pack of 10', 'Ironmonger', 'string'])->assertDontSeeText('Bag of dry mix');
        $this->get("/jobs/{$job->id}/footing/bill/lists?by=work")->assertSeeTextInOrder(['To set out', 'Stake', 'To set the posts', 'Post 3600']);
        $this->get("/jobs/{$job->id}/footing/bill")->assertSee('Lists to take along');
    }

    /** Over a thousand it is shown with its mark for thousands, and what is shown can be kept again. */
    public function test_a_price_over_a_thousand_is_kept_and_kept_again(): void
    {
        $job = $this->level($this->plan());
        $keep = fn (string $price) => $this->post("/jobs/{$job->id}/footing/bill", ['form' => 'bill', 'price_bag' => $price, 'pack_bag' => '1', 'waste_bag' => '10', 'based_on' => $job->fresh()?->revision->number]);
        $keep('1234.5')->assertSessionHasNoErrors();
        $this->get("/jobs/{$job->id}/footing/bill")->assertSee('value="1,234.50"', false);
        $keep('1,234.50')->assertSessionHasNoErrors();
        $this->assertSame(123450, (int) $this->lines($job)['bag']->goods->price);
        // A thousand and more, or one and a bit? Nobody knows.
        $keep('1,234')->assertSessionHasErrors('price_bag');
        $this->assertSame(123450, (int) $this->lines($job)['bag']->goods->price);
    }

    #[TestWith(['12.50', 12.5])]
    #[TestWith(['12,5', 12.5])]
    #[TestWith(['1,234.50', 1234.5])]
    #[TestWith(['1.234,50', 1234.5])]
    #[TestWith(['1,234,567.8', 1234567.8])]
    #[TestWith(['0.125', 0.125])]
    #[TestWith(['€ 7', 7.0])]
    #[TestWith(['1,234', null])]
    #[TestWith(['1.234', null])]
    #[TestWith(['12.34.56', null])]
    #[TestWith(['-3', null])]
    #[TestWith(['3 dear', null])]
    #[TestWith(['20000000', null])]
    #[TestWith(['', null])]
    public function test_amounts_are_read_as_they_are_written_or_not_at_all(string $typed, ?float $amount): void
    {
        $this->assertSame($amount, Amount::read($typed));
    }

    /** No list is taken along as whole while ground is not read, or no frame is kept. */
    public function test_lists_and_choices_say_what_is_not_in_them(): void
    {
        $whole = $this->level($this->plan());
        $open = $this->level($this->plan(), 5);
        foreach ([[$whole, false], [$open, true]] as [$job, $isOpen]) {
            $lists = $this->get("/jobs/{$job->id}/footing/bill/lists")->assertSee('What stands on the posts is not in it');
            $choices = $this->get("/jobs/{$job->id}/footing/bill/choices");
            $isOpen ? $choices->assertSee('ground is not read') : $choices->assertDontSee('ground is not read');
            $isOpen ? $lists->assertSee(Say::text('bill.ground_is_open')) : $lists->assertDontSee(Say::text('bill.ground_is_open'));
        }
    }

    public function test_every_ware_is_called_something(): void
    {
        foreach (Ware::cases() as $ware) {
            $this->assertNotSame('', \Aequus\Words\Bill\BillWords::name($ware));
        }
    }

    private function plan(): Plan
    {
        return Builds::plan()->withFooting(new FootingRules(
            Length::millimetres(700), Length::millimetres(100), LeastEmbedment::length(Length::zero()), Length::zero(), Length::zero(), Length::zero(), DepthMode::Own,
        ));
    }

    /** Its ground read level at every post. */
    private function level(Plan $plan, int $read = 1000): Job
    {
        $job = $this->job($this->user, $plan);
        $rod = fn (?\Aequus\Plan\Posts\PostId $post): RodReading => new RodReading($post, Length::millimetres(1500));
        $this->write($job, $this->user, new BenchmarkChosen('sill', Length::zero()), $rod(null), ...array_map(fn ($post) => $rod($post->id), array_slice($plan->grid->posts, 0, $read)));

        return $job;
    }

    /** @return array<string, BillLine> by what is bought */
    private function lines(Job $job): array
    {
        $lines = (new JobNeeds(app(ReadSite::class)->site($job->fresh() ?? $job)->state))->bill()->lines;

        return array_combine(array_map(fn (BillLine $line) => $line->goods->name, $lines), $lines);
    }

    private function amount(BillLine $line): string
    {
        return rtrim(rtrim(number_format($line->needed, 3), '0'), '.');
    }
}
