@use('App\Footing\CodeDesk')
<x-layout title="Frost" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="footing.frost" />
    <div class="two">
        <section class="paper">
            <h1>The local office decides how deep frost goes</h1>
            <p class="verdict-why">@if ($plan->footing)This job counts with <x-length :of="$plan->footing->frost" :plan="$plan"
                />.@else No frost depth is in force yet.@endif Nothing on this page changes it: type what your office says into the rules of
                depth.</p>
            @if ($form->atDesk)<p class="answer">{{ $form->place }}: <x-length :of="$form->atDesk" :plan="$plan" />. The place and the figure are made
                up.</p>@endif
            @if ($form->estimate)<p class="answer">Estimated: <x-length :of="$form->estimate" :plan="$plan" />, for bare ground without snow. An
                estimate never stands in for the office’s figure.</p>@endif
            <details class="why"><summary>Why?</summary><p>The modified Stefan equation: √(2 · k · n · I · 86 400 / L), with the freezing index I of a
                cold winter in °C·days, k = 1.9 W/mK for frozen soil, n = 0.9 from air to ground, and L = 334 000 J/kg × dry density × water content.
                Snow and grass keep frost up; a swept yard lets it down.</p></details>
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <form method="get" action="{{ route('footing.frost', $job) }}" class="entry">
                <h2 class="field-wide">A look-up desk <span class="h-note">made up, to try it</span></h2>
                <x-choice wide form="sum" name="place" label="Place" :value="$form->place"
                    :options="['' => 'none'] + collect(CodeDesk::places())->map(fn ($depth, $place) => $place.' (made up)')->all()" />
                <h2 class="field-wide">An estimate</h2>
                <x-sum-field :f="$form->sums->field('index', 'Freezing index, °C·days', 'Of a cold winter.')" />
                <x-sum-field :f="$form->sums->field('density', 'Dry soil, kg/m³', 'Empty: 1600.')" />
                <x-sum-field :f="$form->sums->field('moisture', 'Water, % of dry soil', 'Empty: 15.')" />
                <button class="button button-second">Look</button>
            </form>
        </div>
    </div>
</x-layout>
