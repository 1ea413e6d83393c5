<?php

declare(strict_types=1);

namespace App\Account;

use Illuminate\Session\FileSessionHandler;

/** Sign-ins in files, each written whole under another name first: a pulled plug signs nobody out. */
final class WholeSessions extends FileSessionHandler
{
    public function write($sessionId, $data): bool
    {
        $this->files->replace("{$this->path}/{$sessionId}", $data, 0o600);

        return true;
    }
}
