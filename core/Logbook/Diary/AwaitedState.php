<?php

declare(strict_types=1);

namespace Aequus\Logbook\Diary;

/** How what is awaited stands. */
enum AwaitedState: string
{
    /** Asked for; nobody named a day. */
    case Asked = 'asked';
    /** For a day. */
    case Booked = 'booked';
    /** Granted, passed, or there. */
    case Came = 'came';
    /** Refused, not passed, or not there when it was due. */
    case Failed = 'failed';
    /** No longer wanted. */
    case CalledOff = 'called_off';
}
