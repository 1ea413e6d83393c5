<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PictureRequest;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** Pictures kept with a job. */
final class PictureController extends Controller
{
    public function store(PictureRequest $request, Job $job): RedirectResponse
    {
        return $this->record($request, $job);
    }

    public function show(Job $job, string $fingerprint): Response
    {
        $bytes = DB::table('pictures')->where('job_id', $job->id)->where('fingerprint', $fingerprint)->value('bytes');
        abort_unless(is_string($bytes), 404);

        return response($bytes, 200, ['Content-Type' => 'image/jpeg', 'Content-Disposition' => 'inline; filename="picture.jpg"']);
    }
}
