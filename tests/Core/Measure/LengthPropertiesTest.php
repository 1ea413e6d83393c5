<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use Aequus\Measure\Length;
use Aequus\Measure\LengthReader;
use Aequus\Measure\Notation;
use Aequus\Measure\Unit;
use Aequus\Measure\UnreadableLength;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Told;

final class LengthPropertiesTest extends TestCase
{
    public function test_what_is_written_reads_back_as_the_rounded_length_in_every_notation(): void
    {
        $dice = new Randomizer(new Mt19937(20261));
        $notations = [...array_map(Notation::feetInches(...), [2, 4, 8, 16, 32, 64]), Notation::millimetres(0), Notation::millimetres(1)];
        for ($i = 0; $i < 20_000; $i++) {
            $length = Length::nanometres($dice->getInt(-60_000_000_000, 60_000_000_000) >> $dice->getInt(0, 20));
            $notation = $notations[$i % count($notations)];
            $this->assertEquals($notation->round($length), LengthReader::read($notation->write($length), $notation->unit), $notation->write($length));
        }
    }

    public function test_rounding_moves_a_length_by_at_most_half_a_mark_and_settles_at_once(): void
    {
        $dice = new Randomizer(new Mt19937(7));
        foreach ([Notation::feetInches(16), Notation::feetInches(64), Notation::millimetres(0), Notation::millimetres(1)] as $notation) {
            for ($i = 0; $i < 2_000; $i++) {
                $length = Length::nanometres($dice->getInt(-9_000_000_000, 9_000_000_000));
                $rounded = $notation->round($length);
                $this->assertLessThanOrEqual($notation->smallestMark()->nanometres, 2 * $rounded->minus($length)->magnitude()->nanometres);
                $this->assertEquals($rounded, $notation->round($rounded));
            }
        }
    }

    public function test_a_hundred_thousand_random_strings_are_read_or_refused_in_words_and_never_crash(): void
    {
        $dice = new Randomizer(new Mt19937(42));
        $pieces = [
            "'", '"', '/', '-', '.', ',', ' ', 'ft', 'in', 'mm', 'cm', 'm', '½', '′', '″', 'é', '٣', "\xff", '3', '12', '64', '0', '999999999999',
            'x',
        ];
        $refused = 0;
        for ($i = 0; $i < 100_000; $i++) {
            $typed = '';
            for ($k = $dice->getInt(0, 7); $k > 0; $k--) {
                $typed .= $pieces[$dice->getInt(0, count($pieces) - 1)];
            }
            try {
                LengthReader::read($typed, $i % 2 === 0 ? Unit::Inch : Unit::Millimetre);
            } catch (UnreadableLength $refusal) {
                $refused++;
                $this->assertStringEndsWith('.', Told::refusal($refusal));
            }
        }
        $this->assertGreaterThan(50_000, $refused);
        $this->assertLessThan(100_000, $refused);
    }

    public function test_lengths_add_exactly_where_decimals_would_drift(): void
    {
        $tenth = LengthReader::read('1/64"', Unit::Inch);
        $this->assertEquals(Length::inches(100), Length::sum(array_fill(0, 6400, $tenth)));
        $this->assertEquals(LengthReader::read('2.5 m', Unit::Inch), LengthReader::read('0.05 m', Unit::Inch)->times(50));
    }

    #[TestWith(['1200½', Unit::Millimetre, '1/2'])]
    #[TestWith(['1200 1/2', Unit::Millimetre, '1/2'])]
    #[TestWith(["2'000", Unit::Millimetre, 'thousands'])]
    #[TestWith(['1.500', Unit::Millimetre, '1.500'])]
    #[TestWith(['-', Unit::Millimetre, '“-”'])]
    #[TestWith(["5' 20 cm", Unit::Inch, '“cm”'])]
    #[TestWith(['١٢٠', Unit::Millimetre, '١'])]
    public function test_what_could_mean_two_things_is_refused_and_the_piece_is_named(string $typed, Unit $unit, string $piece): void
    {
        try {
            LengthReader::read($typed, $unit);
            $this->fail("Understood: {$typed}");
        } catch (UnreadableLength $refused) {
            $this->assertStringContainsString($piece, Told::refusal($refused));
        }
    }

    public function test_feet_in_a_millimetre_job_take_their_fraction_without_a_mark(): void
    {
        $this->assertEquals(Length::inches(66.75), LengthReader::read("5' 6 3/4", Unit::Millimetre));
        $this->assertEquals(Length::millimetres(1500), LengthReader::read('1.500 m', Unit::Millimetre));
    }
}
