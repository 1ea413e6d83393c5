<?php

declare(strict_types=1);

namespace App\Demo;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;
use Aequus\Square\Readings\Wanted;
use App\World\MadeUpSite;
use App\World\Tape;

/** The demo’s tape: on the cider-press shelter it reads the hidden site that its logbook was read from, elsewhere what is made up for practice. */
final readonly class DemoTape implements Tape
{
    public function __construct(private SimulatedTape $shelter, private MadeUpSite $elsewhere)
    {
    }

    public function isMadeUp(): bool
    {
        return true;
    }

    public function reads(SiteState $site, Wanted $wanted): Length
    {
        $isShelter = $wanted->isTape() && $site->plan->grid == Shelter::plan()->grid;
        $reads = $isShelter ? $this->shelter->read($site->plan, $site->log, $wanted->ends()->from, $wanted->ends()->to, $site->plan->layout->tape)
            : null;

        return $reads ?? $this->elsewhere->reads($site, $wanted);
    }

    public function depth(SiteState $site, Post $post): ?Length
    {
        return $this->elsewhere->depth($site, $post);
    }

    public function above(SiteState $site, Post $post): ?Length
    {
        return $this->elsewhere->above($site, $post);
    }
}
