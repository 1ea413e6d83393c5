<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Set;

use Aequus\Guide\Set\SeeToThePour;

final class SeeToThePourWords
{
    public static function of(SeeToThePour $is): string
    {
        return match ($is) {
            SeeToThePour::SeeToBeforePour => 'Before the pour: {item}',
            SeeToThePour::MeasureAnotherWay => 'Measure once more, another way',
            SeeToThePour::NextToBeFilled => '{post} is next to be filled. See to it, then say so: for all posts, or for this one.',
            SeeToThePour::BeforeItIsFilled => 'Before {post} is filled: {route}. It catches {catches}.',
        };
    }
}
