<?php

declare(strict_types=1);

namespace App\Round;

use Aequus\Logbook\EntryKind;
use Aequus\Measure\Length;
use App\Type\Say;

/** One place of a round: what is asked there, what was written down, and what goes with it when it is sent. */
final readonly class RoundRow
{
    /**
     * @param  string  $key  of the row on the page
     * @param  string  $field  name of the figure in its form
     * @param  array<string, string>  $with  the other fields
     * @param  ?Length  $planned  what it would read by the plan
     * @param  ?Length  $read  what stands in the book
     * @param  ?int  $sequence  of the entry that a change corrects; null for a new one
     * @param  string  $note  what else stands in the book, which a figure alone would lose: then the row is no field
     * @param  ?RoundChoice  $choice  where a figure means nothing without its direction
     * @param  string  $state  of what stands in the book; $word says it
     */
    public function __construct(
        public string $key,
        public string $label,
        public EntryKind $kind,
        public string $field,
        public array $with,
        public ?Length $planned,
        public ?Length $read,
        public ?int $sequence,
        public string $note = '',
        public ?RoundChoice $choice = null,
        private string $state = 'unchecked',
        private ?string $word = null,
    ) {
    }

    /** The name of its form. */
    public function form(): string
    {
        return "round-{$this->key}";
    }

    public function isRead(): bool
    {
        return $this->read !== null || $this->note !== '';
    }

    /** How it stands, as the lists draw it: what was only written down is no verdict. */
    public function state(): string
    {
        return $this->read === null ? 'to-pull' : $this->state;
    }

    public function word(): string
    {
        return $this->read === null ? Say::text('round.round_row.to_read') : $this->word ?? Say::text('round.round_row.written_down');
    }
}
