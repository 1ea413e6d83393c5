<?php

declare(strict_types=1);

namespace Aequus\Handover;

use Aequus\Logbook\HandedOver;

/** What is handed over: the record of every post, and what is still open. */
final readonly class Handover
{
    /**
     * @param  list<PostRecord>  $records
     * @param  ?HandedOver  $given  null until someone took the work over
     */
    public function __construct(
        public array $records,
        public ?HandedOver $given,
    ) {
    }

    /** @return list<string> labels of posts that lack a depth, a plumb reading or their cut */
    public function incomplete(): array
    {
        $open = array_filter($this->records, fn (PostRecord $r) => $r->depthDug === null || $r->outOfPlumb === null || ! $r->cut);

        return array_values(array_map(fn (PostRecord $r) => $r->post->label, $open));
    }
}
