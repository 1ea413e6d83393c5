<?php

declare(strict_types=1);

namespace Aequus\Square\Readings;

use Aequus\Adjust\Network\Distance;
use Aequus\Adjust\Network\LineOffset;
use Aequus\Adjust\Network\Reading;
use Aequus\Adjust\Network\StringOffset;
use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\Side;
use LogicException;

/**
 * One reading of the list of readings: a tape between two stakes, or how far a stake stands off the string between two others or off a fixed
 * line.
 */
final readonly class Wanted
{
    /** @param  ?Length  $ran  how far the string itself runs off the line through its two stakes, left of the way along it positive */
    private function __construct(public ?Post $stake, private ?Pair $pair, public ?FixedLine $line = null, private ?Length $ran = null)
    {
    }

    public static function tape(Post $from, Post $to): self
    {
        return new self(null, new Pair($from, $to));
    }

    /** Off the string as the plan has it run beside those two stakes. */
    public static function string(Plan $plan, Post $stake, Post $from, Post $to): self
    {
        return new self($stake, new Pair($from, $to), null, $plan->stringRun($from, $to));
    }

    public static function line(Post $stake, FixedLine $line): self
    {
        return new self($stake, null, $line);
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

    public static function lineKey(PostId $stake, string $line): string
    {
        return "{$stake->value}@{$line}";
    }

    /** How far the string itself runs off the line through its two stakes, left of the way along it positive; nothing for a tape. */
    public function ran(): Length
    {
        return $this->ran ?? Length::zero();
    }

    public function isTape(): bool
    {
        return $this->stake === null;
    }

    /** The ends of the tape, or of the string. */
    public function ends(): Pair
    {
        return $this->pair ?? throw new LogicException('An offset from a fixed line has no two ends.');
    }

    public function key(): string
    {
        return match (true) {
            $this->stake === null => self::tapeKey($this->ends()->from->id, $this->ends()->to->id),
            $this->line !== null => self::lineKey($this->stake->id, $this->line->id),
            default => self::stringKey($this->stake->id, $this->ends()->from->id, $this->ends()->to->id),
        };
    }

    /** @return non-empty-list<Post> every stake it speaks of; the one it is about first */
    public function posts(): array
    {
        return match (true) {
            $this->stake === null => [$this->ends()->from, $this->ends()->to],
            $this->line !== null => [$this->stake],
            default => [$this->stake, $this->ends()->from, $this->ends()->to],
        };
    }

    /** @return array{Side, Side} across the string, the one to the left of the way along it first */
    public function across(): array
    {
        [$from, $to] = [$this->ends()->from->at, $this->ends()->to->at];
        $alongX = abs($to->x->minus($from->x)->nanometres) >= abs($to->y->minus($from->y)->nanometres);
        $sides = $alongX ? [Side::PlusY, Side::MinusY] : [Side::PlusX, Side::MinusX];

        return $sides[0]->leftOf($from, $to) > 0 ? $sides : array_reverse($sides);
    }

    /** What it reads if every stake stands where the plan has it; off a string or line, left of the way along it positive. */
    public function planned(): Length
    {
        if ($this->stake === null) {
            return $this->ends()->planned();
        }
        if ($this->line !== null) {
            return $this->line->off($this->stake->at);
        }
        [$from, $to, $at] = [$this->ends()->from->at, $this->ends()->to->at, $this->stake->at];
        [$dx, $dy] = [$to->x->minus($from->x)->inMillimetres(), $to->y->minus($from->y)->inMillimetres()];

        return Length::millimetres(
            ($dx * $at->y->minus($from->y)->inMillimetres() - $dy * $at->x->minus($from->x)->inMillimetres()) / hypot($dx, $dy),
        )->minus($this->ran());
    }

    /** The same tape held at the other end. */
    public function turned(): self
    {
        return new self(
            $this->stake, $this->pair === null ? null : new Pair($this->pair->to, $this->pair->from), $this->line, $this->ran?->negated(),
        );
    }

    /** As the adjustment needs it before it is read. */
    public function reading(TapeClass $tape): Reading
    {
        $planned = $this->planned();

        return match (true) {
            $this->stake === null => new Distance(
                $this->key(), $this->ends()->from->id->value, $this->ends()->to->id->value, $planned->inMillimetres(), $tape->sigma($planned),
            ),
            $this->line !== null => self::offset($this->key(), $this->stake->id, $this->line, $planned, $tape->sigma($planned->magnitude())),
            default => new StringOffset(
                $this->key(), $this->stake->id->value, $this->ends()->from->id->value, $this->ends()->to->id->value,
                $planned->plus($this->ran())->inMillimetres(),
            ),
        };
    }

    /** An offset from a fixed line as the adjustment needs it; sigma in millimetres. */
    public static function offset(string $id, PostId $stake, FixedLine $line, Length $off, float $sigma): LineOffset
    {
        return new LineOffset(
            $id, $stake->value, $line->from->inMillimetres(), $line->to->inMillimetres(), $off->inMillimetres(), $sigma, line: $line->id,
        );
    }
}
