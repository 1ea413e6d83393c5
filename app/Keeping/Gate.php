<?php

declare(strict_types=1);

namespace App\Keeping;

use RuntimeException;

/**
 * Before other data is put in force every request under way ends and none begins. Two locks of the operating system, which lets go of them when a
 * process dies: a turnstile that a request only passes, so that those who come cannot keep the gate open for ever, and the gate it stands in.
 */
final class Gate
{
    /** Seconds that requests under way have to end. */
    private const PATIENCE = 30;

    /** @param  list<resource>  $held */
    private function __construct(private array $held)
    {
    }

    /** A request’s stay inside; null while the gate is being shut. */
    public static function pass(DataFolder $folder): ?self
    {
        $turnstile = self::open($folder, 'turnstile');
        $gate = self::open($folder, 'gate');
        if (! flock($turnstile, LOCK_SH | LOCK_NB) || ! flock($gate, LOCK_SH | LOCK_NB)) {
            return null;
        }
        flock($turnstile, LOCK_UN);

        return new self([$gate]);
    }

    /** @throws KeepingRefused when somebody else holds it shut, or a request does not end */
    public static function shut(DataFolder $folder): self
    {
        [$turnstile, $gate] = [self::open($folder, 'turnstile'), self::open($folder, 'gate')];
        if (! self::wait($turnstile)) {
            throw KeepingRefused::another();
        }
        if (! self::wait($gate)) {
            throw KeepingRefused::stillBusy();
        }

        return new self([$turnstile, $gate]);
    }

    public function leave(): void
    {
        array_map(fn ($lock) => is_resource($lock) && fclose($lock), $this->held);
        $this->held = [];
    }

    /** @param  resource  $lock */
    private static function wait($lock): bool
    {
        for ($until = microtime(true) + self::PATIENCE; microtime(true) < $until; usleep(20_000)) {
            if (flock($lock, LOCK_EX | LOCK_NB)) {
                return true;
            }
        }

        return false;
    }

    /** @return resource */
    private static function open(DataFolder $folder, string $name)
    {
        is_dir($folder->path) || @mkdir($folder->path, 0o700, true);

        return fopen("{$folder->path}/{$name}.lock", 'c') ?: throw new RuntimeException("{$folder->path} can’t be written.");
    }
}
