<?php

declare(strict_types=1);

namespace App\Logbook;

use Aequus\Logbook\Entry;
use Aequus\Logbook\EntryKind;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;
use Aequus\Words\EntryWords;
use App\Type\Say;
use DateTimeZone;

/** The logbook in words, newest first, a sheet at a time. */
final readonly class LogLines
{
    private const ON_A_SHEET = 100;

    /** @var list<LogLine> */
    public array $lines;

    /** The entry the next, older sheet begins below; null on the last. */
    public ?int $olderThan;

    public int $total;

    /**
     * @param  ?int  $before  the entry this sheet begins below; null for the newest
     * @param  ?Post  $post  only what is about this post; null for all
     * @param  ?EntryKind  $kind  only entries of this kind; null for all
     * @param  ?ByPost<string>  $gone  what posts were called that the plan has no more
     */
    public function __construct(
        private SiteState $site, string $zone, ?int $before = null, public ?Post $post = null, public ?EntryKind $kind = null, ?ByPost $gone = null,
    ) {
        $local = new DateTimeZone($zone);
        $words = new EntryWords($site, $gone);
        $chosen = array_filter($site->log->entries, fn (Entry $entry) => ($kind === null || EntryKind::of($entry->payload) === $kind)
            && ($post === null || array_filter($entry->payload->posts(), $post->id->equals(...)) !== []));
        $this->total = count($chosen);
        $older = array_filter($chosen, fn (Entry $entry) => $before === null || $entry->sequence < $before);
        $sheet = array_slice(array_reverse($older), 0, self::ON_A_SHEET);
        $this->olderThan = count($older) > count($sheet) && $sheet !== [] ? $sheet[array_key_last($sheet)]->sequence : null;
        $this->lines = array_values(array_map(function (Entry $entry) use ($local, $words): LogLine {
            [$standing, $why] = $this->standing($entry);
            $who = $entry->readBy === '' ? $entry->recordedBy : Say::text(
                'logbook.log_lines.written_by', read_by: $entry->readBy, recorded_by: $entry->recordedBy,
            );

            return new LogLine(
                $entry, $words->say($entry->payload), $entry->measuredAt()->setTimezone($local)->format('j M Y, H:i'), $who, $standing, $why,
            );
        }, $sheet));
    }

    /** @return array<string, string> what a sheet that is chosen so asks for, for the link to the next */
    public function asked(): array
    {
        return array_filter(['post' => $this->post->label ?? '', 'kind' => $this->kind->value ?? '']);
    }

    /** @return array{string, string} */
    private function standing(Entry $entry): array
    {
        $strike = $this->site->log->strikeOf($entry);
        $correction = $this->site->log->correctionOf($entry);

        return match (true) {
            $strike !== null => ['struck', Say::text('logbook.log_lines.struck', reason: $strike->reason)],
            $correction !== null => ['corrected', Say::text('logbook.log_lines.corrected_by_entry', sequence: $correction->sequence)],
            $this->site->log->isOld($entry) => ['old', Say::text('logbook.log_lines.from_before_the_stake_was')],
            default => ['counts', ''],
        };
    }
}
