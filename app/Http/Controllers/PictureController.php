<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Picture\StoredPicture;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** Pictures kept with a job. */
final class PictureController extends Controller
{
    public function show(Job $job, string $fingerprint): Response
    {
        $bytes = DB::table('pictures')->where('job_id', $job->id)->where('fingerprint', $fingerprint)->value('bytes');
        abort_unless(is_string($bytes), 404);

        $isSmall = request()->boolean('small');
        $answer = new Response(
            $isSmall ? StoredPicture::thumbnail($bytes) : $bytes, 200,
            ['Content-Type' => 'image/jpeg', 'Content-Disposition' => 'inline; filename="picture.jpg"'],
        );

        // A picture is named by its bytes and never changes: the one in the list need not be sent twice.
        return $isSmall ? $answer->header('Cache-Control', 'private, max-age=31536000, immutable') : $answer;
    }
}
