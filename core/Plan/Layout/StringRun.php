<?php

declare(strict_types=1);

namespace Aequus\Plan\Layout;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Terms\Side;

/** Where the strings run beside the post centres: on them while digging, along the faces for setting, or clear of everything at an offset. */
final readonly class StringRun
{
    private function __construct(public StringAt $at, private Length $typed)
    {
    }

    public static function centre(): self
    {
        return new self(StringAt::Centre, Length::zero());
    }

    public static function face(): self
    {
        return new self(StringAt::Face, Length::zero());
    }

    public static function bothFaces(): self
    {
        return new self(StringAt::BothFaces, Length::zero());
    }

    /** @param  Length  $off  toward the outside of the layout positive */
    public static function offset(Length $off): self
    {
        return new self(StringAt::Offset, $off);
    }

    public static function stored(StringAt $at, Length $typed): self
    {
        return new self($at, $typed);
    }

    public function typed(): Length
    {
        return $this->typed;
    }

    /**
     * How far one of so many parallel strings runs off its centres, along the axis positive: the first before them, every other one beyond, so that
     * the outer two lie outside the posts.
     *
     * @param  Side  $axis  across the strings, in the direction in which they are counted
     */
    public function offLine(Section $post, Side $axis, int $line, int $lines): Length
    {
        return $this->off($post, $axis)->times($line === 0 && $lines > 1 ? -1 : 1);
    }

    /** @return non-empty-list<Length> every string of that line: two where one touches each side of the posts */
    public function offLines(Section $post, Side $axis, int $line, int $lines): array
    {
        $off = $this->offLine($post, $axis, $line, $lines);

        return $this->at === StringAt::BothFaces ? [$off, $off->negated()] : [$off];
    }

    /** How far a string across this axis runs off the post centres, toward the outside positive. */
    public function off(Section $post, Side $axis): Length
    {
        return match ($this->at) {
            StringAt::Centre => Length::zero(),
            StringAt::Face, StringAt::BothFaces => $post->along($axis)->half(),
            StringAt::Offset => $this->typed,
        };
    }
}
