<?php

declare(strict_types=1);

namespace Tests\Simulation;

/** What is wrong on a hidden site. */
enum Trouble: string
{
    case None = 'no mistake';
    case Stake = 'one stake';
    case Tape = 'one tape';
    case Both = 'a stake and a tape';
    case RoughTapes = 'rough tapes';
    case TwoTapes = 'two slips';
    case Askew = 'askew to its wall';
}
