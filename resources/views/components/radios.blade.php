@use('App\Type\Typeset')
<fieldset class="field radios {{ $refusal ? 'is-refused' : '' }}">
    <legend>{{ $label }}</legend>
    @if ($refusal)<p class="refusal">{!! Typeset::sentence($refusal) !!}</p>@endif
    <div class="keys">
        @foreach ($options as $key => $words)
            <label class="key"><input type="radio" name="{{ $name }}" value="{{ $key }}"
                @checked($chosen === (string) $key)><span>{{ $words }}</span></label>
        @endforeach
    </div>
</fieldset>
