<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Type\Say;
use RuntimeException;

/** A file that is not taken: nothing of it is stored. */
final class JobFileRefused extends RuntimeException
{
    private function __construct(public readonly JobFileRefusal $is, string $says)
    {
        parent::__construct($says);
    }

    /** @param  string  $where  which file, entry or revision, where it is one */
    public static function because(JobFileRefusal $is, string $where = ''): self
    {
        return new self($is, Say::text("files.refused_{$is->value}", where: $where));
    }
}
