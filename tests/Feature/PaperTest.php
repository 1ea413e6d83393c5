<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\Book\HandedOver;
use Aequus\Logbook\Book\Remark;
use Aequus\Logbook\Cut\PostCut;
use Aequus\Logbook\Cut\TopMeasured;
use Aequus\Logbook\Footing\Finding;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Tops\TopRules;
use App\Actions\RevisePlan;
use App\Paper\AsBuilt;
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
        $this->write(
            $this->job, $this->user, new Decision(DecisionAbout::AcceptOutline, null, 'a hen run'), new HandedOver('the parish', 'keys in the shed'),
        );
        $pdf = (string) $this->get(
            "/jobs/{$this->job->id}/handover/record.pdf?paper={$paper}",
        )->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
        $this->assertEqualsWithDelta([$width, $height], PdfText::size($pdf), 0.1);
        $text = PdfText::of($pdf);
        foreach ([
            'Test shelter', 'Handed over to the parish', 'Stakes on their places', 'not measured', 'Take the layout as it stands: a hen run',
            'Plan as built', 'times enlarged', 'Row 1', 'Row 2', 'A1', 'B2', 'not checked by this tool',
        ] as $words) {
            $this->assertStringContainsString($words, $text);
        }
    }

    public function test_the_record_also_tells_benchmark_ground_holes_fills_and_tops_after_the_cut(): void
    {
        $a1 = $this->job->revision->plan()->grid->labelled('A1')->id;
        $this->write($this->job, $this->user, new BenchmarkChosen('door sill', Length::zero()), new RodReading(null, Length::millimetres(1500)), new RodReading($a1, Length::millimetres(1640)),
            new HoleDug($a1, Length::millimetres(640), null, Finding::Rock), new PostFilled($a1, FillStep::Done, 5, 14.0),
            new TopMeasured($a1, Length::millimetres(1150)), new PostCut($a1), new TopMeasured($a1, Length::millimetres(1101)));
        $text = PdfText::of((string) $this->get("/jobs/{$this->job->id}/handover/record.pdf")->assertOk()->getContent());
        foreach (['Benchmark door sill', 'A1 -140 mm', 'B1 not read', 'met rock', '5 bags', 'Tops measured after the cut', '1101 mm'] as $words) {
            $this->assertStringContainsString($words, strtr($text, ['−' => '-']));
        }
        $this->assertStringNotContainsString('1150 mm above', $text, 'what was measured before the cut is no final top');
    }

    /** Ground at 0, −100 and tops at 2300: 3200 from the deepest bottom to the tops are drawn 150 high. */
    public function test_a_section_as_built_shows_holes_as_dug_and_posts_from_foot_to_top(): void
    {
        $plan = $this->job->revision->plan()
            ->withFooting(
                new FootingRules(
                    Length::millimetres(700), Length::millimetres(100), LeastEmbedment::length(Length::millimetres(500)), Length::millimetres(100),
                    Length::millimetres(100), Length::millimetres(50), DepthMode::Own,
                ),
            )
            ->withTops(new TopRules(Length::millimetres(2300), Slope::level(), Slope::level(), Length::millimetres(1200)));
        app(RevisePlan::class)($this->job, $this->user, $plan, 'Depths', 1);
        $this->write($this->job, $this->user, new BenchmarkChosen('sill', Length::zero()), new RodReading(null, Length::millimetres(1500)), ...array_map(
            fn (string $label, float $rod) => new RodReading(
                $plan->grid->labelled($label)->id, Length::millimetres($rod),
            ), ['A1', 'B1', 'A2', 'B2'], [1500, 1600, 1500, 1600],
        ));
        $this->write($this->job, $this->user, new HoleDug($plan->grid->labelled('B1')->id, Length::millimetres(800)));
        $built = new AsBuilt(app(ReadSite::class)->site($this->job->fresh())->state);
        $svg = base64_decode(substr($built->sections()['Row 1'], strlen('data:image/svg+xml;base64,')));
        preg_match_all('/<rect x="[\d.]+" y="([\d.]+)" width="(24|8)" height="([\d.]+)"/', $svg, $found, PREG_SET_ORDER);
        $boxes = array_map(fn (array $box): array => [$box[2] === '24' ? 'hole' : 'post', (float) $box[1], (float) $box[3]], $found);
        // A1 as planned: 900 deep, its foot 700 down. B1 as dug: 800 deep and 100 short, so 50 of gravel are left and its foot stands 650 down.
        $per = 150 / (2300 + 900);
        foreach ([
            ['hole', 20 + 2300 * $per, 900 * $per], ['post', 20.0, 3000 * $per], ['hole', 20 + 2400 * $per, 800 * $per], ['post', 20.0, 3050 * $per],
        ] as $i => [$what, $y, $height]) {
            $this->assertSame($what, $boxes[$i][0]);
            $this->assertEqualsWithDelta([$y, $height], array_slice($boxes[$i], 1), 0.1, "box {$i}");
        }
        $this->assertSame(['Row 1', 'Row 2'], array_keys($built->sections()));
    }

    /** The same twice is the same bytes, made once; anything written down makes another. */
    public function test_what_says_the_same_is_made_once(): void
    {
        $record = fn (): string => (string) $this->get("/jobs/{$this->job->id}/handover/record.pdf?paper=a4")->assertOk()->getContent();
        $first = $record();
        $begun = hrtime(true);
        $this->assertSame($first, $record());
        $this->assertLessThan(0.5, (hrtime(true) - $begun) / 1e9);
        $this->write($this->job, $this->user, new Remark(null, 'the lane was closed'));
        $this->assertNotSame($first, $again = $record());
        $this->assertNotSame($again, (string) $this->get("/jobs/{$this->job->id}/handover/record.pdf?paper=letter")->assertOk()->getContent());
    }

    public function test_a_story_pole_is_full_size_with_bars_to_check_it(): void
    {
        $plan = $this->job->revision->plan();
        app(RevisePlan::class)(
            $this->job, $this->user,
            $plan->withTops(new TopRules(Length::millimetres(2300), Slope::level(), Slope::ratio(-1 / 36), Length::millimetres(1200))), 'Tops', 1,
        );
        $pdf = (string) $this->get("/jobs/{$this->job->id}/cut/pole?paper=a4")->assertOk()->getContent();
        $text = PdfText::of($pdf);
        // 1100 at row 1 and 1000 at row 2, both in the fifth strip of 240 mm, 140 and 40 up it.
        foreach (['100 mm', '4 in', 'datum line', 'on top of strip 4', '1100 mm', '1000 mm', 'A1 B1'] as $words) {
            $this->assertStringContainsString($words, $text);
        }
        $page = view(
            'paper.pole',
            ['job' => $this->job, 'strips' => PoleStrips::ofCuts($this->app->make(ReadSite::class)->site($this->job->fresh())->state, Paper::A4)],
        )->render();
        preg_match_all('/class="line heavy" style="left: [\d.]+mm; top: ([\d.]+)mm; width: 18mm/', $page, $marks);
        $this->assertCount(2, $marks[1]);
        $this->assertEqualsWithDelta(100.0, abs((float) $marks[1][0] - (float) $marks[1][1]), 1e-6, 'a hundred millimetres apart on the paper too');
        $this->assertStringContainsString('width: 100mm', $page);
        $this->assertStringContainsString('width: 101.6mm', $page);
    }

    public function test_a_marking_list_prints_in_full_size_too(): void
    {
        $text = PdfText::of(
            (string) $this->get(
                "/jobs/{$this->job->id}/cut/set-out/pole?spread=even&count=3&thickness=45&length=1000&paper=letter",
            )->assertOk()->getContent(),
        );
        // Near faces at 0, 477.5 and 955 mm.
        foreach (['marking list in full size', 'end of the member', 'number 3, far side', '955 mm', '478 mm'] as $words) {
            $this->assertStringContainsString($words, $text);
        }
    }

    public function test_without_tops_the_pole_says_so(): void
    {
        $this->assertStringContainsString(
            'nothing to mark', PdfText::of((string) $this->get("/jobs/{$this->job->id}/cut/pole")->assertOk()->getContent()),
        );
    }
}
