<?php

declare(strict_types=1);

namespace App\Exchange;

/** Why a file can’t be taken as a job. */
enum JobFileRefusal: string
{
    case NoJobFile = 'no_job_file';
    case TooLarge = 'too_large';
    case StrangeFile = 'strange_file';
    case Damaged = 'damaged';
    case PictureDamaged = 'picture_damaged';
    case PictureMissing = 'picture_missing';
    case NewerVersion = 'newer_version';
    case AgainstTheSchema = 'against_the_schema';
    case PlanUnreadable = 'plan_unreadable';
    case EntryUnreadable = 'entry_unreadable';
    case OutOfOrder = 'out_of_order';
    case OtherContent = 'other_content';
}
