<?php

declare(strict_types=1);

namespace Aequus\Plan\Posts;

/** What a post stays through every revision: the two grid lines it stands on. Its label may change, this never does. */
final readonly class PostId
{
    private function __construct(public string $value)
    {
    }

    public static function at(string $columnLine, string $rowLine): self
    {
        return new self($columnLine.'.'.$rowLine);
    }

    public static function orNone(?string $value): ?self
    {
        return $value === null ? null : self::of($value);
    }

    public static function of(string $value): self
    {
        return new self($value);
    }

    /** The line of its row. */
    public function row(): string
    {
        return substr($this->value, (int) strrpos($this->value, '.') + 1);
    }

    public function equals(self $other): bool
    {
        return $this->value === $other->value;
    }
}
