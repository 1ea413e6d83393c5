<?php

declare(strict_types=1);

namespace App\Drawing\Drawn;

use Aequus\Level\GroundPlane;
use Aequus\Measure\Vector;
use Aequus\Plan\Plan;
use App\Type\Say;

/** Where north lies, from where sun, wind and water come, and where the ground falls: arrows round one point of a site plan. */
final readonly class SiteRose
{
    /** @var list<array{d: string, head: string, x: float, y: float, words: string}> */
    public array $arrows;

    /** @param  ?GroundPlane  $ground  as it was read; null before */
    public function __construct(Plan $plan, ?GroundPlane $ground, private Vector $middle)
    {
        $this->arrows = $this->arrows($plan, $ground);
    }

    /** @return list<array{d: string, head: string, x: float, y: float, words: string}> */
    private function arrows(Plan $plan, ?GroundPlane $ground): array
    {
        $around = $plan->around;
        $arrows = [];
        foreach ([
            ['north', $around->north, false], ['sun', $around->sun, true], ['wind', $around->wind, true], ['water', $around->water, true],
        ] as [$key, $bearing, $comes]) {
            if ($bearing !== null) {
                $arrows[] = $this->arrow(deg2rad($bearing), $comes, Say::text("plan.site.{$key}"));
            }
        }
        if ($ground?->direction !== null && $ground->fall->ratio > 0.0) {
            $fall = $plan->notation->system()->fallOver;
            $arrows[] = $this->arrow(
                $ground->direction, false,
                Say::text('plan.site.falls', by: $plan->write($fall->times($ground->fall->ratio)), over: $plan->write($fall)),
            );
        }

        return $arrows;
    }

    /** @return array{d: string, head: string, x: float, y: float, words: string} from its tail to its point */
    private function arrow(float $angle, bool $comes, string $words): array
    {
        [$middle, $out] = [$this->middle, Vector::toward(-$angle)];
        [$near, $far, $name] = [
            $middle->plus($out->times(10)), $middle->plus($out->times(36)),
            $middle->plus($out->times(40 + 4 * abs($out->y) + 3.2 * mb_strlen($words) * abs($out->x))),
        ];
        [$tail, $point] = $comes ? [$far, $near] : [$near, $far];

        // Its head as a shape of its own: what prints drawings knows no markers.
        $back = $tail->minus($point)->unit()->times(8);
        $corners = [$point, $point->plus($back)->plus($back->left()->times(0.45)), $point->plus($back)->minus($back->left()->times(0.45))];

        return [
            'd' => sprintf('M%.2f %.2f L%.2f %.2f', $tail->x, $tail->y, $point->x, $point->y),
            'head' => 'M'.implode(' L', array_map(fn (Vector $at) => sprintf('%.2f %.2f', $at->x, $at->y), $corners)).' Z',
            'x' => round($name->x, 2), 'y' => round($name->y + 4, 2), 'words' => $words,
        ];
    }
}
