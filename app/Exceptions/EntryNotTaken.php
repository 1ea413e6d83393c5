<?php

declare(strict_types=1);

namespace App\Exceptions;

use Aequus\Fact\Fact;
use Aequus\Logbook\Kind\BookRefusal;
use Aequus\Measure\Refusal;
use App\Models\LogEntry;

/** An entry that contradicts what the logbook already holds; the message shows what stands there. */
final class EntryNotTaken extends Refusal
{
    public static function otherContent(LogEntry $held): self
    {
        return new self(Fact::of(BookRefusal::OtherContent, sequence: $held->sequence, content: $held->payload));
    }

    public static function postNotInPlan(int $revision): self
    {
        return new self(Fact::of(BookRefusal::PostNotInPlan, revision: $revision));
    }

    public static function nothingThere(int $sequence): self
    {
        return new self(Fact::of(BookRefusal::NothingThere, sequence: $sequence));
    }

    public static function correctedBefore(LogEntry $first): self
    {
        return new self(Fact::of(BookRefusal::CorrectedBefore, sequence: $first->sequence));
    }

    public static function otherKind(LogEntry $aimed): self
    {
        return new self(Fact::of(BookRefusal::OtherKind, sequence: $aimed->sequence));
    }

    public static function bookFull(int $most): self
    {
        return new self(Fact::of(BookRefusal::BookFull, most: $most));
    }

    public static function picturesFull(int $most): self
    {
        return new self(Fact::of(BookRefusal::PicturesFull, most: $most));
    }
}
