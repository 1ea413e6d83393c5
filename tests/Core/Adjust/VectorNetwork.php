<?php

declare(strict_types=1);

namespace Tests\Core\Adjust;

use Aequus\Adjust\Network\Datum;
use Aequus\Adjust\Network\Distance;
use Aequus\Adjust\Network\HeldByLines;
use Aequus\Adjust\Network\LineOffset;
use Aequus\Adjust\Network\Network;
use Aequus\Adjust\Network\Reading;
use Aequus\Adjust\Network\Station;
use Aequus\Adjust\Network\StringOffset;
use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Measure\Vector;
use Aequus\Square\SettingOut\TapeCorrection;

/** A network as a case of the independent computation gives it. */
final readonly class VectorNetwork
{
    /** @var non-empty-array<string, Vector> */
    public array $design;

    public Network $network;

    public TapeClass $tape;

    public HeldByLines $held;

    /** @var array<string, array<string, float>> fixed lines by name */
    private array $lines;

    /** @param  array<string, mixed>  $input */
    public function __construct(array $input)
    {
        $tapes = array_column($input['tapes'] ?? [], null, 'name');
        $reference = array_column(array_filter($tapes, fn (array $tape) => $tape['reference'] ?? false), 'tape_class')[0] ?? null;
        $this->tape = TapeClass::from($input['tape_class'] ?? $reference);
        $stations = $design = [];
        foreach ($input['stakes'] as $stake) {
            $design[$stake['name']] = new Vector($stake['design_x'], $stake['design_y']);
            $stations[] = new Station(
                $stake['name'], $design[$stake['name']], isset($stake['start_x']) ? new Vector($stake['start_x'], $stake['start_y']) : null,
            );
        }
        $this->design = $design;
        $readings = [];
        foreach ($input['distances'] as $d) {
            $level = isset($d['tape_length'])
                ? TapeCorrection::of(Length::millimetres($d['tape_length']), Length::millimetres($d['height_difference']), null)->corrected
                : $d['distance'] ?? $design[$d['to']]->minus($design[$d['from']])->length();
            $own = isset($d['tape']) ? $tapes[$d['tape']] : null;
            $class = $own !== null ? TapeClass::from($own['tape_class']) : TapeClass::from($d['tape_class'] ?? $this->tape->value);
            $readings[] = new Distance(
                $d['id'], $d['from'], $d['to'], $level, $d['sigma'] ?? $class->sigma(Length::millimetres($level)),
                tape: $own !== null && ! ($own['reference'] ?? false) ? $d['tape'] : null,
            );
        }
        $this->lines = array_column(
            $input['lines'] ?? (isset($input['reference_line']) ? [$input['reference_line'] + ['name' => '']] : []), null, 'name',
        );
        $readings = [...$readings, ...$this->offsets($input)];
        $datum = $input['datum'];
        $line = array_values($this->lines)[0] ?? [];
        $this->held = HeldByLines::by($readings, $design);
        $this->network = new Network($stations, $readings, match (true) {
            $datum['type'] === 'lines' => Datum::lines($this->held, $datum['p'], $datum['q']),
            isset($datum['q']) => Datum::baseLine($datum['p'], $datum['q']),
            default => Datum::fixedLine($datum['p'], new Vector($line['from_x'], $line['from_y']), new Vector($line['to_x'], $line['to_y'])),
        });
    }

    /**
     * @param  array<string, mixed>  $input
     * @return list<Reading>
     */
    private function offsets(array $input): array
    {
        $line = fn (array $o): array => $this->lines[$o['line'] ?? ''];

        return [
            ...array_map(
                fn (array $o) => new StringOffset($o['id'], $o['stake'], $o['from'], $o['to'], $o['offset'], $o['sigma'] ?? 2.0),
                $input['string_offsets'] ?? [],
            ),
            ...array_map(fn (array $o) => new LineOffset(
                $o['id'], $o['stake'], new Vector($line($o)['from_x'], $line($o)['from_y']), new Vector($line($o)['to_x'], $line($o)['to_y']),
                $o['offset'], $o['sigma'] ?? 2.0, line: $o['line'] ?? '',
            ), $input['offsets'] ?? []),
        ];
    }
}
