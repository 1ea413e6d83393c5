<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Kind\Payload;
use Aequus\Plan\Plan;
use App\Actions\NewEntry;
use App\Site\ReadSite;
use Illuminate\Validation\ValidationException;

/** One line that says any entry, or several parted by semicolons. */
final class QuickLineRequest extends EntryRequest
{
    /** At the end of a line: what was asked about is right. */
    private const RIGHT = '/\s+right as typed$/i';

    protected const MAIN_FIELD = 'line';

    /** @var ?string the piece being read, where a line holds several */
    private ?string $piece = null;

    private int $place = 0;

    /** @return list<string> what the line says, one entry each */
    public function pieces(): array
    {
        return preg_split('/\s*;\s*/u', $this->text('line'), flags: PREG_SPLIT_NO_EMPTY) ?: [''];
    }

    /**
     * One of several entries on a line, with an id of its own.
     *
     * @throws ValidationException saying what is wrong with this one
     */
    public function entryOf(string $piece, int $place): NewEntry
    {
        [$this->piece, $this->place, $this->refusals] = [$piece, $place, []];

        return $this->newEntry();
    }

    protected function clientId(): string
    {
        return $this->place === 0 ? parent::clientId() : mb_substr(parent::clientId(), 0, 34)."-{$this->place}";
    }

    protected function payload(Plan $plan): Payload
    {
        return app(ReadSite::class)->site($this->job())->state->quickLine()->read(
            (string) preg_replace(self::RIGHT, '', $this->piece ?? $this->text('line')),
        );
    }

    protected function saysRight(): bool
    {
        return preg_match(self::RIGHT, $this->piece ?? $this->text('line')) === 1;
    }
}
