<?php

declare(strict_types=1);

namespace App\Site;

use Aequus\Logbook\Entry;
use Aequus\Logbook\EntryKind;
use App\Actions\RecordEntry;
use stdClass;

/** A line of the entries table as the core reads it. Read without models: a page may need a thousand of them. */
final class EntryRow
{
    public static function toEntry(stdClass $row, string $recordedBy): Entry
    {
        $stored = json_decode($row->payload, true, flags: JSON_THROW_ON_ERROR);

        return new Entry(
            $row->sequence, $row->client_id, EntryKind::from($row->kind)->read($row->payload_version, $stored),
            $row->plan_revision, $row->measured_at, $recordedBy, $row->read_by, $row->replaces_id, $stored[RecordEntry::AS_TYPED] ?? false,
        );
    }
}
