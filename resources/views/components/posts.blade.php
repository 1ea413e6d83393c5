@props(['name' => 'post', 'label' => 'Post', 'posts', 'value' => '', 'form' => null, 'more' => []])
<x-choice :name="$name" :label="$label" :value="$value" :form="$form"
    :options="$more + collect($posts)->mapWithKeys(fn ($post) => [$post->label => $post->label])->all()" />
