<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

/** What can’t be taken back once it is done. */
enum PointOfNoReturn: string
{
    case Pour = 'pour';
    case Cut = 'cut';
}
