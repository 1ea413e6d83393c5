<?php

declare(strict_types=1);

namespace Aequus\Guide\Move;

use Aequus\Plan\Posts\Post;
use Aequus\Site\Phase;

/** Whose next move is wanted: the job's, one phase's, or one post's. */
final readonly class Scope
{
    private function __construct(private ?Phase $phase, private ?Post $post)
    {
    }

    public static function job(): self
    {
        return new self(null, null);
    }

    public static function phase(Phase $phase): self
    {
        return new self($phase, null);
    }

    public static function post(Post $post): self
    {
        return new self(null, $post);
    }

    public function covers(Move $move): bool
    {
        return ($this->phase === null || $move->phase === $this->phase) && ($this->post === null || $move->isAbout($this->post));
    }
}
