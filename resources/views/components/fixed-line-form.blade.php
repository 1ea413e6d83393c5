@use('Aequus\Plan\Place\FixedKind')
@use('App\View\Choices')
@props(['site', 'open' => false])
<details class="change" id="fixed" @if ($open || old('form') === 'fixed') open @endif>
    <summary>{{ $say('components.fixed_line_form.a_wall_a_boundary_what') }}</summary>
    <p class="hint">{{ $say('components.fixed_line_form.begin_from_one_thing_that') }}</p>
    <form method="post" action="{{ route('plan.line', $site->job) }}" class="entry">
        @csrf <input type="hidden" name="form" value="fixed"><input type="hidden" name="based_on" value="{{ $site->job->revision->number }}">
        <x-right form="fixed" />
        <x-field name="line_name" form="fixed" :label="$say('page.called')" :hint="$say('components.fixed_line_form.house_wall_barn_north_boundary')"
            />
        <x-choice name="line_kind" form="fixed" :label="$say('components.fixed_line_form.it_is_a')"
            :options="Choices::of(FixedKind::cases())" />
        <x-radios name="line_holds" form="fixed" :label="$say('page.the_grid')"
            :options="['parallel' => $say('components.fixed_line_form.runs_parallel_to_it'), 'distance'
                => $say('components.fixed_line_form.only_keeps_a_distance')]" />
        <x-field name="line_least" form="fixed" :label="$say('components.fixed_line_form.distance_to_keep')"
            :hint="$say('components.fixed_line_form.only_then_from_it_to')"
            :unit="$site->plan->notation->unit" />
        <x-choice name="line_side" form="fixed" :label="$say('components.fixed_line_form.it_lies')"
            :options="Choices::sides($site->plan->sides, $say('components.fixed_line_form.on_the_s_side')) + ['points'
                => $say('components.fixed_line_form.anywhere_by_two_points')]" />
        <x-field name="line_near" form="fixed" :label="$say('components.fixed_line_form.from_it_to_the_middle')"
            :hint="$say('components.fixed_line_form.by_the_plan_at_the')"
            :unit="$site->plan->notation->unit"
            />
        <x-field name="line_far" form="fixed" :label="$say('components.fixed_line_form.at_the_far_end')"
            :hint="$say('components.fixed_line_form.empty_the_same')" :unit="$site->plan->notation->unit" />
        <details class="field-wide" @if (old('line_side') === 'points') open @endif>
            <summary>{{ $say('components.fixed_line_form.by_two_points_on_the') }}</summary>
            <div class="entry">
                <x-field name="line_x1" form="fixed" :label="$say('components.fixed_line_form.from_along_the_base_line')"
                    :unit="$site->plan->notation->unit" />
                    <x-field name="line_y1" form="fixed" :label="$say('components.fixed_line_form.away_from_it')" :unit="$site->plan->notation->unit"
                        />
                <x-field name="line_x2" form="fixed" :label="$say('components.fixed_line_form.to_along_the_base_line')"
                    :unit="$site->plan->notation->unit" />
                    <x-field name="line_y2" form="fixed" :label="$say('components.fixed_line_form.away_from_it')" :unit="$site->plan->notation->unit"
                        />
            </div>
        </details>
        <x-field name="reason" form="fixed" :label="$say('page.remark')" :hint="$say('components.fixed_line_form.for_the_list_of_revisions')" wide />
        <button class="button button-second">{{ $say('components.fixed_line_form.put_it_on_the_plan') }}</button>
    </form>
</details>
