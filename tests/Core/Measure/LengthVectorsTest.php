<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use Aequus\Measure\Length;
use Aequus\Measure\LengthReader;
use Aequus\Measure\Notation;
use Aequus\Measure\Unit;
use Aequus\Measure\UnreadableLength;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\ComparesAll;
use Tests\Expected;
use Tests\Told;
use Tests\Vectors;

final class LengthVectorsTest extends TestCase
{
    use ComparesAll;

    #[DataProvider('typed')]
    public function test_a_typed_length_is_read_or_refused_with_the_piece_named(array $input, Expected $expect): void
    {
        try {
            $length = LengthReader::read($input['text'], Unit::from($input['default_unit']));
        } catch (UnreadableLength $refusal) {
            $this->assertTrue($expect['refused'], Told::refusal($refusal));
            $named = array_filter(
                $expect['message_names_any_of'],
                fn (string $piece) => str_contains(Told::refusal($refusal), "“{$piece}") || str_contains(Told::refusal($refusal), "{$piece}”"),
            );
            $this->assertTrue($expect['message_names_any_of'] === [] || $named !== [], Told::refusal($refusal));

            return;
        }
        $this->assertFalse($expect['refused']);
        $this->assertSame($expect['length_nm'], $length->nanometres);
        $this->assertEqualsWithDelta($expect['length'], $length->inMillimetres(), 1e-9);
    }

    public static function typed(): Generator
    {
        return Vectors::of('lengths', 'read');
    }

    #[DataProvider('feetAndInches')]
    public function test_a_length_is_written_in_feet_and_inches(array $input, Expected $expect): void
    {
        $this->assertWritten(Notation::feetInches($input['denominator']), $input['length_nm'], $expect);
    }

    public static function feetAndInches(): Generator
    {
        return Vectors::of('lengths', 'write_feet_inches');
    }

    #[DataProvider('millimetres')]
    public function test_a_length_is_written_in_millimetres(array $input, Expected $expect): void
    {
        $this->assertWritten(Notation::millimetres($input['decimals']), $input['length_nm'], $expect);
    }

    public static function millimetres(): Generator
    {
        return Vectors::of('lengths', 'write_mm');
    }

    private function assertWritten(Notation $notation, int $nanometres, Expected $expect): void
    {
        $this->assertSame($expect['text'], $notation->write(Length::nanometres($nanometres)));
        $this->assertSame($expect['length_nm'], $notation->round(Length::nanometres($nanometres))->nanometres);
    }
}
