<?php

declare(strict_types=1);

namespace Aequus\Bill;

/** Everything a job needs, bought together: parts that need the same goods share a line, so that nothing is rounded up twice. */
final readonly class Bill
{
    /** @var list<BillLine> in the order in which goods were first named */
    public array $lines;

    /** Of the lines that have a price, in smallest coins. */
    public int $sum;

    /** @var list<string> goods without a price, which the sum leaves out */
    public array $unpriced;

    /**
     * @param  list<Goods>  $goods
     * @param  list<Need>  $needs
     *
     * @throws BillRefused naming what nobody sells
     */
    public function __construct(array $goods, array $needs)
    {
        $sold = array_combine(array_map(fn (Goods $one) => $one->name, $goods), $goods);
        $parts = $amounts = [];
        foreach ($needs as $need) {
            if (! isset($sold[$need->goods])) {
                throw BillRefused::noSuchGoods($need->goods);
            }
            $parts[$need->goods][] = $need->part;
            $amounts[$need->goods] = ($amounts[$need->goods] ?? 0.0) + $need->amount;
        }
        $this->lines = array_map(fn (string $name) => new BillLine(
            $sold[$name], array_values(array_unique($parts[$name])), $amounts[$name], $sold[$name]->buy($amounts[$name]),
        ), array_map(strval(...), array_keys($amounts)));
        $this->sum = array_sum(array_map(fn (BillLine $line) => $line->bought->coins ?? 0, $this->lines));
        $this->unpriced = array_values(array_map(
            fn (BillLine $line) => $line->goods->name, array_filter($this->lines, fn (BillLine $line) => $line->bought->coins === null),
        ));
    }
}
