<?php

declare(strict_types=1);

namespace Tests\Core\Guide;

use Aequus\Guide\Guide;
use Aequus\Guide\Move\Scope;
use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\Book\HandedOver;
use Aequus\Logbook\Book\Strike;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Clear\ServiceLine;
use Aequus\Logbook\Clear\ServiceType;
use Aequus\Logbook\Cut\PostCut;
use Aequus\Logbook\Cut\TopMeasured;
use Aequus\Logbook\Footing\Finding;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Footing\SoilLayer;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Set\CheckRoute;
use Aequus\Logbook\Set\CrossChecked;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PointOfNoReturn;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Set\ReadyItem;
use Aequus\Logbook\Set\SeenReady;
use Aequus\Logbook\Square\BoardsUp;
use Aequus\Logbook\Square\StakeMoved;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\BuildOrder;
use Aequus\Plan\Holding\Customs;
use Aequus\Plan\Holding\FillOrder;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\Layout\ChosenPlacement;
use Aequus\Plan\Layout\LayoutRules;
use Aequus\Plan\Layout\ReadingList;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\Side;
use Aequus\Plan\Tops\TopRules;
use Aequus\Site\Phase;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Told;

/** Fifty-odd site histories on a 2 × 2 grid of 5400 by 3600 mm (unless told otherwise), some of them contradictory. */
final class GuideTest extends TestCase
{
    private const SIDES = [['A1', 'B1', 5400.0], ['B1', 'B2', 3600.0], ['B2', 'A2', 5400.0], ['A2', 'A1', 3600.0]];

    private const DIAGONAL = 6489.99;

    /** @param  list<Payload>  $history */
    #[DataProvider('histories')]
    public function test_the_next_move_of_a_site_history_and_that_obeying_finishes_the_job(
        string $next, array $history, ?Plan $plan = null, string $today = '2026-06-01',
    ): void {
        $builder = new SimulatedBuilder($plan ?? self::plan(), $today, ...$history);
        $this->assertStringStartsWith($next, Told::do($builder->next()));
        $builder->finish();
        $this->assertNotNull($builder->site()->handover()->given);
    }

