@use('App\Type\Typeset')
<div class="field {{ $wide ? 'field-wide' : '' }} {{ $refusal ? 'is-refused' : '' }}">
    <label for="{{ $id }}">{{ $label }}</label>
    @if ($hint)<p class="hint" id="{{ $id }}-hint">{!! Typeset::sentence($hint) !!}</p>@endif
    @if ($refusal)<p class="refusal" id="{{ $id }}-refusal">{!! Typeset::sentence($refusal) !!}</p>@endif
    <select id="{{ $id }}" name="{{ $name }}" @if ($refusal) aria-invalid="true" aria-describedby="{{ $id }}-refusal" @elseif ($hint)
        aria-describedby="{{ $id }}-hint" @endif {{ $attributes }}>
        @foreach ($options as $key => $words)
            <option value="{{ $key }}" @selected($chosen === (string) $key)>{{ $words }}</option>
        @endforeach
    </select>
</div>
