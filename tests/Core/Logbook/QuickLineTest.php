<?php

declare(strict_types=1);

namespace Tests\Core\Logbook;

use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\Book\Remark;
use Aequus\Logbook\Book\Strike;
use Aequus\Logbook\Cut\PostCut;
use Aequus\Logbook\Cut\TopMeasured;
use Aequus\Logbook\Footing\Finding;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Kind\LevelPoint;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Level\HeightDifference;
use Aequus\Logbook\Level\LevelInstrument;
use Aequus\Logbook\Level\LevelWay;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\QuickLine;
use Aequus\Logbook\Set\Bubble;
use Aequus\Logbook\Set\EmbedmentLine;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\LeanMeasure;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Set\ReadyItem;
use Aequus\Logbook\Set\SeenReady;
use Aequus\Logbook\Set\SpacingAt;
use Aequus\Logbook\Set\SpacingRead;
use Aequus\Logbook\Set\TopOver;
use Aequus\Logbook\Set\TwistRead;
use Aequus\Logbook\Square\AsCast;
use Aequus\Logbook\Square\LineReading;
use Aequus\Logbook\Square\StakeMoved;
use Aequus\Logbook\Square\StringReading;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\Refusal;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Layout\LayoutRules;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\PostFeature;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\Side;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Told;

/** What people call across a yard, on a 3 × 2 grid in feet and inches whose sides are lane, orchard, barn and stream. */
final class QuickLineTest extends TestCase
{
    #[DataProvider('lines')]
    public function test_a_line_becomes_the_entry_it_says(string $line, Payload $payload): void
    {
        $this->assertEquals($payload, self::read($line));
        $this->assertEquals($payload, self::read('  '.strtoupper($line).' '), 'shouted');
    }

