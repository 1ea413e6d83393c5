@use('Aequus\Measure\TapeClass')
@use('App\View\Choices')
@if ($form->wanted !== null && $form->wanted->line !== null)
    <x-entry-form kind="line_offset" name="offset">
        @if ($form->replaces)<input type="hidden" name="replaces" value="{{ $form->replaces }}">@endif
        <input type="hidden" name="line" value="{{ $form->wanted->line->id }}">
        <x-field name="line_off" form="offset" :label="'Off '.$form->wanted->line->name.' by'"
            :hint="'By the plan '.$plan->write($form->wanted->planned()->magnitude())" :unit="$unit" wide />
        <button class="button">{{ $form->replaces ? 'Put this in its place' : 'Write it down' }}</button>
        @if ($form->replaces)<p class="hint">The earlier reading stays in the book, corrected by this one.</p>@endif
        <details class="change" @if (old('form') === 'offset' && $errors->hasAny(['line_post', 'tape'])) open @endif>
            <summary>Another stake, or another tape</summary>
            <div class="entry">
                <x-choice name="line_post" form="offset" label="Stake" :value="$form->wanted->stake->label"
                    :options="Choices::posts($plan->grid->posts)" />
                <x-choice name="tape" form="offset" label="Tape" :value="$form->tape->value"
                    :options="array_map(ucfirst(...), Choices::of(TapeClass::cases()))" />
                <x-field name="read_by" form="offset" label="Read by" hint="If not you." />
            </div>
        </details>
    </x-entry-form>
@elseif ($form->wanted !== null && ! $form->wanted->isTape())
    <x-entry-form kind="string_offset" name="string">
        @if ($form->replaces)<input type="hidden" name="replaces" value="{{ $form->replaces }}">@endif
        <x-field name="off" form="string" label="Off the string by" :hint="'By the plan '.$plan->write($form->wanted->planned()->magnitude())"
            :unit="$unit"
            />
        <x-choice name="toward" form="string" label="Stands toward the" :value="$form->acrossTheString()[0]->value"
            :options="Choices::sides($plan->sides, among: $form->acrossTheString())" />
        <button class="button">{{ $form->replaces ? 'Put this in its place' : 'Write it down' }}</button>
        @if ($form->replaces)<p class="hint">The earlier reading stays in the book, corrected by this one.</p>@endif
        <details class="change" @if (old('form') === 'string' && $errors->hasAny(['stake', 'from', 'to', 'run'])) open @endif>
            <summary>Another stake, or how the string ran</summary>
            <div class="entry">
                <x-choice name="stake" form="string" label="Stake" :value="$form->wanted->stake->label" :options="Choices::posts($plan->grid->posts)"
                    />
                <x-field name="run" form="string" label="The string itself ran off by" hint="The same way; empty: on the centres." :unit="$unit" />
                <x-choice name="from" form="string" label="String from" :value="$form->wanted->ends()->from->label"
                    :options="Choices::posts($plan->grid->posts)" />
                <x-choice name="to" form="string" label="to" :value="$form->wanted->ends()->to->label" :options="Choices::posts($plan->grid->posts)"
                    />
                <x-field name="read_by" form="string" label="Read by" hint="If not you." />
            </div>
        </details>
    </x-entry-form>
@else
    <x-entry-form kind="tape" name="tape">
        @if ($form->replaces)<input type="hidden" name="replaces" value="{{ $form->replaces }}">@endif
        <x-field name="distance" form="tape" label="The tape reads" :unit="$unit" wide />
        <button class="button">{{ $form->replaces ? 'Put this in its place' : 'Write it down' }}</button>
        @if (config('aequus.mode') === 'demo')<button class="button button-second" formaction="{{ route('square.simulated', $job) }}">Let the demo
            tape read it</button>@endif
        @if ($form->replaces)<p class="hint">The earlier reading stays in the book, corrected by this one.</p>@endif
        <details class="change" @if (old('form') === 'tape' && $errors->hasAny(['from', 'to', 'rise', 'celsius', 'newtons'])) open @endif>
            <summary>Other stakes, or how the tape was held</summary>
            <div class="entry">
                <x-choice name="from" form="tape" label="From" :value="$form->wanted?->ends()->from->label"
                    :options="Choices::posts($plan->grid->posts)" />
                <x-choice name="to" form="tape" label="To" :value="$form->wanted?->ends()->to->label" :options="Choices::posts($plan->grid->posts)" />
                <x-choice name="tape" form="tape" label="Tape" :value="$form->tape->value"
                    :options="array_map(ucfirst(...), Choices::of(TapeClass::cases()))" />
                <x-field name="tape_name" form="tape" label="Which one" hint="Where several are used." :value="$form->tapeName" />
                <x-choice name="lay" form="tape" label="Held" value="level" :options="['level' => 'level', 'along_ground' => 'along the ground']" />
                <x-field name="rise" form="tape" label="Rise between the ends" hint="Along the ground; empty: from the levels." :unit="$unit" />
                <x-field name="celsius" form="tape" label="Temperature, °C" hint="Steel is true at 20." inputmode="decimal" />
                <x-field name="newtons" form="tape" label="Pull, N" hint="A kilogram is about 10." inputmode="decimal" />
                <label class="tick"><input type="checkbox" name="hangs" value="1" @checked(old('form') === 'tape' && old('hangs'))> It hung free over
                    its whole length</label>
                <x-field name="read_by" form="tape" label="Read by" hint="If not you." />
            </div>
        </details>
    </x-entry-form>
@endif
