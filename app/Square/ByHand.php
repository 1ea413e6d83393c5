<?php

declare(strict_types=1);

namespace App\Square;

use Aequus\Measure\Length;
use Aequus\Measure\TapeConditions;
use Aequus\Plan\Plan;
use Aequus\Square\SettingOut\Parallel;
use Aequus\Square\SettingOut\PlumbedLine;
use Aequus\Square\SettingOut\RightAngle;
use Aequus\Square\SettingOut\TapeComparison;
use App\View\QueryForm;

/** Small sums of setting out that are asked in the address and answered on the page; nothing of them is stored. */
final readonly class ByHand
{
    /** How the tape is held while setting out; null for level, calibrated pull, 20 °C. */
    public ?TapeConditions $conditions;

    /** How far the far end swings so that the line runs parallel; null until asked. */
    public ?Length $swing;

    public ?TapeComparison $tapes;

    public ?PlumbedLine $plumbed;

    public function __construct(public QueryForm $sums, private Plan $plan)
    {
        [$celsius, $newtons, $hangs] = [$sums->number('celsius', -40, 60), $sums->number('newtons', 5, 300), $sums->ticked('hangs')];
        $this->conditions = $celsius === null && $newtons === null && ! $hangs ? null : new TapeConditions($celsius, $newtons, hangsWhole: $hangs);
        $offsets = $sums->lengths(['offset_1', 'station_1', 'offset_2', 'station_2']);
        $this->swing = $offsets === null ? null : $sums->attempt(
            'station_2', fn () => Parallel::move($offsets[0], $offsets[1], $offsets[2], $offsets[3], $offsets[3]),
        );
        $compared = $sums->lengths(['short_1', 'short_2', 'long_1', 'long_2']);
        $this->tapes = $compared === null ? null : $sums->attempt('long_1', fn () => new TapeComparison(...$compared));
        $over = $sums->lengths(['over']);
        $this->plumbed = $over === null ? null : new PlumbedLine($over[0], $plan->tolerances->squareness);
    }

    /** The largest 3-4-5 at the corner of the base line, in feet or hundreds of millimetres; null where the outline has no corner. */
    public function rightAngle(): ?RightAngle
    {
        $corners = $this->plan->grid->corners();
        $step = $this->plan->notation->system()->squareStep;

        return $corners === null ? null : RightAngle::largest($corners->length(), $corners->width(), $step);
    }
}
