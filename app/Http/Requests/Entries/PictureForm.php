<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Book\PictureTaken;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Kind\Payload;
use Aequus\Plan\Plan;
use Aequus\Site\Phase;
use App\Actions\KeepPicture;
use App\Exceptions\EntryNotTaken;
use App\Models\LogEntry;
use App\Picture\PictureRefused;
use Illuminate\Http\UploadedFile;

/** A picture of one post or of the job, at one phase. */
final class PictureForm extends EntryRequest
{
    protected const MAIN_FIELD = 'picture';

    protected function payload(Plan $plan): ?Payload
    {
        [$post, $phase] = [$this->postOrJob($plan), $this->choice('phase', Phase::class)];
        $file = $this->file('picture');
        if (! $file instanceof UploadedFile) {
            throw PictureRefused::missing();
        }
        if (! $file->isValid()) {
            throw in_array($file->getError(), [UPLOAD_ERR_INI_SIZE, UPLOAD_ERR_FORM_SIZE], true)
                ? PictureRefused::tooLarge() : PictureRefused::missing();
        }

        $most = (int) config('aequus.most.pictures');
        if (LogEntry::query()->where('job_id', $this->job()->id)->where('kind', EntryKind::Picture->value)->count() >= $most) {
            throw EntryNotTaken::picturesFull($most);
        }

        return $phase && $this->refusals === []
            ? new PictureTaken(
                $post, $phase->value, app(KeepPicture::class)($this->job(), $file->getPathname()), mb_substr($this->text('says'), 0, 200),
            ) : null;
    }
}
