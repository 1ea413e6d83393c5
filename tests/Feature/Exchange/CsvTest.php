<?php

declare(strict_types=1);

namespace Tests\Feature\Exchange;

use App\Exchange\Csv;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CsvTest extends TestCase
{
    public function test_what_is_written_is_read_back(): void
    {
        $lines = [['Bag “of mix”', '5,49', "two\nlines"], ['=SUM(A1)', '-3', '@home'], ['', 'x', '  ']];
        $this->assertSame([['Bag “of mix”', '5,49', "two\nlines"], ['=SUM(A1)', '-3', '@home'], ['', 'x', '']], Csv::read(Csv::write($lines)));
        $this->assertStringContainsString("'=SUM(A1)", Csv::write($lines));
    }

    #[DataProvider('files')]
    public function test_it_is_read_as_spreadsheets_write_it(string $bytes, array $lines): void
    {
        $this->assertSame($lines, Csv::read($bytes));
    }

    public static function files(): \Generator
    {
        yield 'semicolons and a mark' => ["\xEF\xBB\xBFWhat;Price\r\nBag;5,49\r\n", [['What', 'Price'], ['Bag', '5,49']]];
        yield 'tabs' => ["What\tPrice\nBag\t5.49", [['What', 'Price'], ['Bag', '5.49']]];
        yield 'an older set of letters' => ["What,Price\nM\xF6rtel,1\n", [['What', 'Price'], ['Mörtel', '1']]];
        yield 'empty lines' => ["\n,,\nWhat,Price\n\n,\nBag,1\n", [['What', 'Price'], ['Bag', '1']]];
        yield 'a quoted separator' => ["What,Price\n\"Post, long\",1\n", [['What', 'Price'], ['Post, long', '1']]];
        yield 'nothing' => ['', []];
    }

    public function test_no_more_lines_are_read_than_a_bill_has(): void
    {
        $this->assertCount(Csv::MOST_LINES, Csv::read(str_repeat("a,b\n", Csv::MOST_LINES + 5)));
    }
}
