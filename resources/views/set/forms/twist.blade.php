<h2>Twist of {{ $post->label }}</h2>
<x-entry-form kind="twist" name="twist">
    <input type="hidden" name="post" value="{{ $post->label }}">
    <x-field name="twist" form="twist" label="Face off the string by" hint="Between its two edges." :unit="$unit" />
    <x-field name="over" form="twist" label="Over a length of" :value="$plan->write($plan->post->thicker())" :unit="$unit" />
    <x-radios name="turned" form="twist" label="From above turned" value="with"
        :options="['with' => 'with the clock', 'against' => 'against the clock']" />
    <button class="button button-second">Write it down</button>
</x-entry-form>
