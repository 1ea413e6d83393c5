<h2>{{ $say('set.forms.twist.twist_of', label: $post->label) }}</h2>
<x-entry-form kind="twist" name="twist">
    <input type="hidden" name="post" value="{{ $post->label }}">
    <x-field name="twist" form="twist" :label="$say('set.forms.twist.face_off_the_string_by')" :hint="$say('set.forms.twist.between_its_two_edges')"
        :unit="$unit" />
    <x-field name="over" form="twist" :label="$say('page.over_a_length_of')" :value="$plan->write($plan->post->thicker())" :unit="$unit" />
    <x-radios name="turned" form="twist" :label="$say('set.forms.twist.from_above_turned')" value="with"
        :options="['with' => $say('page.with_the_clock'), 'against' => $say('page.against_the_clock')]" />
    <button class="button button-second">{{ $say('page.write_it_down') }}</button>
</x-entry-form>
