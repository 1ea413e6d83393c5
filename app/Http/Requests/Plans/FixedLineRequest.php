<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Logbook\Kind\Question;
use Aequus\Measure\Length;
use Aequus\Plan\Place\Fit;
use Aequus\Plan\Place\FixedKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\Side;
use App\Type\Say;
use Illuminate\Validation\ValidationException;

/** One more thing on the site that will not move, one of them changed, or one taken away. */
final class FixedLineRequest extends PlanChangeRequest
{
    /**
     * @param  int  $revision  the number that the plan will have: new lines are named by it, so that no id is ever given twice
     * @return array{Plan, string} what holds now, and why, in words
     *
     * @throws ValidationException with each refusal at its field
     */
    public function plan(Plan $plan, int $revision): array
    {
        $lines = $plan->fixedLines();
        $place = array_search($this->text('line'), array_map(fn (FixedLine $line) => $line->id, $lines), true);
        if ($this->text('what') === 'drop') {
            $gone = $place === false ? null : $lines[$place];
            unset($lines[$place === false ? -1 : $place]);

            return [
                self::with($plan, array_values($lines)), mb_substr(Say::text('refusals.fixed_line.fixed_no_more', name: $gone->name ?? '?'), 0, 250),
            ];
        }
        $line = $this->line($plan, $place === false ? "line-{$revision}" : $lines[$place]->id, $place === false ? null : $lines[$place]);
        $this->stopIfRefused();
        if ($line !== null) {
            $place === false ? $lines[] = $line : $lines[$place] = $line;
        }

        return [
            self::with($plan, array_values($lines)), mb_substr(Say::text('refusals.fixed_line.fixed_on_the_site', name: $line->name ?? '?'), 0, 250),
        ];
    }

    protected function fieldOf(Question $question): string
    {
        return $this->text('line_side') === 'points' ? 'line_x1' : 'line_near';
    }

    /** @param  list<FixedLine>  $lines */
    private static function with(Plan $plan, array $lines): Plan
    {
        $binding = array_values(array_filter($lines, fn (FixedLine $line) => $line->binds()));
        $others = array_values(array_filter($lines, fn (FixedLine $line) => ! $line->binds()));

        return $plan->withLayout($plan->layout->heldBy($binding))->withFit(new Fit($plan->fit->things, $others));
    }

    private function line(Plan $plan, string $id, ?FixedLine $before): ?FixedLine
    {
        $unit = $plan->notation->unit;
        $name = $this->nameOnSite('line_name', $plan, $id);
        $kind = $this->choice('line_kind', FixedKind::class);
        $least = $this->text('line_holds') === 'distance' ? $this->length('line_least', $unit) : null;
        if ($this->text('line_holds') === '') {
            $this->refuse('line_holds', Say::text('refusals.fixed_line.say_whether_the_grid_runs'));
        }
        if ($kind === null || $this->text('line_holds') === 'distance' && $least === null) {
            return null;
        }

        return $this->text('line_side') === 'points' ? $this->byPoints($plan, $id, $name, $kind, $least)
            : $this->besideTheGrid($plan, $id, $name, $kind, $least);
    }

    private function besideTheGrid(Plan $plan, string $id, string $name, FixedKind $kind, ?Length $least): ?FixedLine
    {
        $unit = $plan->notation->unit;
        $side = $this->choice('line_side', Side::class);
        $near = $this->length('line_near', $unit);
        $far = $this->text('line_far') === '' ? $near : $this->length('line_far', $unit);
        if (! $side || ! $near || ! $far) {
            return null;
        }
        if ($near->isNegative() || $far->isNegative()) {
            $this->refuse(
                $near->isNegative() ? 'line_near' : 'line_far',
                Say::text('refusals.fixed_line.measure_outward_from_the_posts'),
            );

            return null;
        }

        return $this->attempt('line_near', fn () => FixedLine::beside($id, $name, $plan->grid, $side, $near, $far, $kind, $least));
    }

    private function byPoints(Plan $plan, string $id, string $name, FixedKind $kind, ?Length $least): ?FixedLine
    {
        $unit = $plan->notation->unit;
        [$x1, $y1, $x2, $y2] = [
            $this->length('line_x1', $unit), $this->length('line_y1', $unit), $this->length('line_x2', $unit), $this->length('line_y2', $unit),
        ];

        return $x1 && $y1 && $x2 && $y2
            ? $this->attempt('line_x1', fn () => new FixedLine($id, $name, new Point($x1, $y1), new Point($x2, $y2), $kind, $least)) : null;
    }
}
