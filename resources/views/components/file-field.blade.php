@props(['name', 'label', 'accept', 'hint' => ''])
<div class="field field-wide @error($name) is-refused @enderror"><label for="{{ $name }}-file">{{ $label }}</label>
    @error($name)<p class="refusal" id="{{ $name }}-file-refusal">{{ $message }}</p>@enderror
    <input id="{{ $name }}-file" type="file" name="{{ $name }}" accept="{{ $accept }}" @error($name) aria-invalid="true"
        aria-describedby="{{ $name }}-file-refusal" @enderror>@if ($hint !== '')<p class="hint">{{ $hint }}</p>@endif</div>
