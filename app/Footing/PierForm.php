<?php

declare(strict_types=1);

namespace App\Footing;

use Aequus\Footing\FormTube;
use Aequus\Footing\Pier;
use Aequus\Footing\PostTops;
use Aequus\Measure\Length;
use Aequus\Site\SiteState;
use App\View\Sums;

/** Piers in tubes asked in the address: lengths to a common top, room for the anchor, and whether a tube floats. Nothing is stored. */
final readonly class PierForm
{
    private const POUNDS_PER_KILONEWTON = 224.8089;

    public Length $top;

    public Length $diameter;

    public Length $base;

    public Length $edge;

    public Length $standoff;

    /** @var list<Pier> none until depths are known, and while a field is refused */
    public array $piers;

    /** By which water lifts an empty closed tube, kN; null until asked. */
    public ?float $lift;

    public function __construct(public Sums $sums, SiteState $site)
    {
        $metric = $site->plan->notation->unit->value === 'mm';
        $usual = fn (float $millimetres, float $inches): Length => $metric ? Length::millimetres($millimetres) : Length::inches($inches);
        $typed = fn (string $field, Length $default): Length => ($sums->lengths([$field]) ?? [$default])[0];
        $tops = new PostTops($site->plan, $site->footing->needs);
        $this->top = $typed('top', $tops->highestGrade->plus($usual(150, 6)));
        $this->diameter = $typed('tube', $usual(300, 12));
        $this->base = $typed('base', $usual(120, 4));
        $this->edge = $typed('edge', $usual(60, 2.5));
        $this->standoff = $typed('standoff', $usual(25, 1));
        $water = $sums->lengths(['water']);
        $this->lift = $water === null ? null : FormTube::lift($this->diameter, $water[0]);
        $required = $site->footing->depths->required ?? [];
        $this->piers = $required === [] || $sums->refusals !== [] ? [] : $sums->at($this->isTooNarrow() ? 'tube' : 'top', fn () => Pier::all(
            $required, $tops, $this->top, $this->diameter, $this->standoff, $this->base, $this->edge,
        )) ?? [];
    }

    public function anchorShift(): Length
    {
        return Pier::anchorShift($this->diameter, $this->base, $this->edge);
    }

    public function liftInPounds(): float
    {
        return ($this->lift ?? 0.0) * self::POUNDS_PER_KILONEWTON;
    }

    private function isTooNarrow(): bool
    {
        return $this->anchorShift()->isNegative();
    }
}
