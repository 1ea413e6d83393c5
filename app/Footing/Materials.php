<?php

declare(strict_types=1);

namespace App\Footing;

use Aequus\Bill\Ware;
use Aequus\Footing\Holes\HoleWork;
use Aequus\Footing\Materials\Bag;
use Aequus\Footing\Materials\BagForecast;
use Aequus\Footing\Materials\Concrete;
use Aequus\Footing\Materials\Foam;
use Aequus\Footing\Materials\ReadyMix;
use Aequus\Measure\UnitSystem;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Material;
use Aequus\Site\SiteState;
use Aequus\Words\Names;
use App\Type\Say;
use App\View\QueryForm;

/** What all holes take together, as dug where they are dug, and whether the bags on site last. Asked in the address, nothing stored. */
final readonly class Materials
{
    /** A way to hold all posts, asked; null for the ways decided. */
    public ?Hold $hold;

    /** @var list<HoleWork> in walking order */
    public array $holes;

    /** Of one bag, in kg or lb as the job is noted. */
    public float $bagMass;

    /** As a share. */
    public float $waste;

    /** Null where none are said to lie there. */
    public ?int $onSite;

    /** For one bag as its label says, in litres or quarts as the job is noted; null until typed. */
    public ?float $waterPerBag;

    public Bag $bag;

    /** One mix after the other for all holes. */
    public BagForecast $together;

    /** Each hole mixed alone: what is left of its last bag is lost. */
    public BagForecast $alone;

    public ReadyMix $readyMix;

    public UnitSystem $system;

    public function __construct(public QueryForm $sums, private SiteState $site)
    {
        $system = $this->system = $site->plan->notation->system();
        $this->hold = Hold::tryFrom($sums->typed('hold'));
        $this->holes = $site->footing->work($site->walk(), $this->hold);
        $this->bagMass = Bag::mass($site->plan);
        $said = $site->plan->prices['bag'] ?? null;
        $this->waste = $said->waste ?? Ware::Bag->usualWaste();
        $this->onSite = $said === null || $said->onSite <= 0.0 ? null : (int) $said->onSite;
        $this->waterPerBag = $sums->number('water', 0.1, 50);
        $this->bag = Bag::ofPlan($site->plan);
        $volumes = [];
        foreach ($this->holes as $hole) {
            $volumes[$hole->of->label] = $hole->concrete;
        }
        $this->together = BagForecast::together($volumes, $this->bag, $this->waste, $this->onSite ?? 0);
        $this->alone = BagForecast::eachAlone($volumes, $this->bag, $this->waste, $this->onSite ?? 0);
        $this->readyMix = new ReadyMix($this->total('concrete'), $this->waste, ($sums->number('lot', 0.05, 10) ?? 0.25) * $system->perVolume);
    }

    /** @param  'dug'|'spoil'|'gravel'|'concrete'|'foam'|'earth'  $what */
    public function total(string $what): float
    {
        return array_sum(array_map(fn (HoleWork $hole) => $hole->{$what}, $this->holes));
    }

    public function bagsFor(HoleWork $hole): int
    {
        return $this->bag->forEachHole([$hole->concrete], $this->waste);
    }

    /** How many posts stand on a pad of that material: poured, or bought as a block. */
    public function pads(Material $material): int
    {
        return count(array_filter($this->holes, fn (HoleWork $hole) => $hole->hold->hasPad() && $hole->standsOn($material)));
    }

    /** @return list<string> how the posts are held, in words */
    public function ways(): array
    {
        return array_values(array_unique(array_map(fn (HoleWork $hole) => Names::of($hole->hold), $this->holes)));
    }

    /** How many holes are counted as they were dug. */
    public function dug(): int
    {
        return count(array_filter($this->holes, fn (HoleWork $hole) => $hole->isDug));
    }

    /** One hole’s worth, in litres or cubic feet. */
    public function little(float $volume): string
    {
        return $volume <= 0.0 ? '—' : number_format($volume / $this->system->perLittle, $this->system->littleDecimals)." {$this->system->little}";
    }

    /** What a bag weighs where nobody said otherwise, with its unit. */
    public function usualMass(): string
    {
        return "{$this->system->bag} {$this->system->mass}";
    }

    /** What one bag weighs, with its unit. */
    public function mass(): string
    {
        return rtrim(rtrim(number_format($this->bagMass, 1), '0'), '.')." {$this->system->mass}";
    }

    /** Water for all bags. */
    public function water(): string
    {
        return $this->waterPerBag === null
            ? Say::text('holding.materials.type_what_the_label_says') : Say::text(
                'holding.materials.to_carry', part: number_format($this->waterPerBag * $this->alone->needed, 0), water: $this->system->water,
            );
    }
}
