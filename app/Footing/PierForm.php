<?php

declare(strict_types=1);

namespace App\Footing;

use Aequus\Footing\Depths\PierTops;
use Aequus\Footing\Depths\PostTops;
use Aequus\Footing\Footings;
use Aequus\Footing\Holding\BoughtTube;
use Aequus\Footing\Holding\FormTube;
use Aequus\Footing\Holding\Pier;
use Aequus\Footing\Holding\TubesToBuy;
use Aequus\Measure\Length;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\Posts\ByPost;
use Aequus\Site\SiteState;
use App\Type\Say;
use App\View\QueryForm;
use App\View\StockList;

/**
 * Piers in tubes asked in the address: lengths to a common top, the tubes out of what is sold, room for the anchor, and whether a tube floats. What
 * is typed is put in force by its own button.
 */
final readonly class PierForm
{
    /** Sold by length, cut to height out of stock lengths, or standing as they are sold. */
    private const TUBES_ARE = ['cut', 'whole', 'by_length'];

    public Length $top;

    /** As typed, else as decided, else as usual. */
    public PierRules $rules;

    /** @var list<Pier> none until depths are known, and while a field is refused */
    public array $piers;

    /** @var list<TubeWay> both ways to come to tubes, the one asked for first; none where nobody said in which lengths they are sold */
    public array $ways;

    /** By which water lifts an empty closed tube, kN; null until asked. */
    public ?float $lift;

    /** One of self::TUBES_ARE. */
    public string $tubesAre;

    public function __construct(public QueryForm $sums, private SiteState $site)
    {
        $plan = $site->plan;
        $now = $plan->holding->pier ?? PierRules::usual($plan->notation);
        $typed = fn (string $field, Length $default): Length => ($sums->lengths([$field]) ?? [$default])[0];
        $this->top = $typed('top', (new PierTops($plan, new PostTops($plan, $site->footing->needs)))->top);
        $this->tubesAre = in_array($sums->typed('tubes_are'), self::TUBES_ARE, true) ? $sums->typed('tubes_are')
            : ($now->standWhole ? 'whole' : 'cut');
        $sold = $this->tubesAre === 'by_length' ? [] : (StockList::typed($sums, 'sold', $plan->notation) ?: $now->stocks);
        $this->rules = new PierRules(
            $typed('tube', $now->tube), $typed('standoff', $now->standoff), $typed('base', $now->base), $typed('edge', $now->edge),
            $sums->typed('top') === '' ? $now->top : $this->top, $sold, $this->tubesAre === 'whole',
        );
        if ($this->rules->standWhole && $sold === [] && ! isset($sums->refusals['sold'])) {
            $sums->refuse('sold', Say::text('holding.pier.whole_tubes_of_what_length'));
        }
        $water = $sums->lengths(['water']);
        $this->lift = $water === null ? null : FormTube::lift($this->rules->tube, $water[0]);
        $way = $sums->refusals === [] ? $this->way($this->rules->standWhole) : null;
        $this->piers = $sums->refusals === [] ? $way->piers ?? [] : [];
        $other = $way?->tubes === null || $this->piers === [] ? null : $this->way(! $this->rules->standWhole);
        $this->ways = $way === null || $other === null || $sums->refusals !== [] ? [] : [$way, $other];
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

    /** @return array<string, string> */
    public static function waysToTubes(): array
    {
        return array_combine(self::TUBES_ARE, array_map(fn (string $way) => Say::text('holding.pier.tubes_'.$way), self::TUBES_ARE));
    }

    /** What counts where nothing is typed. */
    public function sold(): string
    {
        return StockList::written($this->site->plan->holding->pier->stocks ?? [], $this->site->plan->notation);
    }

    /** @return list<BoughtTube> in the way asked for */
    public function bought(): array
    {
        return $this->ways[0]->tubes->bought ?? [];
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

    /** Every post on a pier, as if that were decided so; null while depths are not known or something is refused. */
    private function way(bool $isWhole): ?TubeWay
    {
        $plan = $this->site->plan;
        $rules = new PierRules(
            $this->rules->tube, $this->rules->standoff, $this->rules->base, $this->rules->edge, $this->top, $this->rules->stocks, $isWhole,
        );
        $holding = $plan->holding;
        $footing = new Footings($plan->withHolding(new Holding(
            Hold::Pier, $holding->site ?? new HoldingSite(Soil::Clay), $rules, $holding->collar ?? Holding::usualCollar($plan->notation),
        )), $this->site->log, $this->site->level->ground);
        $required = $footing->depths?->required->all() ?? [];
        if ($required === []) {
            return null;
        }
        $piers = $this->sums->attempt($this->anchorShift()->isNegative() ? 'tube' : 'top', fn () => Pier::all(
            $required, new PostTops($plan, $footing->needs), $this->top, $rules, $footing->dug,
        )) ?? [];
        if ($piers === []) {
            return null;
        }
        $posts = array_map(fn (Pier $pier) => $pier->of, $piers);
        $tubes = $this->sums->attempt('sold', fn () => TubesToBuy::of(
            $posts, ByPost::indexed($piers, fn (Pier $pier) => $pier->of)->map(fn (Pier $pier) => $pier->tube), $rules,
            $plan->notation->system()->kerf,
        ));

        return new TubeWay($isWhole, $piers, $tubes, $footing);
    }
}
