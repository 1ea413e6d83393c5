<?php

declare(strict_types=1);

namespace App\Logbook;

use Aequus\Logbook\Entry;
use Aequus\Site\SiteState;
use DateTimeZone;

/** The logbook in words, newest first, a sheet at a time. */
final readonly class LogLines
{
    private const ON_A_SHEET = 150;

    /** @var list<LogLine> */
    public array $lines;

    /** The entry the next, older sheet begins below; null on the last. */
    public ?int $olderThan;

    public int $total;

    /** @param  ?int  $before the entry this sheet begins below; null for the newest */
    public function __construct(private SiteState $site, string $zone, ?int $before = null)
    {
        $local = new DateTimeZone($zone);
        $words = new EntryWords($site);
        $this->total = count($site->log->entries);
        $older = array_filter($site->log->entries, fn (Entry $entry) => $before === null || $entry->sequence < $before);
        $sheet = array_slice(array_reverse($older), 0, self::ON_A_SHEET);
        $this->olderThan = count($older) > count($sheet) ? $sheet[array_key_last($sheet)]->sequence : null;
        $this->lines = array_values(array_map(function (Entry $entry) use ($local, $words): LogLine {
            [$standing, $why] = $this->standing($entry);
            $who = $entry->readBy === '' ? $entry->recordedBy : "{$entry->readBy}, written by {$entry->recordedBy}";

            return new LogLine($entry, $words->say($entry->payload), $entry->measuredAt->setTimezone($local)->format('j M Y, H:i'), $who, $standing, $why);
        }, $sheet));
    }

    /** @return array{string, string} */
    private function standing(Entry $entry): array
    {
        $strike = $this->site->log->strikeOf($entry);
        $correction = $this->site->log->correctionOf($entry);

        return match (true) {
            $strike !== null => ['struck', "struck: {$strike->reason}"],
            $correction !== null => ['corrected', "corrected by entry {$correction->sequence}"],
            $this->site->log->isOld($entry) => ['old', 'from before the stake was moved'],
            default => ['counts', ''],
        };
    }
}
