@use('Aequus\Plan\Posts\PostFeature')
@use('App\View\Choices')
@props(['name', 'label', 'site', 'form', 'value' => '', 'part' => 'ground', 'named' => ''])
<x-posts :name="$name" :form="$form" :label="$label" :posts="$site->plan->grid->posts" :value="$value"
    :more="$site->benchmarkChoice()" />
<x-choice :name="$name.'_part'" :form="$form" :label="$say('components.level_point.on_its')" :value="$part"
    :options="Choices::of(PostFeature::cases())" />
<x-field :name="$name.'_name'" :form="$form" :label="$say('page.or_on_another_point')"
    :hint="$say('components.level_point.its_name_such_as_t1')" :value="$named" />
