@use('Aequus\Words\Names')
@props(['site', 'about', 'post' => null, 'name' => 'decide'])
<details class="decide" id="fold-{{ $name }}" @if (old('form') === $name) open @endif>
    <summary>{{ Names::of($about) }}, with a reason</summary>
    <x-entry-form kind="decision" :name="$name">
        <input type="hidden" name="about" value="{{ $about->value }}">
        <input type="hidden" name="post" value="{{ $post?->label }}">
        <x-field name="reason" :form="$name" label="Why" hint="It stands in the record that is handed over." wide />
        <button class="button button-second">{{ Names::of($about) }}</button>
    </x-entry-form>
</details>
