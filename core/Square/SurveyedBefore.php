<?php

declare(strict_types=1);

namespace Aequus\Square;

use Aequus\Square\Readings\Wanted;

/**
 * What was worked out from one plan and logbook, so that it need not be worked out again: it holds nothing that these two do not say. The list of
 * readings follows from the plan alone.
 */
final readonly class SurveyedBefore
{
    /**
     * @param  list<Wanted>  $wanted
     * @param  ?Survey  $survey  null where only the plan is the same
     */
    public function __construct(public array $wanted, public ?Survey $survey)
    {
    }
}
