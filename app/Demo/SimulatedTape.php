<?php

declare(strict_types=1);

namespace App\Demo;

use Aequus\Logbook\Log;
use Aequus\Logbook\Square\StakeMoved;
use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;

/** Stands in for a tape on the demo’s cider-press shelter: it reads the hidden true site, with the noise of its class. */
final class SimulatedTape
{
    public function __construct(private readonly int $seed)
    {
    }

    /** @return ?Length null where this plan is not the hidden site’s any more */
    public function read(Plan $plan, Log $log, Post $from, Post $to, TapeClass $tape): ?Length
    {
        $site = Shelter::site($this->seed);
        foreach ([$from, $to] as $post) {
            if (Shelter::plan()->grid->find($post->id)?->label !== $post->label) {
                return null;
            }
        }
        foreach ($log->now(StakeMoved::class) as $sequence => $moved) {
            $post = $plan->grid->find($moved->post);
            if ($post !== null && Shelter::plan()->grid->find($post->id) !== null) {
                $site = $site->rolled($sequence);
                $site->putRight($post->label, 0.8);
            }
        }

        return $site->rolled(
            crc32("{$this->seed} {$from->label} {$to->label} {$log->lastSequence()}"),
        )->tape($from->label, $to->label, $tape)->distance;
    }
}
