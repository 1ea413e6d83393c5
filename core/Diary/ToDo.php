<?php

declare(strict_types=1);

namespace Aequus\Diary;

use Aequus\Days\Task;

/** How much of one kind of work is left, and from when on it can begin whatever else is done. */
final readonly class ToDo
{
    /**
     * @param  float  $amount  in what its rate counts
     * @param  int  $pieces  posts, holes or pieces of a frame, as people count it
     * @param  ?string  $notBefore  local date and time, as YYYY-MM-DD or YYYY-MM-DDTHH:MM
     */
    public function __construct(public Task $task, public float $amount, public int $pieces, public ?string $notBefore = null)
    {
    }
}
