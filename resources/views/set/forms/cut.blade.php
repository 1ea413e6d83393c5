<x-entry-form kind="post_cut" name="cut">
    <input type="hidden" name="post" value="{{ $post->label }}">
    <button class="button button-yard">{{ $post->label }} is cut and sealed</button>
</x-entry-form>
