<?php

declare(strict_types=1);

namespace Aequus\Logbook\Kind;

use Aequus\Measure\Stored;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\PostId;

/** What one entry says. Each kind is a class of its own that knows its whole life; EntryKind lists them. */
interface Payload
{
    /** @return list<PostId> the post or pair it speaks of; none for the whole job */
    public function posts(): array;

    /** @return list<Question> what is doubtful in it, or can’t be, beside what the site knows already */
    public function questions(Known $known): array;

    /** @throws EntryRefused when it can’t be said under this plan, from whichever form or line it comes */
    public function checkUnder(Plan $plan): void;

    /** @return array<string, mixed> ready for JSON; lengths in whole nanometres */
    public function stored(): array;

    /**
     * As it was stored, by whichever version: what was once stored stays readable, and is never rewritten.
     */
    public static function fromStored(Stored $stored): self;

    /** @return list<Phrase> how it is spoken on the quick line; none where it is not */
    public static function phrases(): array;
}