    public static function lines(): Generator
    {
        $in = Length::inches(...);
        [$a1, $b2, $c1] = array_map(fn (string $label) => self::plan()->grid->labelled($label)->id, ['A1', 'B2', 'C1']);
        yield ["a1-c1 36' 10 1/4", new TapeReading($a1, $c1, $in(442.25), TapeClass::Steel)];
        yield ['a1 – b2 12', new TapeReading($a1, $b2, $in(12), TapeClass::Steel)];
        yield ["a1-c1 top 8' 0 1/8", new SpacingRead($a1, $c1, SpacingAt::Top, $in(96.125))];
        yield ['b2-a1 ground 96', new SpacingRead($b2, $a1, SpacingAt::Ground, $in(96))];
        yield ['b2 hole 41 1/2', new HoleDug($b2, $in(41.5))];
        yield ['b2 hole 41 1/2 wide 19', new HoleDug($b2, $in(41.5), $in(19))];
        yield ['b2 rock 27 1/2', new HoleDug($b2, $in(27.5), null, Finding::Rock)];
        yield ['b2 running sand at 30', new HoleDug($b2, $in(30), null, Finding::RunningSand)];
        yield ["bench rod 4' 3", new RodReading(null, $in(51))];
        yield ['c1 rod 60', new RodReading($c1, $in(60))];
        yield [
            "c1 plumb 1/8 stream over 4'",
            new PlumbReading($c1, Side::PlusX, Side::PlusX, LeanMeasure::gap($in(0.125), Length::feet(4)), Stage::HoleOpen),
        ];
        yield [
            'c1 plumb 1/8 toward the lane',
            new PlumbReading($c1, Side::MinusY, Side::MinusY, LeanMeasure::gap($in(0.125), Length::feet(4)), Stage::HoleOpen),
        ];
        yield [
            'c1 plumb on the lane face filled',
            new PlumbReading($c1, Side::MinusY, Side::MinusY, LeanMeasure::gap(Length::zero(), Length::feet(4)), Stage::Filled),
        ];
        yield ['c1 plumb 0.5 degrees barn', new PlumbReading($c1, Side::PlusX, Side::MinusX, LeanMeasure::angle(0.5), Stage::HoleOpen)];
        yield ["b2 embed 3' 4 at 1/2 below", new EmbedmentLine($b2, $in(40), $in(-0.5))];
        yield ['b2 embed 40 at 1/2 above ground', new EmbedmentLine($b2, $in(40), $in(0.5))];
        yield ['b2 embed 40 at ground', new EmbedmentLine($b2, $in(40), $in(0))];
        yield ["b2 over barn wall 3' 5", new TopOver($b2, $in(41), FixedLine::FIRST_ID)];
        yield ["b2 over 3' 5", new TopOver($b2, $in(41), FixedLine::FIRST_ID)];
        yield ['c1 twist 1/4 over 6', new TwistRead($c1, $in(0.25), $in(6))];
        yield ['b2 set', new PostSet($b2)];
        yield ['b2 cut', new PostCut($b2)];
        yield ['b2 moved', new StakeMoved($b2)];
        yield ['b2 filled', new PostFilled($b2, FillStep::Done)];
        yield ['b2 filled 11 bags at 12 c', new PostFilled($b2, FillStep::Done, 11, 12.0)];
        yield ['b2 wet', new PostFilled($b2, FillStep::StillWet)];
        yield ["b2 top 3' 2 above the line", new TopMeasured($b2, $in(38))];
        yield [
            "c1 bob 1/4 stream over 7' turned",
            new PlumbReading($c1, Side::PlusX, Side::PlusX, LeanMeasure::bob($in(0.25), Length::feet(7)), Stage::HoleOpen, true),
        ];
        yield [
            'c1 bubble on the line stream',
            new PlumbReading($c1, Side::PlusX, Side::PlusX, LeanMeasure::bubble(Bubble::OnTheLine, Length::feet(4)), Stage::HoleOpen),
        ];
        yield [
            'c1 plumb 1/8 barn on the orchard face hard turned',
            new PlumbReading($c1, Side::PlusY, Side::MinusX, LeanMeasure::gap($in(0.125), Length::feet(4)), Stage::Hardened, true),
        ];
        yield ['b2 off a2-c2 3/16 lane', new StringReading($b2, self::id('A2'), self::id('C2'), $in(-0.1875), Length::zero())];
        yield ['b2 off c2-a2 3/16 lane', new StringReading($b2, self::id('C2'), self::id('A2'), $in(0.1875), Length::zero())];
        yield ['b2 off b1-c1 0', new StringReading($b2, self::id('B1'), $c1, Length::zero(), Length::zero())];
        yield ["b2 off barn wall 12' 3", new LineReading($b2, $in(147), FixedLine::FIRST_ID, TapeClass::Steel)];
        yield ["b2 line barn wall 12' 3", new LineReading($b2, $in(147), FixedLine::FIRST_ID, TapeClass::Steel)];
        yield ["b2 line 12' 3", new LineReading($b2, $in(147), FixedLine::FIRST_ID, TapeClass::Steel)];
        yield ['b2 cast 1/4 stream and 1/8 lane', new AsCast($b2, $in(0.25), $in(-0.125))];
        yield ['b2 cast 1/8 barn', new AsCast($b2, $in(-0.125), Length::zero())];
        yield [
            "a1-b2 board 3/8 down over 8' turned",
            new HeightDifference(LevelPoint::of($a1), LevelPoint::of($b2), $in(-0.375), LevelInstrument::Board, Length::feet(8), LevelWay::Turned),
        ];
        yield ['bench-b2 water 2 up', new HeightDifference(LevelPoint::benchmark(), LevelPoint::of($b2), $in(2), LevelInstrument::Water)];
        yield [
            "a1-c1 string level over 40' hung at 10'",
            new HeightDifference(
                LevelPoint::of($a1), LevelPoint::of($c1), Length::zero(), LevelInstrument::LineLevel, Length::feet(40), LevelWay::AsMarked,
                Length::feet(10),
            ),
        ];
        yield ["b2 seat rod 1' 7 from 2 at 60'", new RodReading(LevelPoint::of($b2, PostFeature::Seat), $in(19), '2', Length::feet(60))];
        yield ['b2 bolt hole rod 19', new RodReading(LevelPoint::of($b2, PostFeature::Hole), $in(19))];
        yield ['b2 ready foot', new SeenReady(ReadyItem::Foot, $b2)];
        yield ['ready mix', new SeenReady(ReadyItem::Mix, null)];
        yield ['b2 take the lean because 12', new Decision(DecisionAbout::AcceptLean, $b2, '12')];
        yield ['b2 take the distance to 7 because 12', new Decision(DecisionAbout::AcceptDistance, $b2, '12', thing: '7')];
        yield ['take the layout because 12', new Decision(DecisionAbout::AcceptOutline, null, '12')];
        yield ['strike 12 because 12', new Strike(12, '12')];
        yield ['note 12', new Remark(null, '12')];
        yield ['b2 note 12', new Remark($b2, '12')];
    }

    #[TestWith(['', 'Nothing was typed'])]
    #[TestWith(['hole 41', 'does not begin with a post'])]
    #[TestWith(['z9 hole 41', 'Z9'])]
    #[TestWith(['b2', 'What about B2?'])]
    #[TestWith(['b2 dance', '“dance” is not understood after B2'])]
    #[TestWith(['b2 hole deep', '“deep”'])]
    #[TestWith(['b2 hole', "Go on, such as: b2 hole 3' 5 1/2."])]
    #[TestWith(['b2 bubble', 'such as: c3 bubble on the line stream'])]
    #[TestWith(['b2 plumb 1/8 north', 'The sides are'])]
    #[TestWith(['b2 plumb 1/8 lane over 0', 'the length of the level'])]
    #[TestWith(["b2 plumb 40 lane over 4'", 'No standing post leans so far'])]
    #[TestWith(['b2 bubble 3 lane', 'tells no bubble'])]
    #[TestWith(['b2 off 3/16 lane', 'Say which string'])]
    #[TestWith(['b2 off a2-c2 3/16 stream', 'lies along the string'])]
    #[TestWith(['b2 off a2-b2 3/16 lane', 'runs from this very stake'])]
    #[TestWith(['a1-b2 board 3/8 up', 'the length of the level'])]
    #[TestWith(['bench-b2 4', 'only heights are read'])]
    #[TestWith(['b2 ready soon', '“soon” is nothing to see to'])]
    #[TestWith(['b2 take the because it is late', 'is not understood after B2'])]
    #[TestWith(['b2 take the lean', 'Say why'])]
    #[TestWith(['strike 12', 'Say why'])]
    #[TestWith(['b2 filled plenty', '“plenty” is not understood'])]
    #[TestWith(['b2 filled 9 bags at 70 C', 'Nobody pours'])]
    #[TestWith(['b2 cut not yet', '“not yet” was not'])]
    #[TestWith(['b2 set 3', '“3” was not'])]
    #[TestWith(['b2 cast 1/4 stream and 1/8 barn', 'same direction twice'])]
    #[TestWith(['a1-a1 12', 'same stake twice'])]
    #[TestWith(['b2 note', 'Nothing was written'])]
    public function test_what_is_not_understood_is_named_with_what_could_stand_there(string $line, string $sentence): void
    {
        try {
            self::read($line);
            $this->fail("Understood: {$line}");
        } catch (Refusal $refused) {
            $this->assertStringContainsString($sentence, Told::refusal($refused));
        }
    }

