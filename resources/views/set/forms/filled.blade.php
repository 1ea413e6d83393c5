@use('Aequus\Measure\Temperature')
<h2>The fill of {{ $post->label }}</h2>
<x-entry-form kind="filled" name="filled">
    <input type="hidden" name="post" value="{{ $post->label }}">@if ($page->walk)<input type="hidden" name="walk"
        value="{{ $page->walk->what }}">@endif
    @if (! $state->filling($post)->isDone())
        <x-field name="bags" form="filled" label="Bags" hint="That went in; may stay empty." inputmode="numeric" />
        <x-field name="celsius" form="filled" :label="'Temperature, '.Temperature::sign($unit)"
            :hint="'May stay empty: counted as '.Temperature::celsius(20)->write($unit).'.'" inputmode="decimal" />
        @unless ($state->filling($post)->isBegun())<button class="button button-second" name="step" value="started">Filling begins</button>@endunless
        <button class="button button-yard" name="step" value="done">{{ $post->label }} is filled</button>
    @else
        <button class="button button-second" name="step" value="still_wet">Its surface is still wet</button>
        @unless ($state->filling($post)->isStripped())<button class="button" name="step" value="stripped">Hard: braces are off</button>@endunless
    @endif
</x-entry-form>
