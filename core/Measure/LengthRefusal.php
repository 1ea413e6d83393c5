<?php

declare(strict_types=1);

namespace Aequus\Measure;

/** Why something can’t be taken. */
enum LengthRefusal
{
    case NothingTyped;
    case Unexpected;
    case UnknownUnit;
    case AmbiguousComma;
    case AmbiguousPoint;
    case AmbiguousThousands;
    case MetricBesideFeet;
    case NotATapeFraction;
    case FractionWithoutInches;
    case InchesBesideFeet;
    case DecimalFeetBesideInches;
    case TooLong;
}
