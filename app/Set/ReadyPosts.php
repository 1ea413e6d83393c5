<?php

declare(strict_types=1);

namespace App\Set;

use Aequus\Site\ReadyToPour;
use Aequus\Site\SiteState;

/** Of all holes that wait for their fill: which are ready, and what is missing at which. */
final readonly class ReadyPosts
{
    public int $waiting;

    /** @var list<string> labels */
    public array $ready;

    /** @var array<string, list<string>> labels by the value of the PourPoint that is missing */
    public array $missing;

    public function __construct(SiteState $site)
    {
        $ready = $missing = [];
        $waiting = 0;
        foreach ($site->walk() as $post) {
            if ($site->footing->asDug($post) === null || $site->isFilled($post) || ! $site->plan->holdOf($post->id)->isDug()) {
                continue;
            }
            $waiting++;
            $lacks = (new ReadyToPour($site, $post))->missing();
            if ($lacks === []) {
                $ready[] = $post->label;
            }
            foreach ($lacks as $point) {
                $missing[$point->value][] = $post->label;
            }
        }
        [$this->waiting, $this->ready, $this->missing] = [$waiting, $ready, $missing];
    }
}
