@use('App\View\Typeset')
@props(['name', 'label', 'options', 'value' => '', 'form' => null])
@php
    $mine = $form === null || old('form', $form) === $form;
    $chosen = $mine ? old($name, $value) : $value;
    $refusal = $mine ? $errors->first($name) : '';
@endphp
<fieldset class="field radios {{ $refusal ? 'is-refused' : '' }}">
    <legend>{{ $label }}</legend>
    @if ($refusal)<p class="refusal">{!! Typeset::sentence($refusal) !!}</p>@endif
    <div class="keys">
        @foreach ($options as $key => $words)
            <label class="key"><input type="radio" name="{{ $name }}" value="{{ $key }}"
                @checked((string) $chosen === (string) $key)><span>{{ $words }}</span></label>
        @endforeach
    </div>
</fieldset>
