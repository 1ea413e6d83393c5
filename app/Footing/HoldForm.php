<?php

declare(strict_types=1);

namespace App\Footing;

use Aequus\Footing\Concrete;
use Aequus\Footing\Foam;
use Aequus\Footing\Gravel;
use Aequus\Footing\Hold;
use Aequus\Footing\HoldAdviser;
use Aequus\Footing\HoldingSite;
use Aequus\Footing\HoleWork;
use Aequus\Footing\Soil;
use Aequus\Site\SiteState;
use App\View\Sums;

/** What a site is like, ticked in the address, and the ways of holding posts ranked for it with what this job’s holes would take. */
final readonly class HoldForm
{
    /** What is ticked where nobody has said anything yet. */
    private const USUAL = ['wood', 'no_brace'];

    public HoldingSite $is;

    public HoldAdviser $adviser;

    public function __construct(public Sums $sums, private SiteState $site)
    {
        $this->is = new HoldingSite(
            Soil::tryFrom($sums->typed('soil')) ?? Soil::Clay, $this->ticked('water'), $this->ticked('roof'), $this->ticked('wood'), $this->ticked('no_brace'),
            $this->ticked('repair'), $this->ticked('carried'), array_values(array_filter(Hold::cases(), fn (Hold $hold) => $sums->ticked("ban_{$hold->value}"))),
        );
        $this->adviser = new HoldAdviser($this->is);
    }

    public function ticked(string $what): bool
    {
        return $this->sums->typed('soil') === '' ? in_array($what, self::USUAL, true) : $this->sums->ticked($what);
    }

    /** What all holes of the job would take; empty before depths are known. */
    public function takes(Hold $hold): string
    {
        $work = $this->site->footing->work($this->site->plan, $hold->fill(), $this->site->walk());
        $sum = fn (string $what): float => array_sum(array_map(fn (HoleWork $hole) => $hole->{$what}, $work));
        if ($work === []) {
            return '';
        }
        $gravel = number_format(Gravel::tonnes($sum('gravel')), 1).' t of gravel';

        return match ($hold) {
            Hold::Foam => array_sum(array_map(fn (HoleWork $hole) => Foam::packs($hole->concrete), $work)).' packs of foam (0.375 ft³ each until your label says otherwise), '.$gravel,
            Hold::Pier => 'concrete for every hole up to the ground, more than '.number_format($sum('concrete') / Concrete::CUBIC_FOOT, 0).' ft³, and the form above it; '.$gravel,
            default => number_format($sum('concrete') / Concrete::CUBIC_FOOT, 0).' ft³ of concrete, '.$gravel,
        };
    }
}
