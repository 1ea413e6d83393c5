@use('Aequus\Footing\Materials\Foam')
@use('Aequus\Footing\Materials\Gravel')
@use('Aequus\Measure\Length')
@use('Aequus\Measure\LoadNotation')
@use('Aequus\Plan\Holding\Material')
@use('Aequus\Site\Step')
@use('App\View\Typeset')
@use('Illuminate\Support\Str')
@php
    $ask = $materials->sums->field(...); $volume = fn (float $mm3) => Typeset::volume($plan->notation, $mm3);
    $system = $plan->notation->system(); $litres = fn (float $mm3) => $mm3 <= 0.0 ? '—' : number_format($mm3 / $system->perLittle, $system->littleDecimals)." {$system->little}";
    $dug = count(array_filter($materials->holes, fn ($hole) => $hole->isDug)); $alone = $materials->alone; $waterUnit = $system->water; $mass = rtrim(rtrim(number_format($materials->bagMass, 1), '0'), '.')." {$system->mass}";
@endphp
<x-layout title="Materials" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="footing.materials" />
    <div class="two">
        <section class="paper">
            @if ($materials->holes === [])
                @include('footing.empty')
            @elseif ($materials->sums->refusals !== [])
                @include('footing.refused')
            @else
                <h1>@if ($alone->needed === 0)No cement for
                    {{ Str::plural('hole', count($materials->holes), prependCount: true) }}@elseif ($materials->onSite === null){{ Str::plural('bag',
                    $alone->needed, prependCount: true) }} of {{ $mass }} for
                    {{ Str::plural('hole', count($materials->holes), prependCount: true) }}@elseif ($alone->runsOutAt)Bags on site run out at hole
                    {{ $alone->runsOutAt }}@else The bags on site last @endif</h1>
                <p class="verdict-why">@if ($alone->needed > 0)Each hole mixed alone takes
                    {{ Str::plural('bag', $alone->needed, prependCount: true) }}, one mix for all {{ $materials->together->needed }}, with
                    {{ round($materials->waste * 100, 1) }} % for waste.@else{{ ucfirst(implode('; ', $materials->ways())) }}: no concrete goes into
                    them.@endif @if ($alone->needed > 0 && $materials->onSite !== null) {{ $materials->onSite }} are on site:
                    {{ $alone->leftAfter < 0 ? -$alone->leftAfter.' are missing before the first is opened'
                    : $alone->leftAfter.' are left over' }}.@endif {{ $dug === 0 ? 'All as planned; every hole written down as dug corrects it.'
                    : $dug.' of '.count($materials->holes).' as dug, the rest as planned.' }}</p>
                <dl class="facts">
                    <div><dt>Earth to dig</dt><dd>{{ $volume($materials->total('dug')) }}</dd></div>
                    <div><dt>Spoil, loosened</dt><dd>{{ $volume($materials->total('spoil')) }}</dd></div>
                    <div><dt>Gravel</dt><dd>{{ $volume($materials->total('gravel')) }},
                        {{ (new LoadNotation($plan->notation->unit))->weight(Gravel::tonnes($materials->total('gravel'))) }}</dd></div>
                    @if ($alone->needed > 0)
                    <div><dt>Concrete, without waste</dt><dd>{{ $volume($materials->total('concrete')) }}</dd></div>
                    <div><dt>Or by truck, with waste</dt><dd>{{ $volume($materials->readyMix->ordered) }}, {{ $materials->readyMix->lots }} lots of
                        {{ $volume($materials->readyMix->lot) }}</dd></div>
                    <div><dt>Water for the bags</dt>
                        <dd>{{ $materials->waterPerBag === null ? 'type what the label says' : number_format($materials->waterPerBag * $alone->needed,
                        0).' '.$waterUnit.' to carry' }}</dd></div>
                    @endif
                    @if ($materials->pads(Material::Concrete) > 0)<div><dt>Pads to pour first</dt><dd>{{ $materials->pads(Material::Concrete) }}</dd>
                        </div>@endif
                    @if ($materials->pads(Material::Block) > 0)<div><dt>Blocks to buy</dt>
                        <dd>{{ $materials->pads(Material::Block) }}, as thick as a pad</dd></div>@endif
                    @if ($materials->tubes() !== [])<div><dt>Tubes</dt><dd>{{ count($materials->tubes()) }}, together <x-length
                        :of="collect($materials->tubes())->reduce(fn ($sum, $tube) => $sum->plus($tube), Length::zero())" :plan="$plan" /></dd></div>
                        @endif
                    @if ($materials->foamPacks() > 0)<div><dt>Foam</dt><dd>{{ Str::plural('pack', $materials->foamPacks(), prependCount: true) }}</dd>
                        </div>@endif
                    @if ($materials->total('earth') > 0)<div><dt>Earth tamped back</dt><dd>{{ $volume($materials->total('earth')) }}</dd></div>@endif
                </dl>
                <table>
                    <caption>By hole <span class="muted">in pouring order, {{ implode('; ', $materials->ways()) }}</span></caption>
                    <thead><tr><th scope="col">Hole</th><th scope="col" class="num">bags</th><th scope="col" class="num">depth</th>
                        <th scope="col" class="num">concrete</th><th scope="col" class="num">gravel</th><th scope="col" class="num">spoil</th>
                        <th scope="col" class="num">post, foot to top</th><th scope="col">Counted</th></tr></thead>
                    <tbody>@foreach ($materials->holes as $hole)
                        <tr class="{{ $materials->onSite !== null && $alone->runsOutAt === $hole->of->label ? 'row-out' : '' }}">
                        <th scope="row">{{ $hole->of->label }}</th><td class="num strong">{{ $materials->bagsFor($hole) ?: '—' }}</td>
                        <td class="num"><x-length :of="$hole->depth" :plan="$plan" /></td><td class="num">{{ $litres($hole->concrete) }}</td>
                        <td class="num">{{ $litres($hole->gravel) }}</td><td class="num">{{ $litres($hole->spoil) }}</td>
                        <td class="num"><x-length :of="$hole->post" :plan="$plan" /></td><td>{{ $hole->isDug ? 'as dug' : 'as planned' }}</td></tr>
                        @endforeach</tbody>
                </table>
                <details class="why"><summary>Why?</summary><p>Each hole is counted layer by layer, from the foot up, as its way of holding fills it,
                    less the post that stands in it. A block is bought and takes no concrete. A bag yields {{ $litres($materials->bag->yield) }}. A
                    hole mixed alone loses the rest of its last bag. Spoil swells by a quarter; gravel weighs 1.5 t/m³. A truck brings whole lots.
                    Water is on the bag’s label: follow it.</p></details>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <form method="get" action="{{ route('footing.materials', $job) }}" class="entry">
                <h2 class="field-wide">Count with</h2>
                @include('footing.hold-choice', ['value' => $materials->hold?->value])
                <x-sum-field :f="$ask('bag', 'A bag weighs, '.$system->mass, 'Empty: '.$mass.'.')" />
                <x-sum-field :f="$ask('on_site', 'Bags on site')" />
                <x-sum-field :f="$ask('waste', 'Waste, %', 'Empty: 10.')" />
                <x-sum-field :f="$ask('water', 'Water per bag, '.$waterUnit, 'From its label.')" />
                <x-sum-field :f="$ask('lot', 'A truck sells by, '.$system->volume, 'Empty: 0.25.')" />
                <x-sum-field :f="$ask('pack', 'A foam pack fills, '.$plan->notation->system()->little,
                    'From its label. Empty: '.Foam::usualPack($plan->notation->system()).'.')" />
                <button class="button button-second">Work it out</button>
            </form>
            <x-cautions :step="Step::Materials" :site="$site" :way="$materials->hold" />
        </div>
    </div>
</x-layout>
