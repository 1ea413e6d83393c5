@use('Aequus\Plan\Posts\PostFeature')
@use('App\View\Choices')
@props(['name', 'label', 'site', 'form', 'value' => '', 'part' => 'ground', 'named' => ''])
<x-posts :name="$name" :form="$form" :label="$label" :posts="$site->plan->grid->posts" :value="$value"
    :more="$site->benchmarkChoice()" />
<x-choice :name="$name.'_part'" :form="$form" label="On its" :value="$part" :options="Choices::of(PostFeature::cases())" />
<x-field :name="$name.'_name'" :form="$form" label="Or on another point" hint="Its name, such as T1 or the step." :value="$named" />
