<h2>{{ $say('set.forms.line.line_on', label: $post->label) }}</h2>
<x-entry-form kind="embedment_line" name="line">
    <input type="hidden" name="post" value="{{ $post->label }}">
    <x-field name="line_up" form="line" :label="$say('set.forms.line.up')" :hint="$say('set.forms.line.drawn')" :value="$page->lineUp()"
        :unit="$unit" />
    <x-field name="line_off_ground" form="line" :label="$say('set.forms.line.off')" :hint="$say('set.forms.line.empty')" :unit="$unit" />
    <x-radios name="line_is" form="line" :label="$say('set.forms.line.is')" value="above"
        :options="['above' => $say('set.forms.line.above'), 'below' => $say('set.forms.line.below')]" />
    <button class="button button-second">{{ $say('page.write_it_down') }}</button>
</x-entry-form>
