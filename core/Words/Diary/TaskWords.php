<?php

declare(strict_types=1);

namespace Aequus\Words\Diary;

use Aequus\Days\Task;

/** What a kind of work is called. */
final class TaskWords
{
    public static function of(Task $task): string
    {
        return match ($task) {
            Task::Stake => 'Stake and prove the grid',
            Task::ReadGround => 'Read the ground',
            Task::Dig => 'Dig',
            Task::SetPosts => 'Set and plumb',
            Task::Fill => 'Fill',
            Task::TakeBracesOff => 'Braces off',
            Task::CutTops => 'Cut the tops',
            Task::BuildFrame => 'Build the frame',
        };
    }
}
