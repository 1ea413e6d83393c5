<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Logbook\Kind\Question;
use Aequus\Measure\Length;
use Aequus\Measure\LengthReader;
use Aequus\Measure\Unit;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Part\PartKind;
use Aequus\Plan\Part\RowGate;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Closeness;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\SideNames;
use App\Type\Say;
use Illuminate\Validation\ValidationException;

/** A further part of a plan: put on it, changed or taken away. */
final class PartRequest extends PlanChangeRequest
{
    use ReadsBays;

    /**
     * @param  int  $revision  the number that the plan will have: new parts are named by it, so that no id is ever given twice
     * @return array{Plan, string} what holds now, and why, in words
     *
     * @throws ValidationException with each refusal at its field
     */
    public function plan(Plan $plan, int $revision): array
    {
        $others = array_values(array_filter($plan->parts, fn (Part $part) => $part->id !== $this->text('part')));
        $now = array_values(array_filter($plan->parts, fn (Part $part) => $part->id === $this->text('part')))[0] ?? null;
        if ($this->text('what') === 'drop') {
            return [$plan->withParts($others), Say::text('refusals.part.no_more', name: $now->name ?? '?')];
        }
        $part = $this->part($plan, $now->id ?? "p{$revision}");
        // What is changed keeps its place among the others.
        $parts = $now === null ? [...$plan->parts, $part] : array_map(fn (Part $one) => $one->id === $part->id ? $part : $one, $plan->parts);
        $with = $this->attempt('part_name', fn () => $plan->withParts($parts));
        $this->stopIfRefused();

        return [$this->ask($with ?? throw $this->refused(), $plan), Say::text('refusals.part.further', name: $part->name)];
    }

    /** What is odd in the plan that it comes to is said beside its points. */
    protected function fieldOf(Question $question): string
    {
        return 'part_points';
    }

    /** @return list<RowGate> “1 : 2000 : 900 : 20”: section, from its corner to the hinge post, leaf, gap on either side */
    private function gates(Unit $unit): array
    {
        $gates = [];
        foreach (array_filter(
            array_map(trim(...), preg_split('/;|\R/', $this->text('part_gates')) ?: []), fn (string $one) => $one !== '',
        ) as $typed) {
            $pieces = array_map(trim(...), explode(':', $typed));
            if (count($pieces) < 3 || count($pieces) > 4 || ! ctype_digit($pieces[0])) {
                $this->refuse('part_gates', Say::text('refusals.part.a_gate', typed: $typed));

                return [];
            }
            $read = $this->attempt(
                'part_gates', fn () => array_map(fn (string $length) => LengthReader::read($length, $unit), array_slice($pieces, 1)),
            );
            if ($read !== null) {
                $gates[] = $this->attempt('part_gates', fn () => new RowGate((int) $pieces[0], $read[0], $read[1], $read[2] ?? Length::zero()));
            }
        }

        return array_values(array_filter($gates));
    }

    /** Null where it is as close as the job. */
    private function closeness(Plan $plan, ?PartKind $kind): ?Closeness
    {
        $across = $this->lengthOrNone('part_across', $plan->notation->unit);
        $along = $kind === PartKind::Row ? $this->lengthOrNone('part_along', $plan->notation->unit) : null;

        return $across === null && $along === null ? null
            : $this->attempt(
                $along === null ? 'part_across' : 'part_along', fn () => new Closeness($across ?? $plan->tolerances->squareness, $along),
            );
    }

    /** Null where its sides are called as those of the job. */
    private function sides(): ?SideNames
    {
        $names = array_map($this->text(...), ['part_minus_y', 'part_plus_y', 'part_minus_x', 'part_plus_x']);

        return array_filter($names, fn (string $name) => $name !== '') === [] ? null
            : $this->attempt('part_minus_y', fn () => new SideNames(...$names));
    }

    private function part(Plan $plan, string $id): Part
    {
        $unit = $plan->notation->unit;
        $kind = $this->choice('part_kind', PartKind::class);
        [$x, $y] = [$this->length('part_x', $unit), $this->length('part_y', $unit)];
        $turn = str_replace(',', '.', $this->text('part_turn') === '' ? '0' : $this->text('part_turn'));
        if (! is_numeric($turn) || abs((float) $turn) > 360) {
            $this->refuse('part_turn', Say::text('refusals.part.an_angle'));
        }
        $points = $kind === PartKind::Grid || $kind === null ? []
            : array_map(fn (array $pair) => new Point(...$pair), $this->pairs('part_points', $unit) ?? []);
        if ($kind === PartKind::Row && count($points) === 1) {
            $this->refuse('part_points', Say::text('refusals.part.a_row_needs_two'));
        }
        $bays = fn (string $field): array => $kind !== PartKind::Grid ? []
            : array_values(array_filter($this->attempt($field, fn () => $this->bays($field, $unit)) ?? []));
        /** @var list<Length> $columns */
        [$columns, $rows] = [$bays('part_columns'), $bays('part_rows')];
        $largest = $kind === PartKind::Row ? $this->lengthOrNone('part_largest', $unit) : null;
        $gates = $kind === PartKind::Row ? $this->gates($unit) : [];
        [$closeness, $sides] = [$this->closeness($plan, $kind), $this->sides()];
        $this->stopIfRefused();
        assert($kind && $x && $y);
        // What can’t be is said at the gates where without them it can.
        $made = fn (RowGate ...$gates): Part => new Part(
            $id, mb_strtoupper($this->text('part_name')), $kind, $points, $columns, $rows, $largest, new Point($x, $y), (float) $turn, $closeness,
            $sides, array_values($gates),
        );
        $this->attempt('part_name', fn () => $made());
        $this->stopIfRefused();
        $part = $this->attempt('part_gates', fn () => $made(...$gates)->outOf(($plan->heavy ?? $plan->post)->thicker()));
        $this->stopIfRefused();

        return $part ?? throw $this->refused();
    }
}
