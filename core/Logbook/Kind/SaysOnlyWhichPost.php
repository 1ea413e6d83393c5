<?php

declare(strict_types=1);

namespace Aequus\Logbook\Kind;

use Aequus\Measure\Stored;
use Aequus\Plan\Posts\PostId;

/** An entry that says of one post that something was done to it, and no more. */
trait SaysOnlyWhichPost
{
    public function __construct(public readonly PostId $post)
    {
    }

    /** @return list<PostId> */
    public function posts(): array
    {
        return [$this->post];
    }

    /** @return array<string, mixed> */
    public function stored(): array
    {
        return ['post' => $this->post->value];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self(PostId::of($stored->text('post')));
    }
}
