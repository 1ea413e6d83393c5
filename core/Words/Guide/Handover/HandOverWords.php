<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Handover;

use Aequus\Guide\Handover\HandOver;

final class HandOverWords
{
    public static function of(HandOver $is): string
    {
        return match ($is) {
            HandOver::HandOver => 'Hand the work over',
            HandOver::HandOverAnew => 'Hand the work over again',
            HandOver::ChangedSinceHandover => 'It was handed over, and the plan was changed since: the record is of another plan.',
            HandOver::NothingLacks => 'Every post has its depth, its plumb readings and its cut in the book.',
            HandOver::PostsLack => '{count: # post lacks|# posts lack} a depth, a plumb reading or a cut in the book; the record says so.',
            HandOver::LayoutNotProved => 'Not in the book: {count: # reading|# readings} that would prove where the posts stand.',
            HandOver::BracesNotOff => 'Not in the book yet: braces off {count: # post|# posts}.',
            HandOver::MembersNotUp => 'Not in the book yet: {count: # piece|# pieces} of the frame put up.',
        };
    }
}
