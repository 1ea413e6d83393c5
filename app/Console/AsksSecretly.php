<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;

/**
 * Asks for a word that is not shown while it is typed.
 *
 * @mixin Command
 */
trait AsksSecretly
{
    private function asked(string $what): string
    {
        $typed = $this->secret($what);

        return is_string($typed) ? $typed : '';
    }
}
