<?php

declare(strict_types=1);

namespace Aequus\Square;

/** What stands at the top of the Square phase: the most pressing thing that can be said of the layout. */
enum SquareVerdict: string
{
    case OnePost = 'one_post';
    case NothingRead = 'nothing_read';
    case RoughOff = 'rough_off';
    case Rough = 'rough';
    case AnotherUnit = 'another_unit';
    case FarFromPlan = 'far_from_plan';
    case NoRest = 'no_rest';
    case LinesContradict = 'lines_contradict';
    case InDoubt = 'in_doubt';
    case RougherThanClass = 'rougher_than_class';
    case Out = 'out';
    case ReadingsMissing = 'readings_missing';
    case CannotTell = 'cannot_tell';
    case DesignHasToGive = 'design_has_to_give';
    case AgainstTheLine = 'against_the_line';
    case Within = 'within';

    /** Whether something is known to be wrong, rather than not known yet. */
    public function isTrouble(): bool
    {
        return in_array(
            $this,
            [
                self::RoughOff, self::AnotherUnit, self::FarFromPlan, self::NoRest, self::LinesContradict, self::InDoubt, self::RougherThanClass,
                self::Out, self::DesignHasToGive, self::AgainstTheLine,
            ],
            true,
        );
    }
}
