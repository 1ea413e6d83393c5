<?php

declare(strict_types=1);

namespace Aequus\Footing\Holding;

use Aequus\Footing\Holes\HoleWork;
use Aequus\Measure\Length;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;
use Aequus\Stock\Stock;
use Aequus\Stock\StockBoard;
use Aequus\Stock\StockCutting;
use Aequus\Stock\StockRefused;

/** Form tubes out of the lengths they are sold in: for each length bought, which posts’ tubes come from it. */
final readonly class TubesToBuy
{
    /** @param  list<BoughtTube>  $bought */
    private function __construct(public array $bought, public float $cost)
    {
    }

    /**
     * Cut for little money; or one for each post, where tubes stand whole. A hole that came out too shallow for a whole one takes the rest off.
     *
     * @param  non-empty-list<Post>  $posts
     * @param  ByPost<Length>  $tubes  from gravel to top, of each of them
     * @param  Length  $kerf  lost at every cut between two pieces
     *
     * @throws StockRefused naming a tube longer than all that are sold
     */
    public static function of(array $posts, ByPost $tubes, PierRules $rules, Length $kerf): ?self
    {
        if ($rules->stocks === []) {
            return null;
        }
        $bought = $rules->standWhole ? self::oneEach($posts, $tubes, $rules->stocks) : self::cut($posts, $tubes, $rules->stocks, $kerf);

        return new self($bought, array_sum(array_map(fn (BoughtTube $tube) => $tube->stock->price, $bought)));
    }

    /**
     * For holes as planned and as dug.
     *
     * @param  list<HoleWork>  $work
     * @return ?self null where nothing stands in tubes, or nobody said in which lengths they are sold
     *
     * @throws StockRefused naming a tube longer than all that are sold
     */
    public static function forWork(array $work, Plan $plan): ?self
    {
        $inTubes = array_values(array_filter($work, fn (HoleWork $hole) => $hole->tube !== null));

        return $inTubes === [] || $plan->holding === null ? null : self::of(
            array_map(fn (HoleWork $hole) => $hole->of, $inTubes),
            ByPost::indexed($inTubes, fn (HoleWork $hole) => $hole->of)->map(fn (HoleWork $hole) => $hole->tube ?? Length::zero()),
            $plan->holding->pier, $plan->notation->system()->kerf,
        );
    }

    /** @return list<array{Stock, int}> how many of each length, longest first */
    public function counted(): array
    {
        $counted = [];
        foreach ($this->bought as $tube) {
            $key = $tube->stock->length->nanometres;
            $counted[$key] = [$tube->stock, ($counted[$key][1] ?? 0) + 1];
        }
        krsort($counted);

        return array_values($counted);
    }

    /**
     * @param  list<Post>  $posts
     * @param  ByPost<Length>  $tubes
     * @param  non-empty-list<Stock>  $stocks
     * @return list<BoughtTube>
     */
    private static function oneEach(array $posts, ByPost $tubes, array $stocks): array
    {
        return array_map(
            fn (Post $post) => new BoughtTube(
                StockCutting::shortest($tubes[$post] ?? Length::zero(), $stocks), [[$post, $tubes[$post] ?? Length::zero()]],
            ),
            $posts,
        );
    }

    /**
     * @param  non-empty-list<Post>  $posts
     * @param  ByPost<Length>  $tubes
     * @param  non-empty-list<Stock>  $stocks
     * @return list<BoughtTube>
     */
    private static function cut(array $posts, ByPost $tubes, array $stocks, Length $kerf): array
    {
        $waiting = [];
        foreach ($posts as $post) {
            $waiting[($tubes[$post] ?? Length::zero())->nanometres][] = $post;
        }
        $cutting = StockCutting::cheapest(array_map(fn (Post $post) => $tubes[$post] ?? Length::zero(), $posts), $stocks, $kerf);

        return array_map(function (StockBoard $board) use (&$waiting): BoughtTube {
            $from = [];
            foreach ($board->pieces as $piece) {
                $post = array_shift($waiting[$piece->nanometres]);
                $from = $post === null ? $from : [...$from, [$post, $piece]];
            }

            return new BoughtTube($board->stock, $from);
        }, $cutting->boards);
    }
}
