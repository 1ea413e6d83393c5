@use('Aequus\Measure\Length')
@use('Aequus\Plan\Footing\Soil')
@use('Aequus\Site\Step')
@use('Aequus\Words\Names')
@use('App\View\Choices')
<x-layout :title="$say('components.ways.footing.loads')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="footing.loads" />
    <div class="two">
        <section class="paper">
            @if ($sheet->sums->refusals !== [])
                @include('footing.refused')
            @else
            <h1>{{ $sheet->title() }}</h1>
            <p class="verdict-why">@if ($sheet->heaviest()->pounds <= 0){{ $say('holding.loads.no_roof_or_floor_spans') }}
                @else{{ $say('holding.loads.carries_most_on_needs_a', label: $sheet->heaviest()->post->label,
                    force: $sheet->in->force($sheet->heaviest()->pounds), what: Names::of($sheet->soil),
                        round_diameter: $sheet->heaviest()->pad->roundDiameter,
                            foot: $plan->hole->foot()) }}@if ($sheet->isTooNarrowFor($sheet->heaviest()))
                                {{ $say('holding.loads.widen_it_bell_it_at') }}@endif @endif
                @if ($sheet->heaviest()->sideways)@if ($sheet->heaviest()->sideways->valid)
                    {{ $say('holding.loads.from_the_side_it_must', depth: $sheet->heaviest()->sideways->depth(),
                        sideways_is_deepest: $sheet->sidewaysIsDeepest() ? $say('holding.loads.deeper_than_the_frost_and') : '') }}@else
                            {{ $say('holding.loads.from_the_side_it_would', is_metric: $sheet->in->isMetric() ? '3.66 m'
                                : $say('holding.loads.12_ft')) }}@endif @endif</p>
            @if ($sheet->heaviest()->pounds > 0 || ($sheet->heaviest()->sideways && $sheet->heaviest()->sideways->valid))
                <p><a href="{{ route('footing.width', ['job' => $job, 'load' => $sheet->in->typedForce($sheet->heaviest()->pounds), 'soil'
                    => $sheet->soil->value]) }}">{{ $say('holding.loads.weigh_the_width_for_this') }}</a>
                    @if ($sheet->heaviest()->sideways?->valid) · <a
                    href="{{ route('footing', ['job' => $job, 'sideways'
                        => $plan->write($sheet->heaviest()->sideways->depth())]) }}#rules-sideways">{{
                            $say('holding.loads.make_the_depth_for_the') }}</a>@endif</p>@endif
            <p class="verdict-why muted">{{ $say('holding.loads.not_checked_here_spans_of') }}</p>
            <table>
                <caption>{{ $say('holding.loads.load_on_each_post') }} <span
                    class="muted">{{ $say('holding.loads.beams_along_the_the_shares', is_along_x: $sheet->beams->isAlongX()
                        ? $say('page.rows') : $say('page.columns'), area: $sheet->in->area($sheet->areas->covered)) }}</span>
                            </caption>
                <thead><tr><th scope="col">{{ $say('page.post') }}</th><th scope="col" class="num">{{ $say('holding.loads.carries') }}</th>
                    <th scope="col" class="num">{{ $say('holding.loads.load') }}</th>
                    <th scope="col" class="num">{{ $say('holding.loads.pad') }}</th>
                        <th scope="col" class="num">{{ $say('holding.loads.as_a_round') }}</th>@if ($sheet->suction > 0)
                    <th scope="col" class="num">{{ $say('holding.loads.uplift_left') }}</th>@endif<th scope="col">{{ $say('page.stands') }}</th></tr>
                        </thead>
                <tbody>@foreach ($sheet->posts as $one)
                    <tr class="{{ $sheet->isTooNarrowFor($one) ? 'row-out' : '' }}">
                    <th scope="row">{{ $one->post->label }}</th><td class="num">{{ $sheet->in->area($one->tributary->area) }}</td>
                    <td class="num">{{ $sheet->in->force($one->pounds) }}</td><td class="num">{{ $sheet->in->area($one->pad->area) }}</td>
                    <td class="num strong"><x-length :of="$one->pad->roundDiameter" :plan="$plan" /></td>@if ($sheet->suction > 0)
                    <td class="num">{{ $one->uplift->needsHoldingDown ? $sheet->in->force($one->uplift->pounds) : $say('page.none') }}</td>@endif
                    <td><span class="state state-{{ $sheet->standing($one)[0] }}">{{ $sheet->standing($one)[1] }}</span></td></tr>@endforeach</tbody>
            </table>
            <details class="why"><summary>{{ $say('holding.loads.why', label: $sheet->heaviest()->post->label) }}</summary>
                <p>{{ $say('holding.loads.it_carries_along_its_beam', feet: Length::feet($sheet->heaviest()->tributary->alongBeam),
                    feet_b: Length::feet($sheet->heaviest()->tributary->acrossBeam), area: $sheet->in->area($sheet->heaviest()->tributary->area),
                        pressure: $sheet->in->pressure($sheet->carries->dead), pressure_b: $sheet->in->pressure($sheet->carries->live),
                            pressure_c: $sheet->in->pressure($sheet->carries->snow), pressure_d: $sheet->above
                ? $say('holding.loads.and_the_roof_over_it', pressure: $sheet->in->pressure($sheet->above->dead),
                    pressure_b: $sheet->in->pressure($sheet->above->snow))
                    : '', force: $sheet->in->force($sheet->heaviest()->pounds), part: ucfirst(Names::of($sheet->soil)),
                        pressure_e: $sheet->in->pressure($sheet->heaviest()->pad->allowed),
                            area_b: $sheet->in->area($sheet->heaviest()->pad->area)) }}
                @if ($sheet->heaviest()->sideways) {{ $say('holding.loads.from_the_side_push_above', force: $sheet->in->force($sheet->push),
                    push_at: $sheet->pushAt, by_depth: $sheet->in->byDepth($sheet->soil->lateral()), is_metric: $sheet->in->isMetric()
                        ? $say('holding.loads.whose_constants_are_for_lb') : '', held: $sheet->held ? $say('holding.loads.held_at_the_ground_d')
                            : $say('holding.loads.free_at_the_ground_d'), depth: $sheet->heaviest()->sideways->depth()) }}@endif
                @if ($sheet->heaviest()->uplift)
                    {{ $say('holding.loads.wind_lifts_area_0_6', pressure: $sheet->in->pressure($sheet->suction)) }}@endif</p></details>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <form method="get" action="{{ route('footing.loads', $job) }}" class="entry">
                <h2 class="field-wide">{{ $say('page.what_stands_on_the_posts') }}</h2>
                <p class="hint field-wide">{{ $say('holding.loads.begun_as_by_the_kind', is_floor: $sheet->isFloor
                    ? $say('holding.hold_form.tick_floor') : $say('holding.loads.a_roof')) }}</p>
                <x-sum-field :f="$sheet->field('dead', $say('holding.loads.dead'), $say('holding.loads.empty', usual: $sheet->usual[0]))" />
                    <x-sum-field :f="$sheet->field('live', $say('holding.loads.live'), $say('holding.loads.empty', usual: $sheet->usual[1]))" />
                    <x-sum-field :f="$sheet->field('snow', $say('holding.loads.snow'), $say('page.from_your_local_office'))" />
                        <x-sum-field :f="$sheet->sums->field('overhang', $say('holding.loads.overhang_all_round'))"
                    :unit="$unit" />
                <x-choice form="sum" name="beams" :label="$say('holding.loads.beams_run_along')" :value="$sheet->beams->isAlongX() ? 'x' : 'y'"
                    :options="['x' => $say('holding.loads.rows_a1_b1'), 'y' => $say('holding.loads.columns_a1_a2')]" />
                <x-choice form="sum" name="soil" :label="$say('page.soil_at_the_foot')" :value="$sheet->soil->value"
                    :options="Choices::of(Soil::cases())" />
                @if ($plan->grid->leftOut !== [])<x-choice form="sum" name="corners" :label="$say('holding.loads.where_a_corner_post_is')"
                    :value="$sheet->cornersCovered ? 'covered' : 'open'" :options="['covered' => $say('holding.loads.the_corner_is_covered_too'),
                        'open' => $say('holding.loads.it_stays_open')]" />@endif
                <h2 class="field-wide">{{ $say('holding.loads.a_roof_over_that_floor') }}</h2>
                <x-sum-field :f="$sheet->field('roof_dead', $say('holding.loads.dead'), $say('holding.loads.empty_there_is_none'))" />
                    <x-sum-field :f="$sheet->field('roof_snow', $say('holding.loads.snow_or_live'))"
                    />
                <h2 class="field-wide">{{ $say('holding.loads.from_the_side_and_from') }}</h2>
                <x-sum-field :f="$sheet->sums->field('push', $say('holding.loads.push_on_one_post', of_force: $sheet->in->ofForce()))" />
                    <x-sum-field :f="$sheet->sums->field('push_at', $say('holding.loads.above_the_ground'), $say('holding.loads.empty_at_the_top'))"
                        :unit="$unit" />
                <label class="tick field-wide"><input type="checkbox" name="held" value="1"
                    @checked($sheet->held)> {{ $say('holding.loads.a_slab_or_paving_holds') }}</label>
                <label class="tick field-wide"><input type="checkbox" name="may_move" value="1"
                    @checked($sheet->mayMove)> {{ $say('holding.loads.half_an_inch_of_movement') }}</label>
                <x-sum-field :f="$sheet->field('suction', $say('holding.loads.suction_of_wind'))" />
                <button class="button button-second">{{ $say('page.work_it_out') }}</button>
            </form>
            <x-cautions :step="Step::Loads" :site="$site" />
        </div>
    </div>
</x-layout>
