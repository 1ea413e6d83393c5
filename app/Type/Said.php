<?php

declare(strict_types=1);

namespace App\Type;

use Illuminate\Contracts\Support\Htmlable;
use Stringable;

/** Something said on a page: with its lengths set in type where it is placed, as plain text in an attribute or a label. */
final readonly class Said implements Htmlable, Stringable
{
    public function __construct(private string $html, private string $plain)
    {
    }

    public function toHtml(): string
    {
        return $this->html;
    }

    public function __toString(): string
    {
        return $this->plain;
    }
}
