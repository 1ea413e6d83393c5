<?php

declare(strict_types=1);

namespace Tests\Feature\Exchange;

use Aequus\Logbook\Footing\HoleDug;
use Aequus\Measure\Length;
use App\Models\Job;
use App\Paper\Packet;
use App\Paper\Sheet;
use App\Paper\SheetTable;
use App\Round\RoundRow;
use App\Round\RoundSheet;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\DaysTestCase;
use Tests\PdfText;

/** Everything a job needs on paper: the lines of a sheet are those of the page that takes them, and what is written down already stands there. */
final class PacketTest extends DaysTestCase
{
    public function test_lines_of_a_sheet_are_those_of_the_page_that_takes_them(): void
    {
        $job = $this->level($this->plan());
        foreach ([Sheet::Stakes, Sheet::Rods, Sheet::Dig, Sheet::Cuts] as $sheet) {
            $table = $this->table($job, $sheet);
            $round = (new RoundSheet($sheet->round() ?? $this->fail(), $this->state($job)))->rows;
            $this->assertNotSame([], $table->rows);
            $this->assertSame(array_map(fn (RoundRow $row) => $row->label, $round), array_column($table->rows, 1), $sheet->name);
            $this->assertSame(array_map(strval(...), range(1, count($round))), array_column($table->rows, 0));
        }
        $this->assertCount(6, $this->table($job, Sheet::Plumb)->rows, 'to be written on before any post stands');
    }

    public function test_what_is_read_stands_there_and_what_is_not_is_room_to_write(): void
    {
        $job = $this->level($this->plan());
        $this->write($job, $this->user, new HoleDug($job->revision->plan()->grid->labelled('B1')->id, Length::millimetres(812)));
        $dig = array_column($this->table($job, Sheet::Dig)->rows, 4, 1);
        $this->assertSame(['812 mm', ''], [$dig['B1'], $dig['A1']]);
        $this->assertSame('800 mm', array_column($this->table($job, Sheet::Dig)->rows, 2, 1)['A1'], 'frost and gravel');
        // Seven bags and a quarter are eight.
        $this->assertSame(['8'], array_values(array_unique(array_column($this->table($job, Sheet::Pour)->rows, 3))));
        $bare = $this->job($this->user);
        $this->assertStringContainsString('No hole has a depth yet', $this->table($bare, Sheet::Dig)->empty);
        $this->assertStringContainsString('Decide first', $this->table($bare, Sheet::Cuts)->empty);
    }

    public function test_the_permit_page_says_what_the_plan_knows_and_leaves_room_for_the_rest(): void
    {
        $rows = array_column($this->table($this->level($this->plan()), Sheet::Permit)->rows, 1, 0);
        $this->assertSame(['140 mm × 140 mm', '700 mm', '800 mm', '2400 mm', ''], [$rows['Posts'], $rows['Frost line that was planned for'], $rows['Deepest hole'], $rows['Top of the first post above the benchmark’s zero'], $rows['Parcel']]);
    }

    #[TestWith(['a4', 595.28])]
    #[TestWith(['letter', 612.0])]
    public function test_the_packet_is_one_file_with_its_pages_counted(string $paper, float $width): void
    {
        $job = $this->level($this->plan());
        $pdf = (string) $this->get("/jobs/{$job->id}/files/packet.pdf?paper={$paper}")->assertOk()->getContent();
        $this->assertEqualsWithDelta($width, PdfText::size($pdf)[0], 0.1);
        $text = preg_replace('/\s+/u', ' ', PdfText::of($pdf)) ?? '';
        foreach (Sheet::cases() as $sheet) {
            $this->assertSame($sheet !== Sheet::Cover, str_contains($text, $sheet->inWords()), $sheet->name);
        }
        $this->assertMatchesRegularExpression('~plan revision 1 · 2026-05-04 · page 1 / (1[0-9]|[9])~u', $text);
        $one = preg_replace('/\s+/u', ' ', PdfText::of((string) $this->get("/jobs/{$job->id}/files/packet.pdf?sheet_dig=1&sheet_no_such=1")->assertOk()->getContent())) ?? '';
        $this->assertStringContainsString('Dig list', $one);
        $this->assertStringNotContainsString('Stake sheet', $one);
        $this->assertStringContainsString('page 1 / 1', $one);
        $bare = $this->job($this->user);
        $whole = PdfText::of((string) $this->get("/jobs/{$bare->id}/files/packet.pdf")->assertOk()->getContent());
        $this->assertStringNotContainsString('Cut list', $whole, 'nothing stands on it yet');
        $this->assertStringContainsString('Decide first', PdfText::of((string) $this->get("/jobs/{$bare->id}/files/packet.pdf?sheet_cuts=1")->assertOk()->getContent()));
        $this->get("/jobs/{$job->id}/files")->assertOk()->assertSeeText('Print those ticked');
    }

    private function table(Job $job, Sheet $sheet): SheetTable
    {
        return (new Packet($this->state($job), $job, [$sheet]))->tables[0];
    }
}
