@props(['form'])
@if (session('asks_right') === $form || (old('form') === $form && old('right')))
    <p class="refusal field-wide" role="alert">An unusual figure is named at its field.</p><label class="tick tick-sure"><input type="checkbox"
    name="right" value="1" @checked(old('right'))> Right as typed</label>@endif
