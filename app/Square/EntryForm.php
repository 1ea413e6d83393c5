<?php

declare(strict_types=1);

namespace App\Square;

use Aequus\Guide\Move\Move;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Shift;
use Aequus\Plan\Terms\Side;
use Aequus\Site\Phase;
use Aequus\Square\Readings\Wanted;
use App\Site\JobSite;

/** Which reading the entry form is open for: the one a link asks for, else the next move’s, else the next of the list. */
final readonly class EntryForm
{
    /** Null where nothing is left to read. */
    public ?Wanted $wanted;

    /** The reading it would take the place of; null for a new one. */
    public ?int $replaces;

    /** Whether it is open for what the job asks for next. */
    public bool $isTheNextMove;

    /** Whether it is open for a reading that a link asked for, or for one that is still to take. */
    public bool $isAskedFor;

    /** The tape used last. */
    public TapeClass $tape;

    public string $tapeName;

    public function __construct(JobSite $site, ?Wanted $asked)
    {
        $square = $site->state->square;
        $move = $site->nextIn(Phase::Square);
        $next = self::ofMove($site->plan, $site->next?->phase === Phase::Square ? $site->next : null);
        $this->isTheNextMove = $next !== null && ($asked === null || $asked->key() === $next->key());
        $this->wanted = $asked ?? self::ofMove($site->plan, $move) ?? $square->unread()[0] ?? $square->wanted[0] ?? null;
        $this->isAskedFor = $asked !== null || $square->unread() !== [];
        $this->replaces = $this->replacedBy($site->plan, $move);
        $last = $site->state->log->latest(TapeReading::class);
        $this->tape = $last->tape ?? $site->plan->layout->tape;
        $this->tapeName = $last->name ?? '';
    }

    /** Whether a row of the list is the one it is open for. */
    public function isOpenFor(ReadingRow $row): bool
    {
        return $this->wanted !== null && $this->isAskedFor && ReadingSheet::key($this->wanted) === $row->key;
    }

    /** @return list<Side> the two sides that lie across the string, the one to its left first */
    public function acrossTheString(): array
    {
        return $this->wanted === null || $this->wanted->line !== null ? [Side::PlusY, Side::MinusY] : $this->wanted->across();
    }

    /** The side of the string on which a stake stands that stands right; the one to its left where it touches. */
    public function standsToward(): Side
    {
        return $this->acrossTheString()[$this->wanted?->planned()->isNegative() === true ? 1 : 0];
    }

    /** How the plan has the string run beside the stakes; null where it runs from nail to nail. */
    public function stringRan(): ?Shift
    {
        $ran = $this->wanted?->ran() ?? Length::zero();

        return $ran->isZero() ? null : new Shift($this->acrossTheString()[$ran->isNegative() ? 1 : 0], $ran->magnitude());
    }

    private static function ofMove(Plan $plan, ?Move $move): ?Wanted
    {
        return match (true) {
            $move === null => null,
            $move->asks === EntryKind::Tape && count($move->posts) === 2 => Wanted::tape($move->posts[0], $move->posts[1]),
            $move->asks === EntryKind::LineOffset && $move->line !== null && $move->posts !== [] => Wanted::line($move->posts[0], $move->line),
            $move->asks === EntryKind::StringOffset
                && count($move->posts) === 3 => Wanted::string($plan, $move->posts[0], $move->posts[1], $move->posts[2]),
            default => null,
        };
    }

    /** What the guide asks to pull again takes the place of the earlier reading; anything else is one more reading. */
    private function replacedBy(Plan $plan, ?Move $move): ?int
    {
        return $move !== null && $move->replaces !== null && $this->wanted !== null && self::ofMove($plan, $move)?->key() === $this->wanted->key()
            ? $move->replaces : null;
    }
}
