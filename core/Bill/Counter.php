<?php

declare(strict_types=1);

namespace Aequus\Bill;

/** Where in a shop, or in which shop, goods are fetched. */
enum Counter: string
{
    case Timber = 'timber';
    case Masonry = 'masonry';
    case Hardware = 'hardware';
    case Roofing = 'roofing';
    case Hire = 'hire';
}
