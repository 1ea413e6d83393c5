<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use Aequus\Measure\Guess;
use Aequus\Measure\Guesses;
use Aequus\Measure\Length;
use Aequus\Measure\LengthReader;
use Aequus\Measure\LengthRefusal;
use Aequus\Measure\Unit;
use Aequus\Measure\UnitSystem;
use Aequus\Measure\UnreadableLength;
use PHPUnit\Framework\TestCase;

/** Goods and figures of the two systems, and where reading a length ends. */
final class UnitSystemTest extends TestCase
{
    public function test_a_cubic_yard_is_27_cubic_feet_and_a_cubic_metre_a_thousand_litres(): void
    {
        [$imperial, $metric] = [UnitSystem::of(Unit::Inch), UnitSystem::of(Unit::Millimetre)];
        $this->assertEqualsWithDelta(914.4 ** 3, $imperial->perVolume, 1);
        $this->assertEqualsWithDelta(304.8 ** 3, $imperial->perLittle, 1);
        $this->assertSame([1e9, 1e6], [$metric->perVolume, $metric->perLittle]);
        $this->assertSame([304.8, 1000.0], [$imperial->perLength, $metric->perLength]);
    }

    public function test_metric_goods_are_metric_and_no_inches_in_disguise(): void
    {
        $metric = UnitSystem::of(Unit::Millimetre);
        foreach (get_object_vars($metric) as $name => $value) {
            foreach (is_array($value) ? $value : [$value] as $length) {
                if ($length instanceof Length) {
                    $this->assertEqualsWithDelta(0, fmod($length->inMillimetres(), 1), 1e-9, "{$name}: whole millimetres");
                    $this->assertNotEqualsWithDelta(0, fmod($length->inMillimetres(), 25.4), 1e-9, "{$name}: no inches");
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
