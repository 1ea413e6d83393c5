<?php

declare(strict_types=1);

namespace App\Square;

use Aequus\Measure\Length;
use Aequus\Measure\LengthReader;
use Aequus\Measure\Refusal;
use Aequus\Measure\TapeConditions;
use Aequus\Plan\Plan;
use Aequus\Square\Parallel;
use Aequus\Square\PlumbedLine;
use Aequus\Square\RightAngle;
use Aequus\Square\TapeComparison;
use Illuminate\Http\Request;

/** Small sums of setting out that are asked in the address and answered on the page; nothing of them is stored. */
final class ByHand
{
    /** @var array<string, string> refusals by field */
    public array $refusals = [];

    /** How the tape is held while setting out; null for level, calibrated pull, 20 °C. */
    public ?TapeConditions $conditions = null;

    /** How far the far end swings so that the line runs parallel; null until asked. */
    public ?Length $swing = null;

    public ?TapeComparison $tapes = null;

    public ?PlumbedLine $plumbed = null;

    public function __construct(private readonly Request $request, private readonly Plan $plan)
    {
        $this->conditions = $this->conditions();
        $offsets = $this->lengths(['offset_1', 'station_1', 'offset_2', 'station_2']);
        if ($offsets !== null) {
            [$offset1, $station1, $offset2, $station2] = $offsets;
            $this->swing = $this->at('station_2', fn () => Parallel::move($offset1, $station1, $offset2, $station2, $station2));
        }
        $compared = $this->lengths(['short_1', 'short_2', 'long_1', 'long_2']);
        if ($compared !== null) {
            $this->tapes = $this->at('long_1', fn () => new TapeComparison(...$compared));
        }
        $over = $this->lengths(['over']);
        $this->plumbed = $over === null ? null : new PlumbedLine($over[0], $plan->tolerances->squareness);
    }

    public function typed(string $field): string
    {
        return $this->request->string($field)->value();
    }

    /** The largest 3-4-5 at the corner of the base line, in feet or hundreds of millimetres; null where the outline has no corner. */
    public function rightAngle(): ?RightAngle
    {
        $corners = $this->plan->grid->corners();
        $step = $this->plan->notation->unit->value === 'mm' ? Length::millimetres(100) : Length::feet(1);

        return $corners === null ? null : RightAngle::largest($corners->length(), $corners->width(), $step);
    }

    /**
     * @param  list<string>  $fields
     * @return ?list<Length> null unless all are typed and understood
     */
    private function lengths(array $fields): ?array
    {
        if (array_filter($fields, fn (string $field) => trim($this->typed($field)) !== '') === []) {
            return null;
        }
        $lengths = [];
        foreach ($fields as $field) {
            $length = $this->at($field, fn () => LengthReader::read($this->typed($field), $this->plan->notation->unit));
            $lengths = $length === null || $lengths === null ? null : [...$lengths, $length];
        }

        return $lengths;
    }

    private function conditions(): ?TapeConditions
    {
        $number = function (string $field, float $least, float $most): ?float {
            $typed = str_replace(',', '.', trim($this->typed($field)));
            if ($typed === '') {
                return null;
            }
            if (! is_numeric($typed) || (float) $typed < $least || (float) $typed > $most) {
                $this->refusals[$field] = "This lies between {$least} and {$most}.";

                return null;
            }

            return (float) $typed;
        };
        [$celsius, $newtons, $hangs] = [$number('celsius', -40, 60), $number('newtons', 5, 300), $this->request->boolean('hangs')];

        return $celsius === null && $newtons === null && ! $hangs ? null : new TapeConditions($celsius, $newtons, hangsWhole: $hangs);
    }

    /**
     * @template T
     *
     * @param  callable(): T  $work
     * @return ?T
     */
    private function at(string $field, callable $work): mixed
    {
        try {
            return $work();
        } catch (Refusal $refusal) {
            $this->refusals[$field] = $refusal->getMessage();

            return null;
        }
    }
}
