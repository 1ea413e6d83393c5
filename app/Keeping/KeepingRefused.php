<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Type\Say;
use RuntimeException;

/** Why a file was not taken, or nothing could be done now. Nothing was changed. */
final class KeepingRefused extends RuntimeException
{
    private function __construct(string $key, string ...$parts)
    {
        parent::__construct(Say::text("keeping.refused_{$key}", ...$parts));
    }

    public static function another(): self
    {
        return new self('another');
    }

    public static function stillBusy(): self
    {
        return new self('still_busy');
    }

    public static function noFile(string $file): self
    {
        return new self('no_file', what: $file);
    }

    public static function foreign(string $file): self
    {
        return new self('foreign', what: $file);
    }

    public static function damaged(string $what): self
    {
        return new self('damaged', what: $what);
    }

    public static function newer(): self
    {
        return new self('newer');
    }

    public static function changed(): self
    {
        return new self('changed');
    }

    public static function nobody(): self
    {
        return new self('nobody');
    }

    public static function unreadable(string $what): self
    {
        return new self('unreadable', what: $what);
    }

    public static function presentIsDamaged(string $what, string $folder): self
    {
        return new self('present_is_damaged', what: $what, folder: $folder);
    }

    public static function isThere(string $file): self
    {
        return new self('is_there', what: $file);
    }

    public static function cannotWrite(string $file, string $why): self
    {
        return new self('cannot_write', what: $file, why: $why);
    }

    public static function noData(): self
    {
        return new self('no_data');
    }

    public static function notInTheBin(string $job): self
    {
        return new self('not_in_the_bin', what: $job);
    }

    public static function sealed(): self
    {
        return new self('sealed');
    }

    public static function notTheSame(): self
    {
        return new self('not_the_same');
    }

    public static function wrongPassphrase(): self
    {
        return new self('wrong_passphrase');
    }
}
