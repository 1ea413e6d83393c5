<?php

declare(strict_types=1);

namespace Aequus\Level;

use Aequus\Measure\Length;
use Aequus\Plan\Plan;

/** Earth to take away and to bring for a finished grade, level or falling: at every post the height, over its share of the ground the volume. */
final readonly class CutAndFill
{
    /** @var array<string, Length> by post id: above zero to cut, below zero to fill */
    public array $heights;

    /** mm³ */
    public float $cut;

    /** mm³ */
    public float $fill;

    /** @param  array<string, Length>  $ground  by post id */
    public function __construct(Plan $plan, array $ground, FinishedGrade $grade)
    {
        $heights = [];
        $cut = $fill = 0.0;
        [$x, $y] = [self::shares($plan->grid->columns->spacing()->centres), self::shares($plan->grid->rows->spacing()->centres)];
        foreach ($plan->grid->posts as $post) {
            $here = $ground[$post->id->value] ?? null;
            if ($here === null) {
                continue;
            }
            $heights[$post->id->value] = $here->minus($grade->at($post->at));
            $volume = $heights[$post->id->value]->inMillimetres() * ($x[$post->at->x->nanometres] ?? 0.0) * ($y[$post->at->y->nanometres] ?? 0.0);
            $volume > 0 ? $cut += $volume : $fill -= $volume;
        }
        [$this->heights, $this->cut, $this->fill] = [$heights, $cut, $fill];
    }

    /**
     * Half-way to the lines on both sides, as far as the grid reaches.
     *
     * @param  non-empty-list<Length>  $centres
     * @return array<int, float> mm, by place
     */
    private static function shares(array $centres): array
    {
        $shares = [];
        $zero = $centres[0]->nanometres;
        foreach ($centres as $i => $centre) {
            $shares[$centre->nanometres - $zero] = (($centres[$i + 1] ?? $centre)->inMillimetres() - ($centres[$i - 1]
                ?? $centre)->inMillimetres()) / 2;
        }

        return $shares;
    }
}
