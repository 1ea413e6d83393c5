<?php

declare(strict_types=1);

namespace Aequus\Logbook\Kind;

/** An entry that has a form and no words on the quick line. */
trait IsNotSpoken
{
    /** @return list<Phrase> */
    public static function phrases(): array
    {
        return [];
    }
}
