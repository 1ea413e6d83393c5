<?php

declare(strict_types=1);

namespace Aequus\Plan\Terms;

/** Why a rule of depth can’t be. */
enum FootingRuleRefusal
{
    case FrostBelowZero;
    case MarginBelowZero;
    case PadBelowZero;
    case GravelBelowZero;
    case LeastGravelBelowZero;
    case LeastBelowZero;
    case EmbedmentBelowZero;
    case ShareOutOfRange;
    case LeastGravelAbovePlanned;
    case FrostBeyondReach;
    case NoShare;
}
