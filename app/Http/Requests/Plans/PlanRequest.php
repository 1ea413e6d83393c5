<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Logbook\Kind\Question;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\Unit;
use Aequus\Plan\Footing\HoleShape;
use Aequus\Plan\Grid\Grid;
use Aequus\Plan\Grid\GridLines;
use Aequus\Plan\Grid\Spacing;
use Aequus\Plan\Grid\TapeHeld;
use Aequus\Plan\JobKind;
use Aequus\Plan\Place\Fit;
use Aequus\Plan\Place\Surroundings;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Plan\Terms\Side;
use Aequus\Plan\Terms\SideNames;
use Aequus\Plan\ToleranceClass;
use Aequus\Plan\Tolerances;
use Aequus\Plan\Work\Crew;
use Aequus\Plan\Work\Lasting;
use Aequus\Plan\Work\Make;
use Aequus\Plan\Work\Timber;
use Aequus\Plan\Work\Work;
use Aequus\Words\Speech;
use App\Http\Requests\ReadsFields;
use App\Models\Job;
use App\Type\Say;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

/** The plan form, for a new job and for a revision: every typed field becomes part of a plan, or is refused where it stands. */
final class PlanRequest extends FormRequest
{
    use AsksAboutPlan;
    use NamesJob;
    use ReadsBays;
    use ReadsFields;

    /** Every page of so large a job is there within about two seconds, measured by ./aequus sizes. */
    private const MOST_POSTS = 900;

