<h2>The hole of {{ $label }}</h2>
<x-entry-form kind="hole" name="hole">
    <input type="hidden" name="post" value="{{ $label }}">
    @include('footing.hole-fields', ['label' => 'Depth to the clean bottom'])
</x-entry-form>
