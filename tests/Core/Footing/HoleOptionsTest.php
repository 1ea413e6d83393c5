<?php

declare(strict_types=1);

namespace Tests\Core\Footing;

use Aequus\Footing\Depths\DepthRule;
use Aequus\Footing\Footings;
use Aequus\Footing\Holes\HoleAsDug;
use Aequus\Footing\Holes\HoleOption;
use Aequus\Footing\Holes\HoleOptions;
use Aequus\Footing\Holes\HoleRemedy;
use Aequus\Guide\Guide;
use Aequus\Guide\Move\Scope;
use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Entry;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Footing\Finding;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Footing\SoilLayer;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Log;
use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\Firmer;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\LeastDepths;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\Customs;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\Holding\WoodCare;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\PostRole;
use Aequus\Plan\Tops\TopRules;
use Aequus\Site\SiteState;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Core\Guide\SimulatedBuilder;
use Tests\Told;

/** Holes that did not come out as planned, on a 3 × 2 grid: every hole must be 1100 deep, its foot 900 below the ground. */
final class HoleOptionsTest extends TestCase
{
    public function test_a_hole_that_rock_stops_gets_its_options_in_order_with_its_numbers(): void
    {
        $options = $this->options('B1', 1000, Finding::Rock);
        $this->assertSame([
            'Break the rock and dig on', 'Shift the hole clear of it, keeping the post on its mark', 'Thin the gravel', 'Shorten the post and take the hole as it is', 'Pin a base to the rock',
        ], array_map(fn (HoleOption $option) => Told::say($this->plan(), $option->do), $options));
        $this->assertEqualsWithDelta(100, $options[0]->number?->inMillimetres(), 1e-6);
        // (400 − 198) / 2 of room, less the cover that the job asks for.
        $cover = $this->plan()->layout->cover->inMillimetres();
        $this->assertEqualsWithDelta((400 - hypot(140, 140)) / 2 - $cover, $options[1]->number?->inMillimetres(), 1e-3);
        $this->assertFalse($options[2]->open, '50 of gravel are saved, 100 are wanted');
        // Gravel at its thinnest, 50: the foot rises by 50, the pad lies 950 deep, and 50 of the margin of 100 are left.
        $this->assertEqualsWithDelta(50, $options[3]->number?->inMillimetres(), 1e-6);
        $effect = Told::say($this->plan(), ...$options[3]->effect);
        $this->assertStringContainsString('The foot rises by 50 mm', $effect);
        $this->assertStringContainsString('Only the margin is given up', $effect);
    }

    public function test_what_a_short_hole_gives_up_is_said_rule_by_rule(): void
    {
        $effect = Told::say($this->plan(), ...$this->options('B1', 600, null)[2]->effect);
        // Pad at 550, frost at 900; the foot at 450, embedment 600.
        $this->assertStringContainsString('350 mm above the frost line', $effect);
        $this->assertStringContainsString('150 mm less deep than its least embedment', $effect);
    }

    public function test_thinner_gravel_that_saves_a_hole_is_open(): void
    {
        $thin = $this->options('B1', 1060, null)[1];
        $this->assertTrue($thin->open);
        $this->assertEqualsWithDelta(60, $thin->number?->inMillimetres(), 1e-6);
    }

    #[TestWith(['A1', true])]
    #[TestWith(['C2', true])]
    #[TestWith(['B2', false])]
    public function test_a_corner_is_never_shortened(string $label, bool $isCorner): void
    {
        $shorten = $this->options($label, 700, null)[2];
        $this->assertSame(! $isCorner, $shorten->open);
        $this->assertSame($isCorner, $this->plan()->roleOf($this->plan()->grid->labelled($label)) === PostRole::Corner);
    }

    public function test_a_hole_dug_too_deep_is_filled_or_gets_a_thicker_pad(): void
    {
        [$fill, $pad] = $this->options('B1', 1230, null);
        $this->assertEqualsWithDelta(130, $fill->number?->inMillimetres(), 1e-6);
        $this->assertEqualsWithDelta(230, $pad->number?->inMillimetres(), 1e-6);
        $this->assertSame([], $this->options('B1', 1100, null));
    }

    #[TestWith([Finding::Water, 'Pump it dry'])]
    #[TestWith([Finding::RunningSand, 'Put a tube'])]
    #[TestWith([Finding::SoftGround, 'Dig on to firm ground'])]
    public function test_what_a_deep_enough_hole_met_still_gets_its_answer(Finding $found, string $do): void
    {
        $this->assertStringStartsWith($do, Told::say($this->plan(), $this->options('B1', 1100, $found)[0]->do));
    }

