<?php

declare(strict_types=1);

namespace Aequus\Level;

/** What comparing single-read ground with a plane can say. */
enum GroundDoubt: string
{
    case TooFew = 'too_few';
    case OnOneLine = 'on_one_line';
    case TooRough = 'too_rough';
    case None = 'none';
    case Doubted = 'doubted';
}
