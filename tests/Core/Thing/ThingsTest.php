<?php

declare(strict_types=1);

namespace Tests\Core\Thing;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\Refusal;
use Aequus\Measure\Unit;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\JobKind;
use Aequus\Plan\Stored\PlanCodec;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Ask\Pick;
use Aequus\Thing\Make\Figure;
use Aequus\Thing\Make\Made;
use Aequus\Thing\Make\Thing;
use Aequus\Thing\Terms\Ask;
use Aequus\Thing\Terms\ThingRefusal;
use Aequus\Thing\Terms\ThingRefused;
use Aequus\Thing\Things;
use Aequus\Words\Names;
use Aequus\Words\Speech;
use Aequus\Words\Thing\AskWords;
use Aequus\Words\Thing\ThingWords;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What each kind of thing comes to, against figures worked out by hand. */
final class ThingsTest extends TestCase
{
    /** What a sheet or an office may ask, and mostly does not. */
    private const LEFT_OPEN = [
        Ask::Neighbours, Ask::BellWide, Ask::BellHigh, Ask::BarSpacing, Ask::FormHigh, Ask::Marks, Ask::Behind, Ask::BoughtRow, Ask::PermitOver, Ask::GuardOver,
        Ask::ArchProfile, Ask::HoleToTop, Ask::Landing, Ask::MachineProfile,
    ];

    #[DataProvider('things')]
    public function test_the_usual_answers_make_a_plan_that_is_kept_and_read_back_with_them(Thing $thing, Notation $notation): void
    {
        $heard = Heard::usual($notation, ThingWords::sides($thing->kind()), $thing->asks());
        $made = $thing->make($heard);
        $this->assertSame($thing->kind(), $made->plan->kind);
        $read = PlanCodec::decode(json_decode(json_encode(PlanCodec::encode($made->plan), JSON_THROW_ON_ERROR), true, flags: JSON_THROW_ON_ERROR));
        $this->assertEquals($made->plan, $read);
        $again = Heard::kept($notation, $read->sides, $thing->asks(), $read->answers ?? $this->fail());
        $this->assertEquals($made->plan, $thing->make($again)->plan, 'its answers make the same plan again');
        $speech = new Speech($made->plan);
        foreach ($made->figures as $figure) {
            $this->assertMatchesRegularExpression('/\.$/', (string) $speech->say($figure));
        }
        $this->assertNotSame([], array_filter($made->profile->pieces, fn ($piece) => ! $piece->figure()->isZero()));
    }

    #[DataProvider('things')]
    public function test_every_question_has_words_and_a_usual_answer_and_few_are_asked(Thing $thing, Notation $notation): void
    {
        $this->assertNotSame('', Names::of($thing->kind()));
        $this->assertNotSame(ThingWords::sentence($thing->kind()), ThingWords::why($thing->kind()));
        $asked = array_filter($thing->asks(), fn ($one) => ! $one->isFolded);
        $this->assertGreaterThanOrEqual(3, count($asked));
        $this->assertLessThanOrEqual(7, count($asked));
        foreach ($thing->asks() as $one) {
            $this->assertNotSame(AskWords::asks($one->ask), AskWords::why($one->ask));
            $this->assertSame(in_array($one->ask, [Ask::SoundAt, Ask::PostQ, Ask::FacesA, Ask::FacesB, Ask::HeavyThick, Ask::Along, ...self::LEFT_OPEN], true), $one->usual($notation->unit) === null);
        }
    }

    /** Nothing is converted: metric goods in a metric job, inches in the other. */
    public function test_usual_figures_are_goods_of_their_own_trade(): void
    {
        foreach (Things::all() as $thing) {
            foreach ($thing->asks() as $asked) {
                foreach ([[Unit::Millimetre, Length::millimetres(1)], [Unit::Inch, Length::inchFraction(1, 16)]] as [$unit, $step]) {
                    $usual = $asked->usual($unit);
                    $this->assertSame(0, $usual instanceof Length ? $usual->nanometres % $step->nanometres : 0, "{$asked->ask->value} in {$unit->value}");
                }
            }
        }
    }

