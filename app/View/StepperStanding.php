<?php

declare(strict_types=1);

namespace App\View;

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
            self::Done => 'done',
            self::Now => 'the next move is here',
            self::Out => 'something is out',
            self::Open => 'still open',
        };
    }
}
