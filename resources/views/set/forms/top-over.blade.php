<h2>{{ $say('set.forms.top_over.top_of', label: $post->label) }}</h2>
<x-entry-form kind="top_over" name="top_over">
    <input type="hidden" name="post" value="{{ $post->label }}"><input type="hidden" name="line" value="{{ $page->byRule()?->edge->id }}">
    <x-field name="top_over" form="top_over" :label="$say('set.forms.top_over.over', line: $page->byRule()?->edge->name)"
        :hint="$say('set.forms.top_over.how')" :unit="$unit" />
    <button class="button button-second">{{ $say('page.write_it_down') }}</button>
</x-entry-form>
