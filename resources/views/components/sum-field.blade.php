@use('Aequus\Measure\UnitSystem')
@use('App\Type\Typeset')
@props(['f', 'unit' => null, 'keys' => null, 'wide' => false])
<div class="field {{ $wide ? 'field-wide' : '' }} {{ $f['refusal'] ? 'is-refused' : '' }}">
    <label for="sum-{{ $f['name'] }}">{{ $f['label'] }}</label>
    @if ($f['hint'])<p class="hint" id="sum-{{ $f['name'] }}-hint">{{ $f['hint'] }}</p>@endif
    @if ($f['refusal'])<p class="refusal" id="sum-{{ $f['name'] }}-refusal">{!! Typeset::sentence($f['refusal']) !!}</p>@endif
    <input id="sum-{{ $f['name'] }}" name="{{ $f['name'] }}" value="{{ $f['typed'] }}" autocomplete="off"
        inputmode="{{ $keys ?? ($unit === null ? 'decimal' : $unit->system()->keys) }}" @if ($f['refusal']) aria-invalid="true"
        aria-describedby="sum-{{ $f['name'] }}-refusal" @elseif ($f['hint']) aria-describedby="sum-{{ $f['name'] }}-hint" @endif>
</div>
