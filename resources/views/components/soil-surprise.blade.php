@use('Aequus\Logbook\Book\DecisionAbout')
@use('Aequus\Measure\LoadNotation')
@use('Aequus\Words\Names')
@use('App\Footing\HoldForm')
@props(['site', 'surprise'])
@php($post = $surprise->hole->required->post) @php($in = new LoadNotation($site->plan->notation->unit))
<section class="options">
    <h2>{{ $post->label }}: {{ Names::of($surprise->found) }} instead of {{ Names::of($surprise->assumed) }}</h2>
    <p>It is presumed to carry {{ $in->pressure($surprise->found->bearing()) }} instead of
        {{ $in->pressure($surprise->assumed->bearing()) }}.@if ($surprise->better) {{ ucfirst(Names::of($surprise->better)) }} ranks first for
        it.@endif Neighbours may stand on the same.</p>
    <p><a href="{{ route('footing.hold', ['job' => $site->job] + HoldForm::address($site->plan->holding->site->onSoil($surprise->found))) }}#decide">Weigh the ways to hold on it</a> · <a href="{{ route('footing.width', ['job' => $site->job, 'soil' => $surprise->found->value]) }}">Weigh the width on it</a></p>
    <x-decide :site="$site" :about="DecisionAbout::KeepHolding" :post="$post" :name="'keep-'.$post->label" />
</section>
