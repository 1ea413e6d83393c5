<x-entry-form kind="post_set" name="standing">
    <input type="hidden" name="post" value="{{ $post->label }}">@if ($page->walk)<input type="hidden" name="walk"
        value="{{ $page->walk->what }}">@endif
    <button class="button button-yard">{{ $say('set.forms.standing.stands_braced_two_ways', label: $post->label) }}</button>
</x-entry-form>