    public function test_an_anchor_post_is_never_shortened_either_and_goes_deeper(): void
    {
        $plan = $this->plan(new LeastDepths(forRole: Length::millimetres(700)), ['B2' => PostRole::Anchor]);
        $site = $this->siteOf($plan);
        $depth = fn (string $label) => $site->footing->required($plan->grid->labelled($label));
        // 600 of least embedment and 700 more put the foot 1300 down, below what frost asks; B1 has no role.
        $this->assertSame(
            [DepthRule::Role, DepthRule::Role, DepthRule::Frost], array_map(fn (string $label) => $depth($label)?->governing, ['B2', 'A1', 'B1']),
        );
        $this->assertEqualsWithDelta(1500, $depth('B2')?->holeDepth()->inMillimetres(), 1e-6);
        $short = (new HoleOptions($plan, new HoleAsDug($depth('B2') ?? $this->fail(), Length::millimetres(-700), Length::millimetres(50))))->options;
        $this->assertSame(
            [false, 'Never at an anchor: what pulls at it needs the whole depth.'], [$short[2]->open, Told::say($plan, ...$short[2]->effect)],
        );
    }

    public function test_a_rule_left_aside_no_longer_governs_for_the_posts_it_was_left_aside_for(): void
    {
        $waived = $this->site(new Decision(DecisionAbout::WaiveFrost, $this->id('B2'), 'a letter box, heave does no harm'));
        $governs = fn (string $label) => $waived->footing->required($this->plan()->grid->labelled($label))?->governing;
        $this->assertSame([DepthRule::Embedment, DepthRule::Frost], [$governs('B2'), $governs('B1')]);
        $all = $this->site(new Decision(DecisionAbout::WaiveFrost, null, 'light'), new Decision(DecisionAbout::WaiveEmbedment, null, 'light'));
        $b1 = $all->footing->required($this->plan()->grid->labelled('B1'));
        $this->assertSame(DepthRule::Embedment, $b1?->governing, 'a quarter of the post, where nobody typed what holds instead');
        $this->assertEqualsWithDelta(2400 / 3 + 200, $b1->holeDepth()->inMillimetres(), 1e-5);
        $typed = $this->site(
            new Decision(DecisionAbout::WaiveFrost, null, 'light'),
            new Decision(DecisionAbout::WaiveEmbedment, null, 'light', Length::millimetres(450)),
        );
        $required = $typed->footing->required($this->plan()->grid->labelled('B1'));
        $this->assertEqualsWithDelta(450 + 200, $required?->holeDepth()->inMillimetres(), 1e-6);
        $this->assertTrue($required->need->isShallow($this->plan()->standing), '450 of 2850 is less than a quarter');
    }

    public function test_a_shortened_post_is_judged_by_every_rule_that_applies(): void
    {
        $plan = $this->plan(new LeastDepths(maker: Length::millimetres(850), sideways: Length::millimetres(890)));
        $required = $this->siteOf($plan)->footing->required($plan->grid->labelled('B1')) ?? $this->fail();
        // Ground −100, bottom 1000 below it: gravel at its thinnest puts the foot 850 below the ground.
        $effect = Told::say(
            $plan,
            ...(new HoleOptions(
                $plan, new HoleAsDug($required, $required->need->ground->minus(Length::millimetres(1000)), Length::millimetres(50)),
            ))->options[2]->effect,
        );
        $this->assertStringContainsString('40 mm less deep than its load from the side asks', $effect);
        $this->assertStringNotContainsString('Only the margin', $effect);
        $this->assertStringNotContainsString('maker', $effect);
    }

    public function test_corners_are_firmer_unless_only_those_named_are_and_two_posts_have_none(): void
    {
        $plan = $this->plan();
        $named = $plan->footing ?? $this->fail();
        $only = $plan->withFooting(
            new FootingRules(
                $named->frost, $named->margin, $named->embedment, $named->pad, $named->gravel, $named->leastGravel, $named->mode,
                firmer: Firmer::OnlyNamed,
            ),
        );
        $this->assertSame(PostRole::Corner, $plan->roleOf($plan->grid->labelled('A1')));
        $this->assertNull($only->roleOf($only->grid->labelled('A1')));
        $two = Builds::plan([2400], [])->withFooting($named);
        $this->assertNull($two->roleOf($two->grid->labelled('A1')), 'a frame of two posts can take a short hole');
    }

