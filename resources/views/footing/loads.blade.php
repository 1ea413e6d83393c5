@use('Aequus\Measure\Length')
@use('Aequus\Plan\Footing\Soil')
@use('Aequus\Site\Step')
@use('Aequus\Words\Names')
@use('App\View\Choices')
<x-layout title="Load sheet" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="footing.loads" />
    <div class="two">
        <section class="paper">
            @if ($sheet->sums->refusals !== [])
                @include('footing.refused')
            @else
            <h1>{{ $sheet->title() }}</h1>
            <p class="verdict-why">@if ($sheet->heaviest()->pounds <= 0)No roof or floor spans between them, or none weighs anything: type an overhang
                and what
                it weighs. @else{{ $sheet->heaviest()->post->label }} carries most: {{ $sheet->in->force($sheet->heaviest()->pounds) }} on
                    {{ Names::of($sheet->soil) }} needs
                a round pad of <x-length :of="$sheet->heaviest()->pad->roundDiameter" :plan="$plan" />, and the hole is <x-length
                    :of="$plan->hole->foot()"
                :plan="$plan" /> wide at its foot.@if ($sheet->isTooNarrowFor($sheet->heaviest())) Widen it, bell it at its foot, or spread the load:
                    a wider hole is a change of the
                plan.@endif @endif
                @if ($sheet->heaviest()->sideways)@if ($sheet->heaviest()->sideways->valid) From the side it must stand <x-length
                    :of="$sheet->heaviest()->sideways->depth()" :plan="$plan"
                    /> deep{{ $sheet->sidewaysIsDeepest() ? ', deeper than the frost and embedment rules dig' : '' }}.@else From
                    the side it would have to stand more than {{ $sheet->in->isMetric() ? '3.66 m' : '12 ft' }} deep, where the formula ends: that is
                        for an
                    engineer.@endif @endif</p>
            @if ($sheet->heaviest()->pounds > 0 || ($sheet->heaviest()->sideways && $sheet->heaviest()->sideways->valid))
                <p><a href="{{ route('footing.width', ['job' => $job, 'load' => $sheet->in->typedForce($sheet->heaviest()->pounds), 'soil'
                    => $sheet->soil->value]) }}">Weigh the width for this load</a>
                    @if ($sheet->heaviest()->sideways?->valid) · <a
                    href="{{ route('footing', ['job' => $job, 'sideways'
                        => $plan->write($sheet->heaviest()->sideways->depth())]) }}#rules-sideways">Make
                    the depth for the side load a rule</a>@endif</p>@endif
            <p class="verdict-why muted">Not checked here: spans of beams and joists, connections, side loads on the whole frame, snow that drifts.
                Your local code and a licensed engineer have the last word.</p>
            <table>
                <caption>Load on each post <span class="muted">beams along the {{ $sheet->beams->isAlongX() ? 'rows' : 'columns' }}; the shares add up
                    to {{ $sheet->in->area($sheet->areas->covered) }}</span></caption>
                <thead><tr><th scope="col">Post</th><th scope="col" class="num">carries</th><th scope="col" class="num">load</th>
                    <th scope="col" class="num">pad</th><th scope="col" class="num">as a round</th>@if ($sheet->suction > 0)
                    <th scope="col" class="num">uplift left</th>@endif<th scope="col">Stands</th></tr></thead>
                <tbody>@foreach ($sheet->posts as $one)
                    <tr class="{{ $sheet->isTooNarrowFor($one) ? 'row-out' : '' }}">
                    <th scope="row">{{ $one->post->label }}</th><td class="num">{{ $sheet->in->area($one->tributary->area) }}</td>
                    <td class="num">{{ $sheet->in->force($one->pounds) }}</td><td class="num">{{ $sheet->in->area($one->pad->area) }}</td>
                    <td class="num strong"><x-length :of="$one->pad->roundDiameter" :plan="$plan" /></td>@if ($sheet->suction > 0)
                    <td class="num">{{ $one->uplift->needsHoldingDown ? $sheet->in->force($one->uplift->pounds) : 'none' }}</td>@endif
                    <td><span class="state state-{{ $sheet->standing($one)[0] }}">{{ $sheet->standing($one)[1] }}</span></td></tr>@endforeach</tbody>
            </table>
            <details class="why"><summary>Why {{ $sheet->heaviest()->post->label }}?</summary>
                <p>It carries <x-length :of="Length::feet($sheet->heaviest()->tributary->alongBeam)" :plan="$plan"
                    /> along its beam (half-way to the next standing
                post; at the ends by statics, with what overhangs) by <x-length :of="Length::feet($sheet->heaviest()->tributary->acrossBeam)"
                    :plan="$plan"
                /> across: {{ $sheet->in->area($sheet->heaviest()->tributary->area) }}. Dead {{ $sheet->in->pressure($sheet->carries->dead) }} and the
                    larger of live
                {{ $sheet->in->pressure($sheet->carries->live) }} and snow
                {{ $sheet->in->pressure($sheet->carries->snow) }}{{ $sheet->above
                ? ', and the roof over it '.$sheet->in->pressure($sheet->above->dead).' and '.$sheet->in->pressure($sheet->above->snow).' more,'
                    : '' }} make
                {{ $sheet->in->force($sheet->heaviest()->pounds) }}. {{ ucfirst(Names::of($sheet->soil)) }} is presumed to carry
                {{ $sheet->in->pressure($sheet->heaviest()->pad->allowed) }} (International Building Code, table 1806.2):
                    {{ $sheet->in->area($sheet->heaviest()->pad->area) }}, a
                round of √(4A/π).
                @if ($sheet->heaviest()->sideways) From the side {{ $sheet->in->force($sheet->push) }} push <x-length :of="$sheet->pushAt"
                    :plan="$plan"
                    /> above the ground on {{ $sheet->in->byDepth($sheet->soil->lateral()) }} of soil (IBC
                    1807.3.2{{ $sheet->in->isMetric() ? ', whose constants are for lb and ft' : '' }},
                    {{ $sheet->held ? 'held at the ground: d³ = 4.25·P·h/(s·b)' : 'free at the ground: d = ½A(1 + √(1 + 4.36·h/A))' }}): <x-length
                    :of="$sheet->heaviest()->sideways->depth()" :plan="$plan" />.@endif
                @if ($sheet->heaviest()->uplift) Wind lifts {{ $sheet->in->pressure($sheet->suction) }} × area; 0.6 of the dead load and of the
                    concrete at its foot
                    hold it, the post’s own weight is left out.@endif</p></details>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <form method="get" action="{{ route('footing.loads', $job) }}" class="entry">
                <h2 class="field-wide">What stands on the posts</h2>
                <p class="hint field-wide">Begun as {{ $sheet->isFloor ? 'a floor that people stand on' : 'a roof' }}, by the kind of job. Your local
                    office has the figures that count.</p>
                <x-sum-field :f="$sheet->field('dead', 'Dead', 'Empty: '.$sheet->usual[0].'.')" />
                    <x-sum-field :f="$sheet->field('live', 'Live', 'Empty: '.$sheet->usual[1].'.')" />
                    <x-sum-field :f="$sheet->field('snow', 'Snow', 'From your local office.')" />
                        <x-sum-field :f="$sheet->sums->field('overhang', 'Overhang all round')"
                    :unit="$unit" />
                <x-choice form="sum" name="beams" label="Beams run along" :value="$sheet->beams->isAlongX() ? 'x' : 'y'"
                    :options="['x' => 'rows (A1, B1 …)', 'y' => 'columns (A1, A2 …)']" />
                <x-choice form="sum" name="soil" label="Soil at the foot" :value="$sheet->soil->value"
                    :options="Choices::of(Soil::cases())" />
                @if ($plan->grid->leftOut !== [])<x-choice form="sum" name="corners" label="Where a corner post is left out"
                    :value="$sheet->cornersCovered ? 'covered' : 'open'" :options="['covered' => 'the corner is covered too',
                        'open' => 'it stays open']" />@endif
                <h2 class="field-wide">A roof over that floor</h2>
                <x-sum-field :f="$sheet->field('roof_dead', 'Dead', 'Empty: there is none.')" />
                    <x-sum-field :f="$sheet->field('roof_snow', 'Snow or live')"
                    />
                <h2 class="field-wide">From the side, and from wind</h2>
                <x-sum-field :f="$sheet->sums->field('push', 'Push on one post, '.$sheet->in->ofForce())" />
                    <x-sum-field :f="$sheet->sums->field('push_at', 'Above the ground', 'Empty: at the top.')" :unit="$unit" />
                <label class="tick field-wide"><input type="checkbox" name="held" value="1" @checked($sheet->held)> a slab or paving holds the post at
                    the ground</label>
                <label class="tick field-wide"><input type="checkbox" name="may_move" value="1" @checked($sheet->mayMove)> half an inch of movement at
                    the ground does no harm</label>
                <x-sum-field :f="$sheet->field('suction', 'Suction of wind')" />
                <button class="button button-second">Work it out</button>
            </form>
            <x-cautions :step="Step::Loads" :site="$site" />
        </div>
    </div>
</x-layout>