    public static function histories(): Generator
    {
        $notice = new NoticeAsked('2026-05-04', 3, 'M-17');
        $bench = [new BenchmarkChosen('sill', Length::zero()), new RodReading(null, Length::millimetres(1500))];
        $square = [$notice, ...self::tapes()];
        $level = [...$square, ...$bench, ...self::each(fn (PostId $id) => new RodReading($id, Length::millimetres(1600)))];
        $ready = self::plan()->withFooting(self::footing());
        // Ground −100, foot at −100 − 900 − 100 + 100, hole to 200 below the foot: 1100 deep.
        $dug = [...$level, ...self::each(fn (PostId $id) => new HoleDug($id, Length::millimetres(1100)))];
        $set = [...$dug, ...self::each(fn (PostId $id) => new PostSet($id))];
        $plumb = [...$set, ...self::plumbAll()];
        $tops = $ready->withTops(new TopRules(Length::millimetres(2300), Slope::level(), Slope::level(), Length::millimetres(1200)));
        $measured = [...$plumb, ...self::each(fn (PostId $id) => new TopMeasured($id, Length::millimetres(1200)))];
        $cut = [...$measured, ...self::each(fn (PostId $id) => new PostCut($id))];
        $crossing = new ServiceLine(ServiceType::Water, 'water', Length::millimetres(600), [self::point(-1000, 300), self::point(9000, 300)]);

        yield 'an empty book' => ['Ask for utility marks', []];
        yield 'a tape far from the plan before any notice' => [
            'Ask for utility marks', [self::tape('A1', 'B1', 6400), ...array_slice(self::tapes(), 1)],
        ];
        yield 'holes before any notice' => ['Stop digging', array_slice($dug, 1), $ready];
        yield 'a water line along the base line' => ['Keep hole A1 clear', [$notice, $crossing]];
        yield 'one of two conflicts decided' => [
            'Keep hole B1 clear', [$notice, $crossing, new Decision(DecisionAbout::DigByHand, self::id('A1'), 'probed')],
        ];
        yield 'a line struck from the book' => ['Pull the tape A1–B1', [$notice, $crossing, new Strike(2, 'it is the neighbour’s')]];
        yield 'notice asked' => ['Pull the tape A1–B1', [$notice]];
        yield 'stakes set roughly' => [
            'Set the batter boards and pull the strings', [$notice, ...self::tapes()],
            $roughly = self::plan()->withLayout(
                new LayoutRules(
                    self::plan()->layout->placement, ReadingList::Full, TapeClass::Steel, null, self::plan()->layout->strings,
                    self::plan()->layout->boards, self::plan()->layout->cover, roughFirst: true,
                ),
            ),
        ];
        yield 'a rough stake two feet off' => [
            'Set the stakes nearer and pull A1–B1 again', [$notice, self::tape('A1', 'B1', 6000), ...array_slice(self::tapes(), 1)], $roughly,
        ];
        yield 'the boards stand' => ['Pull the tape A1–B1', [$notice, ...self::tapes(), new BoardsUp], $roughly];
        yield 'one side taped' => ['Pull the tape B1–B2', [$notice, self::tape('A1', 'B1', 5400)]];
        yield 'sides taped, no diagonal' => ['Pull the tape A1–B2', [$notice, ...array_slice(self::tapes(), 0, 4)]];
        yield 'a diagonal an inch long' => [
            'Pull A1–B2 again',
            [$notice, ...array_slice(self::tapes(), 0, 4), self::tape('A1', 'B2', self::DIAGONAL + 25.4), self::tape('B1', 'A2', self::DIAGONAL)],
        ];
        yield 'a side that makes no figure' => ['Pull A1–B1 again', [$notice, self::tape('A1', 'B1', 15400), ...array_slice(self::tapes(), 1)]];
        yield 'one pair read twice, far apart' => ['Choose a benchmark', [$notice, ...self::tapes(), self::tape('B1', 'B2', 3640)]];
        yield 'one pair read twice, alike' => ['Choose a benchmark', [$notice, ...self::tapes(), self::tape('B1', 'B2', 3600.5)]];
        yield 'all six read twice and still at odds' => ['Find out why', [$notice, ...self::contradictory(), ...self::contradictory()]];
        yield 'a racked outline' => [
            'Move stakes A2 and B2',
            [$notice, ...array_slice(self::tapes(), 0, 4), self::tape('A1', 'B2', self::DIAGONAL + 20), self::tape('B1', 'A2', self::DIAGONAL - 20)],
        ];
        yield 'a racked outline taken as it is' => [
            'Choose a benchmark',
            [
                $notice, ...array_slice(self::tapes(), 0, 4), self::tape('A1', 'B2', self::DIAGONAL + 20),
                self::tape('B1', 'A2', self::DIAGONAL - 20), new Decision(DecisionAbout::AcceptOutline, null, 'a chicken run'),
            ],
        ];
        yield 'a base line 30 mm long' => ['Move stakes B1 and B2', [$notice, ...self::longBase()]];
        yield 'a stake moved after it was taped' => ['Pull the tape A1–B1', [$notice, ...self::tapes(), new StakeMoved(self::id('B1'))]];
        yield 'squared' => ['Choose a benchmark', $square];
        yield 'rods before a benchmark' => ['Choose a benchmark', [...$square, new RodReading(self::id('A1'), Length::millimetres(1600))]];
        yield 'benchmark without its rod' => ['Read the rod on sill', [...$square, $bench[0]]];
        yield 'laser set up' => ['Read the rod at A1', [...$square, ...$bench]];
        yield 'the far row is walked backwards' => [
            'Read the rod at B2',
            [
                ...$square, ...$bench, new RodReading(self::id('A1'), Length::millimetres(1600)),
                new RodReading(self::id('B1'), Length::millimetres(1600)),
            ],
        ];
        $second = self::each(fn (PostId $id) => new RodReading($id, Length::millimetres($id->equals(self::id('B2')) ? 1330 : 1300), '2'));
        yield 'a rod of a second set-up that does not fit' => ['Read again: the rod on B2', [...$level, ...$second]];
        yield 'heights that disagree, taken with a reason' => [
            'Decide how deep', [...$level, ...$second, new Decision(DecisionAbout::AcceptHeights, null, 'a soft bank')],
        ];
        yield 'a set-up that sees nothing known' => [
            'Read the rod on sill', [...$square, ...$bench, new RodReading(self::id('A1'), Length::millimetres(1600), '2')],
        ];
        yield 'levelled, no rules' => ['Decide how deep', $level];
        yield 'rules, notice still running' => ['Wait for the utility marks', $level, $ready, '2026-05-05'];
        $plane = self::plan()->withFooting(self::footing(DepthMode::CommonPlane));
        yield 'depths that rest on rods read once' => ['Set up once more, elsewhere: the rod on sill', $level, $plane];
        yield 'a second set-up that saw only the benchmark' => [
            'Read the rod at A1 from set-up 2 too', [...$level, new RodReading(null, Length::millimetres(1200), '2')], $plane,
        ];
        yield 'every rod read from two set-ups' => [
            'Dig hole A1',
            [
                ...$level, new RodReading(null, Length::millimetres(1200), '2'),
                ...self::each(fn (PostId $id) => new RodReading($id, Length::millimetres(1300), '2')),
            ],
            $plane,
        ];
        yield 'single rods taken with a reason' => [
            'Dig hole A1', [...$level, new Decision(DecisionAbout::AcceptHeights, null, 'a short walk')], $plane,
        ];
        $nine = Builds::plan(baysX: [2400, 2400], baysY: [2400, 2400]);
        $rods = fn (float $slip): array => [
            $notice, ...Builds::readings($nine), ...$bench,
            ...array_map(
                fn ($post) => new RodReading(
                    $post->id,
                    Length::millimetres(
                        1600 + $post->at->x->inMillimetres() / 100 + ($post->label === 'B2' ? $slip
                            : (ord($post->label[0]) * 7 + (int) $post->label[1] * 5) % 6),
                    ),
                ),
                $nine->grid->posts,
            ),
        ];
        yield 'a rod a foot off amid others' => ['Set up elsewhere: the rod on sill, then on B2', $rods(304.8), $nine->withFooting(self::footing())];
        yield 'and the benchmark seen from a second set-up' => [
            'Read the rod on B2 again, from set-up 2', [...$rods(304.8), new RodReading(null, Length::millimetres(1200), '2')],
            $nine->withFooting(self::footing()),
        ];
        yield 'the same rod read twice, far apart' => [
            'Read again: the rod on A1 from set-up 1', [...$level, new RodReading(self::id('A1'), Length::millimetres(1700))],
        ];
        yield 'and a third time' => [
            'Decide how deep',
            [...$level, new RodReading(self::id('A1'), Length::millimetres(1700)), new RodReading(self::id('A1'), Length::millimetres(1600))],
        ];
        yield 'ground that fits its plane' => ['Dig hole A1', $rods(0), $nine->withFooting(self::footing())];
        yield 'ready to dig' => ['Dig hole A1', $level, $ready];
        yield 'a hole short of frost' => ['Dig A1 deeper', [...$level, new HoleDug(self::id('A1'), Length::millimetres(800))], $ready];
        yield 'a hole that stops on rock' => [
            'Settle what to do about the rock in A1', [...$level, new HoleDug(self::id('A1'), Length::millimetres(800), found: Finding::Rock)],
            $ready,
        ];
        yield 'a short hole taken as it is' => [
            'Dig hole B1',
            [...$level, new HoleDug(self::id('A1'), Length::millimetres(800)), new Decision(DecisionAbout::AcceptShortHole, self::id('A1'), 'rock')],
            $ready,
        ];
        yield 'a hole that thinner gravel saves' => ['Dig hole B1', [...$level, new HoleDug(self::id('A1'), Length::millimetres(1060))], $ready];
        yield 'a plane asked for that is too high' => [
            'Change the plane', $level, self::plan()->withFooting(self::footing(DepthMode::CommonPlane, Length::millimetres(-500))),
        ];
        yield 'all dug' => ['Set post A1', $dug, $ready];
        yield 'one set' => ['Set post B1', [...$dug, new PostSet(self::id('A1'))], $ready];
        yield 'all set, none read' => ['Hold the level on the lane face of A1', $set, $ready];
        yield 'one face read' => ['Hold the level on the stream face of A1', [...$set, self::plumb('A1', Side::MinusY, 0)], $ready];
        yield 'a post that leans' => ['Pull the top of B1', [...$plumb, self::plumb('B1', Side::MinusY, 20)], $ready];
        yield 'a lean taken as it is' => [
            'Decide where the tops',
            [...$plumb, self::plumb('B1', Side::MinusY, 20), new Decision(DecisionAbout::AcceptLean, self::id('B1'), 'filled')], $ready,
        ];
        yield 'plumb, no tops' => ['Decide where the tops', $plumb, $ready];
        yield 'tops decided' => ['Measure A1 above', $plumb, $tops];
        yield 'a short post among measured ones' => [
            'Post B2 is short', [...$measured, new TopMeasured(self::id('B2'), Length::millimetres(1080))], $tops,
        ];
        yield 'measured' => ['Measure once more', $measured, $tops];
        $crossed = fn (PointOfNoReturn $before, float $off = 2) => new CrossChecked($before, CheckRoute::OtherLevel, Length::millimetres($off));
        yield 'measured, and one height taken again' => ['Mark and cut A1', [...$measured, $crossed(PointOfNoReturn::Cut)], $tops];
        yield 'measured, and the height taken again contradicts' => ['Measure once more', [...$measured, $crossed(PointOfNoReturn::Cut, 20)], $tops];
        $open = [...$set, ...self::plumbAll(Stage::HoleOpen)];
        $seen = [...$open, ...array_map(fn (ReadyItem $item) => new SeenReady($item, null), ReadyItem::cases())];
        yield 'plumb in open holes' => ['Before the pour: inspected', $open, $ready];
        yield 'all seen to' => ['Measure once more', $seen, $ready];
        yield 'one diagonal taken again' => ['Fill A1', [...$seen, $crossed(PointOfNoReturn::Pour)], $ready];
        $filled = [...$seen, $crossed(PointOfNoReturn::Pour), new PostFilled(self::id('A1'), FillStep::Done, 8, 12.0)];
        yield 'one filled' => ['Hold the level on the lane face of A1', $filled, $ready];
        yield 'one filled and read again' => ['Fill B1', [...$filled, self::plumb('A1', Side::MinusY, 1), self::plumb('A1', Side::PlusX, 1)], $ready];
        yield 'one pushed by its fill' => [
            'Pull the top of A1', [...$filled, self::plumb('A1', Side::MinusY, 20), self::plumb('A1', Side::PlusX, 1)], $ready,
        ];
        $held = fn (Hold $hold, ?Customs $customs = null) => $ready->withHolding(
            new Holding(
                $hold, new HoldingSite(Soil::Sand), PierRules::usual($ready->notation), Length::millimetres(300), customs: $customs ?? new Customs,
            ),
        );
        yield 'all shall stand before any is filled' => [
            'Set post B1',
            [
                ...$dug, new PostSet(self::id('A1')), self::plumb('A1', Side::MinusY, 0, Stage::HoleOpen),
                self::plumb('A1', Side::PlusX, 0, Stage::HoleOpen),
            ],
            $held(Hold::Concrete),
        ];
        yield 'each is filled as it stands' => [
            'Before the pour: inspected',
            [...$dug, ...self::each(fn (PostId $id) => new PostSet($id)), ...array_slice(self::plumbAll(Stage::HoleOpen), 0, 8)],
            $held(Hold::Concrete, new Customs(fillOrder: FillOrder::EachAsItStands)),
        ];
        $each = fn (BuildOrder $order) => $tops->withHolding(
            new Holding(
                Hold::Concrete, new HoldingSite(Soil::Sand), PierRules::usual($ready->notation), Length::millimetres(300),
                customs: new Customs(build: $order, fillOrder: FillOrder::EachAsItStands),
            ),
        );
        $one = [...$dug, new PostSet(self::id('A1'))];
        yield 'each is plumbed before the next is stood' => ['Hold the level on the lane face of A1', $one, $each(BuildOrder::RowByRow)];
        yield 'and filled' => [
            'Before the pour: inspected',
            [...$one, self::plumb('A1', Side::MinusY, 0, Stage::HoleOpen), self::plumb('A1', Side::PlusX, 0, Stage::HoleOpen)],
            $each(BuildOrder::RowByRow),
        ];
        yield 'but a frame stands as a whole' => [
            'Set post A2', [...$dug, $crossed(PointOfNoReturn::Cut), ...self::each(fn (PostId $id) => new PostCut($id)), new PostSet(self::id('A1'))],
            $each(BuildOrder::FramesTilted),
        ];
        yield 'and then is filled' => [
            'Hold the level on the lane face of A1',
            [
                ...$dug, $crossed(PointOfNoReturn::Cut), ...self::each(fn (PostId $id) => new PostCut($id)), new PostSet(self::id('A1')),
                new PostSet(self::id('A2')),
            ],
            $each(BuildOrder::FramesTilted),
        ];
        $clay = new HoleDug(self::id('A1'), Length::millimetres(1100), null, null, [new SoilLayer(Soil::Clay, Length::millimetres(1100))]);
        yield 'clay where sand was assumed' => ['Weigh width and way of holding again', [...$level, $clay], $held(Hold::Concrete)];
        yield 'clay, and both kept with a reason' => [
            'Dig hole B1', [...$level, $clay, new Decision(DecisionAbout::KeepHolding, self::id('A1'), 'the pad is wide')], $held(Hold::Concrete),
        ];
        yield 'piers are poured before posts stand' => ['Before the pour: inspected', $dug, $held(Hold::Pier)];
        yield 'a pier poured' => [
            'Set post A1',
            [
                ...$dug, ...array_map(fn (ReadyItem $item) => new SeenReady($item, null), ReadyItem::cases()),
                ...self::each(fn (PostId $id) => new PostFilled($id, FillStep::Done)),
            ],
            $held(Hold::Pier),
        ];
        yield 'steel that is driven' => ['Drive post A1', $level, $held(Hold::Driven)];
        yield 'corners before those between' => [
            'Set post A2', [...$dug, new PostSet(self::id('A1')), new PostSet(self::id('B1')), new PostSet(self::id('B2'))],
            $held(Hold::Concrete, new Customs(build: BuildOrder::CornersStringsBetween)),
        ];
        $cutFirst = fn (BuildOrder $order, bool $decided = true) => ($decided ? $tops : $ready)->withHolding(
            new Holding(
                Hold::Concrete, new HoldingSite(Soil::Sand), PierRules::usual($ready->notation), Length::millimetres(300),
                customs: new Customs(build: $order),
            ),
        );
        yield 'beams first, tops not decided' => ['Decide where the tops shall be', $dug, $cutFirst(BuildOrder::BeamsFirst, false)];
        yield 'beams first, nothing taken again' => ['Measure once more', $dug, $cutFirst(BuildOrder::BeamsFirst)];
        yield 'beams first' => ['Cut A1 on the trestle', [...$dug, $crossed(PointOfNoReturn::Cut)], $cutFirst(BuildOrder::BeamsFirst)];
        yield 'frames, one end cut' => [
            'Cut A2 on the trestle', [...$dug, $crossed(PointOfNoReturn::Cut), new PostCut(self::id('A1'))], $cutFirst(BuildOrder::FramesTilted),
        ];
        yield 'frames, all cut' => [
            'Set post A1', [...$dug, $crossed(PointOfNoReturn::Cut), ...self::each(fn (PostId $id) => new PostCut($id))],
            $cutFirst(BuildOrder::FramesTilted),
        ];
        yield 'all cut' => ['Take the braces off A1', $cut, $tops];
        $bare = self::each(fn (PostId $id) => new PostFilled($id, FillStep::Stripped));
        yield 'all cut, braces off' => ['Hand the work over', [...$cut, ...$bare], $tops];
        $grid = Builds::plan(baysX: [2400, 2400, 2400], baysY: [2400, 2400]);
        $taped = fn (array $off = [], array $slips = [], ?Plan $plan = null): array => [$notice, ...array_map(
            fn ($reading, int $i) => isset($slips[$i])
                ? new TapeReading($reading->from, $reading->to, $reading->distance->plus(Length::millimetres($slips[$i])), $reading->tape) : $reading,
            Builds::readings($plan ?? $grid, $off), array_keys(Builds::readings($plan ?? $grid, $off)),
        )];
        yield 'a grid with one tape misread' => ['Pull C2–B2 again', $taped(slips: [10 => 25.4]), $grid];
        yield 'a misread tape with a partner at the corner' => ['Pull the tape', $taped(slips: [3 => 25.4]), $grid];
        yield 'a misread tape before the list is read' => ['Pull C2–B2 again', array_slice($taped(slips: [10 => 25.4]), 0, -1), $grid];
        yield 'a stake of a grid that stands off' => ['Move stake C2', $taped(['C2' => [25, 0]]), $grid];
        yield 'a grid taped true' => ['Choose a benchmark', $taped(), $grid];
        $rough = $grid->withLayout(
            new LayoutRules(
                ChosenPlacement::BestFit, ReadingList::Full, TapeClass::Fibreglass, null, $grid->layout->strings, $grid->layout->boards,
                $grid->layout->cover,
            ),
        );
        yield 'a tape too rough to tell' => ['Pull the tape', $taped(plan: $rough), $rough];
        $long = Builds::plan(baysX: [2400, 2400, 2400, 2400], baysY: [2100]);
        $byBase = $long->withLayout($long->layout->placedBy(ChosenPlacement::BaseLine));
        yield 'the base line leaves far stakes open and best fit does not' => ['Judge the layout by', $taped(plan: $byBase), $byBase];
        yield 'a row with a stake off its string' => [
            'Move stake B1', $taped(['B1' => [0, 15]], plan: Builds::plan([2000, 2000, 2000], [])), Builds::plan([2000, 2000, 2000], []),
        ];
        yield 'one post has nothing to square' => ['Choose a benchmark', [$notice], Builds::plan(baysX: [], baysY: [])];
        yield 'a row is taped from one zero' => ['Pull the tape A1–B1', [$notice], Builds::plan(baysX: [2000, 2000], baysY: [])];
        yield 'a corner left out is proved by other tapes' => [
            'Pull the tape B1–C1', [$notice], Builds::plan(baysX: [2400, 2400], baysY: [3000], leftOut: ['A1']),
        ];
        yield 'handed over, then the handing over struck' => [
            'Hand the work over', [...$cut, ...$bare, new HandedOver('the owner', ''), new Strike(count($cut) + count($bare) + 1, 'too early')], $tops,
        ];
    }

