<?php

declare(strict_types=1);

namespace Tests\Core\Logbook;

use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\Book\HandedOver;
use Aequus\Logbook\Book\PictureTaken;
use Aequus\Logbook\Book\Remark;
use Aequus\Logbook\Book\Strike;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Clear\ServiceLine;
use Aequus\Logbook\Clear\ServiceType;
use Aequus\Logbook\Cut\PostCut;
use Aequus\Logbook\Cut\TopMeasured;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Footing\Finding;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Footing\SoilLayer;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Level\BeamTested;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Log;
use Aequus\Logbook\Set\Bubble;
use Aequus\Logbook\Set\CheckRoute;
use Aequus\Logbook\Set\CrossChecked;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\LeanMeasure;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PointOfNoReturn;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Set\ReadyItem;
use Aequus\Logbook\Set\SeenReady;
use Aequus\Logbook\Set\SpacingAt;
use Aequus\Logbook\Set\SpacingRead;
use Aequus\Logbook\Set\TwistRead;
use Aequus\Logbook\Square\StakeMoved;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\Side;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Told;
use UnexpectedValueException;

final class LogTest extends TestCase
{
    public function test_a_struck_entry_no_longer_counts_but_stays_in_the_book(): void
    {
        $log = Builds::log($this->hole(900), new Strike(1, 'wrong post'));
        $this->assertSame([], $log->now(HoleDug::class));
        $this->assertSame('wrong post', $log->strikeOf($log->entries[1])?->reason);
    }

    public function test_striking_the_strike_brings_the_entry_back(): void
    {
        $this->assertCount(1, Builds::log($this->hole(900), new Strike(1, 'wrong post'), new Strike(2, 'it was right'))->now(HoleDug::class));
    }

    public function test_a_correction_takes_the_place_of_what_it_corrects_and_striking_it_brings_that_back(): void
    {
        $first = Builds::entry($this->hole(900), 1);
        $correction = Builds::entry($this->hole(950), 2, replaces: 1);
        $this->assertEquals([2 => $this->hole(950)], (new Log([$first, $correction]))->now(HoleDug::class));
        $this->assertEquals(
            [1 => $this->hole(900)], (new Log([$first, $correction, Builds::entry(new Strike(2, 'misread'), 3)]))->now(HoleDug::class),
        );
    }

    public function test_tapes_to_a_stake_that_was_moved_count_as_old(): void
    {
        $log = Builds::log($this->tape('a', 'b', 2400), $this->tape('b', 'c', 2400), new StakeMoved(PostId::of('a')), $this->tape('a', 'b', 2390));
        $this->assertSame([2, 4], array_keys($log->now(TapeReading::class)));
        $this->assertTrue($log->isOld($log->entries[1]));
    }

    public function test_a_late_correction_of_an_old_reading_does_not_revive_it(): void
    {
        $log = new Log([
            Builds::entry($this->tape('a', 'b', 2400), 1),
            Builds::entry(new StakeMoved(PostId::of('a')), 2),
            Builds::entry($this->tape('a', 'b', 2410), 3, replaces: 1),
        ]);
        $this->assertSame([], $log->now(TapeReading::class));
    }

    public function test_what_was_measured_before_the_move_is_old_even_when_typed_after_it(): void
    {
        $log = new Log([
            Builds::entry(new StakeMoved(PostId::of('a')), 1, at: '2026-05-04 12:00:00 UTC'),
            Builds::entry($this->tape('a', 'b', 2400), 2, at: '2026-05-04 11:00:00 UTC'),
        ]);
        $this->assertSame([], $log->now(TapeReading::class));
    }

    public function test_striking_a_move_makes_the_earlier_tapes_count_again(): void
    {
        $log = Builds::log($this->tape('a', 'b', 2400), new StakeMoved(PostId::of('a')), new Strike(2, 'moved another'));
        $this->assertSame([1], array_keys($log->now(TapeReading::class)));
    }

    public function test_the_order_in_which_entries_arrive_does_not_matter(): void
    {
        $entries = [Builds::entry($this->hole(900), 1), Builds::entry($this->hole(950), 2, replaces: 1), Builds::entry(new Strike(2, 'misread'), 3)];
        $this->assertEquals(new Log($entries), new Log(array_reverse($entries)));
    }

    #[DataProvider('payloads')]
    public function test_every_kind_of_entry_is_read_back_as_it_was_written(Payload $payload): void
    {
        $stored = json_decode(json_encode($payload->stored(), JSON_THROW_ON_ERROR), true, flags: JSON_THROW_ON_ERROR);
        $this->assertEquals($payload, EntryKind::of($payload)->read(EntryKind::VERSION, $stored));
    }

