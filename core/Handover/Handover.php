<?php

declare(strict_types=1);

namespace Aequus\Handover;

use Aequus\Logbook\Book\HandedOver;
use Aequus\Plan\Posts\Post;

/** What is handed over: the record of every post, and what is still open. */
final readonly class Handover
{
    /**
     * @param  list<PostRecord>  $records
     * @param  list<Post>  $lacking  posts whose depth, plumb readings or cut are not in the book
     * @param  ?HandedOver  $given  null until someone took the work over
     */
    public function __construct(
        public array $records,
        public array $lacking,
        public ?HandedOver $given,
    ) {
    }

    /** @return list<string> labels of those that lack something */
    public function incomplete(): array
    {
        return array_map(fn (Post $post) => $post->label, $this->lacking);
    }
}