    public function test_when_the_work_is_handed_over_nothing_is_left_to_do(): void
    {
        $builder = (new SimulatedBuilder(self::plan()))->finish();
        $this->assertNull($builder->next());
        $this->assertSame('Hand the work over', end($builder->done));
        $this->assertContains('Wait for the utility marks', $builder->done);
        $this->assertSame([], $builder->site()->handover()->incomplete());
    }

    public function test_a_phase_and_a_post_have_next_moves_of_their_own(): void
    {
        $site = (new SimulatedBuilder(
            self::plan()->withFooting(self::footing()), '2026-06-01', ...[new NoticeAsked('2026-05-04', 3, ''), ...self::tapes()],
        ))->site();
        $this->assertSame('Choose a benchmark', Told::do(Guide::next($site, Scope::job())));
        $this->assertSame(Phase::Cut, Guide::next($site, Scope::phase(Phase::Cut))?->phase);
        $this->assertNull(Guide::next($site, Scope::phase(Phase::Square)));
        $this->assertEquals(Guide::next($site, Scope::job()), Guide::open($site)[0]);
        $b2 = $site->plan->grid->labelled('B2');
        $this->assertSame('Read the rod at B2', Told::do(Guide::next($site, Scope::post($b2))));
    }

    public function test_a_post_cut_on_the_trestle_is_as_long_as_its_hole_as_dug_asks(): void
    {
        [, $history, $plan] = iterator_to_array(self::histories())['beams first'];
        // Foot 1000 below the ground at −100, top at 2300.
        $move = (new SimulatedBuilder($plan, '2026-06-01', ...$history))->next();
        $this->assertEqualsWithDelta(2300 + 100 + 1000 - 100, $move?->number?->inMillimetres(), 1e-6);
        $this->assertSame('from foot to top', Told::beside($move));
    }

