<?php

declare(strict_types=1);

namespace Aequus\Level;

use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;

/** Earth to take away and to bring for a finished grade, level or falling: at every post the height, over its share of the ground the volume. */
final readonly class CutAndFill
{
    /** @var ByPost<Length> above zero to cut, below zero to fill; only where the ground was read */
    public ByPost $heights;

    /** mm³ */
    public float $cut;

    /** mm³ */
    public float $fill;

    /** @param  ByPost<Length>  $ground  heights */
    public function __construct(Plan $plan, ByPost $ground, FinishedGrade $grade)
    {
        $cut = $fill = 0.0;
        [$x, $y] = [self::shares($plan->grid->columns->spacing()->centres), self::shares($plan->grid->rows->spacing()->centres)];
        $this->heights = ByPost::each($plan->grid->posts, fn (Post $post) => ($ground[$post] ?? null)?->minus($grade->at($post->at)));
        foreach ($plan->grid->posts as $post) {
            $volume = (
                $this->heights[$post] ?? Length::zero()
            )->inMillimetres() * ($x[$post->at->x->nanometres] ?? 0.0) * ($y[$post->at->y->nanometres] ?? 0.0);
            $volume > 0 ? $cut += $volume : $fill -= $volume;
        }
        [$this->cut, $this->fill] = [$cut, $fill];
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
