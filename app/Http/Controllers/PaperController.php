<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Cut\SetOut;
use App\Drawing\SitePlan;
use App\Models\Job;
use App\Paper\AsBuilt;
use App\Paper\Packet;
use App\Paper\Paper;
use App\Paper\Pdf;
use App\Paper\PoleStrips;
use App\Paper\RecordSheet;
use App\Paper\Sheet;
use App\Site\JobSite;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** Sheets as PDF, on A4 or Letter. */
final class PaperController extends Controller
{
    /** The record that is handed over. */
    public function asBuilt(Request $request, Job $job): Response
    {
        $site = $this->site($job);
        $paper = $this->paper($request, $job);

        return Pdf::of(
            $site, view(
                'paper.record',
                [
                    'site' => $site, 'plan' => $site->plan, 'state' => $site->state, 'job' => $job, 'sheet' => new RecordSheet($site->state, $job),
                    'built' => new AsBuilt($site->state), 'changed' => $site->state->isChangedSinceHandover(), 'paper' => $paper,
                ],
            ),
            $paper, 'record-'.Str::slug($job->name),
        );
    }

    /** A story pole in full size. */
    public function pole(Request $request, Job $job): Response
    {
        [$paper, $site] = [$this->paper($request, $job), $this->site($job)];

        return Pdf::of(
            $site, view('paper.pole', ['job' => $job, 'strips' => PoleStrips::ofCuts($site->state, $paper)]), $paper,
            'story-pole-'.Str::slug($job->name),
        );
    }

    /** What is set out on a member, in full size. */
    public function members(Request $request, Job $job): Response
    {
        $paper = $this->paper($request, $job);
        $site = $this->site($job);

        return Pdf::of(
            $site, view(
                'paper.pole',
                ['job' => $job, 'strips' => PoleStrips::ofMembers($site->plan, new SetOut($this->sums($request, $job), $site->state), $paper)],
            ),
            $paper, 'marking-list-'.Str::slug($job->name),
        );
    }

    /** The site to scale, on one sheet. */
    public function sitePlan(Request $request, Job $job): Response
    {
        [$paper, $site] = [$this->paper($request, $job), $this->site($job)];
        $sheet = new SitePlan($site->plan, $paper, $site->state->level->plane);

        return Pdf::of(
            $site, view('paper.site', ['sheet' => $sheet, 'job' => $job, 'image' => $this->siteImage($site, $paper)]), $paper,
            'site-'.Str::slug($job->name),
        );
    }

    /** All sheets of a job in one, or those that are asked for. */
    public function packet(Request $request, Job $job): Response
    {
        [$paper, $site] = [$this->paper($request, $job), $this->site($job)];
        $packet = new Packet($site->state, $job, Packet::asked(fn (Sheet $sheet) => $request->boolean("sheet_{$sheet->value}")));

        return Pdf::of(
            $site, view('paper.packet', ['packet' => $packet, 'job' => $job, 'image' => $packet->hasCover() ? $this->siteImage($site, $paper) : '']),
            $paper, 'packet-'.Str::slug($job->name), $packet->foot(),
        );
    }

    private function siteImage(JobSite $site, Paper $paper): string
    {
        $sheet = new SitePlan($site->plan, $paper, $site->state->level->plane);

        return 'data:image/svg+xml;base64,'.base64_encode(
            view('plan.site-drawing', ['sheet' => $sheet, 'job' => $site->job, 'inPrint' => true])->render(),
        );
    }

    private function paper(Request $request, Job $job): Paper
    {
        return Paper::asked($request, $job->revision->plan()->notation->unit);
    }
}
