<?php

declare(strict_types=1);

namespace Tests\Feature\Exchange;

use Aequus\Measure\Notation;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use Symfony\Component\Process\Process;
use Tests\Builds;
use Tests\DaysTestCase;

/** Every sheet that can be printed is opened by two readers of others. */
final class PapersTest extends DaysTestCase
{
    public function test_every_pdf_is_whole_and_on_the_paper_asked_for(): void
    {
        $job = $this->level($this->plan());
        $sheets = array_values(array_filter(array_map(fn (Route $route) => $route->uri(), Routes::getRoutes()->getRoutes()), fn (string $uri) => str_ends_with($uri, '.pdf')));
        $this->assertContains('jobs/{job}/cut/members.pdf', $sheets);
        foreach ([...$sheets, 'jobs/{job}/cut/pole'] as $uri) {
            foreach (['a4' => '595.28 x 841.89', 'letter' => '612 x 792'] as $paper => $size) {
                $path = str_replace('{job}', (string) $job->id, "/{$uri}");
                $pdf = (string) $this->get("{$path}?paper={$paper}&address=https://192.168.7.20:8443")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
                $this->assertSame(0, $this->read($pdf, 'qpdf', '--check', '-')[0], $uri);
                [$exit, $told] = $this->read($pdf, 'pdfinfo', '-');
                $this->assertSame(0, $exit, $uri);
                $this->assertStringContainsString($size, $told, $uri);
            }
        }
        // A reader that finds nothing wrong with a sheet cut short would tell nothing.
        $this->assertNotSame(0, $this->read(substr($pdf ?? '', 0, 2000), 'qpdf', '--check', '-')[0]);
    }

    public function test_the_files_page_offers_both_papers_the_usual_first(): void
    {
        foreach ([[$this->level($this->plan()), 'a4', 'letter'], [$this->job($this->user, Builds::plan(notation: Notation::feetInches(8))), 'letter', 'a4']] as [$job, $first, $second]) {
            $at = "/jobs/{$job->id}/handover/record.pdf?paper=";
            $this->get("/jobs/{$job->id}/files")->assertSeeInOrder([$at.$first, $at.$second, 'name="paper" value="'.$first, 'name="paper" value="'.$second], false)->{$job->revision->plan()->tops === null ? 'assertDontSee' : 'assertSee'}('/cut/pole?paper');
        }
    }

    /** @return array{int, string} the exit code, and what the reader says */
    private function read(string $pdf, string ...$command): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'sheet');
        file_put_contents($path, $pdf);
        $process = new Process(array_map(fn (string $part) => $part === '-' ? $path : $part, array_values($command)));
        $process->run();
        unlink($path);

        return [(int) $process->getExitCode(), $process->getOutput()];
    }
}
