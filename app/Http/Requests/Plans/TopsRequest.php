<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Cut\TopHeights;
use Aequus\Measure\Length;
use Aequus\Measure\LengthReader;
use Aequus\Measure\Slope;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Side;
use Aequus\Plan\Tops\TopRules;
use Aequus\Plan\Tops\TopStack;
use App\Cut\TopsForm;
use App\Models\Job;
use App\Site\ReadSite;
use App\Type\Say;
use Illuminate\Validation\ValidationException;

/** Where the tops are to be cut: one height, and a fall toward one of the four sides where there is one. */
final class TopsRequest extends PlanChangeRequest
{
    private ?TopStack $under = null;

    /** @throws ValidationException with each refusal at its field */
    public function tops(Plan $plan): TopRules
    {
        $unit = $plan->notation->unit;
        $height = $this->height($plan);
        $datum = $this->length('datum_line', $unit);
        $toward = $this->text('falls_toward') === '' ? null : $this->choice('falls_toward', Side::class);
        $fall = $toward === null ? Length::zero() : $this->length('fall', $unit);
        $over = $toward === null ? Length::feet(1) : $this->length('fall_over', $unit);
        if ($height && $datum && ! $height->isLongerThan($datum)) {
            $this->refuse('datum_line', Say::text('refusals.tops.the_datum_line_lies_below'));
        }
        $slope = $fall && $over ? $this->attempt('fall_over', fn () => Slope::fromGap($fall, $over)) : null;
        $rows = $this->rows($plan);
        foreach ($rows as $row) {
            if ($datum && ! $row->isLongerThan($datum)) {
                $this->refuse('rows', Say::text('refusals.tops.a_row_lies_below_the'));
            }
        }
        $this->stopIfRefused();
        assert($height && $datum && $slope);
        $along = fn (bool $alongX): Slope => $toward?->isAlongX() === $alongX ? Slope::ratio(-$toward->sign() * $slope->ratio) : Slope::level();

        $tops = new TopRules($height, $along(true), $along(false), $datum, $rows, $this->under);
        $ground = app(ReadSite::class)->site($this->job())->state->level;
        foreach ($plan->grid->posts as $post) {
            $at = $plan->footing->finishedGrade ?? $ground->groundAt($post);
            if ($at !== null && ! $tops->topOf($post)->isLongerThan($at)) {
                $this->refuse(
                    'height',
                    Say::text('refusals.tops.at_the_top_would_lie', label: $post->label, at: $plan->write($at)),
                );
            }
        }
        $this->stopIfRefused();

        return $tops;
    }

    /** As typed; from above, as a finished surface less what lies on the posts; or from below, as a clearance over the highest finished ground. */
    private function height(Plan $plan): ?Length
    {
        $unit = $plan->notation->unit;
        if ($this->text('height_by') === 'stack') {
            [$finished, $clearance] = [$this->length('height', $unit), $this->lengthOrNone('clearance', $unit) ?? Length::zero()];
            $layers = $this->attempt('layers', fn () => array_map(
                fn (string $typed) => LengthReader::read($typed, $unit), preg_split(
                    '/\s*(?:;|\R|,\s)\s*/', $this->text('layers'), flags: PREG_SPLIT_NO_EMPTY,
                ) ?: [],
            ));

            if ($finished === null || $layers === null) {
                return null;
            }
            $this->under = new TopStack($finished, $clearance, array_values($layers));

            return TopHeights::topUnder($finished, $clearance, $layers);
        }
        if ($this->text('height_by') === 'clearance') {
            $clear = $this->length('height', $unit);

            return $clear === null ? null : TopsForm::highestGrade(app(ReadSite::class)->site($this->job())->state)->plus($clear);
        }

        return $this->length('height', $unit);
    }

    /**
     * “1 2300; 2 2450”: a row and its height, for rows that differ.
     *
     * @return array<string, Length> by the row's line
     */
    private function rows(Plan $plan): array
    {
        $rows = [];
        foreach (preg_split('/\s*(?:;|\R)\s*/', $this->text('rows'), flags: PREG_SPLIT_NO_EMPTY) ?: [] as $typed) {
            if (! preg_match('/^(?:row )?(\d{1,3})[\s:]+(.+)$/iu', $typed, $part) || ! isset($plan->grid->rows->lines[(int) $part[1] - 1])) {
                $this->refuse('rows', Say::text('refusals.tops.is_not_a_row_and', typed: $typed));

                continue;
            }
            $height = $this->attempt('rows', fn () => LengthReader::read($part[2], $plan->notation->unit));
            if ($height !== null) {
                $rows[$plan->grid->rows->lines[(int) $part[1] - 1]->id] = $height;
            }
        }

        return $rows;
    }

    private function job(): Job
    {
        $job = $this->route('job');
        assert($job instanceof Job);

        return $job;
    }
}
