<h2>{{ $say('set.forms.hole.the_hole_of', label: $post->label) }}</h2>
<x-entry-form kind="hole" name="hole">
    <input type="hidden" name="post" value="{{ $post->label }}">
    @include('footing.hole-fields', ['label' => $say('footing.hole_fields.depth_to_the_clean_bottom')])
</x-entry-form>
