<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Measure\Length;
use Aequus\Stock\Stock;

/** One ply of a beam, or one row of boards: its pieces end to end, each with the stock it is cut from. */
final readonly class JointedPly
{
    public float $price;

    /**
     * @param  list<string>  $joints  names of the bearings over which it is joined, in order
     * @param  non-empty-list<array{Length, Stock}>  $pieces
     */
    public function __construct(public array $joints, public array $pieces)
    {
        $this->price = array_sum(array_map(fn (array $piece) => $piece[1]->price, $pieces));
    }

    /**
     * Fewer pieces, then the lower price, then the longer first piece, second, and so on.
     *
     * @return array{int, float, string} the smaller the better
     */
    public function cost(): array
    {
        return [count($this->pieces), $this->price, $this->lengths()];
    }

    /** Of its pieces from the first on, so that longer ones come first where two are compared as texts. */
    public function lengths(): string
    {
        return implode(' ', array_map(fn (array $piece) => sprintf('%018d', PHP_INT_MAX - $piece[0]->nanometres), $this->pieces));
    }
}
