@use('Aequus\Plan\Posts\PostFeature')
@use('App\View\Choices')
@props(['name', 'label', 'site', 'form', 'value' => '', 'part' => 'ground', 'named' => ''])
@php
    $benchmark = $site->state->level->benchmark?->name;
    $parts = Choices::of(PostFeature::cases());
@endphp
<x-posts :name="$name" :form="$form" :label="$label" :posts="$site->plan->grid->posts" :value="$value"
    :more="$benchmark === null ? [] : ['Benchmark' => 'the benchmark: '.$benchmark]" />
<x-choice :name="$name.'_part'" :form="$form" label="On its" :value="$part" :options="$parts" />
<x-field :name="$name.'_name'" :form="$form" label="Or on another point" hint="Its name, such as T1 or the step." :value="$named" />
