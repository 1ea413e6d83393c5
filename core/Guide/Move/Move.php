<?php

declare(strict_types=1);

namespace Aequus\Guide\Move;

use Aequus\Fact\Fact;
use Aequus\Logbook\EntryKind;
use Aequus\Measure\Length;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Posts\Post;
use Aequus\Site\Phase;

/** The one thing to do next: what, how much, why, and what to write down when it is done. */
final readonly class Move
{
    /**
     * @param  Fact  $do  what a rule says is to be done, with its parts
     * @param  list<Fact>  $why  each what the rule says of it, resting on this job's values
     * @param  ?Length  $number  the one figure to carry to the place
     * @param  ?Fact  $beside  what the number is measured along or toward
     * @param  list<Post>  $posts  where; none for the whole job
     * @param  ?EntryKind  $asks  what to write down when it is done; null when the plan must change or time must pass
     * @param  ?int  $replaces  the entry that what is written down shall take the place of
     * @param  ?FixedLine  $line  what an offset is read from
     * @param  ?string  $setUp  from which the rod is to be read; null for the newest
     */
    public function __construct(
        public Phase $phase,
        public Fact $do,
        public array $why,
        public ?Length $number = null,
        public ?Fact $beside = null,
        public array $posts = [],
        public ?EntryKind $asks = null,
        public ?int $replaces = null,
        public ?FixedLine $line = null,
        public ?string $setUp = null,
    ) {
    }

    public function is(Says $what): bool
    {
        return $this->do->is === $what;
    }

    public function isAbout(Post $post): bool
    {
        foreach ($this->posts as $one) {
            if ($one->id->equals($post->id)) {
                return true;
            }
        }

        return false;
    }
}
