<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Logbook\Decision;
use Aequus\Logbook\DecisionAbout;
use Aequus\Logbook\HandedOver;
use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Plan\TopRules;
use App\Actions\RevisePlan;
use App\Paper\Paper;
use App\Paper\PoleStrips;
use App\Site\ReadSite;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\JobTestCase;
use Tests\PdfText;

/** Sheets as PDF: their words, their size, and marks that lie where a rule would find them. */
final class PaperTest extends JobTestCase
{
    #[TestWith(['a4', 595.28, 841.89])]
    #[TestWith(['letter', 612.0, 792.0])]
    public function test_the_record_says_every_tolerance_on_the_paper_asked_for(string $paper, float $width, float $height): void
    {
        $this->write($this->job, $this->user, new Decision(DecisionAbout::AcceptOutline, null, 'a hen run'), new HandedOver('the parish', 'keys in the shed'));
        $pdf = (string) $this->get("/jobs/{$this->job->id}/handover/record.pdf?paper={$paper}")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
        $this->assertEqualsWithDelta([$width, $height], PdfText::size($pdf), 0.1);
        $text = PdfText::of($pdf);
        foreach (['Test shelter', 'Handed over to the parish', 'Stakes on their places', 'not measured', 'Take the layout as it stands: a hen run', 'Plan as built', 'times enlarged', 'Row 1', 'Row 2', 'A1', 'B2', 'not checked by this tool'] as $words) {
            $this->assertStringContainsString($words, $text);
        }
    }

    public function test_a_story_pole_is_full_size_with_bars_to_check_it(): void
    {
        $plan = $this->job->revision->plan();
        app(RevisePlan::class)($this->job, $this->user, $plan->withTops(new TopRules(Length::millimetres(2300), Slope::level(), Slope::ratio(-1 / 36), Length::millimetres(1200))), 'Tops', 1);
        $pdf = (string) $this->get("/jobs/{$this->job->id}/cut/pole?paper=a4")->assertOk()->getContent();
        $text = PdfText::of($pdf);
        // 1100 at row 1 and 1000 at row 2, both in the fifth strip of 240 mm, 140 and 40 up it.
        foreach (['100 mm', '4 in', 'datum line', 'on top of strip 4', '1100 mm', '1000 mm', 'A1 B1'] as $words) {
            $this->assertStringContainsString($words, $text);
        }
        $page = view('paper.pole', ['job' => $this->job, 'strips' => PoleStrips::ofCuts($this->app->make(ReadSite::class)->of($this->job->fresh())->state, Paper::A4)])->render();
        preg_match_all('/class="line heavy" style="left: [\d.]+mm; top: ([\d.]+)mm; width: 18mm/', $page, $marks);
        $this->assertCount(2, $marks[1]);
        $this->assertEqualsWithDelta(100.0, abs((float) $marks[1][0] - (float) $marks[1][1]), 1e-6, 'a hundred millimetres apart on the paper too');
        $this->assertStringContainsString('width: 100mm', $page);
        $this->assertStringContainsString('width: 101.6mm', $page);
    }

    public function test_a_marking_list_prints_in_full_size_too(): void
    {
        $text = PdfText::of((string) $this->get("/jobs/{$this->job->id}/cut/set-out/pole?spread=even&count=3&thickness=45&length=1000&paper=letter")->assertOk()->getContent());
        // Near faces at 0, 477.5 and 955 mm.
        foreach (['marking list in full size', 'end of the member', 'number 3, far side', '955 mm', '478 mm'] as $words) {
            $this->assertStringContainsString($words, $text);
        }
    }

    public function test_without_tops_the_pole_says_so(): void
    {
        $this->assertStringContainsString('nothing to mark', PdfText::of((string) $this->get("/jobs/{$this->job->id}/cut/pole")->assertOk()->getContent()));
    }
}
