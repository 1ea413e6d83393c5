<?php

declare(strict_types=1);

namespace App\Site;

use Aequus\Logbook\Entry;
use Aequus\Logbook\EntryKind;
use App\Actions\RecordEntry;
use App\Type\Say;
use stdClass;

/** A line of the entries table as the core reads it. Read without models: a page may need a thousand of them. */
final class EntryRow
{
    /** Who typed it: a name from a file is no name of somebody here, and says so. */
    public static function by(stdClass $row, string $user): string
    {
        return $row->by_file === '' ? $user : Say::text('files.by_file', name: $row->by_file);
    }

    public static function toEntry(stdClass $row, string $recordedBy): Entry
    {
        $stored = json_decode($row->payload, true, flags: JSON_THROW_ON_ERROR);

        return new Entry(
            $row->sequence, $row->client_id, EntryKind::from($row->kind)->read($row->payload_version, $stored),
            $row->plan_revision, $row->measured_at, $recordedBy, $row->read_by, $row->replaces_id, $stored[RecordEntry::AS_TYPED] ?? false,
        );
    }
}
