@use('Aequus\Measure\LoadNotation')
@use('Aequus\Site\Step')
@use('App\Type\Typeset')
<x-layout :title="$say('components.ways.footing.piers')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="footing.piers" />
    <div class="two">
        <section class="paper">
            @if ($site->state->footing->needs === [])
                @include('footing.empty')
            @elseif ($form->piers === [])
                @include('footing.refused')
            @else
                <h1>{{ $say('holding.piers.all_tubes_end_level_zero', magnitude: $form->top->magnitude(), is_negative: $form->top->isNegative()
                    ? $say('page.below') : $say('page.above')) }}</h1>
                <p class="verdict-why">{{ $say('holding.piers.concrete_in_all_without_waste', volume: Typeset::volume($plan->notation,
                    $form->concrete()), anchor_shift: $form->anchorShift()) }}</p>
                <table>
                    <caption>{{ $say('components.ways.footing.piers') }} <span
                        class="muted">{{ $say('holding.piers.from_gravel_to_top_with') }}</span></caption>
                    <thead><tr><th scope="col">{{ $say('page.post') }}</th><th scope="col" class="num">{{ $say('holding.piers.tube') }}</th>
                        <th scope="col" class="num">{{ $say('holding.piers.above_the_ground') }}</th>
                        <th scope="col" class="num">{{ $say('holding.piers.post_from_the_base_up') }}</th></tr></thead>
                    <tbody>@foreach ($form->piers as $pier)<tr><th scope="row">{{ $pier->of->label }}</th>
                        <td class="num strong"><x-length :of="$pier->tube" :plan="$plan" /></td><td class="num"><x-length :of="$pier->aboveGround"
                        :plan="$plan" /></td><td class="num strong"><x-length :of="$pier->post" :plan="$plan" /></td></tr>@endforeach</tbody>
                </table>
                @if ($form->ways !== [])
                    <table>
                        <caption>{{ $say('holding.piers.tubes_to_buy') }} <span
                            class="muted">{{ $say('holding.piers.cut_or_whole') }}</span></caption>
                        <thead><tr><th scope="col">{{ $say('holding.pier.tubes_are') }}</th><th scope="col">{{ $say('holding.piers.buy') }}</th>
                            <th scope="col" class="num">{{ $say('holding.piers.cost') }}</th>
                            <th scope="col" class="num">{{ $say('holding.piers.deepest_hole') }}</th>
                            <th scope="col" class="num">{{ $say('page.concrete') }}</th></tr></thead>
                        <tbody>@foreach ($form->ways as $way)<tr class="{{ $loop->first ? 'strong' : '' }}">
                            <th scope="row">{{ $say($way->isWhole ? 'holding.pier.tubes_whole' : 'holding.pier.tubes_cut') }}</th>
                            <td>@foreach ($way->tubes->counted() as [$stock, $count])<div>{{ $say('holding.piers.of_each', count: $count,
                                length: $stock->length) }}</div>@endforeach</td>
                            <td class="num">{{ $way->cost() }}</td>
                            <td class="num"><x-length :of="$way->deepest()" :plan="$plan" /></td>
                            <td class="num">{{ Typeset::volume($plan->notation, $way->concrete()) }}</td></tr>@endforeach</tbody>
                    </table>
                    <table>
                        <caption>{{ $say('holding.piers.what_stands_of_each') }}</caption>
                        <thead><tr><th scope="col" class="num">{{ $say('holding.piers.out_of') }}</th>
                            <th scope="col">{{ $say('holding.piers.posts') }}</th>
                            <th scope="col" class="num">{{ $say('holding.piers.left_over') }}</th></tr></thead>
                        <tbody>@foreach ($form->bought() as $tube)<tr><td class="num"><x-length :of="$tube->stock->length" :plan="$plan" /></td>
                            <td>@foreach ($tube->pieces as [$post, $piece])<div>{{ $say('holding.piers.piece', post: $post,
                                length: $piece) }}</div>@endforeach</td>
                            <td class="num"><x-length :of="$tube->rest" :plan="$plan" /></td></tr>@endforeach</tbody>
                    </table>
                @endif
                @if ($form->lift !== null)
                    <p class="answer">{{ $say('holding.piers.water_so_deep_lifts_an', force_of: (new LoadNotation($unit))->forceOf($form->lift)) }}
                        </p>@endif
                <details class="why"><summary>{{ $say('page.why_these_numbers') }}</summary><p>{{ $say('holding.piers.a_tube_stands_on_the') }}</p>
                    @if ($form->ways !== [])<p>{{ $say('holding.piers.tubes_how') }}</p>@endif
                    </details>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <form method="get" action="{{ route('footing.piers', $job) }}" class="entry">
                <h2 class="field-wide">{{ $say('holding.piers.tubes_and_bases') }}</h2>
                @foreach ($form->fields() as [$name, $label, $now])
                    <x-sum-field :f="$form->sums->field($name, $label, $say('page.empty', write: $now))" :unit="$unit"
                        />@endforeach
                <x-sum-field :f="$form->sums->field('sold', $say('holding.pier.sold_in'), $form->sold() === ''
                    ? $say('holding.pier.sold_in_why', such: $unit->system()->examples['tubes'])
                        : $say('page.empty', write: $form->sold()))" keys="text" wide />
                <x-choice wide form="sum" name="tubes_are" :label="$say('holding.pier.tubes_are')" :value="$form->tubesAre"
                    :options="$form::waysToTubes()" />
                <x-sum-field :f="$form->sums->field('water', $say('holding.piers.water_in_the_hole'), $say('holding.piers.empty_dry'))" :unit="$unit"
                    />
                <button class="button button-second">{{ $say('page.work_it_out') }}</button>
            </form>
            @if ($form->piers !== [] && $plan->holding)
                <form method="post" action="{{ route('footing.piers.decide', $job) }}" class="entry">
                    @csrf
                    <input type="hidden" name="based_on" value="{{ $job->revision->number }}">
                    @foreach (['top', 'tube', 'base', 'edge', 'standoff', 'sold', 'tubes_are'] as $name)<input type="hidden" name="{{ $name }}"
                        value="{{ $form->sums->typed($name) }}">@endforeach
                    <button class="button">{{ $say('holding.piers.build_piers_so') }}</button>
                </form>
            @elseif ($form->piers !== [])
                <p class="hint">{{ $say('holding.piers.to_put_these_in_force') }} <a
                    href="{{ route('footing.hold', $job) }}">{{ $say('components.ways.footing.hold') }}</a>
                        {{ $say('holding.piers.which_posts_stand_on_piers') }}</p>
            @endif
            <x-cautions :step="Step::Piers" :site="$site" />
        </div>
    </div>
</x-layout>
