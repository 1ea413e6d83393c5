<?php

declare(strict_types=1);

namespace Tests\Simulation;

/** What is counted over many hidden sites. */
enum SiteCount: string
{
    case Within = 'within';
    case WronglyWithin = 'wrongly within';
    case RightStakeOut = 'right stake called out';
    case WrongStakeNamed = 'wrong stake named';
    case WrongStakeAlone = 'named alone';
    case EverySlipNamed = 'every slip named';
    case RightReadingDropped = 'right reading dropped';
    case RightReadingAccused = 'right reading accused';
    case RoughSaid = 'rough said';
    case OutOfParallelTold = 'out of parallel told';
}