    public function test_softer_soil_than_assumed_asks_for_a_wider_foot(): void
    {
        $plan = $this->plan()->withHolding(
            new Holding(Hold::Concrete, new HoldingSite(Soil::Gravel), PierRules::usual($this->plan()->notation), Length::millimetres(300)),
        );
        $required = $this->site()->footing->required($plan->grid->labelled('B1')) ?? $this->fail();
        $options = fn (Soil $found) => (new HoleOptions(
            $plan, new HoleAsDug($required, $required->bottom(), Length::millimetres(50), null, null, $found),
        ))->options;
        // Gravel carries 3000, clay 1500 lb/ft²: the area doubles, the width grows by √2.
        $this->assertEqualsWithDelta(400 * M_SQRT2, $options(Soil::Clay)[0]->number?->inMillimetres(), 1e-3);
        $this->assertSame([], $options(Soil::Bedrock));
        $short = (new HoleOptions(
            $plan,
            new HoleAsDug($required, $required->bottom()->plus(Length::millimetres(200)), Length::millimetres(50), null, Finding::Rock, Soil::Clay),
        ))->options;
        $this->assertSame(
            ['Break', 'Shift', 'Bell', 'Pour', 'Thin', 'Shorten', 'Pin'],
            array_map(fn (HoleOption $one) => explode(' ', Told::say($this->plan(), $one->do))[0], $short),
            'what leaves the foot where it is comes first',
        );
        $soft = new HoleDug(
            $this->id('B1'), Length::millimetres(1100), null, null,
            [new SoilLayer(Soil::Gravel, Length::millimetres(400)), new SoilLayer(Soil::Clay, Length::millimetres(1100))],
        );
        $next = Guide::next($this->siteOf($plan, $soft), Scope::job());
        $this->assertSame('Weigh width and way of holding again', Told::do($next));
        $this->assertStringContainsString('clay was found at B1, gravel was assumed', Told::why($next));
        $this->assertSame(
            'Dig hole A1',
            Told::do(Guide::next(
                $this->siteOf($plan, $soft, new Decision(DecisionAbout::KeepHolding, $this->id('B1'), 'the pad is twice as wide as needed')),
                Scope::job(),
            )),
        );
        $this->assertSame(
            'Dig hole A1',
            Told::do(Guide::next(
                $this->siteOf(
                    $plan,
                    new HoleDug($this->id('B1'), Length::millimetres(1100), null, null, [new SoilLayer(Soil::Gravel, Length::millimetres(1100))]),
                ),
                Scope::job(),
            )),
        );
    }

    public function test_buried_wood_is_treated_to_a_hand_above_the_ground_and_shortened_at_its_top(): void
    {
        $held = fn (WoodCare $care, Hold $hold = Hold::Gravel, bool $wood = true): Plan => $this->plan()->withHolding(new Holding(
            $hold, new HoldingSite(Soil::Gravel, wood: $wood), PierRules::usual($this->plan()->notation), Length::millimetres(300), customs: new Customs(wood: $care),
        ));
        $b1 = $this->plan()->grid->labelled('B1');
        $reach = fn (Plan $plan, Payload ...$more) => $this->siteOf($plan, ...$more)->footing->treatedUpTo($b1)?->inMillimetres();
        $planned = $this->site()->footing->required($b1) ?? $this->fail();
        $below = $planned->need->ground->minus($planned->foot)->inMillimetres();
        $this->assertEqualsWithDelta($below + 100, $reach($held(WoodCare::Charred)), 1e-6);
        $this->assertNull($reach($held(WoodCare::Nothing)));
        $this->assertNull($reach($held(WoodCare::Charred, Hold::Pier)));
        $this->assertNull($reach($held(WoodCare::Charred, wood: false)));
        $rock = new HoleDug($b1->id, $planned->holeDepth()->minus(Length::millimetres(150)), null, Finding::Rock);
        $this->assertLessThan($below + 100, $reach($held(WoodCare::Charred), $rock), 'its foot stands higher');
        $options = fn (WoodCare $care) => implode(
            ' ',
            array_map(
                fn (HoleOption $one) => Told::say($this->plan(), ...$one->effect),
                (new HoleOptions($held($care), $this->siteOf($held($care), $rock)->footing->asDug($b1) ?? $this->fail()))->options,
            ),
        );
        $this->assertStringContainsString('Cut it at the top: turned over, or cut at the foot', $options(WoodCare::Charred));
        $this->assertStringNotContainsString('Cut it at the top', $options(WoodCare::Nothing));
        $dug = array_map(fn ($post) => new HoleDug($post->id, Length::millimetres(1300)), $this->plan()->grid->posts);
        $why = Told::why(Guide::next($this->siteOf($held(WoodCare::Charred), ...$dug), Scope::post($b1)));
        $this->assertStringContainsString('up from its foot: to there it is charred. A foot that is cut', $why);
    }

