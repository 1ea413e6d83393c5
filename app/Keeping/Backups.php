<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Type\Say;
use DateTimeImmutable;

/** The backups made by themselves: one when the last is a day old; of seven days and of four weeks the newest is kept. */
final readonly class Backups
{
    private const NAME = 'aequus-';

    private const DAYS = 7;

    private const WEEKS = 4;

    public string $folder;

    public function __construct(private DataFolder $data)
    {
        $elsewhere = config('aequus.backups');
        $this->folder = is_string($elsewhere) && $elsewhere !== '' ? $elsewhere : "{$data->path}/backups";
    }

    /** @return list<array{file: string, at: DateTimeImmutable, bytes: int}> newest first */
    public function all(): array
    {
        $all = [];
        foreach (array_reverse(glob("{$this->folder}/".self::NAME.'*.aequus') ?: []) as $file) {
            $at = DateTimeImmutable::createFromFormat('Ymd-His+', substr(basename($file), strlen(self::NAME)));
            if ($at !== false) {
                $all[] = ['file' => $file, 'at' => $at, 'bytes' => (int) filesize($file)];
            }
        }

        return $all;
    }

    /** Whether the last is a day old, or there is none. */
    public function isDue(DateTimeImmutable $now): bool
    {
        $last = $this->all()[0]['at'] ?? null;

        return $last === null || $now->getTimestamp() - $last->getTimestamp() >= 86_400;
    }

    /**
     * @return string the file
     *
     * @throws KeepingRefused when it cannot be written or not be read again
     */
    public function make(DateTimeImmutable $now): string
    {
        is_dir($this->folder) || mkdir($this->folder, 0o700, true);
        $file = "{$this->folder}/".self::NAME.$now->format('Ymd-His').'.aequus';
        (new WriteBackup)($this->data, $file);
        if (self::isElsewhere($file, $this->data)) {
            $this->copyHasLeft($now);
        }
        foreach ([...$this->tooMany(), ...$this->begun($now)] as $old) {
            Disk::remove($old);
        }

        return $file;
    }

    /** Whether a file lies on another disk than the data. */
    public static function isElsewhere(string $file, DataFolder $data): bool
    {
        return (stat($file)['dev'] ?? 0) !== (stat($data->path)['dev'] ?? 0);
    }

    public function copyHasLeft(DateTimeImmutable $now): void
    {
        Disk::write("{$this->data->path}/copy-left", $now->format(DATE_ATOM)."\n");
    }

    /** When a copy last left this machine, or went to another disk; null when none ever did. */
    public function lastLeft(): ?DateTimeImmutable
    {
        $at = @file_get_contents("{$this->data->path}/copy-left");

        return $at === false ? null : (DateTimeImmutable::createFromFormat(DATE_ATOM, trim($at)) ?: null);
    }

    /** Since when no copy has left, in words. */
    public function saysWhenLeft(string $format = 'j M Y'): string
    {
        $left = $this->lastLeft();

        return $left === null ? Say::text('keeping.no_copy_left') : Say::text('keeping.copy_left', at: $left->format($format));
    }

    /** @return list<string> what was begun and never finished, since hours */
    private function begun(DateTimeImmutable $now): array
    {
        return array_values(array_filter(
            glob("{$this->folder}/".WriteBackup::WRITING.'*') ?: [], fn (string $file) => filemtime($file) < $now->getTimestamp() - 7200,
        ));
    }

    /** @return list<string> what is neither the newest of one of the last days nor of one of the last weeks */
    private function tooMany(): array
    {
        $days = $weeks = [];
        foreach ($this->all() as $one) {
            $days[$one['at']->format('Y-m-d')] ??= $one['file'];
            $weeks[$one['at']->format('o-W')] ??= $one['file'];
        }
        $kept = [...array_slice(array_values($days), 0, self::DAYS), ...array_slice(array_values($weeks), 0, self::WEEKS)];

        return array_values(array_diff(array_column($this->all(), 'file'), $kept));
    }
}
