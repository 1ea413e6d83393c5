@use('Aequus\Measure\TapeClass')
@use('App\View\Choices')
@if ($form->wanted !== null && $form->wanted->line !== null)
    <x-entry-form kind="line_offset" name="offset">
        @if ($form->replaces)<input type="hidden" name="replaces" value="{{ $form->replaces }}">@endif
        <input type="hidden" name="line" value="{{ $form->wanted->line->id }}">
        <x-field name="line_off" form="offset" :label="$say('square.reading.off_by', name: $form->wanted->line->name)"
            :hint="$say('page.by_the_plan', write: $form->wanted->planned()->magnitude())" :unit="$unit" wide />
        <button class="button">{{ $form->replaces ? $say('square.reading.put_this_in_its_place') : $say('page.write_it_down') }}</button>
        @if ($form->replaces)<p class="hint">{{ $say('square.reading.the_earlier_reading_stays_in') }}</p>@endif
        <details class="change" @if (old('form') === 'offset' && $errors->hasAny(['line_post', 'tape'])) open @endif>
            <summary>{{ $say('square.reading.another_stake_or_another_tape') }}</summary>
            <div class="entry">
                <x-choice name="line_post" form="offset" :label="$say('page.stake')" :value="$form->wanted->stake->label"
                    :options="Choices::posts($plan->grid->posts)" />
                <x-choice name="tape" form="offset" :label="$say('page.tape')" :value="$form->tape->value"
                    :options="array_map(ucfirst(...), Choices::of(TapeClass::cases()))" />
                <x-field name="read_by" form="offset" :label="$say('page.read_by')" :hint="$say('page.if_not_you')" />
            </div>
        </details>
    </x-entry-form>
@elseif ($form->wanted !== null && ! $form->wanted->isTape())
    <x-entry-form kind="string_offset" name="string">
        @if ($form->replaces)<input type="hidden" name="replaces" value="{{ $form->replaces }}">@endif
        <x-field name="off" form="string" :label="$say('square.reading.off_the_string_by')"
            :hint="$say('page.by_the_plan', write: $form->wanted->planned()->magnitude())"
            :unit="$unit" wide />
        <x-choice wide name="toward" form="string" :label="$say('page.stands_toward_the')" :value="$form->standsToward()->value"
            :options="Choices::sides($plan->sides, among: $form->acrossTheString())" />
        <button class="button">{{ $form->replaces ? $say('square.reading.put_this_in_its_place') : $say('page.write_it_down') }}</button>
        @if ($form->replaces)<p class="hint">{{ $say('square.reading.the_earlier_reading_stays_in') }}</p>@endif
        <details class="change" @if (old('form') === 'string' && $errors->hasAny(['stake', 'from', 'to', 'run'])) open @endif>
            <summary>{{ $say('square.reading.another_stake_or_how_the') }}</summary>
            <div class="entry">
                <x-choice name="stake" form="string" :label="$say('page.stake')" :value="$form->wanted->stake->label"
                    :options="Choices::posts($plan->grid->posts)"
                    />
                <x-field name="run" form="string" :label="$say('square.reading.the_string_itself_ran_off')"
                    :hint="$form->stringRan() === null ? $say('square.reading.the_same_way_empty_on')
                        : $say('square.reading.the_same_way_empty_as_planned', ran: $form->stringRan())" :unit="$unit" />
                <x-choice name="from" form="string" :label="$say('square.reading.string_from')" :value="$form->wanted->ends()->from->label"
                    :options="Choices::posts($plan->grid->posts)" />
                <x-choice name="to" form="string" :label="$say('page.to_2')" :value="$form->wanted->ends()->to->label"
                    :options="Choices::posts($plan->grid->posts)"
                    />
                <x-field name="read_by" form="string" :label="$say('page.read_by')" :hint="$say('page.if_not_you')" />
            </div>
        </details>
    </x-entry-form>
@else
    <x-entry-form kind="tape" name="tape">
        @if ($form->replaces)<input type="hidden" name="replaces" value="{{ $form->replaces }}">@endif
        <x-field name="distance" form="tape" :label="$say('square.reading.the_tape_reads')" :unit="$unit" wide />
        <button class="button">{{ $form->replaces ? $say('square.reading.put_this_in_its_place') : $say('page.write_it_down') }}</button>
        @if ($form->replaces)<p class="hint">{{ $say('square.reading.the_earlier_reading_stays_in') }}</p>@endif
        <details class="change" @if (old('form') === 'tape' && $errors->hasAny(['from', 'to', 'rise', 'celsius', 'newtons'])) open @endif>
            <summary>{{ $say('square.reading.other_stakes_or_how_the') }}</summary>
            <div class="entry">
                <x-choice name="from" form="tape" :label="$say('page.from')" :value="$form->wanted?->ends()->from->label"
                    :options="Choices::posts($plan->grid->posts)" />
                <x-choice name="to" form="tape" :label="$say('page.to')" :value="$form->wanted?->ends()->to->label"
                    :options="Choices::posts($plan->grid->posts)" />
                <x-choice name="tape" form="tape" :label="$say('page.tape')" :value="$form->tape->value"
                    :options="array_map(ucfirst(...), Choices::of(TapeClass::cases()))" />
                <x-field name="tape_name" form="tape" :label="$say('square.reading.which_one')" :hint="$say('square.reading.where_several_are_used')"
                    :value="$form->tapeName" />
                <x-choice name="lay" form="tape" :label="$say('page.held')" value="level"
                    :options="['level' => $say('page.level'), 'along_ground' => $say('square.reading.along_the_ground')]" />
                <x-field name="rise" form="tape" :label="$say('square.reading.rise_between_the_ends')"
                    :hint="$say('square.reading.along_the_ground_empty_from')" :unit="$unit" />
                <x-field name="celsius" form="tape" :label="$say('page.temperature_c')" :hint="$say('square.reading.steel_is_true_at_20')"
                    inputmode="decimal" />
                <x-field name="newtons" form="tape" :label="$say('page.pull_n')" :hint="$say('square.reading.a_kilogram_is_about_10')"
                    inputmode="decimal" />
                <label class="tick"><input type="checkbox" name="hangs" value="1" @checked(old('form') === 'tape' && old('hangs'))>
                    {{ $say('square.reading.it_hung_free_over_its') }}</label>
                <x-field name="read_by" form="tape" :label="$say('page.read_by')" :hint="$say('page.if_not_you')" />
            </div>
        </details>
    </x-entry-form>
@endif
