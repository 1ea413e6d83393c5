<?php

declare(strict_types=1);

namespace Aequus\Thing\Make;

use Aequus\Measure\Length;

/** A thing seen from the side, to scale: along the ground, and up from it. Built up piece by piece; each step gives a new one. */
final readonly class Profile
{
    /** @param  list<ProfilePiece>  $pieces */
    private function __construct(public array $pieces = [])
    {
    }

    public static function ground(): self
    {
        return new self;
    }

    /** A post in its hole: its centre along the ground, how thick, how high it ends, how deep its hole and how wide. */
    public function post(Length $at, Length $thick, Length $top, Length $hole, Length $deep): self
    {
        return $this->with(
            new ProfilePiece(ProfileShape::Hole, $at->minus($hole->half()), $deep->negated(), $at->plus($hole->half()), Length::zero()),
            new ProfilePiece(ProfileShape::Post, $at->minus($thick->half()), $deep->negated(), $at->plus($thick->half()), $top),
        );
    }

    public function piece(ProfileShape $shape, Length $left, Length $low, Length $right, Length $high): self
    {
        return $this->with(new ProfilePiece($shape, $left, $low, $right, $high));
    }

    /** A line from one point to another, whichever lies higher. */
    public function slope(ProfileShape $shape, Length $left, Length $atLeft, Length $right, Length $atRight): self
    {
        return $this->with(new ProfilePiece($shape, $left, $atLeft, $right, $atRight));
    }

    /** A length told along the ground, drawn so high above it. */
    public function across(Length $from, Length $to, Length $at): self
    {
        return $this->with(new ProfilePiece(ProfileShape::Across, $from, $at, $to, $at));
    }

    /** A height told, drawn beside the thing. */
    public function up(Length $from, Length $to, Length $at): self
    {
        return $this->with(new ProfilePiece(ProfileShape::Up, $at, $from, $at, $to));
    }

    private function with(ProfilePiece ...$pieces): self
    {
        return new self([...$this->pieces, ...array_values($pieces)]);
    }
}
