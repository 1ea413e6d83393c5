<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Controllers\Controller;
use App\Keeping\Backups;
use App\Keeping\DataFolder;
use App\Keeping\KeepingRefused;
use App\Keeping\WriteBackup;
use App\Models\User;
use App\Type\Say;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/**
 * Copies of everything: those made by themselves, and one to take along. They hold the jobs of all, so only the owner of the installation has them.
 */
final class BackupsController extends Controller
{
    public function show(Request $request): View
    {
        $this->ownersOnly($request);
        $backups = new Backups(DataFolder::current());

        return view(
            'account.backups',
            [
                'backups' => $backups->all(), 'left' => $backups->saysWhenLeft(), 'hasLeft' => $backups->lastLeft() !== null,
                'folder' => $backups->folder,
            ],
        );
    }

    /** @throws ValidationException where the two passphrases differ, or nothing could be written */
    public function take(Request $request, WriteBackup $write): BinaryFileResponse
    {
        $this->ownersOnly($request);
        $passphrase = $request->string('passphrase')->value();
        if ($passphrase !== $request->string('again')->value()) {
            throw ValidationException::withMessages(['again' => Say::text('keeping.refused_not_the_same')]);
        }
        $data = DataFolder::current();
        $file = "{$data->inForce()}/taken-".bin2hex(random_bytes(6));
        try {
            $write($data, $file, $passphrase);
        } catch (KeepingRefused $refused) {
            throw ValidationException::withMessages(['passphrase' => $refused->getMessage()]);
        }
        (new Backups($data))->copyHasLeft(now()->toDateTimeImmutable());

        return response()->download($file, 'aequus-'.now()->format('Ymd-His').'.aequus', ['Content-Type' => 'application/octet-stream'])
            ->deleteFileAfterSend();
    }

    private function ownersOnly(Request $request): void
    {
        abort_if(config('aequus.mode') === 'demo', 404);
        abort_unless($this->user($request)->id === User::query()->min('id'), 403);
    }
}
