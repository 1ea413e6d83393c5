<?php

declare(strict_types=1);

namespace Aequus\Logbook\Diary;

use Aequus\Days\Task;

/** What others bring, allow or look at, and work waits for. */
enum AwaitedThing: string
{
    case Permit = 'permit';
    case BeforeTheFill = 'before_the_fill';
    case AfterTheFill = 'after_the_fill';
    case Posts = 'posts';
    case Concrete = 'concrete';
    case Timber = 'timber';
    case Hire = 'hire';

    /** The work that waits for it. */
    public function holds(): Task
    {
        return match ($this) {
            self::Permit, self::Hire => Task::Dig,
            self::Posts => Task::SetPosts,
            self::BeforeTheFill, self::Concrete => Task::Fill,
            self::AfterTheFill, self::Timber => Task::BuildFrame,
        };
    }

    public function isInspection(): bool
    {
        return $this === self::BeforeTheFill || $this === self::AfterTheFill;
    }
}
