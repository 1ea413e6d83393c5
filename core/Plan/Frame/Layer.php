<?php

declare(strict_types=1);

namespace Aequus\Plan\Frame;

use Aequus\Measure\Length;
use Aequus\Plan\Terms\PlanRefused;

/** One layer of a frame: all its members have one section and lie by one rule. */
final readonly class Layer
{
    /** More plies or rails than this nobody builds. */
    public const MOST_COUNTED = 6;

    /**
     * @param  Length  $thick  of a member across its run: the thickness of a joist, the width of a board, what a sheet covers
     * @param  Length  $deep  upright: the depth of a joist, the thickness of a board
     * @param  int  $count  plies side by side, or rails above each other
     * @param  ?Length  $apart  at most, from centre to centre; of a brace its legs along post and beam, to its centre line
     * @param  ?Length  $past  beyond the outer posts’ centres, or the outer members it lies on
     * @param  ?Length  $gap  between two boards
     * @param  int  $fixings  at every crossing with what it lies on
     * @param  string  $reliedOn  the table, maker’s sheet or engineer its size was taken from; empty: not checked
     * @param  ?float  $moisture  in a hundred of its dry weight, as it is built in; null where nobody read it
     * @param  array<int, OneMember>  $singly  what single ones have otherwise: beams by their row, joists and purlins by their number
     *
     * @throws PlanRefused when one has no section, or lies closer than it is thick, or a single joist is deeper than the others
     */
    public function __construct(
        public LayerKind $kind,
        public Length $thick,
        public Length $deep,
        public int $count = 1,
        public ?Length $apart = null,
        public ?Length $past = null,
        public ?Length $gap = null,
        public int $fixings = 2,
        public string $reliedOn = '',
        public Joinery $joinery = new Joinery,
        public Spread $spread = new Spread,
        public ?float $moisture = null,
        public array $singly = [],
    ) {
        if (! $thick->isPositive() || ! $deep->isPositive()) {
            throw PlanRefused::memberWithoutSection();
        }
        if ($apart !== null && ! $apart->isLongerThan($thick)) {
            throw PlanRefused::membersTooClose($thick);
        }
        if ($past?->isNegative() || $gap?->isNegative()) {
            throw PlanRefused::memberBelowZero();
        }
        foreach ($singly as $one) {
            $this->check($one);
        }
    }

    /** @throws PlanRefused */
    private function check(OneMember $one): void
    {
        if (($one->thick !== null && ! $one->thick->isPositive()) || ($one->deep !== null && ! $one->deep->isPositive())) {
            throw PlanRefused::memberWithoutSection();
        }
        if ($this->kind->isSpread() && $one->deep !== null) {
            throw PlanRefused::memberOtherwiseDeep($this->deep);
        }
        $wide = ($one->thick ?? $this->thick)->times($one->count ?? $this->count);
        if ($this->kind->isSpread() && $this->apart !== null && ! $this->apart->isLongerThan($wide)) {
            throw PlanRefused::membersTooClose($wide);
        }
    }

    /** As the one of that row or number is. */
    public function at(int $number): self
    {
        $one = $this->singly[$number] ?? null;

        return $one === null ? $this : new self(
            $this->kind, $one->thick ?? $this->thick, $one->deep ?? $this->deep, $one->count ?? $this->count, $this->apart, $this->past, $this->gap,
            $this->fixings, $one->reliedOn,
            $this->joinery, $this->spread, $this->moisture,
        );
    }

    /** With the one of that row or number otherwise; null: as the others again. */
    public function otherwise(int $number, ?OneMember $one): self
    {
        $singly = array_filter([$number => $one] + $this->singly);
        ksort($singly);

        return $this->with(singly: $singly);
    }

    /** @return list<self> every size that is in it: the usual one first */
    public function sizes(): array
    {
        return [$this, ...array_map($this->at(...), array_keys($this->singly))];
    }

    /** All its plies together. */
    public function wide(): Length
    {
        return $this->thick->times($this->count);
    }

    public function past(): Length
    {
        return $this->past ?? Length::zero();
    }

    public function standingOver(Length $past): self
    {
        return $this->with(past: $past);
    }

    public function reliedOn(string $source): self
    {
        return $this->with(reliedOn: $source);
    }

    public function joined(Joinery $joinery): self
    {
        return $this->with(joinery: $joinery);
    }

    public function spreadBy(Spread $spread): self
    {
        return $this->with(spread: $spread);
    }

    public function soMoist(?float $moisture): self
    {
        return new self(
            $this->kind, $this->thick, $this->deep, $this->count, $this->apart, $this->past, $this->gap, $this->fixings, $this->reliedOn,
            $this->joinery, $this->spread, $moisture,
            $this->singly,
        );
    }

    /** @param  ?array<int, OneMember>  $singly */
    private function with(
        ?Length $past = null, ?string $reliedOn = null, ?Joinery $joinery = null, ?Spread $spread = null, ?array $singly = null,
    ): self {
        return new self(
            $this->kind, $this->thick, $this->deep, $this->count, $this->apart, $past ?? $this->past, $this->gap, $this->fixings,
            $reliedOn ?? $this->reliedOn,
            $joinery ?? $this->joinery, $spread ?? $this->spread, $this->moisture, $singly ?? $this->singly,
        );
    }

    /** Its section as one key: members of one key are sawn from the same stock. */
    public function section(): string
    {
        return self::key($this->thick, $this->deep);
    }

    /** The smaller side first: timber is sold by its section, however it lies. */
    public static function key(Length $one, Length $other): string
    {
        return min($one->nanometres, $other->nanometres).'x'.max($one->nanometres, $other->nanometres);
    }
}