    #[TestWith(['', 'b2 hole 1050'])]
    #[TestWith(['hole 1050', 'b2 hole 1050, or a1-c3 11230'])]
    #[TestWith(['b2 hole', 'b2 hole 1050'])]
    #[TestWith(['b2 plumb 3 north', ': 3 lane'])]
    #[TestWith(['b2 off 5 lane', 'off a2-c2 3 lane'])]
    public function test_a_millimetre_job_is_shown_no_inches_where_a_line_is_refused(string $line, string $example): void
    {
        $told = Told::refused(fn () => self::line(Notation::millimetres(0))->read($line));
        $this->assertStringContainsString($example, $told);
        $this->assertDoesNotMatchRegularExpression('~\d/\d|\d\'~', $told);
    }

    #[TestWith([16])]
    #[TestWith([null])]
    public function test_every_example_is_understood_in_the_units_and_sides_of_the_job(?int $denominator): void
    {
        $line = self::line($denominator === null ? Notation::millimetres(0) : Notation::feetInches($denominator));
        foreach ($line->examples() as $what => $examples) {
            foreach (preg_split('/, (?:or )?/', strtr($examples, ['c3' => 'c2', 'd4' => 'c2'])) ?: [] as $example) {
                $this->assertInstanceOf(Payload::class, $line->read($example), "{$what}: {$example}");
            }
        }
    }

    /** @param  list<string>  $words */
    #[TestWith(['b2', ['hole', 'rock', 'rod', 'plumb', 'set', 'ready', 'filled', 'top', 'cut', 'note']])]
    #[TestWith(['b2 ready', ['inspected', 'foot', 'anchor', 'mix', 'weather', 'covered']])]
    #[TestWith(['b2 bubble', ['half-way', 'on the line', 'beyond']])]
    #[TestWith(['b2 plumb 1/8', ['lane', 'orchard', 'barn', 'stream']])]
    #[TestWith(['b2 b', ['bob', 'bubble', 'begun']])]
    #[TestWith(['b2 hole', []])]
    #[TestWith(['b2 plumb 1/8 lane', []])]
    public function test_what_could_stand_next_is_offered(string $line, array $words): void
    {
        $this->assertSame($words, array_keys(self::line(Notation::feetInches(16))->couldFollow($line)));
    }

    public function test_a_wall_is_spoken_of_only_where_the_plan_has_one(): void
    {
        $without = new QuickLine(Builds::plan(baysX: [2400, 2400], baysY: [3000]), fn () => Stage::HoleOpen, TapeClass::Steel);
        $this->assertArrayNotHasKey('line_offset', $without->examples());
        $this->assertArrayHasKey('line_offset', self::line(Notation::feetInches(16))->examples());
        $this->assertStringContainsString('Say which string', Told::refused(fn () => self::read('b2 off garden wall 12')), 'no such line');
        $this->assertStringContainsString('No line is in the plan yet', Told::refused(fn () => $without->read('b2 line 12')));
    }

    private static function id(string $label): PostId
    {
        return self::plan()->grid->labelled($label)->id;
    }

    private static function read(string $line): Payload
    {
        return self::line(Notation::feetInches(16))->read($line);
    }

    private static function line(Notation $notation): QuickLine
    {
        return new QuickLine(self::plan($notation), fn () => Stage::HoleOpen, TapeClass::Steel);
    }

    /** With a wall one metre outside row 1. */
    private static function plan(?Notation $notation = null): Plan
    {
        $plan = Builds::plan(baysX: [2400, 2400], baysY: [3000], notation: $notation ?? Notation::feetInches(16));
        $usual = $plan->layout;
        $wall = new FixedLine(
            FixedLine::FIRST_ID, 'barn wall', new Point(Length::zero(), Length::millimetres(-1000)),
            new Point(Length::millimetres(9000), Length::millimetres(-1000)),
        );

        return $plan->withLayout(
            new LayoutRules($usual->placement, $usual->list, $usual->tape, null, $usual->strings, $usual->boards, $usual->cover, fixedLines: [$wall]),
        );
    }
}
