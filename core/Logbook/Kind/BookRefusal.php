<?php

declare(strict_types=1);

namespace Aequus\Logbook\Kind;

/** Why the book does not take an entry or a plan. */
enum BookRefusal
{
    case OtherContent;
    case PostNotInPlan;
    case NothingThere;
    case CorrectedBefore;
    case OtherKind;
    case PlanMovedOn;
    case BookFull;
    case PicturesFull;
}
