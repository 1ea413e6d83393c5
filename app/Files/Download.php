<?php

declare(strict_types=1);

namespace App\Files;

use App\Practice\MadeUp;
use App\Site\JobSite;
use App\Type\Say;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** A file that leaves a job, under a name that says whose it is, and whether anything in it is made up for practice. */
final class Download
{
    /** @param  string  $what  before the name of the job; empty for what is named by its ending alone */
    public static function of(JobSite $site, string $bytes, string $type, string $ending, string $what = ''): Response
    {
        $name = implode('-', array_filter([
            $what, Str::slug($site->job->name) ?: 'job', MadeUp::line($site->state) === '' ? '' : Str::slug(Say::text('practice.in_a_name')),
        ]));

        return new Response($bytes, 200, ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"{$name}.{$ending}\""]);
    }
}
