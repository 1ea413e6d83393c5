<?php

declare(strict_types=1);

namespace Tests;

use ArrayAccess;
use LogicException;

/**
 * What a worked case expects, which remembers what of it was looked at: a figure that no test compares is as good as wrong.
 *
 * @implements ArrayAccess<string, mixed>
 */
final class Expected implements ArrayAccess
{
    /** @var array<string, true> */
    private array $read = [];

    /** @param  array<string, mixed>  $says */
    public function __construct(private readonly array $says)
    {
    }

    public function offsetExists(mixed $offset): bool
    {
        // “?? null” never gets to read what is expected to be none.
        if (array_key_exists($offset, $this->says) && $this->says[$offset] === null) {
            $this->read[$offset] = true;
        }

        return isset($this->says[$offset]);
    }

    public function offsetGet(mixed $offset): mixed
    {
        $this->read[$offset] = true;

        return $this->says[$offset];
    }

    public function offsetSet(mixed $offset, mixed $value): void
    {
        throw new LogicException('What is expected is not changed.');
    }

    public function offsetUnset(mixed $offset): void
    {
        throw new LogicException('What is expected is not changed.');
    }

    /** @return list<string> but for the reason of a refusal, which stands there for whoever reads the file, and for that nothing is refused or named, where nothing was */
    public function notRead(): array
    {
        $says = array_filter(
            $this->says,
            fn (mixed $value, string $key) => $key !== 'reason' && ! ($key === 'must_name' && $value === [])
                && ! ($key === 'refused' && $value === false),
            ARRAY_FILTER_USE_BOTH,
        );

        return array_values(array_diff(array_keys($says), array_keys($this->read)));
    }
}
