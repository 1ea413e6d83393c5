@use('Aequus\Measure\UnitSystem')
@use('App\Type\Typeset')
<div class="field {{ $wide ? 'field-wide' : '' }} {{ $refusal ? 'is-refused' : '' }}">
    <label for="{{ $id }}">{{ $label }}</label>
    @if ($hint)<p class="hint" id="{{ $id }}-hint">{!! Typeset::sentence($hint) !!}</p>@endif
    @if ($refusal)<p class="refusal" id="{{ $id }}-refusal">{!! Typeset::sentence($refusal) !!}</p>@endif
    <input id="{{ $id }}" name="{{ $name }}" type="{{ $type }}" value="{{ $typed }}" autocomplete="{{ $autocomplete }}"
        @if ($described) aria-describedby="{{ $described }}" @endif @if ($refusal) aria-invalid="true" @endif @if ($required) required @endif
        @if ($unit)
            inputmode="{{ $unit->system()->keys }}" data-keypad="{{ $unit->system()->isDivided ? 'fractions' : 'decimals' }}" spellcheck="false"
            hx-get="{{ route('echo', ['unit' => $unit->value]) }}" hx-trigger="input changed delay:200ms" hx-target="#{{ $id }}-echo"
                hx-select="unset" hx-swap="innerHTML" hx-push-url="false"
        @endif {{ $attributes }}>
    @if ($unit)<p class="echo" id="{{ $id }}-echo" aria-live="polite"></p>@endif
</div>
