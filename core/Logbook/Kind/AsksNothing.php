<?php

declare(strict_types=1);

namespace Aequus\Logbook\Kind;

/** An entry with no figure that could be doubtful. */
trait AsksNothing
{
    /** @return list<Question> */
    public function questions(Known $known): array
    {
        return [];
    }
}
