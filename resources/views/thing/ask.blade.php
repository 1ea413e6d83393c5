@use('Aequus\Measure\Unit')
@use('Aequus\Words\Names')
<x-layout :title="Names::of($kind)">
    <form method="post" action="{{ route('thing.store', $kind) }}" class="planning" hx-boost="false">
        @csrf
        <input type="hidden" name="form" value="thing"><input type="hidden" name="zone" data-zone value="{{ old('zone') }}"><input type="hidden"
            name="notation" value="{{ $notation->code() }}">
        <div class="planning-fields">
            <p><a href="{{ route('thing.choose', ['in' => $unit->value]) }}">{{ $say('thing.ask.another_thing') }}</a></p>
            <h1>{{ Names::of($kind) }}</h1>
            <p>{{ $sentence }}</p>
            @if ($errors->has('thing'))<p class="refusal" role="alert">{{ $errors->first('thing') }}</p>@endif
            <x-right form="thing" :said="$errors->has('thing')" />
            <div class="group asks"><x-field name="name" form="thing" :label="$say('page.name')" wide />
                @include('thing.fields', ['fields' => $form->asked, 'form' => 'thing'])</div>
            <details class="change" @if ($errors->hasAny(array_column($form->folded, 'name'))) open @endif>
                <summary>{{ $say('thing.ask.more_with_usual') }}</summary>
                <div class="group asks"><x-field name="place" form="thing" :label="$say('thing.ask.place_or_owner')" wide />
                    @include('thing.fields', ['fields' => $form->folded, 'form' => 'thing'])</div>
            </details>
            <p><button class="button">{{ $say('thing.ask.make_this_plan') }}</button></p>
        </div>
        <div class="planning-drawing" role="region" tabindex="0" aria-label="{{ $say('page.drawing_and_marks') }}">
            <div id="preview" hx-post="{{ route('thing.preview', $kind) }}"
                hx-trigger="{{ $errors->any() ? 'load, ' : '' }}input from:closest form delay:300ms"
                hx-include="closest form" hx-target="this" hx-select="unset" hx-swap="innerHTML" hx-push-url="false" aria-live="polite">
                @include('thing.preview', ['drawing' => $drawing, 'figures' => $figures, 'refusals' => [], 'notation' => $notation])
            </div>
            <h2>{{ $say('thing.ask.why_this_kind') }}</h2>
            <p>{{ $why }}</p>
        </div>
    </form>
</x-layout>