    public function test_a_box_by_the_road_stands_in_the_middle_of_both_bands(): void
    {
        $made = $this->made(JobKind::LetterBox, ['road_below' => self::mm(80)]);
        // 175 to the face and 400 behind it; 1100 over a road 80 lower, the box’s floor 20 above the post.
        $this->assertFigure(575, $made, Figure::CentreFromKerb);
        $this->assertFigure(1000, $made, Figure::TopAboveGround);
        $this->assertFigure(1400, $made, Figure::DigFor);
        $this->assertSame([550.0, 600.0], [$this->part($made, Figure::BoxMayStand, 'least'), $this->part($made, Figure::BoxMayStand, 'most')]);
        $this->assertEquals(self::mm(1000), $made->plan->standing);
    }

    public function test_a_bought_post_that_is_too_short_is_told_what_it_needs(): void
    {
        // 1080 stand and 600 must go in.
        $this->assertRefused(ThingRefusal::PostTooShort, Ask::BoughtPost, JobKind::LetterBox, ['bought_post' => self::mm(1679)]);
        $this->assertFigure(600, $this->made(JobKind::LetterBox, ['bought_post' => self::mm(1680)]), Figure::DigFor);
    }

    public function test_a_hoop_stands_where_its_arm_brings_the_target(): void
    {
        $made = $this->made(JobKind::CourtHoop, ['inside' => self::mm(375)]);
        $this->assertFigure(415, $made, Figure::CentreBehindEdge);
        // 610 − 415 at 2400, the first of the others.
        $this->assertFigure(195, $made, Figure::TargetAt);
        $this->assertTrue($made->plan->hole->isSquare);
        $this->assertFigure(210, $this->made(JobKind::CourtHoop, ['inside' => self::mm(1000)]), Figure::CentreInsideEdge);
        $this->assertRefused(ThingRefusal::NoReachKnown, Ask::Reaches, JobKind::CourtHoop, ['target_height' => self::mm(3060)]);
        $this->assertRefused(ThingRefusal::HeightsDoNotRise, Ask::Reaches, JobKind::CourtHoop, ['reaches' => [[self::mm(3050), self::mm(790)], [self::mm(2400), self::mm(610)]]]);
    }

    public function test_the_width_of_a_pair_is_what_was_measured(): void
    {
        foreach ([[Pick::Clear, 2540], [Pick::Centres, 2400], [Pick::Outside, 2260]] as [$pick, $centres]) {
            $this->assertFigure($centres, $this->made(JobKind::CarryingPair, ['width_is' => $pick]), Figure::PairCentres);
        }
        // The line lies 2200 over the mean: the second ground is 60 higher.
        $made = $this->made(JobKind::CarryingPair, ['ground_rise' => self::mm(60)]);
        $this->assertFigure(2230, $made, Figure::LineOnFirst);
        $this->assertFigure(2170, $made, Figure::LineOnSecond);
        $this->assertRefused(ThingRefusal::NothingStands, Ask::GroundRise, JobKind::CarryingPair, ['ground_rise' => self::mm(4400)]);
    }

    public function test_a_row_has_its_gate_first_and_equal_bays_after_it(): void
    {
        $made = $this->made(JobKind::FenceLine, ['gate_wide' => self::mm(1000)]);
        // 1000 + 2 × 20 + 90; the other 10870 in seven bays, since six would be 1811.7.
        $this->assertFigure(1130, $made, Figure::GateBay);
        $this->assertFigure(10_870 / 7, $made, Figure::EvenBays);
        $this->assertSame(9, count($made->plan->grid->posts));
        $this->assertEqualsWithDelta(12_000, $made->plan->grid->columns->length()->inMillimetres(), 1e-3);
        $this->assertRefused(ThingRefusal::GateFillsTheRow, Ask::GateWide, JobKind::FenceLine, ['gate_wide' => self::mm(11_870)]);
        $this->assertRefused(ThingRefusal::TooMany, Ask::LargestBay, JobKind::FenceLine, ['largest_bay' => self::mm(200)]);
    }

    public function test_an_open_frame_has_its_bays_from_what_hangs_in_them_and_a_wall_holds_it(): void
    {
        $free = $this->made(JobKind::Pergola);
        $this->assertFigure(2540, $free, Figure::PanelBayCentres);
        $this->assertFigure(2880, $free, Figure::DeepBetweenRows);
        $this->assertSame([6, []], [count($free->plan->grid->posts), $free->plan->layout->fixedLines]);
        $onWall = $this->made(JobKind::Pergola, ['placed' => Pick::OnAWall]);
        $this->assertFigure(2940, $onWall, Figure::DeepFromWall);
        $this->assertCount(3, $onWall->plan->grid->posts);
        $this->assertEqualsWithDelta(2940, abs($onWall->plan->layout->fixedLines[0]->off($onWall->plan->grid->posts[0]->at)->inMillimetres()), 1e-6);
    }

