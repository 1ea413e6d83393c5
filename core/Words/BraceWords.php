<?php

declare(strict_types=1);

namespace Aequus\Words;

use Aequus\Plan\Place\Brace;
use Aequus\Plan\Place\BraceKind;
use Aequus\Plan\Plan;

/** What a plan says of a tie, a knee or a prop. */
final readonly class BraceWords
{
    public function __construct(private Plan $plan)
    {
    }

    public function say(Brace $brace): Sentence
    {
        return (new Speech($this->plan))->of($brace->post)->page(match ($brace->kind) {
            BraceKind::Tie => 'Tie from {post} to {to}, {high} up',
            BraceKind::Knee => 'Knee at {post} toward {to}, {high} up, {reach} along the beam',
            BraceKind::Prop => 'Prop at {post} to the {toward}, {high} up, its foot {reach} away',
        }, post: $brace->post, to: $brace->to, toward: $brace->toward, high: $brace->high, reach: $brace->reach);
    }
}
