<x-layout :title="$say('footing.frost.frost')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="footing.frost" />
    <div class="two">
        <section class="paper">
            <h1>{{ $say('footing.frost.the_local_office_decides_how') }}</h1>
            <p class="verdict-why">@if ($plan->footing){{ $say('footing.frost.this_job_counts_with', frost: $plan->footing->frost) }}@else
                {{ $say('footing.frost.no_frost_depth_is_in') }}@endif {{ $say('footing.frost.nothing_on_this_page_changes') }}</p>
            @if ($form->atDesk)<p class="answer">{{ $say('footing.frost.the_place_and_the_figure', place: $form->place,
                at_desk: $form->atDesk->frost) }}</p>
                <ul class="rows">@foreach ($form->asked() as $asked)<li>{{ $asked }}</li>@endforeach</ul>@endif
            @if ($form->estimate)<p class="answer">{{ $say('footing.frost.estimated_for_bare_ground_without', estimate: $form->estimate) }}</p>@endif
            <details class="why"><summary>{{ $say('page.why_2') }}</summary><p>{{ $say('footing.frost.the_modified_stefan_equation_2') }}</p>
                </details>
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <form method="get" action="{{ route('footing.frost', $job) }}" class="entry">
                <h2 class="field-wide">{{ $say('footing.frost.a_look_up_desk') }} <span
                    class="h-note">{{ $say('footing.frost.made_up_to_try_it') }}</span></h2>
                <x-choice wide form="sum" name="place" :label="$say('page.place')" :value="$form->place"
                    :options="$form->places" />
                <h2 class="field-wide">{{ $say('footing.frost.an_estimate') }}</h2>
                <x-sum-field :f="$form->sums->field('index', $say('footing.frost.freezing_index_c_days'), $say('footing.frost.of_a_cold_winter'))" />
                <x-sum-field :f="$form->sums->field('density', $say('footing.frost.dry_soil_kg_m'), $say('footing.frost.empty_1600'))" />
                <x-sum-field :f="$form->sums->field('moisture', $say('footing.frost.water_of_dry_soil'), $say('footing.frost.empty_15'))" />
                <button class="button button-second">{{ $say('footing.frost.look') }}</button>
            </form>
        </div>
    </div>
</x-layout>
