<?php

declare(strict_types=1);

namespace App\Square;

use Aequus\Adjust\Placement\PlacedNetwork;
use Aequus\Adjust\Placement\PlacedStake;
use Aequus\Adjust\Placement\PlacementWay;
use Aequus\Guide\Square\StraightenLayout;
use Aequus\Measure\Length;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\Shift;
use Aequus\Site\SiteState;
use Aequus\Words\Adjust\AdjustNames;
use App\Type\Typeset;

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

    /** @return array<string, string> how to move each stake that is out, ready for a page, by the value of its post’s id */
    public static function moves(SiteState $site): array
    {
        $moves = [];
        foreach ($site->square->survey->placed?->out() ?? [] as $stake) {
            $moves[$stake->name] = implode(', ', array_map(
                fn (Shift $part) => Typeset::length($site->plan->notation, $part->amount).' '.e(
                    $site->plan->sidesOf(PostId::of($stake->name))->nameOf($part->toward),
                ),
                StraightenLayout::inMarks($site, $stake),
            ));
        }

        return $moves;
    }

    /** @return list<self> none until something is known */
    public static function of(SiteState $site): array
    {
        $label = fn (PlacedStake $stake): string => $site->plan->grid->find(PostId::of($stake->name))->label ?? '?';

        return array_values(array_map(fn (PlacedNetwork $placed) => new self(
            $placed->way, ucfirst(AdjustNames::judged($placed->way)), array_map($label, $placed->out()), Length::millimetres($placed->sumOfMoves()),
            count($placed->undetermined()), $placed->way === $site->square->survey->placed?->way,
        ), $site->square->survey->placements));
    }
}
