<?php

declare(strict_types=1);

namespace Aequus\Thing\Panel;

use Aequus\Measure\Length;
use Aequus\Thing\Terms\ThingRefused;

/** Dividers across a length with equal cells between them and at both ends. */
final readonly class EvenCells
{
    public Length $cell;

    /** @var list<Length> near face of each divider from one zero, each rounded once, where it is marked */
    public array $nearFaces;

    /** @throws ThingRefused when they leave no cells */
    public function __construct(Length $length, int $count, Length $thickness)
    {
        $open = $length->minus($thickness->times($count));
        if ($count < 0 || ! $open->isPositive() || $thickness->isNegative()) {
            throw ThingRefused::dividersDoNotFit();
        }
        $cell = $open->nanometres / ($count + 1);
        $this->cell = Length::nanometres((int) round($cell));
        $this->nearFaces = array_map(
            fn (int $i) => Length::nanometres((int) round($i * $cell + ($i - 1) * $thickness->nanometres)), $count === 0 ? [] : range(1, $count),
        );
    }
}
