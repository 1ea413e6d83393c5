<x-entry-form kind="post_cut" name="cut">
    <input type="hidden" name="post" value="{{ $label }}">
    <button class="button button-yard">{{ $label }} is cut and sealed</button>
</x-entry-form>
