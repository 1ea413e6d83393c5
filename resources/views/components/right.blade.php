@props(['form', 'said' => false])
@if (session('asks_right') === $form || (old('form') === $form && old('right')))
    @unless ($said)<p class="refusal field-wide" role="alert">{{ $say('components.right.an_unusual_figure_is_named') }}</p>@endunless
        <label class="tick tick-sure"><input type="checkbox"
    name="right" value="1" @checked(old('right'))> {{ $say('page.right_as_typed') }}</label>@endif
