@use('Aequus\Words\Names')
@props(['site', 'about', 'post' => null, 'thing' => null, 'name' => 'decide'])
<details class="decide" id="fold-{{ $name }}" @if (old('form') === $name) open @endif>
    <summary>{{ $say('components.decide.with_a_reason', what: Names::of($about)) }}</summary>
    <x-entry-form kind="decision" :name="$name">
        <input type="hidden" name="about" value="{{ $about->value }}">
        <input type="hidden" name="post" value="{{ $post?->label }}">
        @if ($thing)<input type="hidden" name="thing" value="{{ $thing }}">@endif
        <x-field name="reason" :form="$name" :label="$say('page.why')" :hint="$say('page.it_stands_in_the_record')" wide />
        <button class="button button-second">{{ Names::of($about) }}</button>
    </x-entry-form>
</details>
