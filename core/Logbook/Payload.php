<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Plan\PostId;

/** What one entry says. Each kind is a class of its own; PayloadCodec stores and reads them. */
interface Payload
{
    public function kind(): EntryKind;

    /** @return list<PostId> the post or pair it speaks of; none for the whole job */
    public function posts(): array;

    /** @return list<Question> what is doubtful in it, or can’t be, beside what the site knows already */
    public function questions(Known $known): array;
}
