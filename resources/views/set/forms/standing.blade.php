<x-entry-form kind="post_set" name="standing">
    <input type="hidden" name="post" value="{{ $post->label }}">@if ($page->walk)<input type="hidden" name="walk"
        value="{{ $page->walk->what }}">@endif
    <button class="button button-yard">{{ $post->label }} stands, braced two ways</button>
</x-entry-form>
