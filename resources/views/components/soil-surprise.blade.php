@use('Aequus\Logbook\Book\DecisionAbout')
@use('Aequus\Measure\LoadNotation')
@use('Aequus\Words\Names')
@use('App\Footing\HoldForm')
@props(['site', 'surprise'])
<section class="options">
    <h2>{{ $surprise->post()->label }}: {{ Names::of($surprise->found) }} instead of {{ Names::of($surprise->assumed) }}</h2>
    <p>It is presumed to carry {{ (new LoadNotation($site->plan->notation->unit))->pressure($surprise->found->bearing()) }} instead of
        {{ (new LoadNotation($site->plan->notation->unit))->pressure($surprise->assumed->bearing()) }}.@if ($surprise->better)
            {{ ucfirst(Names::of($surprise->better)) }} ranks first for
        it.@endif Neighbours may stand on the same.</p>
    <p><a href="{{ route('footing.hold', ['job' => $site->job]
        + HoldForm::address($site->plan->holding->site->onSoil($surprise->found))) }}#decide">Weigh the ways to hold on it</a> · <a
            href="{{ route('footing.width', ['job' => $site->job, 'soil' => $surprise->found->value]) }}">Weigh the width on it</a></p>
    <x-decide :site="$site" :about="DecisionAbout::KeepHolding" :post="$surprise->post()" :name="'keep-'.$surprise->post()->label" />
</section>
