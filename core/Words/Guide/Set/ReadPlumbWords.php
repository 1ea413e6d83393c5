<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Set;

use Aequus\Guide\Set\ReadPlumb;

final class ReadPlumbWords
{
    public static function of(ReadPlumb $is): string
    {
        return match ($is) {
            ReadPlumb::ReadFace => 'Hold the level on the {side} face of {post}',
            ReadPlumb::ReadPole => 'Hold the level on {post} along any direction',
            ReadPlumb::ReadPoleAnotherWay => 'Hold the level on {post} along another direction',
            ReadPlumb::FilledSinceRead => 'It was filled since it was last read: a fill pushes. Read it again while it still gives.',
            ReadPlumb::NothingRead => 'Nothing was read on this post yet.',
            ReadPlumb::HalfKnown => 'One face was read: the post is only half known.',
            ReadPlumb::ReadTooRoughly => 'A phone can’t prove it: it may be {rough} in {run} off, and the limit is 1 in {limit}. Hold a level on it.',
        };
    }
}