    public function test_a_driven_post_that_goes_no_deeper_is_drilled_for_or_cut_by_rule(): void
    {
        $plan = $this->plan()->withHolding(
            new Holding(Hold::Driven, new HoldingSite(Soil::Sand, wood: false), PierRules::usual($this->plan()->notation), Length::millimetres(300)),
        );
        $options = function (string $label, ?int $left = null) use ($plan): array {
            $required = $this->siteOf($plan)->footing->required($plan->grid->labelled($label)) ?? $this->fail();
            $this->assertEqualsWithDelta(1000, $required->holeDepth()->inMillimetres(), 1e-6, 'frost and margin; no pad, no gravel');

            return (new HoleOptions($plan, new HoleAsDug($required, Length::millimetres(-700), Length::zero()), $left))->options;
        };
        $this->assertStringStartsWith('Drive on', Told::say($this->plan(), $options('B1')[0]->do));
        $steps = fn (string $label, ?int $left = null): array => array_map(fn ($option) => $option->do->is, $options($label, $left));
        $down = [HoleRemedy::DriveOn, HoleRemedy::TurnIt, HoleRemedy::PullAndDrill, HoleRemedy::DigOutAndFill];
        // At its foot, or at its top with its hole drilled anew where the string crosses it, 300 lower; a corner is never shortened.
        $this->assertSame([...$down, HoleRemedy::CutItsFoot, HoleRemedy::LeaveAndCutItsTop], $steps('B1'));
        $this->assertSame([300.0, 300.0], [round($options('B1')[4]->number?->inMillimetres() ?? 0.0, 6), round($options('B1')[5]->number?->inMillimetres() ?? 0.0, 6)]);
        $this->assertSame([...$down, HoleRemedy::CutItsTop], $steps('A1'));
        $this->assertSame([true, false], [$options('B1')[5]->open, $options('A1')[4]->open]);
        // What the sheet lets be shortened is counted.
        $this->assertStringContainsString('2 more may be shortened', Told::say($this->plan(), ...$options('B1', 2)[4]->effect));
        $this->assertSame([...$down, HoleRemedy::CutItsTop], $steps('B1', 0));
        $this->assertFalse($options('B1', 0)[4]->open);
    }

    public function test_driven_posts_follow_the_first_so_that_tops_come_level(): void
    {
        $plan = $this->plan()->withHolding(
            new Holding(Hold::Driven, new HoldingSite(Soil::Sand, wood: false), PierRules::usual($this->plan()->notation), Length::millimetres(300)),
        );
        // The ground at B1 lies 50 below that at A1.
        $ground = ByPost::fromStored([$this->id('A1')->value => Length::zero(), $this->id('B1')->value => Length::millimetres(-50)]);
        $deep = fn (Plan $plan, float ...$driven) => (new Footings($plan, new Log(array_map(
            fn (float $depth) => new Entry(
                1, 'driven', new HoleDug($this->id('A1'), Length::millimetres($depth)), 1, '2026-05-04 08:00:00', 'Ann',
            ), $driven,
        )), $ground))->toReach($plan->grid->labelled('B1'))?->inMillimetres();
        $this->assertEqualsWithDelta(1000, $deep($plan), 1e-6, 'its own rule');
        $this->assertEqualsWithDelta(1150, $deep($plan, 1200), 1e-6, 'the same top from lower ground');
        $this->assertEqualsWithDelta(1000, $deep($plan, 900), 1e-6, 'never less than its rule');
        $falling = $plan->withTops(new TopRules(Length::millimetres(2300), Slope::ratio(-1 / 24), Slope::level(), Length::millimetres(1200)));
        $this->assertEqualsWithDelta(1250, $deep($falling, 1200), 1e-3, 'a top 100 lower');
        $this->assertStringContainsString(
            'level with A1’s', Told::why(Guide::next($this->siteOf($plan, new HoleDug($this->id('A1'), Length::millimetres(1200))), Scope::job())),
        );
    }

