<?php

declare(strict_types=1);

namespace App\Round;

/** The direction that belongs to a figure. Nothing is chosen before somebody reads it. */
final readonly class RoundChoice
{
    /** @param  array<string, string>  $options  in words, by what is sent */
    public function __construct(public string $field, public string $label, public array $options, public string $chosen = '')
    {
    }
}
