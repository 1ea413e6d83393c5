<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\BringIn;
use App\Exchange\DxfFile;
use App\Exchange\JobFile;
use App\Exchange\JobFileRefused;
use App\Exchange\JobOut;
use App\Exchange\PointsFile;
use App\Files\FilesPage;
use App\Models\Job;
use App\Paper\Paper;
use App\Paper\Pdf;
use App\Paper\Tags;
use App\Type\Say;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** A job as files: out of it, and a whole one in. */
final class FilesController extends Controller
{
    public function show(Job $job): View
    {
        return $this->page('files.show', $this->site($job), ['page' => new FilesPage($job), 'root' => request()->root(), 'phase' => 'files']);
    }

    public function whole(Job $job): Response
    {
        return $this->file(JobOut::file($job), 'application/zip', $job, 'zip');
    }

    public function points(Job $job): Response
    {
        return $this->file(PointsFile::write($this->site($job)->state), 'text/csv; charset=utf-8', $job, 'csv');
    }

    public function drawing(Job $job): Response
    {
        return $this->file(DxfFile::write($this->site($job)->state), 'image/vnd.dxf', $job, 'dxf');
    }

    /** Tags to print, for the address that phones use. */
    public function tags(Request $request, Job $job): Response
    {
        $address = rtrim($request->string('address')->value(), '/');
        if (preg_match('~^https?://[A-Za-z0-9.\-\[\]:]{1,120}$~', $address) !== 1) {
            throw ValidationException::withMessages(['address' => Say::text('files.tags_no_address')])->redirectTo(route('files', $job));
        }
        $site = $this->site($job);
        $paper = Paper::tryFrom($request->string('paper')->value()) ?? Paper::usual($site->plan->notation->unit);

        return Pdf::of(view('paper.tags', ['tags' => new Tags($site->state, $job, $address, $paper), 'job' => $job, 'say' => new Say($site->speech)]), $paper, 'tags-'.Str::slug($job->name));
    }

    /** A job comes in beside those that are here. */
    public function bring(Request $request, BringIn $bringIn): RedirectResponse
    {
        $file = $request->file('job');
        if (! $file instanceof UploadedFile || ! $file->isValid() || $file->getSize() > JobFile::LARGEST) {
            throw ValidationException::withMessages(['job' => Say::text('files.no_file')]);
        }
        try {
            $job = $bringIn($this->user($request), $file->getPathname());
        } catch (JobFileRefused $refused) {
            throw ValidationException::withMessages(['job' => $refused->getMessage()]);
        }

        return redirect()->route('job', $job)->with('said', Say::text('files.is_in', name: $job->name));
    }

    private function file(string $bytes, string $type, Job $job, string $ending): Response
    {
        return response($bytes, headers: ['Content-Type' => $type, 'Content-Disposition' => 'attachment; filename="'.(Str::slug($job->name) ?: 'job').'.'.$ending.'"']);
    }
}
