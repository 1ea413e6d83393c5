<?php

declare(strict_types=1);

namespace Aequus\Thing\Ask;

use Aequus\Measure\Length;
use Aequus\Measure\Unit;
use Aequus\Thing\Terms\Ask;

/** One question of a kind of thing, with what stands in its field before anyone types: goods of the trade that measures so, nothing converted. */
final readonly class Asked
{
    /**
     * @param  ?array{float, float}  $length  default: mm where goods are metric, else inches; null where it may be left open
     * @param  list<Pick>  $picks
     * @param  array{non-empty-list<array{float, float}>, non-empty-list<array{float, float}>}|null  $pairs  mm, and inches, as a maker’s sheet may have them
     * @param  bool  $isFolded  whether it is shown only on demand: its default serves most
     */
    private function __construct(
        public Ask $ask,
        public AskedSort $sort,
        public ?array $length = null,
        public int $count = 0,
        public array $picks = [],
        public ?array $pairs = null,
        public bool $isFolded = false,
    ) {
    }

    public static function length(Ask $ask, float $millimetres, float $inches): self
    {
        return new self($ask, AskedSort::Length, [$millimetres, $inches]);
    }

    public static function maybe(Ask $ask): self
    {
        return new self($ask, AskedSort::MaybeLength);
    }

    /** What was read from a plumb line at several depths. */
    public static function faces(Ask $ask): self
    {
        return new self($ask, AskedSort::Faces, isFolded: true);
    }

    /** The height of something over a passage, point by point. */
    public static function profile(Ask $ask): self
    {
        return new self($ask, AskedSort::Profile, isFolded: true);
    }

    /** Lengths up and down from one line, below it negative. */
    public static function marks(Ask $ask): self
    {
        return new self($ask, AskedSort::Marks, isFolded: true);
    }

    public static function count(Ask $ask, int $count): self
    {
        return new self($ask, AskedSort::Count, count: $count);
    }

    public static function pick(Ask $ask, Pick ...$picks): self
    {
        return new self($ask, AskedSort::Pick, picks: array_values($picks));
    }

    /**
     * @param  non-empty-list<array{float, float}>  $millimetres  height and reach
     * @param  non-empty-list<array{float, float}>  $inches
     */
    public static function reaches(Ask $ask, array $millimetres, array $inches): self
    {
        return new self($ask, AskedSort::Reaches, pairs: [$millimetres, $inches]);
    }

    public function folded(): self
    {
        return new self($this->ask, $this->sort, $this->length, $this->count, $this->picks, $this->pairs, true);
    }

    /** @return Length|int|Pick|non-empty-list<non-empty-list<Length>>|null what counts where nobody answers; null for what may be left open */
    public function usual(Unit $unit): Length|int|Pick|array|null
    {
        $system = $unit->system();

        return match ($this->sort) {
            AskedSort::Length, AskedSort::MaybeLength => $this->length === null ? null : $system->sold(...$this->length),
            AskedSort::Count => $this->count,
            AskedSort::Pick => $this->picks[0],
            AskedSort::Reaches => $this->pairs === null ? null : array_map(
                fn (array $pair) => array_map(fn (float $figure) => $system->sold($figure, $figure), $pair), $system->pick(...$this->pairs),
            ),
            AskedSort::Faces, AskedSort::Marks, AskedSort::Profile => null,
        };
    }
}
