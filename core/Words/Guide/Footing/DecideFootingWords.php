<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Footing;

use Aequus\Guide\Footing\DecideFooting;

final class DecideFootingWords
{
    public static function of(DecideFooting $is): string
    {
        return match ($is) {
            DecideFooting::DecideFooting => 'Decide how deep the posts must stand',
            DecideFooting::ChangePlane => 'Change the plane the feet stand on',
            DecideFooting::FrostFromTheOffice => 'Frost depth comes from your local office; margin, embedment, pad and gravel are yours. No '
                .'hole has a depth before that.',
        };
    }
}
