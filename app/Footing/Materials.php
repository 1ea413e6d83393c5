<?php

declare(strict_types=1);

namespace App\Footing;

use Aequus\Footing\Bag;
use Aequus\Footing\BagForecast;
use Aequus\Footing\Fill;
use Aequus\Footing\HoleWork;
use Aequus\Site\SiteState;
use App\View\Sums;

/** What all holes take together, as dug where they are dug, and whether the bags on site last. Asked in the address, nothing stored. */
final readonly class Materials
{
    private const PERCENT = 100;

    public Fill $fill;

    /** @var list<HoleWork> in walking order */
    public array $holes;

    /** Of one bag, in kg or lb as the job is noted. */
    public float $bagMass;

    /** As a share. */
    public float $waste;

    /** Null where nobody said how many there are. */
    public ?int $onSite;

    public Bag $bag;

    /** One mix after the other for all holes. */
    public BagForecast $together;

    /** Each hole mixed alone: what is left of its last bag is lost. */
    public BagForecast $alone;

    public function __construct(public Sums $sums, SiteState $site)
    {
        $metric = $site->plan->notation->unit->value === 'mm';
        $this->fill = Fill::tryFrom($sums->typed('fill')) ?? Fill::Concrete;
        $this->holes = $site->footing->work($site->plan, $this->fill, $site->walk());
        $this->bagMass = $sums->number('bag', 1, 120) ?? ($metric ? 25.0 : 80.0);
        $this->waste = ($sums->number('waste', 0, 50) ?? 10.0) / self::PERCENT;
        $onSite = $sums->number('on_site', 0, 100_000);
        $this->onSite = $onSite === null ? null : (int) $onSite;
        $this->bag = $metric ? Bag::kilograms($this->bagMass) : Bag::pounds($this->bagMass);
        $volumes = [];
        foreach ($this->holes as $hole) {
            $volumes[$hole->of->label] = $hole->concrete;
        }
        $this->together = BagForecast::together($volumes, $this->bag, $this->waste, $this->onSite ?? 0);
        $this->alone = BagForecast::eachAlone($volumes, $this->bag, $this->waste, $this->onSite ?? 0);
    }

    /** @param  'dug'|'spoil'|'gravel'|'concrete'  $what */
    public function total(string $what): float
    {
        return array_sum(array_map(fn (HoleWork $hole) => $hole->{$what}, $this->holes));
    }

    public function bagsFor(HoleWork $hole): int
    {
        return $this->bag->forEachHole([$hole->concrete], $this->waste);
    }
}
