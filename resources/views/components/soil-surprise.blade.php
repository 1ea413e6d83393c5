@use('Aequus\Logbook\Book\DecisionAbout')
@use('Aequus\Measure\LoadNotation')
@use('Aequus\Words\Names')
@use('App\Footing\HoldForm')
@props(['site', 'surprise'])
<section class="options">
    <h2>{{ $say('components.soil_surprise.instead_of', label: $surprise->post()->label, what: Names::of($surprise->found),
        what_b: Names::of($surprise->assumed)) }}</h2>
    <p>{{ $say('components.soil_surprise.it_is_presumed_to_carry',
        pressure: (new LoadNotation($site->plan->notation->unit))->pressure($surprise->found->bearing()),
            pressure_b: (new LoadNotation($site->plan->notation->unit))->pressure($surprise->assumed->bearing())) }}@if ($surprise->better)
            {{ $say('components.soil_surprise.ranks_first_for_it', part: ucfirst(Names::of($surprise->better))) }}@endif
                {{ $say('components.soil_surprise.neighbours_may_stand_on_the') }}</p>
    <p><a href="{{ route('footing.hold', ['job' => $site->job]
        + HoldForm::address($site->plan->holding->site->onSoil($surprise->found))) }}#decide">{{
            $say('components.soil_surprise.weigh_the_ways_to_hold') }}</a> · <a
            href="{{ route('footing.width', ['job' => $site->job, 'soil' => $surprise->found->value]) }}">{{
                $say('components.soil_surprise.weigh_the_width_on_it') }}</a></p>
    <x-decide :site="$site" :about="DecisionAbout::KeepHolding" :post="$surprise->post()"
        :name="'keep-'.$surprise->post()->label" />
</section>
