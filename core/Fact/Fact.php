<?php

declare(strict_types=1);

namespace Aequus\Fact;

use OutOfBoundsException;
use UnitEnum;

/** Something that is so, asked or refused: which case it is, and its typed parts. Words are made of it on the last floor only. */
final readonly class Fact
{
    /** @param  array<string, mixed>  $parts  lengths, posts, sides, counts, names, other facts, or lists of them, by name */
    private function __construct(public UnitEnum $is, public array $parts)
    {
    }

    public static function of(UnitEnum $is, mixed ...$parts): self
    {
        $named = [];
        foreach ($parts as $name => $part) {
            $named[(string) $name] = $part;
        }

        return new self($is, $named);
    }

    /** @throws OutOfBoundsException when the fact has no such part */
    public function part(string $name): mixed
    {
        return array_key_exists($name, $this->parts) ? $this->parts[$name] : throw new OutOfBoundsException(
            "{$this->is->name} has no part “{$name}”.",
        );
    }
}
