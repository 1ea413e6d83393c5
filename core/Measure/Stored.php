<?php

declare(strict_types=1);

namespace Aequus\Measure;

use BackedEnum;
use UnexpectedValueException;

/** What was stored, read back piece by piece: each as the type it must be, or refused by name. What old versions lack has a default. */
final readonly class Stored
{
    /** @param  array<array-key, mixed>  $pieces */
    public function __construct(private array $pieces)
    {
    }

    public function has(int|string $name): bool
    {
        return isset($this->pieces[$name]);
    }

    public function text(int|string $name, ?string $default = null): string
    {
        $piece = $this->pieces[$name] ?? $default;

        return is_string($piece) ? $piece : throw self::lacks($name);
    }

    public function textOrNone(int|string $name): ?string
    {
        return $this->has($name) ? $this->text($name) : null;
    }

    public function whole(int|string $name, ?int $default = null): int
    {
        $piece = $this->pieces[$name] ?? $default;

        return match (true) {
            is_int($piece) => $piece,
            is_float($piece) && floor($piece) === $piece => (int) $piece,
            default => throw self::lacks($name),
        };
    }

    public function wholeOrNone(int|string $name): ?int
    {
        return $this->has($name) ? $this->whole($name) : null;
    }

    public function real(int|string $name): float
    {
        $piece = $this->pieces[$name] ?? null;

        return is_int($piece) || is_float($piece) ? (float) $piece : throw self::lacks($name);
    }

    public function realOrNone(int|string $name): ?float
    {
        return $this->has($name) ? $this->real($name) : null;
    }

    public function isSo(int|string $name, bool $default = false): bool
    {
        $piece = $this->pieces[$name] ?? $default;

        return is_bool($piece) ? $piece : throw self::lacks($name);
    }

    /** Stored in whole nanometres. */
    public function length(int|string $name, ?int $default = null): Length
    {
        return Length::nanometres($this->whole($name, $default));
    }

    public function lengthOrNone(int|string $name): ?Length
    {
        return $this->has($name) ? $this->length($name) : null;
    }

    /**
     * @template E of BackedEnum
     *
     * @param  class-string<E>  $enum
     * @param  ?E  $default
     * @return E
     */
    public function case(int|string $name, string $enum, ?BackedEnum $default = null): BackedEnum
    {
        return $this->caseOrNone($name, $enum) ?? $default ?? throw self::lacks($name);
    }

    /**
     * @template E of BackedEnum
     *
     * @param  class-string<E>  $enum
     * @return ?E
     */
    public function caseOrNone(int|string $name, string $enum): ?BackedEnum
    {
        return $this->has($name) ? $enum::tryFrom($this->text($name)) : null;
    }

    public function in(int|string $name): self
    {
        return $this->inOrNone($name) ?? throw self::lacks($name);
    }

    public function inOrNone(int|string $name): ?self
    {
        $piece = $this->pieces[$name] ?? null;

        return is_array($piece) ? new self($piece) : null;
    }

    /** @return list<self> none where nothing of that name was stored */
    public function each(int|string $name): array
    {
        $list = $this->inOrNone($name)->pieces ?? [];

        return array_values(array_map(fn (mixed $piece) => is_array($piece) ? new self($piece) : throw self::lacks($name), $list));
    }

    /** @return list<int> none where nothing of that name was stored */
    public function wholes(int|string $name): array
    {
        $in = $this->inOrNone($name);

        return array_map(fn (int|string $key) => $in?->whole($key) ?? 0, array_keys($in->pieces ?? []));
    }

    /** @return array<string, float> by name; none where nothing of that name was stored */
    public function reals(int|string $name): array
    {
        $reals = [];
        $in = $this->inOrNone($name);
        foreach (array_keys($in->pieces ?? []) as $key) {
            $reals[(string) $key] = $in?->real($key) ?? 0.0;
        }

        return $reals;
    }

    /** @return array<string, string> by name, or by place */
    public function texts(int|string $name): array
    {
        $texts = [];
        $in = $this->inOrNone($name);
        foreach (array_keys($in->pieces ?? []) as $key) {
            $texts[(string) $key] = $in?->text($key) ?? '';
        }

        return $texts;
    }

    /** @return array<string, Length> by name, or by place */
    public function lengths(int|string $name): array
    {
        $lengths = [];
        $in = $this->inOrNone($name);
        foreach (array_keys($in->pieces ?? []) as $key) {
            $lengths[(string) $key] = $in?->length($key) ?? Length::zero();
        }

        return $lengths;
    }

    private static function lacks(int|string $name): UnexpectedValueException
    {
        return new UnexpectedValueException("What was stored has no “{$name}” as it should be.");
    }
}
