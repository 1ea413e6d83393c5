<x-entry-form kind="post_set" name="standing">
    <input type="hidden" name="post" value="{{ $label }}">@if ($walk)<input type="hidden" name="walk" value="{{ $walk->what }}">@endif
    <button class="button button-yard">{{ $label }} stands, braced two ways</button>
</x-entry-form>
