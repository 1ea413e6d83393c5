@props(['fields', 'form'])
@foreach ($fields as $field)
    @if ($field->options)
        <x-choice :name="$field->name" :form="$form" :label="$field->label" :hint="$field->why" :value="$field->value"
            :options="$field->options" />
    @else
        <x-field :name="$field->name" :form="$form" :label="$field->label" :hint="$field->why" :value="$field->value"
            :unit="$field->unit" :wide="$field->isWide" />
    @endif
@endforeach
