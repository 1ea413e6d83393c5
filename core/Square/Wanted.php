<?php

declare(strict_types=1);

namespace Aequus\Square;

use Aequus\Adjust\Distance;
use Aequus\Adjust\Reading;
use Aequus\Adjust\StringOffset;
use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Post;
use Aequus\Plan\PostId;

/** One reading of a ready list: a tape between two stakes, or how far a stake stands off the string between two others. */
final readonly class Wanted
{
    private function __construct(public ?Post $stake, public Pair $pair)
    {
    }

    public static function tape(Post $from, Post $to): self
    {
        return new self(null, new Pair($from, $to));
    }

    public static function string(Post $stake, Post $from, Post $to): self
    {
        return new self($stake, new Pair($from, $to));
    }

    /** @return string the same whichever end the tape is held at */
    public static function tapeKey(PostId $one, PostId $other): string
    {
        return min($one->value, $other->value).'|'.max($one->value, $other->value);
    }

    /** @return string the same whichever way the string is looked along */
    public static function stringKey(PostId $stake, PostId $one, PostId $other): string
    {
        return $stake->value.'@'.self::tapeKey($one, $other);
    }

    public function isTape(): bool
    {
        return $this->stake === null;
    }

    public function key(): string
    {
        return $this->stake === null
            ? self::tapeKey($this->pair->from->id, $this->pair->to->id)
            : self::stringKey($this->stake->id, $this->pair->from->id, $this->pair->to->id);
    }

    public function label(): string
    {
        return $this->stake === null ? $this->pair->label() : "{$this->stake->label} off the string {$this->pair->label()}";
    }

    /** @return list<Post> every stake it speaks of; the one it is about first */
    public function posts(): array
    {
        return $this->stake === null ? [$this->pair->from, $this->pair->to] : [$this->stake, $this->pair->from, $this->pair->to];
    }

    /** What it reads if every stake stands where the plan has it; off a string, left of the way along it positive. */
    public function planned(): Length
    {
        if ($this->stake === null) {
            return $this->pair->planned();
        }
        [$from, $to, $at] = [$this->pair->from->at, $this->pair->to->at, $this->stake->at];
        [$dx, $dy] = [$to->x->minus($from->x)->inMillimetres(), $to->y->minus($from->y)->inMillimetres()];

        return Length::millimetres(($dx * $at->y->minus($from->y)->inMillimetres() - $dy * $at->x->minus($from->x)->inMillimetres()) / hypot($dx, $dy));
    }

    /** The same tape held at the other end. */
    public function turned(): self
    {
        return new self($this->stake, new Pair($this->pair->to, $this->pair->from));
    }

    /** As the adjustment needs it before it is read. */
    public function reading(TapeClass $tape): Reading
    {
        [$from, $to] = [$this->pair->from->id->value, $this->pair->to->id->value];
        $planned = $this->planned();

        return $this->stake === null
            ? new Distance($this->key(), $from, $to, $planned->inMillimetres(), $tape->sigma($planned))
            : new StringOffset($this->key(), $this->stake->id->value, $from, $to, $planned->inMillimetres());
    }
}
