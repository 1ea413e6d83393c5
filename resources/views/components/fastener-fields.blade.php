@props(['kind', 'now', 'page', 'plan', 'unit'])
<x-choice form="fixings" :name="$kind.'_fastener'" :label="$say('frame.fastener')" :value="$now->kind->value ?? ''"
    :options="$page->fasteners()" />
@foreach (['long' => $now?->length, 'end' => $now?->fromEnd, 'edge' => $now?->fromEdge] as $field => $length)
    <x-field form="fixings" :name="$kind.'_'.$field" :label="$say('frame.fastener_'.$field)" :value="$length ? $plan->write($length) : ''"
        :unit="$unit" />
@endforeach
<label class="tick field-wide"><input type="checkbox" name="{{ $kind }}_drilled" value="1" @checked($now?->isDrilled)>
    {{ $say('frame.fastener_drilled') }}</label>
