<?php

declare(strict_types=1);

namespace App\Footing;

use Aequus\Footing\Comparison\DepthComparison;
use Aequus\Footing\Comparison\DepthPrices;
use Aequus\Footing\Comparison\PriceFlip;
use Aequus\Footing\Depths\Depths;
use Aequus\Measure\Length;
use Aequus\Measure\UnitSystem;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Holding\Hold;
use Aequus\Site\SiteState;
use App\Drawing\SectionDrawing;
use App\Type\Say;
use App\View\QueryForm;

/** Prices, stock and auger asked in the address, and the ways to choose depths weighed with them. Nothing of it is stored. */
final readonly class CompareForm
{
    private const DEAREST = 1e6;

    /** How many steps down a plane may be tried. */
    private const STEPS = 60;

    /** A way to hold all posts, asked; null for the ways decided. */
    public ?Hold $hold;

    /** @var array<string, float> as typed, by DepthPrices::NAMES */
    public array $prices;

    public Length $soldBy;

    public ?Length $auger;

    /** A common plane to try; null for as high as the rules allow. */
    public ?Length $plane;

    /** Null until rules are decided and the ground is read, and while a field is refused. */
    public ?DepthComparison $comparison;

    public function __construct(public QueryForm $sums, private SiteState $site)
    {
        $this->hold = Hold::tryFrom($sums->typed('hold'));
        $system = $this->system();
        $this->soldBy = ($sums->lengths(['sold_by']) ?? [$system->timberStep])[0];
        $this->auger = ($sums->lengths(['auger']) ?? [null])[0];
        $this->plane = ($sums->lengths(['plane']) ?? [null])[0];
        $price = fn (string $name, float $usual): float => $sums->typed("price_{$name}") === '' ? $usual
            : $sums->number("price_{$name}", 0, self::DEAREST) ?? 0.0;
        $this->prices = array_combine(array_keys($system->prices), array_map($price, array_keys($system->prices), $system->prices));
        $needs = $site->footing->needs;
        $this->comparison = $needs === [] || $sums->refusals !== [] ? null
            : $sums->attempt($this->soldBy->isPositive() ? 'plane'
                : 'sold_by', fn () => new DepthComparison($site->plan, $needs, $this->hold, new DepthPrices(
                    $this->prices['post'] / $system->perLength, $this->prices['concrete'] / $this->volume(),
                    $this->prices['digging'] / $this->volume(), $this->prices['lengths'],
                ), $this->soldBy, $this->auger, $this->plane));
    }

    /** One plane as it is tried, along a row or column; null while nothing can be compared. */
    public function section(): ?SectionDrawing
    {
        foreach ($this->comparison->ways ?? [] as $way) {
            if ($way->mode === DepthMode::CommonPlane) {
                return SectionDrawing::tried($this->site, $this->sums->typed('along'), $way->depths, $this->planes());
            }
        }

        return null;
    }

    /** @return list<Length> from as high as the rules allow downward, in steps a rod can show */
    private function planes(): array
    {
        $needs = $this->site->footing->needs;
        if ($needs === []) {
            return [];
        }
        $highest = Depths::commonPlane($needs, null)->plane ?? Length::zero();
        $step = $this->system()->planeStep;

        return array_map(fn (int $i): Length => $highest->minus($step->times($i)), range(0, self::STEPS));
    }

    private function system(): UnitSystem
    {
        return $this->site->plan->notation->system();
    }

    /** @return string what a price is for */
    public function per(string $name): string
    {
        return match ($name) {
            'post' => Say::text('footing.compare.of_post', unit: $this->system()->farName),
            'lengths' => Say::text('footing.compare.each_different_post_length'),
            default => Say::text('footing.compare.a_volume', name: Say::text("footing.compare.{$name}"), volume: $this->system()->volume),
        };
    }

    /** The price at which another way comes level, in the unit it was typed in. */
    public function flipAt(PriceFlip $flip): float
    {
        return $flip->at * match ($flip->price) {
            'post' => $this->system()->perLength,
            'lengths' => 1.0,
            default => $this->volume(),
        };
    }

    /** mm³ of the unit in which earth and concrete are priced */
    private function volume(): float
    {
        return $this->system()->perVolume;
    }
}
