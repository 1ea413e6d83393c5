<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Clear\ServiceLine;
use Aequus\Logbook\Clear\ServiceType;
use Aequus\Logbook\Kind\Payload;
use Aequus\Measure\LengthReader;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Point;
use Aequus\Words\Names;
use App\Type\Say;

/** A buried line, by two or more points, one a row: along the base line, then away from it. */
final class ServiceForm extends EntryRequest
{
    protected const MAIN_FIELD = 'points';

    protected const FIELDS = ['no_dig' => 'no_dig'];

    protected function payload(Plan $plan): ?Payload
    {
        [$type, $noDig] = [$this->choice('type', ServiceType::class), $this->measure('no_dig', $plan)];
        $points = [];
        foreach (preg_split('/\R/', $this->text('points')) ?: [] as $i => $row) {
            if (trim($row) === '') {
                continue;
            }
            $parts = preg_split('/\s*;\s*/', trim($row)) ?: [];
            if (count($parts) !== 2) {
                $this->refuse('points', Say::text('refusals.service.row_needs_two_lengths_with', i: $i + 1));

                continue;
            }
            $points[] = $this->attempt(
                'points',
                fn () => new Point(LengthReader::read($parts[0], $plan->notation->unit), LengthReader::read($parts[1], $plan->notation->unit)),
            );
        }
        $points = array_values(array_filter($points));

        return $type && $noDig && ! isset($this->refusals['points'])
            ? new ServiceLine(
                $type, $this->text('name') ?: Say::text('refusals.service.line', carries: Names::of($type)), $noDig, $points, $plan->origin,
            )
                : null;
    }
}
