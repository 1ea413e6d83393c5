<details class="change" id="entry" @if (old('form') === 'others') open @endif>
    <summary>{{ $say('days.others') }}</summary>
    <x-entry-form kind="awaited" name="others">
        <x-choice wide form="others" name="thing" :label="$say('days.others_thing')" value="" :options="$forms->things()" />
        <x-choice wide form="others" name="state" :label="$say('days.others_state')" value="booked" :options="$forms->states()" />
        <x-field form="others" name="day" type="date" :label="$say('days.others_day')" :value="$forms->today()" />
        <x-field form="others" name="time" :label="$say('days.others_time')" :hint="$say('days.others_time_why')" value="" />
        <x-field form="others" name="until" type="date" :label="$say('days.others_until')" value="" />
        <x-field wide form="others" name="says" :label="$say('days.others_says')" value="" />
        <button class="button">{{ $say('days.others_keep') }}</button>
    </x-entry-form>
</details>
<details class="change" @if (old('form') === 'worked') open @endif>
    <summary>{{ $say('days.worked') }}</summary>
    <x-entry-form kind="hours_worked" name="worked">
        <p class="hint field-wide">{{ $say('days.worked_why') }}</p>
        <x-choice wide form="worked" name="task" :label="$say('days.worked_task')" value="" :options="$forms->tasks()" />
        <x-field form="worked" name="day" type="date" :label="$say('days.others_day')" :value="$forms->today()" />
        <x-field form="worked" name="people" :label="$say('days.worked_people')" :value="$forms->hands->people" inputmode="numeric" />
        <x-field form="worked" name="hours" :label="$say('days.worked_hours')" value="" inputmode="decimal" />
        <x-field form="worked" name="amount" :label="$say('days.worked_amount')" :hint="$say('days.worked_amount_why')" value=""
            inputmode="decimal" />
        <button class="button">{{ $say('days.worked_keep') }}</button>
    </x-entry-form>
</details>
<details class="change" @if (old('form') === 'told') open @endif>
    <summary>{{ $say('days.told') }}</summary>
    <x-entry-form kind="weather_told" name="told">
        <p class="hint field-wide">{{ $say('days.told_why') }}</p>
        <x-field form="told" name="day" type="date" :label="$say('days.others_day')" :value="$forms->today()" />
        @foreach ($forms->toldFields() as [$name, $label])<x-field form="told" :name="$name" :label="$label" value="" />@endforeach
        <label class="tick field-wide"><input type="checkbox" name="thunder" value="1"> {{ $say('days.told_thunder') }}</label>
        <button class="button">{{ $say('days.told_keep') }}</button>
    </x-entry-form>
</details>
<details class="change" @if (old('form') === 'hands' || $errors->has('calendar')) open @endif>
    <summary>{{ $say('days.hands') }}</summary>
    <form method="post" action="{{ route('days.work', $job) }}" class="entry">
        @csrf <input type="hidden" name="form" value="hands"><input type="hidden" name="based_on"
            value="{{ old('based_on', $job->revision->number) }}">
        <x-field wide form="hands" name="people" :label="$say('days.people')" :value="$forms->hands->people" inputmode="numeric" />
        <x-field form="hands" name="from" :label="$say('days.from')" :value="$forms->begins" />
        <x-field form="hands" name="to" :label="$say('days.to')" :value="$forms->ends" />
        <fieldset class="field-wide"><legend>{{ $say('days.rest_days') }}</legend>
            @foreach ($forms->week() as [$day, $name, $isRest])<label class="tick"><input type="checkbox" name="rest_{{ $day }}" value="1"
                @checked($isRest)> {{ $name }}</label>@endforeach
            @error('rest_1')<p class="refusal">{{ $message }}</p>@enderror</fieldset>
        <details class="field-wide change" @if ($forms->hands->others !== []) open @endif><summary>{{ $say('days.others_on') }}</summary>
            <div class="entry">@foreach ($forms->others() as [$name, $label, $now])<x-field form="hands" :name="$name" :label="$label"
                :value="$now" inputmode="numeric" />@endforeach</div></details>
        <x-field wide form="hands" name="holidays" :label="$say('days.holidays')" :hint="$say('days.holidays_why')"
            :value="implode('; ', $forms->hands->calendar->holidays)" />
        <x-field form="hands" name="latitude" :label="$say('days.latitude')" :hint="$say('days.place_why')"
            :value="$forms->hands->place->latitude ?? ''" />
        <x-field form="hands" name="longitude" :label="$say('days.longitude')" :value="$forms->hands->place->longitude ?? ''" />
        <h2 class="field-wide">{{ $say('days.how_fast') }}</h2>
        @foreach ($forms->rates() as [$name, $label, $now])<x-field wide form="hands" :name="$name" :label="$label" :value="$now"
            inputmode="decimal" />@endforeach
        <h2 class="field-wide">{{ $say('days.limits') }}</h2>
        @foreach ($forms->limits() as [$name, $label, $now])<x-field form="hands" :name="$name" :label="$label" :value="$now" />@endforeach
        <button class="button">{{ $say('days.keep') }}</button>
    </form>
    <form method="post" action="{{ route('days.holidays', $job) }}" class="stack" enctype="multipart/form-data"
        hx-encoding="multipart/form-data">
        @csrf <input type="hidden" name="form" value="holidays"><input type="hidden" name="based_on"
            value="{{ old('based_on', $job->revision->number) }}">
        <x-file-field name="calendar" :label="$say('days.from_calendar')" accept=".ics,text/calendar" />
        <button class="button button-second">{{ $say('days.read_calendar') }}</button>
    </form>
</details>
<p><a class="jump" href="{{ route('practice', $job) }}">{{ $say('practice.title') }}</a></p>
