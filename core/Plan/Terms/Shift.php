<?php

declare(strict_types=1);

namespace Aequus\Plan\Terms;

use Aequus\Measure\Length;

/** So far toward one side of the job. */
final readonly class Shift
{
    public function __construct(public Side $toward, public Length $amount)
    {
    }

    /**
     * A shift along both axes as two parts, the larger first; of equal parts x first. A part of nothing is none.
     *
     * @return list<self>
     */
    public static function parts(Length $x, Length $y): array
    {
        $parts = [new self(Side::alongX($x->nanometres), $x->magnitude()), new self(Side::alongY($y->nanometres), $y->magnitude())];
        if ($y->magnitude()->isLongerThan($x->magnitude())) {
            $parts = array_reverse($parts);
        }

        return array_values(array_filter($parts, fn (self $part) => $part->amount->isPositive()));
    }

    /**
     * The same in whole marks of a job; a part below half a mark is not told.
     *
     * @return list<self>
     */
    public static function told(Length $x, Length $y, Length $mark): array
    {
        $marked = array_map(
            fn (self $part) => new self(
                $part->toward, $mark->times(intdiv(2 * $part->amount->nanometres + $mark->nanometres, 2 * $mark->nanometres)),
            ),
            self::parts($x, $y),
        );

        return array_values(array_filter($marked, fn (self $part) => $part->amount->isPositive()));
    }

    public function back(): self
    {
        return new self($this->toward->opposite(), $this->amount);
    }
}
