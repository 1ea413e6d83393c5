@use('App\View\Choices')
@props(['name' => 'post', 'label' => 'Post', 'posts', 'value' => '', 'form' => null, 'more' => []])
<x-choice :name="$name" :label="$label" :value="$value" :form="$form"
    :options="$more + Choices::posts($posts)" />