    public function test_what_gets_in_sets_bays_and_eaves(): void
    {
        $made = $this->made(JobKind::PoleBuilding);
        $this->assertFigure(2300 + 600 + 150, $made, Figure::MachinePasses);
        $this->assertFigure(2900, $made, Figure::EavesAtLeast);
        // 5850 between the outer rows: two bays of 2925.
        $this->assertSame(9, count($made->plan->grid->posts));
        $opening = $made->plan->openings()[0]->opening;
        $this->assertTrue($opening->passes);
        $this->assertEqualsWithDelta(2900, $opening->opening->inMillimetres(), 1e-6, 'just what it needs');
        $this->assertRefused(ThingRefusal::NothingStands, Ask::Deep, JobKind::PoleBuilding, ['deep' => self::mm(250)]);
    }

    public function test_a_floor_comes_down_from_the_sill(): void
    {
        $made = $this->made(JobKind::Deck);
        $this->assertFigure(570, $made, Figure::FloorAt);
        $this->assertFigure(207, $made, Figure::TopUnderStack);
        // 10 + 3600 − 60 from the house to the outer centres, in two steps.
        $this->assertFigure(1775, $made, Figure::RowsFromWall);
        $this->assertSame(6, count($made->plan->grid->posts));
        $this->assertRefused(ThingRefusal::NothingStands, Ask::Stack, JobKind::Deck, ['stack' => self::mm(570)]);
    }

    public function test_what_is_climbed_on_needs_its_free_zone(): void
    {
        $made = $this->made(JobKind::PlayStructure);
        $this->assertFigure(2400 + 3600, $made, Figure::SpaceNeeded);
        $this->assertSame(1200.0 + 3600.0, $this->part($made, Figure::SpaceNeeded, 'other'));
        $this->assertFigure(1100, $made, Figure::DeepBetweenRows);
    }

    public function test_a_sheet_that_disagrees_with_itself_is_found(): void
    {
        $made = $this->made(JobKind::DrivenPosts);
        $this->assertFigure(5500, $made, Figure::DiagonalComputed);
        $this->assertSame(Hold::Driven, $made->plan->holdOf($made->plan->grid->posts[0]->id));
        $this->made(JobKind::DrivenPosts, ['sheet_diagonal' => self::mm(5510)]);
        $refused = $this->assertRefused(ThingRefusal::SheetDisagrees, Ask::SheetDiagonal, JobKind::DrivenPosts, ['sheet_diagonal' => self::mm(5511)]);
        $this->assertEquals(self::mm(11), $refused->fact->part('off'));
    }

    public function test_a_gateway_is_as_wide_and_as_high_as_what_drives_through(): void
    {
        $made = $this->made(JobKind::Gateway);
        $this->assertFigure(2500 + 600 + 200, $made, Figure::MachinePasses);
        $this->assertFigure(3500, $made, Figure::LeastOver);
    }

