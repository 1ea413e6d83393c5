<?php

declare(strict_types=1);

namespace App\Exceptions;

use Aequus\Measure\Refusal;
use App\Models\LogEntry;

/** An entry that contradicts what the logbook already holds; the message shows what stands there. */
final class EntryNotTaken extends Refusal
{
    public static function otherContent(LogEntry $held): self
    {
        return new self("This form was already stored, as entry {$held->sequence}, with other content: {$held->payload}. Open the page anew and enter it again.");
    }

    public static function postNotInPlan(int $revision): self
    {
        return new self("A post named here is not in the plan any more (revision {$revision}). Choose another post, or change the plan.");
    }

    public static function nothingThere(int $sequence): self
    {
        return new self("There is no entry {$sequence} in this logbook.");
    }

    public static function correctedBefore(LogEntry $first): self
    {
        return new self("That entry was already corrected, by entry {$first->sequence}. Correct that one instead.");
    }

    public static function otherKind(LogEntry $aimed): self
    {
        return new self("Entry {$aimed->sequence} is of another kind, so this can’t stand in its place.");
    }
}
