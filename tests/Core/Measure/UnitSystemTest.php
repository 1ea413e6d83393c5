<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use Aequus\Measure\Guess;
use Aequus\Measure\Guesses;
use Aequus\Measure\Length;
use Aequus\Measure\LengthReader;
use Aequus\Measure\LengthRefusal;
use Aequus\Measure\Notation;
use Aequus\Measure\Unit;
use Aequus\Measure\UnreadableLength;
use InvalidArgumentException;
use PHPUnit\Framework\TestCase;

/** Goods and figures of the two systems, and where reading a length ends. */
final class UnitSystemTest extends TestCase
{
    public function test_a_cubic_yard_is_27_cubic_feet_and_a_cubic_metre_a_thousand_litres(): void
    {
        [$imperial, $metric] = [Unit::Inch->system(), Unit::Millimetre->system()];
        $this->assertEqualsWithDelta(914.4 ** 3, $imperial->perVolume, 1);
        $this->assertEqualsWithDelta(304.8 ** 3, $imperial->perLittle, 1);
        $this->assertSame([1e9, 1e6], [$metric->perVolume, $metric->perLittle]);
        $this->assertSame([304.8, 1000.0], [$imperial->perLength, $metric->perLength]);
    }

    public function test_metric_goods_are_metric_and_no_inches_in_disguise(): void
    {
        $metric = Unit::Millimetre->system();
        foreach (get_object_vars($metric) as $name => $value) {
            foreach (is_array($value) ? $value : [$value] as $length) {
                if ($length instanceof Length) {
                    $this->assertEqualsWithDelta(0, fmod($length->inMillimetres(), 1), 1e-9, "{$name}: whole millimetres");
                    $this->assertNotEqualsWithDelta(0, fmod($length->inMillimetres(), 25.4), 1e-9, "{$name}: no inches");
                }
            }
        }
    }

    public function test_every_way_to_write_a_length_is_found_by_its_code_and_kept(): void
    {
        foreach (Unit::cases() as $unit) {
            foreach (array_keys($unit->system()->notations) as $code) {
                $in = Notation::named($code) ?? $this->fail($code);
                $this->assertSame([$unit, $code], [$in->unit, $in->code()]);
                $this->assertEquals($in, Notation::kept($unit, $in->denominator, $in->decimals));
                $this->assertEquals($in->smallestMark(), $in->round($in->smallestMark()->times(1.4)));
            }
            $this->assertLessThanOrEqual(Notation::of($unit)->smallestMark()->nanometres, Notation::finest($unit)->smallestMark()->nanometres);
        }
        $this->assertSame([[16, 0], [8, 0], [1, 0], [1, 1]], array_map(
            fn (string $code) => [Notation::named($code)?->denominator, Notation::named($code)?->decimals], ['in16', 'in8', 'mm', 'mm.1'],
        ));
        $this->assertNull(Notation::named('in3'));
        $this->expectException(InvalidArgumentException::class);
        Notation::kept(Unit::Millimetre, 16, 3);
    }

    public function test_what_is_typed_is_short_and_read_as_it_was_meant(): void
    {
        $in = Notation::feetInches(16);
        $this->assertSame(["8'", "-8'", "4' 3", "8' 0 1/8", '3/8', "3' 5 1/2", '0'], array_map(
            fn (float $inches) => $in->typed(Length::inches($inches)), [96, -96, 51, 96.125, 0.375, 41.5, 0],
        ));
        $this->assertSame(['2400', '2400.5', '0'], array_map(fn (float $mm) => Notation::millimetres(1)->typed(Length::millimetres($mm)), [2400, 2400.5, 0]));
        $this->assertSame('2400', Notation::millimetres(0)->typed(Length::millimetres(2400)), 'noughts of a whole figure stay');
        foreach (range(-3000, 30_000, 37) as $tenths) {
            foreach (Unit::cases() as $unit) {
                $length = Length::millimetres($tenths / 10);
                $this->assertEquals(Notation::of($unit)->round($length), LengthReader::read(Notation::of($unit)->typed($length), $unit));
            }
        }
    }

    public function test_every_example_of_the_table_can_be_typed_as_it_stands(): void
    {
        foreach (Unit::cases() as $unit) {
            foreach ($unit->system()->examples as $name => $example) {
                foreach (preg_split('/ : |[;,] | [x×] /u', $example) ?: [] as $piece) {
                    $this->assertLessThan(13_000, abs(LengthReader::read($piece, $unit)->inMillimetres()), "{$name}: {$piece}");
                }
            }
        }
    }

    public function test_a_digit_too_many_is_guessed_as_near_as_the_tape_is_and_no_nearer(): void
    {
        $guesses = Guesses::of(Unit::Millimetre);
        $this->assertContains(Guess::DigitTooMany, $guesses->ofFigure(54000, 5400, 3.0));
        $this->assertContains(Guess::DigitTooMany, $guesses->ofFigure(54000, 5403, 3.0));
        $this->assertNotContains(Guess::DigitTooMany, $guesses->ofFigure(54000, 5404, 3.0));
    }

    public function test_no_length_is_so_long_that_it_is_anything_else(): void
    {
        foreach ([str_repeat('9', 35), '10000001', str_repeat('9', 35).'.5'] as $typed) {
            try {
                self::fail(LengthReader::read($typed, Unit::Millimetre)->inMillimetres().' was read');
            } catch (UnreadableLength $refused) {
                $this->assertSame(LengthRefusal::TooLong, $refused->fact->is);
            }
        }
    }
}