    public function test_a_socket_is_kept_only_where_it_can_be_emptied_deep_enough(): void
    {
        $this->assertSame(Figure::SocketNotProbed, $this->made(JobKind::SocketRepair)->figures[0]->is, 'nothing probed, nothing known');
        $kept = $this->made(JobKind::SocketRepair, ['sound_at' => self::mm(700)]);
        $this->assertSame(Figure::SocketKept, $kept->figures[0]->is);
        // 90 + 2 × 2 into 92: one off each face.
        $this->assertFigure(1, $kept, Figure::TakeOffAsGiven);
        $shallow = $this->made(JobKind::SocketRepair, ['sound_at' => self::mm(340)]);
        $this->assertSame([Figure::SocketTooShallow, 260.0], [$shallow->figures[0]->is, $this->part($shallow, Figure::SocketTooShallow, 'short')]);
        $this->assertFigure(3, $this->made(JobKind::SocketRepair, ['opening_a' => self::mm(100), 'opening_b' => self::mm(100)]), Figure::WedgesAsGiven);
        $this->assertSame(Figure::GoesInAsGiven, $this->made(JobKind::SocketRepair, ['opening_a' => self::mm(94)])->figures[1]->is);
        $turned = $this->made(JobKind::SocketRepair, ['opening_a' => self::mm(140), 'opening_b' => self::mm(92), 'post_q' => self::mm(138)]);
        $this->assertFigure(1, $turned, Figure::TakeOffTurned);
        $this->assertRefused(ThingRefusal::SocketSmallerThanPost, Ask::OpeningB, JobKind::SocketRepair, ['opening_b' => self::mm(4)]);
        $this->assertRefused(ThingRefusal::ProbeBelowTheSocket, Ask::SoundAt, JobKind::SocketRepair, ['sound_at' => self::mm(701)]);
        $this->assertCount(3, $this->made(JobKind::SocketRepair, ['posts' => 3])->plan->grid->posts);
        // Every width is 95 or more, and a plumb post has 47 + 43.5: of 94 that it wants with its clearance 1.75 come off each face.
        $rows = fn (array ...$rows): array => array_map(fn (array $row) => array_map(self::mm(...), $row), $rows);
        $leaning = $this->made(JobKind::SocketRepair, ['faces_a' => $rows([40, 47, 48.5], [310, 49.5, 46], [585, 52.5, 43.5])]);
        $this->assertFigure(1.75, $leaning, Figure::TakeOffAsGiven);
        $this->assertRefused(ThingRefusal::TwoReadingsAtOneDepth, Ask::FacesB, JobKind::SocketRepair, ['faces_b' => $rows([40, 47, 48], [40, 47, 46])]);
    }

    public function test_a_band_upside_down_and_nothing_are_refused_where_they_were_typed(): void
    {
        $this->assertRefused(ThingRefusal::BandUpsideDown, Ask::HeightMost, JobKind::LetterBox, ['height_most' => self::mm(1000)]);
        $this->assertRefused(ThingRefusal::BandUpsideDown, Ask::SetbackMost, JobKind::LetterBox, ['setback_least' => self::mm(201)]);
        $this->assertRefused(ThingRefusal::NothingStands, Ask::AboveTop, JobKind::LetterBox, ['above_top' => self::mm(1100)]);
        $this->assertRefused(ThingRefusal::NotAboveZero, Ask::Bays, JobKind::PoleBuilding, ['bays' => 0]);
        $this->assertRefused(ThingRefusal::TooMany, Ask::Bays, JobKind::PoleBuilding, ['bays' => 51]);
    }

    public static function things(): Generator
    {
        foreach (Things::all() as $thing) {
            foreach ([Notation::millimetres(0), Notation::feetInches(16)] as $notation) {
                yield "{$thing->kind()->value} {$notation->unit->value}" => [$thing, $notation];
            }
        }
    }

    /** @param  array<string, Length|int|Pick|list<list<Length>>>  $said */
    private function made(JobKind $kind, array $said = []): Made
    {
        $thing = Things::of($kind) ?? $this->fail();

        return $thing->make(Heard::usual(Notation::millimetres(0), ThingWords::sides($kind), $thing->asks(), $said));
    }

    private function part(Made $made, Figure $figure, string $name): float
    {
        foreach ($made->figures as $fact) {
            if ($fact->is === $figure) {
                $part = $fact->part($name);

                return $part instanceof Length ? $part->inMillimetres() : $this->fail();
            }
        }
        $this->fail("{$figure->name} is not among what it comes to");
    }

    private function assertFigure(float $millimetres, Made $made, Figure $figure): void
    {
        $this->assertEqualsWithDelta($millimetres, $this->part($made, $figure, 'number'), 1e-5, $figure->name);
    }

    private function assertRefused(ThingRefusal $why, Ask $at, JobKind $kind, array $said): ThingRefused
    {
        try {
            $this->made($kind, $said);
        } catch (Refusal $refused) {
            $this->assertInstanceOf(ThingRefused::class, $refused);
            $this->assertSame([$why, $at->value], [$refused->fact->is, $refused->at]);
            $this->assertMatchesRegularExpression('/\.$/', (string) (new Speech(null, Notation::millimetres(0)))->say($refused->fact));

            return $refused;
        }
        $this->fail("{$why->name} was expected");
    }

    private static function mm(float $millimetres): Length
    {
        return Length::millimetres($millimetres);
    }
}
