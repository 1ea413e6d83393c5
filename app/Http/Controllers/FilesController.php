<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Logbook\Entry;
use Aequus\Measure\Length;
use Aequus\Plan\Part\PartKind;
use Aequus\Site\PlanInWorld;
use App\Actions\BringIn;
use App\Exchange\DxfFile;
use App\Exchange\JobFile;
use App\Exchange\JobFileRefused;
use App\Exchange\JobOut;
use App\Exchange\PointsFile;
use App\Exchange\PointsRead;
use App\Files\Download;
use App\Files\FilesPage;
use App\Models\Job;
use App\Paper\Paper;
use App\Paper\Pdf;
use App\Paper\Tags;
use App\Plan\PartForm;
use App\Plan\PlanForm;
use App\Site\Provenance;
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
    /** Bytes of a table of points. */
    private const LARGEST_TABLE = 1_000_000;

    public function show(Job $job): View
    {
        $site = $this->site($job);
        $cameIn = $job->revision->reason === Say::text('files.drawn_reason')
            || array_filter($site->state->log->counting, fn (Entry $entry) => str_starts_with($entry->clientId, DrawingController::CAME_IN)) !== [];

        return $this->page(
            'files.show', $site, ['page' => new FilesPage($job), 'cameIn' => $cameIn, 'root' => request()->root(), 'phase' => 'files'],
        );
    }

    public function whole(Job $job): Response
    {
        return Download::of($this->site($job), JobOut::file($job), 'application/zip', 'zip');
    }

    public function points(Job $job): Response
    {
        $site = $this->site($job);

        return Download::of($site, PointsFile::write($site->state), 'text/csv; charset=utf-8', 'csv');
    }

    public function drawing(Job $job): Response
    {
        $site = $this->site($job);

        return Download::of($site, DxfFile::write($site->state, (new Provenance($site))->lines()), 'image/vnd.dxf', 'dxf');
    }

    /** Points out of a table, put into the form of a new part: kept only when that is sent. */
    public function readPoints(Request $request, Job $job): RedirectResponse
    {
        $file = $request->file('points');
        if (! $file instanceof UploadedFile || ! $file->isValid() || $file->getSize() > self::LARGEST_TABLE) {
            throw ValidationException::withMessages(['points' => Say::text('files.points_no_file')])->redirectTo(route('files', $job));
        }
        $plan = $job->revision->plan();
        $read = new PointsRead((string) $file->get(), $plan->notation->unit, $plan->world === null ? null : new PlanInWorld($plan, $plan->world));
        if ($read->refused !== null) {
            throw ValidationException::withMessages(
                ['points' => Say::text("files.points_{$read->refused->value}", most: PointsRead::MOST)],
            )->redirectTo(route('files', $job));
        }
        $places = array_map(fn (array $point) => PlanForm::exactly($plan, $point[1]->x).' : '.PlanForm::exactly($plan, $point[1]->y), $read->points);
        $says = Say::text(
            'files.points_were', count: count($places),
            labels: implode(', ', array_filter(array_column($read->points, 0), fn (string $label) => $label !== '')) ?: '—',
        );

        return redirect()->route('plan', $job)->withInput([
            'form' => 'part', 'part' => '', 'part_kind' => PartKind::Spots->value, 'part_name' => PartForm::fresh($plan)->value('part_name'),
            'part_points' => implode('; ', $places),
            'part_x' => $plan->write(Length::zero()), 'part_y' => $plan->write(Length::zero()), 'part_turn' => '0',
        ])->with('said', $read->left === [] ? $says : $says.' '.Say::text('files.points_left', lines: implode(' | ', $read->left)));
    }

    /** Tags to print, for the address that phones use. */
    public function tags(Request $request, Job $job): Response
    {
        $address = rtrim($request->string('address')->value(), '/');
        if (preg_match('~^https?://[A-Za-z0-9.\-\[\]:]{1,120}$~', $address) !== 1) {
            throw ValidationException::withMessages(['address' => Say::text('files.tags_no_address')])->redirectTo(route('files', $job));
        }
        $site = $this->site($job);
        $paper = Paper::asked($request, $site->plan->notation->unit);

        return Pdf::of(
            $site, view('paper.tags', ['tags' => new Tags($site->state, $job, $address, $paper), 'job' => $job]), $paper,
            'tags-'.Str::slug($job->name),
        );
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
}