    public function authorize(): bool
    {
        $job = $this->route('job');

        return $this->user() !== null && (! $job instanceof Job || $this->user()->can('work', $job));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    /** @throws ValidationException with each refusal at its field */
    public function plan(?Plan $before): Plan
    {
        $notation = $this->notation();
        $unit = $notation->unit;
        $sides = $this->attempt('side_minus_y', fn () => new SideNames(
            $this->text('side_minus_y'), $this->text('side_plus_y'), $this->text('side_minus_x'), $this->text('side_plus_x'),
        ));
        $tolerances = $this->tolerances($unit);
        $post = $this->section($unit);
        $heavy = $post === null ? null : $this->heavy($post, $unit);
        $work = $this->work();
        $standing = $this->length('standing', $unit);
        $columns = $post ? $this->spacing('x', $post->along(Side::PlusX), $unit) : null;
        $rows = $post ? $this->spacing('y', $post->along(Side::PlusY), $unit) : null;
        $grid = $columns && $rows ? $this->grid($columns, $rows, $before) : null;
        $hole = $post ? $this->lengthOrNone('hole', $unit) ?? $notation->round(($heavy ?? $post)->across()->times(2.25)) : null;
        $kind = $this->choice('kind', JobKind::class);
        $this->stopIfRefused();
        assert($sides && $tolerances && $post && $standing && $grid && $hole && $kind);
        [$tops, $layout, $fit, $origin, $parts, $site] = $before?->countedFrom($grid) ?? [null, null, new Fit, null, [], []];
        $plan = $this->attempt('plan', fn () => new Plan(
            $kind, $notation, $sides, $tolerances, $post, $before?->hole->dugTo($hole) ?? HoleShape::round($hole), $standing, $grid,
            $before?->footing, $tops, $layout, $fit, $before?->holding, $origin, $before?->answers, $before?->ownDepth, $parts, $site, $heavy, $work,
            $before->braces ?? [],
            $before->around ?? new Surroundings, $before->prices ?? [], $before?->frame,
        ));
        $this->stopIfRefused();

        return $plan ?? throw $this->refused();
    }

    protected function fieldOf(Question $question): string
    {
        if ($question->figure === 'object_least') {
            return 'bays_x';
        }
        $axis = substr($question->figure, -1);

        return str_starts_with($question->figure, 'bays_') && $this->text("by_{$axis}") === 'overall' ? "overall_{$axis}" : $question->figure;
    }

    protected function speech(): Speech
    {
        return new Speech(null, $this->notation());
    }

    private function notation(): Notation
    {
        return Notation::named($this->text('notation')) ?? Notation::millimetres(0);
    }

    private function tolerances(Unit $unit): ?Tolerances
    {
        $class = $this->choice('tolerance', ToleranceClass::class);
        $squareness = $this->lengthOrNone('squareness', $unit) ?? $class?->squareness($unit);
        if ($squareness !== null && ! $squareness->isPositive()) {
            $this->refuse('squareness', Say::text('refusals.plan.a_tolerance_is_above_zero'));
        }

        $along = $this->lengthOrNone('along', $unit);

        return $class && $squareness?->isPositive()
            ? $this->attempt('along', fn () => new Tolerances($class, $squareness, $class->plumbOneIn(), $along)) : null;
    }

    /** Of posts at corners, gates and anchors; null where they are like the rest. */
    private function heavy(Section $post, Unit $unit): ?Section
    {
        $across = $this->lengthOrNone('heavy', $unit);
        if ($across?->isShorterThan($post->thicker())) {
            $this->refuse('heavy', Say::text('refusals.plan.heavier_than_the_rest'));
        }

        return $across === null || $across->equals($post->thicker()) ? null
            : $this->attempt('heavy', fn () => $post->round ? Section::round($across) : Section::rectangle($across, $across));
    }

    /** What an older page does not ask is as usual. */
    private function work(): Work
    {
        $usual = new Work;

        return new Work(
            Crew::tryFrom($this->text('crew')) ?? $usual->crew, Lasting::tryFrom($this->text('lasting')) ?? $usual->lasting,
            Timber::tryFrom($this->text('timber')) ?? $usual->timber, Make::tryFrom($this->text('make')) ?? $usual->make,
        );
    }

    private function section(Unit $unit): ?Section
    {
        return match ($this->text('post_shape')) {
            'nominal' => $this->attempt('post_nominal', function (): Section {
                if (! preg_match('/^(\d{1,2})\s*[x×*]\s*(\d{1,2})$/iu', $this->text('post_nominal'), $size)) {
                    throw PlanRefused::unknownNominalSize($this->text('post_nominal'));
                }

                return Section::nominal((int) $size[1], (int) $size[2]);
            }),
            'round' => $this->sectionOf(fn (Length $b) => Section::round($b), $this->length('post_b', $unit)),
            default => $this->sectionOf(
                fn (Length $b) => Section::rectangle($b, $this->lengthOrNone('post_d', $unit) ?? $b), $this->length('post_b', $unit),
            ),
        };
    }

    /** @param  callable(Length): Section  $make */
    private function sectionOf(callable $make, ?Length $b): ?Section
    {
        return $b === null ? null : $this->attempt('post_b', fn () => $make($b));
    }

    private function spacing(string $axis, Length $post, Unit $unit): ?Spacing
    {
        if ($this->text("by_{$axis}") !== 'overall') {
            return preg_match('/rest/i', $this->text("bays_{$axis}")) === 1
                ? $this->withRest($axis, $post, $unit)
                : $this->attempt("bays_{$axis}", fn () => Spacing::bays(array_values(array_filter($this->bays("bays_{$axis}", $unit)))));
        }
        $size = $this->length("overall_{$axis}", $unit);
        $held = $this->choice("held_{$axis}", TapeHeld::class);
        $largest = $this->lengthOrNone("largest_{$axis}", $unit);
        if ($size === null || $held === null) {
            return null;
        }
        if ($largest === null && ! preg_match('/^\d{1,2}$/', $this->text("count_{$axis}"))) {
            $this->refuse("count_{$axis}", Say::text('refusals.plan.enter_how_many_bays_or'));

            return null;
        }

        return $this->attempt("overall_{$axis}", fn () => Spacing::overall(
            $size, $held, $post, $largest === null ? (int) $this->text("count_{$axis}") : Spacing::fewestBays($held->centres($size, $post), $largest),
        ));
    }

    /** Some bays typed, the others share what they leave of the overall size. */
    private function withRest(string $axis, Length $post, Unit $unit): ?Spacing
    {
        $size = $this->length("overall_{$axis}", $unit);
        $held = $this->choice("held_{$axis}", TapeHeld::class);

        return $size === null || $held === null ? null : $this->attempt(
            "bays_{$axis}", fn () => Spacing::withRest($held->centres($size, $post), $this->bays("bays_{$axis}", $unit)),
        );
    }

    private function grid(Spacing $columns, Spacing $rows, ?Plan $before): ?Grid
    {
        $lines = fn (string $axis, Spacing $spacing, ?GridLines $earlier): GridLines => $earlier === null
            ? GridLines::fresh($spacing)
            : $earlier->respaced($spacing, (int) ($this->text("change_{$axis}") === '' ? $earlier->count() : $this->text("change_{$axis}")));
        $full = new Grid($lines('x', $columns, $before?->grid->columns), $lines('y', $rows, $before?->grid->rows));

        // A job that was larger before there was a limit may stay so.
        $most = max(self::MOST_POSTS, count($before->grid->posts ?? []));
        if (count($full->posts) > $most) {
            $this->refuse('bays_x', PlanRefused::tooManyPosts(count($full->posts), $most));
        }

        return $this->attempt('left_out', fn () => new Grid($full->columns, $full->rows, $this->posts('left_out', $full)));
    }
}
