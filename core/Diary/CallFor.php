<?php

declare(strict_types=1);

namespace Aequus\Diary;

/** What somebody who was promised a day is called for. */
enum CallFor: string
{
    /** It comes before what it comes for is ready. */
    case Later = 'later';
    /** All is ready a day or more before it comes. */
    case Sooner = 'sooner';
    /** Nobody named a day, it did not pass, or its day is over. */
    case ADay = 'a_day';
    /** A hire goes back before the last hole is dug. */
    case Longer = 'longer';
    /** What it is for is not done within the days that are known, or something holds it. */
    case Off = 'off';
}
