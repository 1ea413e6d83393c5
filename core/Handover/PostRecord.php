<?php

declare(strict_types=1);

namespace Aequus\Handover;

use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\Remark;
use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;
use DateTimeImmutable;

/** Plan against what was measured, for one post. A null was never measured, and is said so. */
final readonly class PostRecord
{
    /**
     * @param  ?bool  $deepEnough  null until dug and judged
     * @param  ?Length  $outOfPlumb  at the top; null until read on two faces
     * @param  list<Decision|Remark>  $remarks  and knowing decisions
     * @param  list<string>  $by  who read or did what counts here
     * @param  ?DateTimeImmutable  $last  when the last of it was read or done; null when nothing was
     */
    public function __construct(
        public Post $post,
        public ?Length $depthRequired,
        public ?Length $depthDug,
        public ?bool $deepEnough,
        public bool $set,
        public ?Length $outOfPlumb,
        public ?bool $plumb,
        public ?Length $cutMark,
        public bool $cut,
        public array $remarks,
        public array $by,
        public ?DateTimeImmutable $last,
    ) {
    }
}
