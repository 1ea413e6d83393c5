@use('App\View\Typeset')
@props(['name', 'label', 'options', 'value' => '', 'hint' => null, 'id' => null, 'form' => null, 'wide' => false])
@php
    $id ??= ($form ?? 'f').'-'.$name;
    $mine = $form === null || old('form', $form) === $form;
    $chosen = $mine ? old($name, $value) : $value;
    $refusal = $mine ? $errors->first($name) : '';
@endphp
<div class="field {{ $wide ? 'field-wide' : '' }} {{ $refusal ? 'is-refused' : '' }}">
    <label for="{{ $id }}">{{ $label }}</label>
    @if ($hint)<p class="hint" id="{{ $id }}-hint">{!! Typeset::sentence($hint) !!}</p>@endif
    @if ($refusal)<p class="refusal" id="{{ $id }}-refusal">{!! Typeset::sentence($refusal) !!}</p>@endif
    <select id="{{ $id }}" name="{{ $name }}" @if ($refusal) aria-invalid="true" aria-describedby="{{ $id }}-refusal" @elseif ($hint)
        aria-describedby="{{ $id }}-hint" @endif {{ $attributes }}>
        @foreach ($options as $key => $words)
            <option value="{{ $key }}" @selected((string) $chosen === (string) $key)>{{ $words }}</option>
        @endforeach
    </select>
</div>
