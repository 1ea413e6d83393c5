@use('Aequus\Measure\LoadNotation')
@use('Aequus\Site\Step')
@use('App\View\Typeset')
<x-layout title="Piers" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="footing.piers" />
    <div class="two">
        <section class="paper">
            @if ($site->state->footing->needs === [])
                @include('footing.empty')
            @elseif ($form->piers === [])
                @include('footing.refused')
            @else
                <h1>All tubes end level, <x-length :of="$form->top->magnitude()" :plan="$plan" /> {{ $form->top->isNegative() ? 'below' : 'above' }}
                    zero</h1>
                <p class="verdict-why">Concrete {{ Typeset::volume($plan->notation, $form->concrete()) }} in all, without
                    waste. An anchor may stand up to <x-length :of="$form->anchorShift()" :plan="$plan" /> off the middle of its pier, whichever
                    way.</p>
                <table>
                    <caption>Piers <span class="muted">from gravel to top, with a base and a post on each</span></caption>
                    <thead><tr><th scope="col">Post</th><th scope="col" class="num">tube</th><th scope="col" class="num">above the ground</th>
                        <th scope="col" class="num">post, from the base up</th></tr></thead>
                    <tbody>@foreach ($form->piers as $pier)<tr><th scope="row">{{ $pier->of->label }}</th>
                        <td class="num strong"><x-length :of="$pier->tube" :plan="$plan" /></td><td class="num"><x-length :of="$pier->aboveGround"
                        :plan="$plan" /></td><td class="num strong"><x-length :of="$pier->post" :plan="$plan" /></td></tr>@endforeach</tbody>
                </table>
                @if ($form->lift !== null)<p class="answer">Water so deep lifts an empty tube that is closed at its foot by
                    {{ (new LoadNotation($unit))->forceOf($form->lift) }}: weigh it down or tie it before you pour. An open tube does not float, but
                    dry it first.</p>@endif
                <details class="why"><summary>Why these numbers?</summary><p>A tube stands on the gravel of its hole, as dug where it is dug, and ends
                    at the common top: top − (bottom + gravel). The post begins a standoff above the concrete. The anchor may shift (tube − base
                    across its corners) / 2 − edge distance. Lift is 9.81 · π/4 · D² · depth of water. Plumb the tube on two sides and brace it before
                    the pour; check its top with the level afterwards.</p></details>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <form method="get" action="{{ route('footing.piers', $job) }}" class="entry">
                <h2 class="field-wide">Tubes and bases</h2>
                @foreach ($form->fields() as [$name, $label, $now])
                    <x-sum-field :f="$form->sums->field($name, $label, 'Empty: '.$plan->write($now).'.')" :unit="$unit" />@endforeach
                <x-sum-field :f="$form->sums->field('water', 'Water in the hole', 'Empty: dry.')" :unit="$unit" />
                <button class="button button-second">Work it out</button>
            </form>
            @if ($form->piers !== [] && $plan->holding)
                <form method="post" action="{{ route('footing.piers.decide', $job) }}" class="entry">
                    @csrf
                    <input type="hidden" name="based_on" value="{{ $job->revision->number }}">
                    @foreach (['top', 'tube', 'base', 'edge', 'standoff'] as $name)<input type="hidden" name="{{ $name }}"
                        value="{{ $form->sums->typed($name) }}">@endforeach
                    <button class="button">Build piers so</button>
                </form>
            @elseif ($form->piers !== [])
                <p class="hint">To put these in force, first decide under <a href="{{ route('footing.hold', $job) }}">Ways to hold</a> which posts
                    stand on piers.</p>
            @endif
            <x-cautions :step="Step::Piers" :site="$site" />
        </div>
    </div>
</x-layout>
