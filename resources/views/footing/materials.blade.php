@use('Aequus\Footing\Materials\Foam')
@use('Aequus\Footing\Materials\Gravel')
@use('Aequus\Measure\Length')
@use('Aequus\Measure\LoadNotation')
@use('Aequus\Plan\Holding\Material')
@use('Aequus\Site\Step')
@use('App\View\Typeset')
@use('Illuminate\Support\Str')
<x-layout title="Materials" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="footing.materials" />
    <div class="two">
        <section class="paper">
            @if ($materials->holes === [])
                @include('footing.empty')
            @elseif ($materials->sums->refusals !== [])
                @include('footing.refused')
            @else
                <h1>@if ($materials->alone->needed === 0)No cement for
                    {{ Str::plural('hole', count($materials->holes), prependCount: true) }}@elseif ($materials->onSite === null){{ Str::plural('bag',
                    $materials->alone->needed, prependCount: true) }} of {{ $materials->mass() }} for
                    {{ Str::plural('hole', count($materials->holes), prependCount: true) }}@elseif ($materials->alone->runsOutAt)Bags on site run out
                        at hole
                    {{ $materials->alone->runsOutAt }}@else The bags on site last @endif</h1>
                <p class="verdict-why">@if ($materials->alone->needed > 0)Each hole mixed alone takes
                    {{ Str::plural('bag', $materials->alone->needed, prependCount: true) }}, one mix for all {{ $materials->together->needed }}, with
                    {{ round($materials->waste * 100, 1) }} % for waste.@else{{ ucfirst(implode('; ', $materials->ways())) }}: no concrete goes into
                    them.@endif @if ($materials->alone->needed > 0 && $materials->onSite !== null) {{ $materials->onSite }} are on site:
                    {{ $materials->alone->leftAfter < 0 ? -$materials->alone->leftAfter.' are missing before the first is opened'
                    : $materials->alone->leftAfter.' are left over' }}.@endif
                        {{ $materials->dug() === 0 ? 'All as planned; every hole written down as dug corrects it.'
                    : $materials->dug().' of '.count($materials->holes).' as dug, the rest as planned.' }}</p>
                <dl class="facts">
                    <div><dt>Earth to dig</dt><dd>{{ Typeset::volume($plan->notation, $materials->total('dug')) }}</dd></div>
                    <div><dt>Spoil, loosened</dt><dd>{{ Typeset::volume($plan->notation, $materials->total('spoil')) }}</dd></div>
                    <div><dt>Gravel</dt><dd>{{ Typeset::volume($plan->notation, $materials->total('gravel')) }},
                        {{ (new LoadNotation($plan->notation->unit))->weight(Gravel::tonnes($materials->total('gravel'))) }}</dd></div>
                    @if ($materials->alone->needed > 0)
                    <div><dt>Concrete, without waste</dt><dd>{{ Typeset::volume($plan->notation, $materials->total('concrete')) }}</dd></div>
                    <div><dt>Or by truck, with waste</dt><dd>{{ Typeset::volume($plan->notation, $materials->readyMix->ordered) }},
                        {{ $materials->readyMix->lots }} lots of
                        {{ Typeset::volume($plan->notation, $materials->readyMix->lot) }}</dd></div>
                    <div><dt>Water for the bags</dt>
                        <dd>{{ $materials->water() }}</dd></div>
                    @endif
                    @if ($materials->pads(Material::Concrete) > 0)<div><dt>Pads to pour first</dt><dd>{{ $materials->pads(Material::Concrete) }}</dd>
                        </div>@endif
                    @if ($materials->pads(Material::Block) > 0)<div><dt>Blocks to buy</dt>
                        <dd>{{ $materials->pads(Material::Block) }}, as thick as a pad</dd></div>@endif
                    @if ($materials->tubes() !== [])<div><dt>Tubes</dt><dd>{{ count($materials->tubes()) }}, together <x-length
                        :of="$materials->tubeInAll()" :plan="$plan" /></dd></div>
                        @endif
                    @if ($materials->foamPacks() > 0)<div><dt>Foam</dt><dd>{{ Str::plural('pack', $materials->foamPacks(), prependCount: true) }}</dd>
                        </div>@endif
                    @if ($materials->total('earth') > 0)<div><dt>Earth tamped back</dt>
                        <dd>{{ Typeset::volume($plan->notation, $materials->total('earth')) }}</dd></div>@endif
                </dl>
                <table>
                    <caption>By hole <span class="muted">in pouring order, {{ implode('; ', $materials->ways()) }}</span></caption>
                    <thead><tr><th scope="col">Hole</th><th scope="col" class="num">bags</th><th scope="col" class="num">depth</th>
                        <th scope="col" class="num">concrete</th><th scope="col" class="num">gravel</th><th scope="col" class="num">spoil</th>
                        <th scope="col" class="num">post, foot to top</th><th scope="col">Counted</th></tr></thead>
                    <tbody>@foreach ($materials->holes as $hole)
                        <tr class="{{ $materials->onSite !== null && $materials->alone->runsOutAt === $hole->of->label ? 'row-out' : '' }}">
                        <th scope="row">{{ $hole->of->label }}</th><td class="num strong">{{ $materials->bagsFor($hole) ?: '—' }}</td>
                        <td class="num"><x-length :of="$hole->depth" :plan="$plan" /></td>
                            <td class="num">{{ $materials->little($hole->concrete) }}</td>
                        <td class="num">{{ $materials->little($hole->gravel) }}</td><td class="num">{{ $materials->little($hole->spoil) }}</td>
                        <td class="num"><x-length :of="$hole->post" :plan="$plan" /></td><td>{{ $hole->isDug ? 'as dug' : 'as planned' }}</td></tr>
                        @endforeach</tbody>
                </table>
                <details class="why"><summary>Why?</summary><p>Each hole is counted layer by layer, from the foot up, as its way of holding fills it,
                    less the post that stands in it. A block is bought and takes no concrete. A bag yields
                        {{ $materials->little($materials->bag->yield) }}. A
                    hole mixed alone loses the rest of its last bag. Spoil swells by a quarter; gravel weighs 1.5 t/m³. A truck brings whole lots.
                    Water is on the bag’s label: follow it.</p></details>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <form method="get" action="{{ route('footing.materials', $job) }}" class="entry">
                <h2 class="field-wide">Count with</h2>
                @include('footing.hold-choice', ['value' => $materials->hold?->value])
                <x-sum-field :f="$materials->sums->field('bag', 'A bag weighs, '.$materials->system->mass, 'Empty: '.$materials->mass().'.')" />
                <x-sum-field :f="$materials->sums->field('on_site', 'Bags on site')" />
                <x-sum-field :f="$materials->sums->field('waste', 'Waste, %', 'Empty: 10.')" />
                <x-sum-field :f="$materials->sums->field('water', 'Water per bag, '.$materials->system->water, 'From its label.')" />
                <x-sum-field :f="$materials->sums->field('lot', 'A truck sells by, '.$materials->system->volume, 'Empty: 0.25.')" />
                <x-sum-field :f="$materials->sums->field('pack', 'A foam pack fills, '.$materials->system->little,
                    'From its label. Empty: '.Foam::usualPack($materials->system).'.')" />
                <button class="button button-second">Work it out</button>
            </form>
            <x-cautions :step="Step::Materials" :site="$site" :way="$materials->hold" />
        </div>
    </div>
</x-layout>
