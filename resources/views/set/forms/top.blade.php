<h2>{{ $say('set.forms.top.the_top_of', label: $post->label) }}</h2>
<x-entry-form kind="top" name="top">
    <input type="hidden" name="post" value="{{ $post->label }}">
    <x-field name="above" form="top" :label="$say('page.its_top_now_above_the')" :unit="$unit" wide />
    <button class="button button-yard">{{ $say('page.write_it_down') }}</button>
</x-entry-form>