    public function test_a_post_its_fill_pushed_keeps_no_other_from_its_fill(): void
    {
        [, $history, $plan] = iterator_to_array(self::histories())['one pushed by its fill'];
        $site = (new SimulatedBuilder($plan, '2026-06-01', ...$history))->site();
        $this->assertSame('Pull the top of A1', Told::do(Guide::next($site, Scope::job())));
        foreach (['B1', 'A2', 'B2'] as $label) {
            $this->assertSame("Fill {$label}", Told::do(Guide::next($site, Scope::post($plan->grid->labelled($label)))));
        }
    }

    public function test_a_racked_outline_is_told_with_its_number_and_the_jobs_own_side(): void
    {
        $history = [
            new NoticeAsked('2026-05-04', 3, ''), ...array_slice(self::tapes(), 0, 4), self::tape('A1', 'B2', self::DIAGONAL + 20),
            self::tape('B1', 'A2', self::DIAGONAL - 20),
        ];
        $move = (new SimulatedBuilder(self::plan(), '2026-06-01', ...$history))->next();
        $this->assertEqualsWithDelta(24.03, $move?->number?->inMillimetres(), 0.05);
        $this->assertSame('toward the barn', Told::beside($move));
        $this->assertStringContainsString('40 mm', Told::why($move));
    }

