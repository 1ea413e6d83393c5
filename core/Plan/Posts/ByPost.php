<?php

declare(strict_types=1);

namespace Aequus\Plan\Posts;

use ArrayAccess;
use Countable;
use Generator;
use IteratorAggregate;
use LogicException;

/**
 * Something of all posts, or of some, found by the post or by its id: $depths[$post], $depths[$hole->post] ?? null.
 *
 * @template T
 *
 * @implements ArrayAccess<Post|PostId, T>
 * @implements IteratorAggregate<PostId, T>
 */
final readonly class ByPost implements ArrayAccess, Countable, IteratorAggregate
{
    /** @param  array<string, T>  $of  by the value of the id */
    private function __construct(private array $of)
    {
    }

    /** @return self<never> */
    public static function none(): self
    {
        return new self([]);
    }

    /**
     * @template U
     *
     * @param  iterable<Post>  $posts
     * @param  callable(Post): ?U  $of  null where there is nothing of a post
     * @return self<U>
     */
    public static function each(iterable $posts, callable $of): self
    {
        $by = [];
        foreach ($posts as $post) {
            $one = $of($post);
            if ($one !== null) {
                $by[$post->id->value] = $one;
            }
        }

        return new self($by);
    }

    /**
     * @template U
     *
     * @param  iterable<U>  $all
     * @param  callable(U): Post  $post  whose each is; of one post the last counts
     * @return self<U>
     */
    public static function indexed(iterable $all, callable $post): self
    {
        $by = [];
        foreach ($all as $one) {
            $by[$post($one)->id->value] = $one;
        }

        return new self($by);
    }

    /**
     * @template U
     *
     * @param  iterable<Post|PostId, U>  $pairs  of one post the last counts
     * @return self<U>
     */
    public static function of(iterable $pairs): self
    {
        $by = [];
        foreach ($pairs as $post => $one) {
            $by[self::key($post)] = $one;
        }

        return new self($by);
    }

    /**
     * @template U
     *
     * @param  iterable<Post|PostId, U>  $pairs
     * @return self<non-empty-list<U>> all there are of a post, in their order
     */
    public static function grouped(iterable $pairs): self
    {
        $by = [];
        foreach ($pairs as $post => $one) {
            $by[self::key($post)][] = $one;
        }

        return new self($by);
    }

    /**
     * @template U
     *
     * @param  callable(T): U  $to
     * @return self<U>
     */
    public function map(callable $to): self
    {
        return new self(array_map($to, $this->of));
    }

    /** @return array<string, T> by the value of the id, ready for JSON where T is */
    public function stored(): array
    {
        return $this->of;
    }

    /**
     * @template U
     *
     * @param  array<string, U>  $stored  by the value of the id
     * @return self<U>
     */
    public static function fromStored(array $stored): self
    {
        return new self($stored);
    }

    /** @return list<T> in the order of the posts they came with */
    public function all(): array
    {
        return array_values($this->of);
    }

    public function isEmpty(): bool
    {
        return $this->of === [];
    }

    public function count(): int
    {
        return count($this->of);
    }

    /** @return Generator<PostId, T> */
    public function getIterator(): Generator
    {
        foreach ($this->of as $id => $one) {
            yield PostId::of($id) => $one;
        }
    }

    public function offsetExists(mixed $post): bool
    {
        return isset($this->of[$post instanceof Post ? $post->id->value : $post->value]);
    }

    /** @return T */
    public function offsetGet(mixed $post): mixed
    {
        return $this->of[$post instanceof Post ? $post->id->value : $post->value] ?? throw new LogicException('There is nothing of post '.self::key($post).'.');
    }

    public function offsetSet(mixed $post, mixed $one): never
    {
        throw new LogicException('What is known of the posts is not changed afterwards.');
    }

    public function offsetUnset(mixed $post): never
    {
        throw new LogicException('What is known of the posts is not changed afterwards.');
    }

    private static function key(Post|PostId $post): string
    {
        return $post instanceof Post ? $post->id->value : $post->value;
    }
}
