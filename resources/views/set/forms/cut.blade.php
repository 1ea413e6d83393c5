<x-entry-form kind="post_cut" name="cut">
    <input type="hidden" name="post" value="{{ $post->label }}">
    <button class="button button-yard">{{ $say('page.is_cut_and_sealed', label: $post->label) }}</button>
</x-entry-form>