    public function test_layers_go_down_within_the_hole(): void
    {
        $tooDeep = fn () => new HoleDug($this->id('B1'), Length::millimetres(900), null, null, [new SoilLayer(Soil::Clay, Length::millimetres(950))]);
        $this->assertStringContainsString('Layers go down from the top', Told::refused($tooDeep));
    }

    public function test_undug_neighbours_are_warned_and_others_are_not(): void
    {
        $met = new HoleDug($this->id('B1'), Length::millimetres(1100), null, Finding::Water);
        $footing = $this->site($met)->footing;
        $beside = fn (string $label) => count($footing->foundBeside($this->plan()->grid->labelled($label), $this->plan()->grid->posts));
        $this->assertSame([1, 1, 1, 0, 0], array_map($beside, ['A1', 'C1', 'B2', 'A2', 'C2']));
        $next = Guide::next($this->site($met), Scope::job());
        $this->assertSame('Dig hole A1', Told::do($next));
        $this->assertStringContainsString('B1 beside it met water.', Told::why($next));
        $this->assertStringEndsWith('margin.', Told::why(Guide::next($this->site(), Scope::job())));
    }

    public function test_a_decision_settles_a_short_hole(): void
    {
        $short = new HoleDug($this->id('A1'), Length::millimetres(600), null, Finding::Rock);
        $this->assertSame('Settle what to do about the rock in A1', Told::do(Guide::next($this->site($short), Scope::job())));
        $settled = $this->site($short, new Decision(DecisionAbout::AsEngineerSays, $this->id('A1'), 'pinned to the ledge, drawing 3'));
        $this->assertSame('Dig hole B1', Told::do(Guide::next($settled, Scope::job())));
    }

    public function test_width_and_finding_go_into_the_book_and_older_holes_are_still_understood(): void
    {
        $hole = new HoleDug(
            $this->id('B1'), Length::millimetres(900), Length::millimetres(460), Finding::Roots,
            [new SoilLayer(Soil::Sand, Length::millimetres(300)), new SoilLayer(Soil::Clay, Length::millimetres(900))],
        );
        $this->assertEquals($hole, EntryKind::Hole->read(EntryKind::VERSION, $hole->stored()));
        $this->assertEquals(
            new HoleDug($this->id('B1'), Length::millimetres(900)),
            EntryKind::Hole->read(1, ['post' => $this->id('B1')->value, 'depth' => 900_000_000]),
        );
        $this->expectException(EntryRefused::class);
        new HoleDug($this->id('B1'), Length::millimetres(900), Length::zero());
    }

    /** @return list<HoleOption> */
    private function options(string $label, float $depth, ?Finding $found): array
    {
        $required = $this->site()->footing->required($this->plan()->grid->labelled($label));
        $this->assertNotNull($required);

        return (new HoleOptions(
            $this->plan(), new HoleAsDug($required, Length::millimetres(-$depth), Length::millimetres(50), null, $found),
        ))->options;
    }

    /** @param  array<string, PostRole>  $roles by label */
    private function plan(LeastDepths $least = new LeastDepths, array $roles = []): Plan
    {
        $plan = Builds::plan(baysX: [2400, 2400], baysY: [3000]);
        $byId = [];
        foreach ($roles as $label => $role) {
            $byId[$plan->grid->labelled($label)->id->value] = $role;
        }

        return $plan->withFooting(new FootingRules(
            Length::millimetres(900), Length::millimetres(100), LeastEmbedment::length(Length::millimetres(600)),
            Length::millimetres(100), Length::millimetres(100), Length::millimetres(50), DepthMode::Own, least: $least, roles: ByPost::fromStored($byId),
        ));
    }

    private function id(string $label): \Aequus\Plan\Posts\PostId
    {
        return $this->plan()->grid->labelled($label)->id;
    }

    private function site(Payload ...$more): SiteState
    {
        return $this->siteOf($this->plan(), ...$more);
    }

    private function siteOf(Plan $plan, Payload ...$more): SiteState
    {
        $level = [
            new BenchmarkChosen('sill', Length::zero()), new RodReading(null, Length::millimetres(1500)),
            ...array_map(fn ($post) => new RodReading($post->id, Length::millimetres(1500)), $plan->grid->posts),
        ];

        return (new SimulatedBuilder(
            $plan, '2026-06-01', new NoticeAsked('2026-05-04', 3, ''), ...Builds::readings($plan), ...$level, ...$more,
        ))->site();
    }
}
