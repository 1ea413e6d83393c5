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
        return $this->page('files.show', $this->site($job), ['page' => new FilesPage($job), 'phase' => 'files']);
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
