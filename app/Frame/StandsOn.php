<?php

declare(strict_types=1);

namespace App\Frame;

use Aequus\Frame\Footprint;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Plan;
use App\Type\Say;

/** What a frame can stand on. */
final class StandsOn
{
    /** @return array<string, string> by what is sent; the first grid alone where there is no part */
    public static function all(Plan $plan, FrameRules $rules): array
    {
        $on = ['' => Say::text('frame.on_the_grid')];
        foreach ($plan->parts as $part) {
            foreach (Footprint::ofPart($part, $rules) as $footprint) {
                $on[$footprint->key] = Say::text(
                    'frame.on_part', part: $part->name, from: $footprint->posts[0]->label, to: $footprint->posts[count($footprint->posts) - 1]->label,
                );
            }
        }

        return $on;
    }
}
