<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

use Aequus\Fact\Named;

/** What can’t be taken back once it is done. */
enum PointOfNoReturn: string implements Named
{
    case Pour = 'pour';
    case Cut = 'cut';

    public function inWords(): string
    {
        return match ($this) {
            self::Pour => 'the pour',
            self::Cut => 'the cuts',
        };
    }
}
