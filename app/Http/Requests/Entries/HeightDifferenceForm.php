<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Level\HeightDifference;
use Aequus\Logbook\Level\LevelInstrument;
use Aequus\Logbook\Level\LevelWay;
use Aequus\Plan\Plan;
use App\Type\Say;

/** How much higher one point is than another: by a level on a board, a water level, or a line level on a string. */
final class HeightDifferenceForm extends EntryRequest
{
    public const OPENS = 'level';

    use ReadsLevelPoints;

    protected const MAIN_FIELD = 'difference';

    protected function payload(Plan $plan): ?Payload
    {
        [$from, $to, $instrument] = [
            $this->levelPoint($plan, 'from'), $this->levelPoint($plan, 'to'), $this->choice('instrument', LevelInstrument::class),
        ];
        $over = $this->lengthOrNone('over', $plan->notation->unit);
        $read = $instrument === LevelInstrument::Phone && str_ends_with($this->text('difference'), '°')
            ? $over?->times(tan(deg2rad($this->degrees('difference')))) : $this->measure('difference', $plan);
        $hungAt = $this->lengthOrNone('hung_at', $plan->notation->unit);
        $way = $this->boolean('turned') ? LevelWay::Turned : LevelWay::AsMarked;
        if ($read?->isNegative()) {
            $this->refuse('difference', Say::text('refusals.height_difference.enter_how_much_without_a'));
        }
        if ($instrument !== null && $instrument !== LevelInstrument::Water && $over === null) {
            $this->refuse('over', Say::text('refusals.height_difference.enter_the_length_of_the'));
        }
        if (! $from || ! $to || ! $read || ! $instrument || $this->refusals !== []) {
            return null;
        }
        $read = $this->text('higher') === 'from' ? $read->times(-1) : $read;

        return new HeightDifference(
            $from, $to, $read, $instrument, $instrument === LevelInstrument::Water ? null : $over, $way,
            $instrument === LevelInstrument::LineLevel ? $hungAt : null, $instrument === LevelInstrument::Board
                ? mb_substr($this->text('level'), 0, 40) : '',
        );
    }
}
