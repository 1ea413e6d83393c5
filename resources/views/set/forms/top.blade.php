<h2>The top of {{ $post->label }}</h2>
<x-entry-form kind="top" name="top">
    <input type="hidden" name="post" value="{{ $post->label }}">
    <x-field name="above" form="top" label="Its top now, above the datum line" :unit="$unit" wide />
    <button class="button button-yard">Write it down</button>
</x-entry-form>
