<?php

declare(strict_types=1);

namespace Aequus\Words;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Stringable;

/** What is said, in pieces: words, and lengths that become type at the very end. */
final readonly class Sentence implements Stringable
{
    /** @param  list<string|Length|self>  $pieces  a sentence within another keeps its own notation */
    public function __construct(public array $pieces, public Notation $notation)
    {
    }

    /** Pieces as they follow each other, nothing between them. */
    public static function of(Notation $notation, string|Length|self|null ...$pieces): self
    {
        $all = [];
        foreach ($pieces as $piece) {
            // What is said within, in the same notation, is no sentence of its own.
            if ($piece instanceof self && $piece->notation === $notation) {
                array_push($all, ...$piece->pieces);
            } elseif ($piece !== null) {
                $all[] = $piece;
            }
        }

        return new self($all, $notation);
    }

    /** One after the other with a space between; what says nothing leaves none. */
    public static function inARow(Notation $notation, self ...$sentences): self
    {
        $pieces = [];
        foreach ($sentences as $sentence) {
            if (! $sentence->saysNothing()) {
                $pieces = [...$pieces, ...($pieces === [] ? [] : [' ']), ...$sentence->pieces];
            }
        }

        return new self($pieces, $notation);
    }

    public function saysNothing(): bool
    {
        return array_filter($this->pieces, fn (string|Length|self $piece) => $piece !== '') === [];
    }

    public function capitalised(): self
    {
        $pieces = $this->pieces;
        if (isset($pieces[0]) && is_string($pieces[0])) {
            $pieces[0] = mb_strtoupper(mb_substr($pieces[0], 0, 1)).mb_substr($pieces[0], 1);
        }

        return new self($pieces, $this->notation);
    }

    /** As plain text: for a line, an echo, a test. */
    public function __toString(): string
    {
        return implode(
            '',
            array_map(fn (string|Length|self $piece) => $piece instanceof Length ? $this->notation->write($piece) : (string) $piece, $this->pieces),
        );
    }
}
