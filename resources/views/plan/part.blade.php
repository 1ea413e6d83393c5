@use('Aequus\Plan\Part\PartKind')
@use('App\View\Choices')
@props(['part', 'form', 'job', 'unit'])
<form method="post" action="{{ route('plan.part', $job) }}" class="stack">
    @csrf <input type="hidden" name="form" value="{{ $form }}"><input type="hidden" name="based_on"
        value="{{ old('based_on', $job->revision->number) }}"><input type="hidden" name="part" value="{{ $part->id }}">
    @if ($errors->has('change') && old('form') === $form)<p class="refusal field-wide" role="alert">{{ $errors->first('change') }}</p>
        <label class="tick tick-sure"><input type="checkbox" name="sure" value="1"> {{ $say('plan.show.do_it_all_the_same') }}</label>@endif
    <x-right :form="$form" />
    <div class="group asks">
        <x-field name="part_name" :form="$form" :label="$say('plan.part.name')" :hint="$say('plan.part.name_why')"
            :value="$part->value('part_name')" />
        <x-choice name="part_kind" :form="$form" :label="$say('plan.part.kind')" :value="$part->value('part_kind')"
            :options="Choices::of(PartKind::cases())" />
        <x-field name="part_points" :form="$form" :label="$say('plan.part.points')"
            :hint="$say('plan.part.points_why', such: $unit->system()->examples['row'])"
            :value="$part->value('part_points')" wide />
        <x-field name="part_largest" :form="$form" :label="$say('plan.part.largest')" :hint="$say('plan.part.largest_why')" :unit="$unit"
            :value="$part->value('part_largest')" />
        <x-field name="part_columns" :form="$form" :label="$say('plan.part.columns')" :hint="$say('plan.part.grid_only')"
            :value="$part->value('part_columns')" />
        <x-field name="part_rows" :form="$form" :label="$say('plan.part.rows')" :hint="$say('plan.part.grid_only')"
            :value="$part->value('part_rows')" />
        <x-field name="part_x" :form="$form" :label="$say('plan.part.x')" :hint="$say('plan.part.x_why')" :unit="$unit"
            :value="$part->value('part_x')" />
        <x-field name="part_y" :form="$form" :label="$say('plan.part.y')" :hint="$say('plan.part.y_why')" :unit="$unit"
            :value="$part->value('part_y')" />
        <x-field name="part_turn" :form="$form" :label="$say('plan.part.turn')" :hint="$say('plan.part.turn_why')"
            :value="$part->value('part_turn')" />
        <x-field name="part_gates" :form="$form" :label="$say('plan.part.gates')"
            :hint="$say('plan.part.gates_why', such: $unit->system()->examples['gate'])"
            :value="$part->value('part_gates')" wide />
        <x-field name="part_across" :form="$form" :label="$say('plan.part.across')" :hint="$say('plan.part.across_why')" :unit="$unit"
            :value="$part->value('part_across')" />
        <x-field name="part_along" :form="$form" :label="$say('plan.part.along')" :hint="$say('plan.part.along_why')" :unit="$unit"
            :value="$part->value('part_along')" />
    </div>
    <details class="field-wide" @if ($errors->has('part_minus_y')) open @endif><summary>{{ $say('plan.part.own_sides') }}</summary>
        <p class="hint">{{ $say('plan.part.own_sides_why') }}</p>
        <div class="group asks">@foreach ($part->sides as $field => $job_side)
            <x-field :name="$field" :form="$form" :label="$say('plan.part.for_the_side', side: $job_side)"
                :value="$part->value($field)" />@endforeach</div>
    </details>
    <button class="button button-second">{{ $say('components.fixed_line_form.put_it_on_the_plan') }}</button>
</form>
