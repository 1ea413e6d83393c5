<?php

declare(strict_types=1);

namespace App\View;

use App\Type\Say;

/** How a phase stands on the string, in shape and word. */
enum StepperStanding: string
{
    case Done = 'done';
    case Now = 'now';
    case Out = 'out';
    case Open = 'open';

    public function inWords(): string
    {
        return match ($this) {
            self::Done => Say::text('page.done'),
            self::Now => Say::text('components.stepper_standing.the_next_move_is_here'),
            self::Out => Say::text('components.stepper_standing.something_is_out'),
            self::Open => Say::text('components.stepper_standing.still_open'),
        };
    }
}
