<?php

declare(strict_types=1);

namespace Tests\Feature\Exchange;

use Aequus\Measure\Unit;
use App\Exchange\Csv;
use App\Exchange\PointsRead;
use Tests\Builds;
use Tests\FeatureTestCase;

/** Tables go through a spreadsheet of others and come back: LibreOffice opens what we write, and we read what it writes. */
final class SpreadsheetTest extends FeatureTestCase
{
    public function test_a_spreadsheet_shows_our_tables_as_they_are_written(): void
    {
        $this->actingAs($user = $this->person());
        $job = $this->job($user, Builds::plan());
        $table = (string) $this->get("/jobs/{$job->id}/files/points.csv")->assertOk()->getContent();
        $there = Csv::read($this->through($table, 'csv:Text - txt - csv (StarCalc):44,34,76,1,,0,false,true,false'));
        $this->assertCount(7, $there);
        $this->assertSame(Csv::read($table), $there);
    }

    /** What begins like a formula is text in every cell, and nothing is reckoned. */
    public function test_no_cell_of_ours_is_reckoned(): void
    {
        $cells = [['=1+1', '+2', '-3', '@SUM(A1)', 'A1', '−5']];
        $there = Csv::read($this->through(Csv::write($cells), 'csv:Text - txt - csv (StarCalc):44,34,76'));
        $this->assertSame(Csv::read(Csv::write($cells)), $there);
        $this->assertNotContains('2', $there[0]);
        // The same in a file that takes no care: then it is reckoned, so this test can fail.
        $this->assertSame('2', Csv::read($this->through("=1+1,x\n", 'csv:Text - txt - csv (StarCalc):44,34,76'))[0][0]);
    }

    public function test_points_that_a_spreadsheet_wrote_are_read(): void
    {
        $written = $this->through("label,x [m],y [m]\nA1,1.25,0\nB2,2.4,3\n", 'csv:Text - txt - csv (StarCalc):59,34,0');
        $this->assertStringContainsString(';', $written);
        $read = new PointsRead($written, Unit::Millimetre, null);
        $this->assertNull($read->refused);
        $this->assertSame([['A1', 1250.0, 0.0], ['B2', 2400.0, 3000.0]], array_map(fn (array $one) => [$one[0], $one[1]->x->inMillimetres(), $one[1]->y->inMillimetres()], $read->points));
    }

    private function through(string $table, string $to): string
    {
        $folder = sys_get_temp_dir().'/sheet-'.bin2hex(random_bytes(4));
        mkdir("{$folder}/out", recursive: true);
        file_put_contents("{$folder}/table.csv", $table);
        exec('HOME='.escapeshellarg($folder).' soffice --headless --infilter='.escapeshellarg('CSV:44,34,76').' --convert-to '.escapeshellarg($to).' --outdir '.escapeshellarg("{$folder}/out").' '.escapeshellarg("{$folder}/table.csv").' 2>&1', $said, $exit);
        $out = @file_get_contents("{$folder}/out/table.csv");
        exec('rm -rf '.escapeshellarg($folder));
        $this->assertNotFalse($out, implode("\n", $said));

        return $out;
    }
}
