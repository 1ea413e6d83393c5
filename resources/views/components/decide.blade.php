@props(['site', 'about', 'post' => null])
<details class="decide" @if (old('form') === 'decide') open @endif>
    <summary>{{ $about->inWords() }}, with a reason</summary>
    <x-entry-form :action="route('logbook.decision', $site->job)" name="decide">
        <input type="hidden" name="about" value="{{ $about->value }}">
        <input type="hidden" name="post" value="{{ $post?->label }}">
        <x-field name="reason" form="decide" label="Why" hint="It stands in the record that is handed over." wide />
        <button class="button button-second">{{ $about->inWords() }}</button>
    </x-entry-form>
</details>
