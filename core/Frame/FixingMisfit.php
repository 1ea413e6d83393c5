<?php

declare(strict_types=1);

namespace Aequus\Frame;

/** Why a connector or a fastener does not go with what it shall hold. */
enum FixingMisfit
{
    case TooNarrow;
    case TooWide;
    case OtherPlies;
    case NotDeepEnough;
    case ConnectorScrewComesOut;
    case BaseTakesNoPost;
    case TooShort;
    case ComesOut;
    case TooManyAtACrossing;
    case TooNearAJoint;
    case BoltBesideThePier;
}
