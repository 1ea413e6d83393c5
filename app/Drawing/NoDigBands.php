<?php

declare(strict_types=1);

namespace App\Drawing;

use Aequus\Logbook\Clear\ServiceLine;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;
use App\Drawing\Drawn\DrawnBand;
use App\Drawing\Drawn\Frame;
use App\Type\Say;
use App\Type\Typeset;

/** Buried lines with the bands in which nobody digs by machine, and where each is named. */
final class NoDigBands
{
    /** @return list<DrawnBand> */
    public static function of(SiteState $site, ?Frame $frame = null): array
    {
        $frame ??= new Frame($site->plan);

        return array_values(array_map(function (ServiceLine $line) use ($frame, $site): DrawnBand {
            [$x, $y] = self::roomiest($frame, $site->plan, $line);

            return new DrawnBand(
                implode(' ', array_map($frame->point(...), $line->points)), max(4.0, $frame->size($line->noDig->times(2))), $line->type->value,
                Say::text('drawing.plan_drawing.no_dig', name: e($line->name), svg: Typeset::svg($site->plan->notation, $line->noDig)), $x, $y,
            );
        }, $site->clear->services));
    }

    /**
     * Where on the line its name stands furthest from every post and string.
     *
     * @return array{float, float}
     */
    private static function roomiest(Frame $frame, Plan $plan, ServiceLine $line): array
    {
        $best = [$frame->x($line->points[0]->x), $frame->y($line->points[0]->y), -1.0];
        for ($i = 1; $i < count($line->points); $i++) {
            for ($step = 0; $step <= 12; $step++) {
                $x = $frame->x($line->points[$i - 1]->x) * (1 - $step / 12) + $frame->x($line->points[$i]->x) * $step / 12;
                $y = $frame->y($line->points[$i - 1]->y) * (1 - $step / 12) + $frame->y($line->points[$i]->y) * $step / 12 - 7;
                $room = min(
                    array_map(
                        fn (Post $post) => hypot(($frame->x($post->at->x) + 12 - $x) / 2.5, $frame->y($post->at->y) + 10 - $y), $plan->grid->posts,
                    ),
                );
                if ($room > $best[2] && $x > 110 && $x < Frame::WIDTH - 110) {
                    $best = [round($x, 1), round($y, 1), $room];
                }
            }
        }

        return [$best[0], $best[1]];
    }
}