    public function test_a_larger_job_with_posts_left_out_comes_to_its_end_too(): void
    {
        $builder = new SimulatedBuilder(Builds::plan(baysX: [2400, 3000, 2400, 1800], baysY: [2700, 2700, 2400], leftOut: ['C2', 'C3']));
        $this->assertSame([], $builder->finish()->site()->handover()->incomplete());
    }

    private static function plan(): Plan
    {
        return Builds::plan(baysX: [5400], baysY: [3600]);
    }

    private static function id(string $label): PostId
    {
        return self::plan()->grid->labelled($label)->id;
    }

    private static function footing(DepthMode $mode = DepthMode::Own, ?Length $asked = null): FootingRules
    {
        return new FootingRules(
            Length::millimetres(900), Length::millimetres(100), LeastEmbedment::length(Length::millimetres(600)),
            Length::millimetres(100), Length::millimetres(100), Length::millimetres(50), $mode, askedPlane: $asked,
        );
    }

    private static function tape(string $from, string $to, float $millimetres): TapeReading
    {
        return new TapeReading(self::id($from), self::id($to), Length::millimetres($millimetres), TapeClass::Steel);
    }

    /** @return list<TapeReading> */
    private static function tapes(): array
    {
        return [
            ...array_map(fn (array $side) => self::tape(...$side), self::SIDES), self::tape('A1', 'B2', self::DIAGONAL),
            self::tape('B1', 'A2', self::DIAGONAL),
        ];
    }

