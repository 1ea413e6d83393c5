<?php

declare(strict_types=1);

namespace Aequus\Words;

/** The small words that join parts into a list, and a shift to its side. */
final class Joining
{
    public const LAST = ' and ';

    public const LAST_OF_CHOICES = ' or ';

    public const LAST_OF_CLAUSES = ', and ';

    public const TOWARD = ' toward the ';
}
