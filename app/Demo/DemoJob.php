<?php

declare(strict_types=1);

namespace App\Demo;

use Aequus\Logbook\Kind\Payload;
use Aequus\Plan\Plan;

/** One invented job: its plan, and what was written down so far, oldest first. */
final readonly class DemoJob
{
    /**
     * @param  list<Payload>  $entries
     * @param  int  $daysAgo  when the first entry was written
     */
    public function __construct(
        public string $name,
        public Plan $plan,
        public array $entries,
        public int $daysAgo,
        public string $readBy,
    ) {
    }
}
