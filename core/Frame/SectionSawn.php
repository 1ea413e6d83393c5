<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Fact\Fact;
use Aequus\Logbook\Frame\BoardSpoiled;
use Aequus\Logbook\Log;
use Aequus\Measure\Length;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Stock\Stock;
use Aequus\Stock\StockBoard;
use Aequus\Stock\StockCutting;
use Aequus\Stock\StockRefused;

/** All pieces of one section, and the boards they are sawn from where it was said in which lengths it is sold. */
final readonly class SectionSawn
{
    public ?StockCutting $cutting;

    /** What was lost by spoiled boards, sawn again out of what is left of them and of new ones; null where nothing was. */
    public ?StockCutting $again;

    /** Why they can’t be had from what is sold; null where they can. */
    public ?Fact $hindered;

    /**
     * @param  string  $key  see Layer::key
     * @param  non-empty-list<Piece>  $pieces
     * @param  list<Stock>  $stocks
     * @param  Length  $kerf  lost at every cut between two pieces
     * @param  list<Length>  $atHand  odd lengths that lie on the site
     * @param  list<BoardSpoiled>  $spoiled  of this section
     */
    public function __construct(
        public string $key, public array $pieces, public array $stocks, Length $kerf, public array $atHand = [], array $spoiled = [],
    ) {
        $cutting = $again = $hindered = null;
        $lengths = array_map(fn (Piece $piece) => $piece->length, $pieces);
        $lost = self::lost($lengths, $spoiled);
        $left = array_values(array_filter(array_map(fn (BoardSpoiled $board) => $board->left, $spoiled)));
        try {
            $cutting = $stocks === [] ? null : StockCutting::cheapest($lengths, $stocks, $kerf, $atHand);
            // Boards that are sawn already stay as they are: only what was lost is planned again.
            $again = $stocks === [] || $lost === [] ? null : StockCutting::cheapest($lost, $stocks, $kerf, $left);
        } catch (StockRefused $refused) {
            $hindered = $refused->fact;
        }
        [$this->cutting, $this->again, $this->hindered] = [$cutting, $again, $hindered];
    }

    /** @return list<StockBoard> that are bought */
    public function bought(): array
    {
        return array_values(array_filter(
            [...$this->cutting->boards ?? [], ...$this->again->boards ?? []], fn (StockBoard $board) => ! $board->isAtHand,
        ));
    }

    /** @return list<Offcut> what remains of all boards, the longest first */
    public function offcuts(Length $kerf): array
    {
        $offcuts = [];
        foreach ([...$this->cutting->boards ?? [], ...$this->again->boards ?? []] as $board) {
            $rest = $board->rest($kerf);
            if ($rest->isPositive()) {
                $serves = array_values(array_filter($this->pieces, fn (Piece $piece) => ! $piece->length->isLongerThan($rest)));
                usort($serves, fn (Piece $a, Piece $b) => $b->length->nanometres <=> $a->length->nanometres);
                $offcuts[] = new Offcut($rest, $serves[0] ?? null);
            }
        }
        usort($offcuts, fn (Offcut $a, Offcut $b) => $b->length->nanometres <=> $a->length->nanometres);

        return $offcuts;
    }

    /**
     * Pieces that are still in the plan: what a later plan has no more is not sawn again.
     *
     * @param  list<Length>  $needed
     * @param  list<BoardSpoiled>  $spoiled
     * @return list<Length>
     */
    private static function lost(array $needed, array $spoiled): array
    {
        $may = array_count_values(array_map(fn (Length $piece) => $piece->nanometres, $needed));
        $lost = [];
        foreach (array_merge([], ...array_map(fn (BoardSpoiled $board) => $board->lost, $spoiled)) as $piece) {
            $lost = isset($may[$piece->nanometres]) ? [...$lost, $piece] : $lost;
        }

        return $lost;
    }

    /**
     * @param  list<Piece>  $pieces
     * @param  ?FrameRules  $rules  lengths that are sold, and what lies there
     * @return list<self> in the order the sections are first needed; what is no timber is left out
     */
    public static function all(array $pieces, ?FrameRules $rules, Length $kerf, Log $log): array
    {
        $sections = $spoiled = [];
        foreach ($log->now(BoardSpoiled::class) as $board) {
            $spoiled[$board->section()][] = $board;
        }
        foreach ($pieces as $piece) {
            if ($piece->layer->kind->isTimber()) {
                $sections[$piece->layer->section()][] = $piece;
            }
        }

        return array_values(array_map(
            fn (string $key, array $of) => new self($key, $of, $rules->stocks[$key] ?? [], $kerf, $rules->atHand[$key] ?? [], $spoiled[$key] ?? []),
            array_keys($sections), $sections,
        ));
    }

    /** @return array{Length, Length} the smaller side, then the larger */
    public function sides(): array
    {
        [$one, $other] = [$this->pieces[0]->layer->thick, $this->pieces[0]->layer->deep];

        return $one->isLongerThan($other) ? [$other, $one] : [$one, $other];
    }

    public function inAll(): Length
    {
        return Length::sum(array_map(fn (Piece $piece) => $piece->length, $this->pieces));
    }

    /** @return list<array{Piece, int, list<int>}> pieces of one layer and one length together, with how many and their numbers; longest first in each layer */
    public function counted(): array
    {
        $counted = [];
        foreach ($this->pieces as $piece) {
            $key = "{$piece->layer->kind->value}:{$piece->length->nanometres}:{$piece->slope}";
            $counted[$key] = [$piece, ($counted[$key][1] ?? 0) + 1, [...$counted[$key][2] ?? [], $piece->number]];
        }
        $order = array_flip(array_values(array_unique(array_map(fn (Piece $piece) => $piece->layer->kind->value, $this->pieces))));
        usort(
            $counted,
            fn (array $a, array $b) => [
                $order[$a[0]->layer->kind->value], -$a[0]->length->nanometres,
            ] <=> [$order[$b[0]->layer->kind->value], -$b[0]->length->nanometres],
        );

        return $counted;
    }
}