    /** @return list<TapeReading> */
    private static function contradictory(): array
    {
        return [...array_slice(self::tapes(), 0, 4), self::tape('A1', 'B2', self::DIAGONAL + 25.4), self::tape('B1', 'A2', self::DIAGONAL)];
    }

    /** @return list<TapeReading> */
    private static function longBase(): array
    {
        $diagonal = hypot(5430, 3600);

        return [
            self::tape('A1', 'B1', 5430), self::tape('B1', 'B2', 3600), self::tape('B2', 'A2', 5430), self::tape('A2', 'A1', 3600),
            self::tape('A1', 'B2', $diagonal), self::tape('B1', 'A2', $diagonal),
        ];
    }

    private static function plumb(string $label, Side $face, float $gap, Stage $stage = Stage::Filled): PlumbReading
    {
        return PlumbReading::gap(self::id($label), $face, $face, Length::millimetres($gap), Length::millimetres(1200), $stage);
    }

    /** @return list<PlumbReading> */
    private static function plumbAll(Stage $stage = Stage::Filled): array
    {
        $all = [];
        foreach (['A1', 'B1', 'A2', 'B2'] as $label) {
            array_push($all, self::plumb($label, Side::MinusY, 1, $stage), self::plumb($label, Side::PlusX, 2, $stage));
        }

        return $all;
    }

    /** @return list<Payload> */
    private static function each(callable $make): array
    {
        return array_map(fn (string $label) => $make(self::id($label)), ['A1', 'B1', 'A2', 'B2']);
    }

    private static function point(float $x, float $y): Point
    {
        return new Point(Length::millimetres($x), Length::millimetres($y));
    }
}
