<?php

declare(strict_types=1);

namespace App\Square;

use Aequus\Adjust\Placement\PlacedNetwork;
use Aequus\Adjust\Placement\PlacedStake;
use Aequus\Adjust\Placement\PlacementWay;
use Aequus\Measure\Length;
use Aequus\Plan\Posts\PostId;
use Aequus\Site\SiteState;
use Aequus\Words\VerdictWords;

/** The ways to lay the design over the stakes, side by side. */
final readonly class Placements
{
    /**
     * @param  list<string>  $out  labels of the stakes to move
     * @param  Length  $sum  of their moves
     * @param  int  $undetermined  stakes that can’t be told
     */
    private function __construct(
        public PlacementWay $way,
        public string $words,
        public array $out,
        public Length $sum,
        public int $undetermined,
        public bool $inForce,
    ) {
    }

    /** @return list<self> none until something is known */
    public static function of(SiteState $site): array
    {
        $label = fn (PlacedStake $stake): string => $site->plan->grid->find(PostId::of($stake->name))->label ?? '?';

        return array_values(array_map(fn (PlacedNetwork $placed) => new self(
            $placed->way, ucfirst(VerdictWords::way($placed->way)), array_map($label, $placed->out()), Length::millimetres($placed->sumOfMoves()),
            count($placed->undetermined()), $placed->way === $site->square->survey->placed?->way,
        ), $site->square->survey->placements));
    }
}
