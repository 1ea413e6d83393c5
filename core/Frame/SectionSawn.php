<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Stock\Stock;
use Aequus\Stock\StockCutting;
use Aequus\Stock\StockRefused;

/** All pieces of one section, and the boards they are sawn from where it was said in which lengths it is sold. */
final readonly class SectionSawn
{
    public ?StockCutting $cutting;

    /** Why they can’t be had from what is sold; null where they can. */
    public ?Fact $hindered;

    /**
     * @param  string  $key  see Layer::key
     * @param  non-empty-list<Piece>  $pieces
     * @param  list<Stock>  $stocks
     * @param  Length  $kerf  lost at every cut between two pieces
     */
    public function __construct(public string $key, public array $pieces, public array $stocks, Length $kerf)
    {
        $cutting = $hindered = null;
        try {
            $cutting = $stocks === [] ? null : StockCutting::cheapest(array_map(fn (Piece $piece) => $piece->length, $pieces), $stocks, $kerf);
        } catch (StockRefused $refused) {
            $hindered = $refused->fact;
        }
        [$this->cutting, $this->hindered] = [$cutting, $hindered];
    }

    /**
     * @param  list<Piece>  $pieces
     * @param  array<string, list<Stock>>  $stocks  by section
     * @return list<self> in the order the sections are first needed; what is no timber is left out
     */
    public static function all(array $pieces, array $stocks, Length $kerf): array
    {
        $sections = [];
        foreach ($pieces as $piece) {
            if ($piece->layer->kind->isTimber()) {
                $sections[$piece->layer->section()][] = $piece;
            }
        }

        return array_values(array_map(fn (string $key, array $of) => new self($key, $of, $stocks[$key] ?? [], $kerf), array_keys($sections), $sections));
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

    /** @return list<array{Piece, int}> pieces of one layer and one length together, with how many; longest first in each layer */
    public function counted(): array
    {
        $counted = [];
        foreach ($this->pieces as $piece) {
            $key = "{$piece->layer->kind->value}:{$piece->length->nanometres}:{$piece->slope}";
            $counted[$key] = [$piece, ($counted[$key][1] ?? 0) + 1];
        }
        $order = array_flip(array_values(array_unique(array_map(fn (Piece $piece) => $piece->layer->kind->value, $this->pieces))));
        usort($counted, fn (array $a, array $b) => [$order[$a[0]->layer->kind->value], -$a[0]->length->nanometres] <=> [$order[$b[0]->layer->kind->value], -$b[0]->length->nanometres]);

        return $counted;
    }
}
