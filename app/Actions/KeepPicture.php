<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Job;
use App\Picture\PictureRefused;
use App\Picture\StoredPicture;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Keeps a picture with its job, under the fingerprint of its bytes. The same picture twice is one. */
final class KeepPicture
{
    /**
     * @return string its fingerprint
     *
     * @throws PictureRefused when the file is no picture that can be kept
     */
    public function __invoke(Job $job, string $path): string
    {
        $negative = StoredPicture::fromFile($path);
        DB::transaction(fn () => DB::table('pictures')->insertOrIgnore([
            'job_id' => $job->id, 'fingerprint' => $negative->fingerprint, 'bytes' => $negative->bytes,
            'kept_at' => CarbonImmutable::now('UTC')->format('Y-m-d H:i:s'),
        ]));

        return $negative->fingerprint;
    }
}
