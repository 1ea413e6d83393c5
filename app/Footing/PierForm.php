<?php

declare(strict_types=1);

namespace App\Footing;

use Aequus\Footing\Depths\PierTops;
use Aequus\Footing\Depths\PostTops;
use Aequus\Footing\Holding\FormTube;
use Aequus\Footing\Holding\Pier;
use Aequus\Measure\Length;
use Aequus\Plan\Holding\PierRules;
use Aequus\Site\SiteState;
use App\Type\Say;
use App\View\QueryForm;

/** Piers in tubes asked in the address: lengths to a common top, room for the anchor, and whether a tube floats. What is typed is put in force by its own button. */
final readonly class PierForm
{
    public Length $top;

    /** As typed, else as decided, else as usual. */
    public PierRules $rules;

    /** @var list<Pier> none until depths are known, and while a field is refused */
    public array $piers;

    /** By which water lifts an empty closed tube, kN; null until asked. */
    public ?float $lift;

    public function __construct(public QueryForm $sums, SiteState $site)
    {
        $plan = $site->plan;
        $now = $plan->holding->pier ?? PierRules::usual($plan->notation);
        $typed = fn (string $field, Length $default): Length => ($sums->lengths([$field]) ?? [$default])[0];
        $tops = new PostTops($plan, $site->footing->needs);
        $this->top = $typed('top', (new PierTops($plan, $tops))->top);
        $this->rules = new PierRules(
            $typed('tube', $now->tube), $typed('standoff', $now->standoff), $typed('base', $now->base), $typed('edge', $now->edge),
            $sums->typed('top') === '' ? $now->top : $this->top,
        );
        $water = $sums->lengths(['water']);
        $this->lift = $water === null ? null : FormTube::lift($this->rules->tube, $water[0]);
        $required = $site->footing->depths?->required->all() ?? [];
        $this->piers = $required === [] || $sums->refusals !== [] ? [] : $sums->attempt($this->isTooNarrow() ? 'tube' : 'top', fn () => Pier::all(
            $required, $tops, $this->top, $this->rules, $site->footing->dug,
        )) ?? [];
    }

    /** @return list<array{string, string, Length}> the lengths that can be typed: field, label, what counts now */
    public function fields(): array
    {
        return [
            ['top', Say::text('holding.pier.tops_at_above_zero'), $this->top], [
                'tube', Say::text('holding.pier.tube_across'), $this->rules->tube,
            ], ['base', Say::text('holding.pier.base_wide'), $this->rules->base],
            [
                'edge', Say::text('holding.pier.base_to_edge_at_least'), $this->rules->edge,
            ], ['standoff', Say::text('holding.pier.standoff'), $this->rules->standoff],
        ];
    }

    /** Of all piers, mm³. */
    public function concrete(): float
    {
        return array_sum(array_map(fn (Pier $pier) => $pier->concrete, $this->piers));
    }

    public function anchorShift(): Length
    {
        return Pier::anchorShift($this->rules);
    }

    private function isTooNarrow(): bool
    {
        return $this->anchorShift()->isNegative();
    }
}
