@use('Aequus\Plan\Holding\Material')
@use('Aequus\Site\Step')
@use('App\Type\Typeset')
<div class="two" id="holes">
    <section class="paper">
            @if ($materials->sums->refusals !== [])
                <h2>{{ $say('page.this_cant_be_worked_out') }}</h2>
            @else
                <h2>@if ($materials->alone->needed === 0){{ $say('holding.materials.no_cement_for',
                    count: count($materials->holes)) }}@elseif ($materials->onSite === null){{ $say('holding.materials.of_for',
                        needed: $materials->alone->needed, mass: $materials->mass(),
                            count: count($materials->holes)) }}@elseif ($materials->alone->runsOutAt){{ $say('holding.materials.bags_on_site_run_out',
                                runs_out_at: $materials->alone->runsOutAt) }}@else {{ $say('holding.materials.the_bags_on_site_last') }} @endif</h2>
                <p class="verdict-why">@if ($materials->alone->needed > 0){{ $say('holding.materials.each_hole_mixed_alone_takes',
                    needed: $materials->alone->needed, needed_b: $materials->together->needed, part: round($materials->waste * 100,
                        1)) }}@else{{ $say('holding.materials.no_concrete_goes_into_them', part: ucfirst(implode('; ', $materials->ways()))) }}@endif
                            @if ($materials->alone->needed > 0 && $materials->onSite !== null)
                                {{ $say('holding.materials.are_on_site', on_site: $materials->onSite, left_after: $materials->alone->leftAfter < 0
                                    ? $say('holding.materials.are_missing_before_the_first', left_after: -$materials->alone->leftAfter)
                    : $say('holding.materials.are_left_over', left_after: $materials->alone->leftAfter)) }}@endif
                        {{ $materials->dug() === 0 ? $say('holding.materials.all_as_planned_every_hole')
                    : $say('holding.materials.of_as_dug_the_rest', dug: $materials->dug(), count: count($materials->holes)) }}</p>
                @if ($materials->hold !== null)<p class="hint">{{ $say('bill.asked_hold') }}</p>@endif
                <dl class="facts">
                    <div><dt>{{ $say('holding.materials.earth_to_dig') }}</dt>
                        <dd>{{ Typeset::volume($plan->notation, $materials->total('dug')) }}</dd></div>
                    <div><dt>{{ $say('holding.materials.spoil_loosened') }}</dt>
                        <dd>{{ Typeset::volume($plan->notation, $materials->total('spoil')) }}</dd></div>
                    @if ($materials->alone->needed > 0)
                    <div><dt>{{ $say('holding.materials.concrete_without_waste') }}</dt>
                        <dd>{{ Typeset::volume($plan->notation, $materials->total('concrete')) }}</dd></div>
                    <div><dt>{{ $say('holding.materials.or_by_truck_with_waste') }}</dt>
                        <dd>{{ $say('holding.materials.lots_of', volume: Typeset::volume($plan->notation, $materials->readyMix->ordered),
                            lots: $materials->readyMix->lots, volume_b: Typeset::volume($plan->notation, $materials->readyMix->lot)) }}</dd></div>
                    <div><dt>{{ $say('holding.materials.water_for_the_bags') }}</dt>
                        <dd>{{ $materials->water() }}</dd></div>
                    @endif
                    @if ($materials->pads(Material::Concrete) > 0)<div><dt>{{ $say('holding.materials.pads_to_pour_first') }}</dt>
                        <dd>{{ $materials->pads(Material::Concrete) }}</dd>
                        </div>@endif
                    @if ($materials->total('earth') > 0)<div><dt>{{ $say('holding.materials.earth_tamped_back') }}</dt>
                        <dd>{{ Typeset::volume($plan->notation, $materials->total('earth')) }}</dd></div>@endif
                </dl>
                <table>
                    <caption>{{ $say('holding.materials.by_hole') }} <span
                        class="muted">{{ $say('holding.materials.in_pouring_order', part: implode('; ', $materials->ways())) }}</span></caption>
                    <thead><tr><th scope="col">{{ $say('page.hole') }}</th><th scope="col" class="num">{{ $say('holding.materials.bags') }}</th>
                        <th scope="col" class="num">{{ $say('page.depth') }}</th>
                        <th scope="col" class="num">{{ $say('page.concrete') }}</th>
                            <th scope="col" class="num">{{ $say('holding.materials.gravel_2') }}</th>
                                <th scope="col" class="num">{{ $say('holding.materials.spoil') }}</th>
                        <th scope="col" class="num">{{ $say('holding.materials.post_foot_to_top') }}</th>
                            <th scope="col">{{ $say('holding.materials.counted') }}</th></tr></thead>
                    <tbody>@foreach ($materials->holes as $hole)
                        <tr class="{{ $materials->onSite !== null && $materials->alone->runsOutAt === $hole->of->label ? 'row-out' : '' }}">
                        <th scope="row">{{ $hole->of->label }}</th><td class="num strong">{{ $materials->bagsFor($hole) ?: '—' }}</td>
                        <td class="num"><x-length :of="$hole->depth" :plan="$plan" /></td>
                            <td class="num">{{ $materials->little($hole->concrete) }}</td>
                        <td class="num">{{ $materials->little($hole->gravel) }}</td><td class="num">{{ $materials->little($hole->spoil) }}</td>
                        <td class="num"><x-length :of="$hole->post" :plan="$plan" /></td>
                            <td>{{ $hole->isDug ? $say('holding.materials.as_dug') : $say('holding.materials.as_planned') }}</td></tr>
                        @endforeach</tbody>
                </table>
                <details class="why"><summary>{{ $say('page.why_2') }}</summary>
                    <p>{{ $say('holding.materials.each_hole_is_counted_layer', little: $materials->little($materials->bag->yield)) }}</p></details>
            @endif
    </section>
    <div class="side-work">
            <form method="get" action="{{ route('footing.bill', $job) }}" class="entry">
                <h2 class="field-wide">{{ $say('holding.materials.count_with') }}</h2>
                @include('footing.hold-choice', ['value' => $materials->hold?->value])
                <x-sum-field :f="$materials->sums->field('water', $say('holding.materials.water_per_bag', water: $materials->system->water),
                    $say('holding.materials.from_its_label'))" />
                <x-sum-field :f="$materials->sums->field('lot', $say('holding.materials.a_truck_sells_by', volume: $materials->system->volume),
                    $say('holding.materials.empty_0_25'))" />
                <button class="button button-second">{{ $say('page.work_it_out') }}</button>
            </form>
            <x-cautions :step="Step::Materials" :site="$site" :way="$materials->hold" />
    </div>
</div>
