<?php

declare(strict_types=1);

namespace Aequus\Bill;

use Aequus\Footing\Holding\BoughtTube;
use Aequus\Footing\Holding\TubesToBuy;
use Aequus\Footing\Holes\HoleWork;
use Aequus\Footing\Materials\Bag;
use Aequus\Footing\Materials\Concrete;
use Aequus\Footing\Materials\Foam;
use Aequus\Footing\Materials\Gravel;
use Aequus\Measure\Length;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Material;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Side;
use Aequus\Plan\Work\Pricing;
use Aequus\Site\SiteState;
use Aequus\Square\SettingOut\BatterBoard;
use Aequus\Square\SettingOut\BatterBoards;
use Aequus\Stock\StockRefused;

/**
 * What posts, frame, holes and layout take, from the plan and as dug: the goods with what was said of them, and what each part of the job needs.
 * Posts are bought in the lengths that timber is sold in; what an unmeasured ground leaves open is left out.
 */
final readonly class JobNeeds
{
    /** A pound, in which a job in inches weighs its gravel, t. */
    private const POUND = 0.00045359237;

    /** That a can of paint marks. */
    private const POSTS_A_CAN = 60;

    /** Two stakes hold a board of a profile. */
    private const STAKES_A_BOARD = 2;

    /** @var list<Goods> each named by its Goods id */
    public array $goods;

    /** @var list<Need> */
    public array $needs;

    private Plan $plan;

    /**
     * @param  ?list<HoleWork>  $holes  these alone, without frame and layout; null for everything, as planned and as dug
     * @param  ?Plan  $other  everything by this plan instead
     * @param  ?list<HoleWork>  $work  its holes
     * @param  float  $share  of which it has so many
     */
    public function __construct(SiteState $site, ?array $holes = null, ?Plan $other = null, ?array $work = null, float $share = 1.0)
    {
        $this->plan = $other ?? $site->plan;
        $work ??= $holes ?? $site->footing->work($site->walk());
        $ofHoles = array_map(
            fn (Need $need) => new Need($need->goods, $need->amount * $share, $need->part),
            [...array_merge([], ...array_map($this->ofHole(...), $work)), ...$this->ofTubes($work)],
        );
        $needs = [...$ofHoles, ...($holes === null ? [...$this->ofWork($site, $work, $share), ...$this->ofLayout($site)] : [])];
        $this->needs = array_values(array_filter($needs, fn (Need $need) => $need->amount > 0.0));
        $ids = array_unique(array_map(fn (Need $need) => $need->goods, $this->needs));
        $this->goods = array_values(array_map(fn (string $id) => $this->sold($id), $ids));
    }

    public function bill(): Bill
    {
        return new Bill($this->goods, $this->needs);
    }

    /** @return array{Ware, list<Length>} what an id stands for, and its sizes where it has some: of timber its section before its length */
    public static function read(string $id): array
    {
        $pieces = explode(':', $id);

        return [Ware::from($pieces[0]), array_map(fn (string $size) => Length::nanometres((int) $size), array_slice($pieces, 1))];
    }

    private function sold(string $id): Goods
    {
        [$ware, $sizes] = self::read($id);
        $said = $this->plan->prices[$id] ?? new Pricing(1.0, $ware->usualWaste(), 0.0, null);

        return new Goods($id, $said->pack, $said->waste, $said->onSite, $said->price ?? $this->priceAsSold($ware, $sizes));
    }

    /**
     * Coins, as it was said where tubes or boards were chosen; null where that was nothing.
     *
     * @param  list<Length>  $sizes
     */
    private function priceAsSold(Ware $ware, array $sizes): ?int
    {
        $stocks = match ($ware) {
            Ware::StockTube => $this->plan->holding->pier->stocks ?? [],
            Ware::Timber => $this->plan->frame->stocks[Layer::key($sizes[0], $sizes[1])] ?? [],
            default => [],
        };
        foreach ($stocks as $stock) {
            if ($stock->length->equals($sizes[count($sizes) - 1]) && $stock->price > 0.0) {
                return (int) round($stock->price * 100);
            }
        }

        return null;
    }

    /**
     * What stands on the posts, what holds posts while they set, and what is hired.
     *
     * @param  list<HoleWork>  $work
     * @param  float  $share  of which there are so many
     * @return list<Need>
     */
    private function ofWork(SiteState $site, array $work, float $share): array
    {
        $needs = (new FrameNeeds($this->plan, $site->log))->needs;
        $onPiers = count(array_filter($work, fn (HoleWork $hole) => $hole->hold === Hold::Pier));
        if ($this->plan->frame?->base !== null && $onPiers > 0) {
            $needs = [...$needs, ...FrameNeeds::screws($this->plan->frame->base, $onPiers)];
        }
        foreach (array_filter(Ware::hired(), fn (Ware $tool) => isset($this->plan->prices[$tool->value])) as $tool) {
            $needs[] = new Need($tool->value, HireDays::of($tool, $site, $work), '');
        }

        // Two ways, until what holds it is hard.
        $step = $this->plan->notation->system()->timberStep;
        $brace = $step->times(max(1, (int) ceil($this->plan->standing->nanometres / $step->nanometres)));
        $braced = count(array_filter($work, fn (HoleWork $hole) => $hole->hold->isDug()));

        return [...$needs, new Need(Ware::BraceBoard->id($brace), 2.0 * $braced * $share, '')];
    }

    /** @return list<Need> */
    private function ofHole(HoleWork $hole): array
    {
        $part = $this->plan->partOf($hole->of->id)->name ?? '';
        $system = $this->plan->notation->system();
        $step = $system->timberStep;
        $sold = $step->times(max(1, intdiv($hole->post->nanometres + $step->nanometres - 1, $step->nanometres)));
        $tonnes = Gravel::tonnes($hole->gravel);

        return [
            new Need(($this->plan->isHeavy($hole->of) ? Ware::HeavyPost : Ware::Post)->id($sold), 1.0, $part),
            new Need(Ware::Bag->value, $hole->concrete / Bag::ofPlan($this->plan)->yield, $part),
            new Need(Ware::Gravel->value, $system->pick($tonnes, $tonnes / self::POUND), $part),
            new Need(Ware::Foam->value, $hole->foam / (Foam::PACK_CUBIC_FEET * Concrete::CUBIC_FOOT), $part),
            new Need(Ware::Block->value, $hole->hold->hasPad() && $hole->standsOn(Material::Block) ? 1.0 : 0.0, $part),
            new Need(Ware::Base->value, $hole->hold === Hold::Pier ? 1.0 : 0.0, $part),
        ];
    }

    /**
     * @param  list<HoleWork>  $work
     * @return list<Need> in the lengths that tubes are sold in, else by their length
     */
    private function ofTubes(array $work): array
    {
        try {
            $bought = TubesToBuy::forWork($work, $this->plan)->bought ?? null;
        } catch (StockRefused) {
            // One is longer than all that are sold: the page of the piers says so.
            $bought = null;
        }

        return $bought === null
            ? array_map(
                fn (HoleWork $hole) => new Need(
                    Ware::Tube->value, $this->far($hole->tube ?? Length::zero()), $this->plan->partOf($hole->of->id)->name ?? '',
                ),
                $work,
            )
            : array_map(
                fn (BoughtTube $tube) => new Need(
                    Ware::StockTube->id($tube->stock->length), 1.0, $this->plan->partOf($tube->pieces[0][0]->id)->name ?? '',
                ),
                $bought,
            );
    }

    /** @return list<Need> a stake for each post, and boards with their strings where they can stand */
    private function ofLayout(SiteState $site): array
    {
        $needs = [];
        foreach ($this->plan->grid->posts as $post) {
            $needs[] = new Need(Ware::Stake->value, 1.0, $this->plan->partOf($post->id)->name ?? '');
        }
        $needs[] = new Need(Ware::MarkingPaint->value, ceil(count($this->plan->grid->posts) / self::POSTS_A_CAN), '');
        $poured = array_filter($this->plan->grid->posts, fn (Post $post) => $this->plan->holdOf($post->id)->isPoured());
        if ($poured !== [] && ($this->plan->hands->holds->kept ?? 0.0) > 0.0) {
            $needs[] = new Need(Ware::Blanket->value, (float) count($poured), '');
        }
        if (count($this->plan->grid->posts) < 2) {
            return $needs;
        }
        $boards = array_values(array_filter(
            BatterBoards::of($this->plan, array_values($site->clear->services)), fn (BatterBoard $board) => $board->canStand,
        ));
        foreach ($boards as $board) {
            $needs[] = new Need(Ware::ProfileBoard->id($board->length()), 1.0, '');
            $needs[] = new Need(Ware::ProfileStake->value, self::STAKES_A_BOARD, '');
        }
        // A string from nail to nail, a setback past both ends; two of them where one touches either face of the posts.
        $past = $this->plan->layout->boards->setback->times(2);
        $string = Length::zero();
        foreach ($boards as $board) {
            if ($board->side === Side::MinusX || $board->side === Side::MinusY) {
                $across = $board->side->isAlongX() ? $this->plan->grid->columns : $this->plan->grid->rows;
                $string = $string->plus($across->length()->plus($past)->times(count($board->nails)));
            }
        }

        return [...$needs, new Need(Ware::String->value, $this->far($string), '')];
    }

    /** In the job’s long unit. */
    private function far(Length $length): float
    {
        return $length->inMillimetres() / $this->plan->notation->system()->far;
    }
}
