@use('Aequus\Measure\Temperature')
<h2>{{ $say('set.forms.filled.the_fill_of', label: $post->label) }}</h2>
<x-entry-form kind="filled" name="filled">
    <input type="hidden" name="post" value="{{ $post->label }}">@if ($page->walk)<input type="hidden" name="walk"
        value="{{ $page->walk->what }}">@endif
    @if (! $state->filling($post)->isDone())
        <x-field name="bags" form="filled" :label="$say('set.forms.filled.bags')" :hint="$say('set.forms.filled.that_went_in_may_stay')"
            inputmode="numeric" />
        <x-field name="celsius" form="filled" :label="$say('set.forms.filled.temperature', sign: Temperature::sign($unit))"
            :hint="$say('set.forms.filled.may_stay_empty_counted_as', write: Temperature::celsius(20)->write($unit))" inputmode="decimal" />
        @unless ($state->filling($post)->isBegun())<button class="button button-second" name="step"
            value="started">{{ $say('set.forms.filled.filling_begins') }}</button>@endunless
        <button class="button button-yard" name="step" value="done">{{ $say('set.forms.filled.is_filled', label: $post->label) }}</button>
    @else
        <button class="button button-second" name="step" value="still_wet">{{ $say('set.forms.filled.its_surface_is_still_wet') }}</button>
    @endif
    @if ($page->isFilled() && ! $state->filling($post)->isStripped())<button class="button" name="step"
        value="stripped">{{ $say('set.forms.filled.hard_braces_are_off') }}</button>@endif
</x-entry-form>