    public static function payloads(): Generator
    {
        [$post, $length] = [PostId::of('1.2'), Length::inches(40.125)];
        yield [new NoticeAsked('2026-05-04', 3, 'M-17')];
        yield [new ServiceLine(ServiceType::Water, 'water to the press', $length, [new Point($length, $length), new Point(Length::zero(), $length)])];
        yield [new TapeReading($post, PostId::of('3.1'), $length, TapeClass::Fibreglass)];
        yield [new StakeMoved($post)];
        yield [new BenchmarkChosen('barn sill', $length)];
        yield [new RodReading(null, $length)];
        yield [new RodReading($post, $length)];
        yield [new HoleDug($post, $length)];
        yield [new PostSet($post)];
        yield [PlumbReading::gap($post, Side::MinusY, Side::PlusX, Length::inches(0.125), Length::feet(4), Stage::Filled)];
        yield [new PlumbReading($post, Side::PlusX, Side::MinusY, LeanMeasure::bob($length, Length::feet(9)), Stage::Lift, true)];
        yield [new PlumbReading($post, Side::PlusX, Side::PlusY, LeanMeasure::angle(0.37), Stage::Hardened)];
        yield [new PlumbReading($post, Side::PlusX, Side::PlusY, LeanMeasure::bubble(Bubble::Beyond, Length::feet(4), 0.0061), Stage::HoleOpen)];
        yield [PlumbReading::along($post, 222.5, LeanMeasure::gap(Length::inches(0.25), Length::feet(4)), Stage::Filled)];
        yield [new TwistRead($post, $length->negated(), Length::feet(4))];
        yield [new SpacingRead($post, PostId::of('3.1'), SpacingAt::Top, $length)];
        yield [new SpacingRead($post, null, SpacingAt::Top, $length)];
        yield [new SeenReady(ReadyItem::Weather, null)];
        yield [new SeenReady(ReadyItem::Foot, $post)];
        yield [new CrossChecked(PointOfNoReturn::Cut, CheckRoute::OneRodForAll, $length->negated())];
        yield [new PostFilled($post, FillStep::Done, 11, -2.5)];
        yield [new PostFilled($post, FillStep::StillWet)];
        yield [new PictureTaken($post, 'set', str_repeat('a0', 32), 'the split foot')];
        yield [new BeamTested(Slope::ratio(-1.25e-4))];
        yield [
            new HoleDug(
                $post, $length, Length::feet(2), Finding::Water, [new SoilLayer(Soil::Sand, Length::feet(1)), new SoilLayer(Soil::Clay, $length)],
            ),
        ];
        yield [new TopMeasured($post, $length)];
        yield [new PostCut($post)];
        yield [new Decision(DecisionAbout::AcceptLean, $post, 'a fence')];
        yield [new Remark(null, 'rain')];
        yield [new HandedOver('the press committee', '')];
        yield [new Strike(7, 'typed twice')];
    }

    public function test_an_entry_from_a_newer_program_is_refused_not_guessed(): void
    {
        $this->expectException(UnexpectedValueException::class);
        EntryKind::of($this->hole(1))->read(EntryKind::VERSION + 1, $this->hole(1)->stored());
    }

    #[DataProvider('refused')]
    public function test_what_cannot_have_been_read_is_refused_in_words(string $word, callable $attempt): void
    {
        $this->assertMatchesRegularExpression("/{$word}/", Told::refused($attempt));
    }

    public static function refused(): Generator
    {
        $post = PostId::of('1.1');
        yield ['same stake twice', fn () => new TapeReading($post, PostId::of('1.1'), Length::feet(3), TapeClass::Steel)];
        yield ['above zero', fn () => new TapeReading($post, PostId::of('2.1'), Length::zero(), TapeClass::Steel)];
        yield ['without the length', fn () => PlumbReading::gap($post, Side::MinusY, Side::PlusX, Length::inches(1), Length::zero(), Stage::Filled)];
        yield ['two points', fn () => new ServiceLine(ServiceType::Gas, 'gas', Length::feet(2), [])];
        yield ['Say why', fn () => new Strike(1, ' ')];
        yield ['reason', fn () => new Decision(DecisionAbout::AcceptLean, $post, '')];
        yield ['above zero', fn () => new HoleDug($post, Length::inches(-3))];
        yield ['leans so far', fn () => LeanMeasure::angle(60)];
        yield ['leans so far', fn () => LeanMeasure::gap(Length::feet(3), Length::feet(4))];
        yield ['gap lies between', fn () => LeanMeasure::gap(Length::feet(5), Length::feet(4))];
        yield ['height it hangs from', fn () => LeanMeasure::bob(Length::inches(1), Length::zero())];
        yield ['gap lies between', fn () => new TwistRead($post, Length::feet(2), Length::feet(1))];
        yield ['same stake twice', fn () => new SpacingRead($post, PostId::of('1.1'), SpacingAt::Top, Length::feet(3))];
        yield ['So many bags', fn () => new PostFilled($post, FillStep::Done, 900)];
        yield ['Nobody pours', fn () => new PostFilled($post, FillStep::Done, null, 75.0)];
        yield ['not a picture', fn () => new PictureTaken($post, 'set', '../../etc/passwd')];
        yield ['line of sight', fn () => new BeamTested(Slope::ratio(0.02))];
    }

    private function hole(float $millimetres): HoleDug
    {
        return new HoleDug(PostId::of('1.1'), Length::millimetres($millimetres));
    }

    private function tape(string $from, string $to, float $millimetres): TapeReading
    {
        return new TapeReading(PostId::of($from), PostId::of($to), Length::millimetres($millimetres), TapeClass::Steel);
    }
}
