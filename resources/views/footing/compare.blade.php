@use('Aequus\Footing\Comparison\DepthPrices')
@use('Aequus\Words\Names')
@use('App\Type\Typeset')
<x-layout :title="$say('components.ways.footing.compare')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="footing.compare" />
    <div class="two">
        <section class="paper">
            @if ($site->state->footing->needs === [])
                @include('footing.empty')
            @elseif ($form->comparison === null)
                @include('footing.refused')
            @else
                                <h1>{{ $say('footing.compare.cheapest', what: Names::of($form->comparison->cheapest->mode)) }}</h1>
                <p class="verdict-why">{{ $say('footing.compare.it_comes_to_in_your', money: Typeset::money($form->comparison->cheapest->cost)) }}
                    @if ($form->comparison->cheapest->beyondAuger !== [])
                        {{ $say('footing.compare.no_way_stays_within_the') }}@elseif ($form->auger === null)
                            {{ $say('footing.compare.no_auger_is_named_so') }}@endif</p>
                <table>
                    <caption>{{ $say('footing.compare.ways_to_choose_the_depths') }} <span
                        class="muted">{{ Names::of($form->hold) ?: $say('footing.compare.held_as_decided') }}</span></caption>
                    <thead><tr><th scope="col">{{ $say('footing.compare.way') }}</th><th scope="col" class="num">{{ $say('page.to_dig') }}</th>
                        <th scope="col" class="num">{{ $say('footing.compare.longest_hole') }}</th>
                        <th scope="col" class="num">{{ $say('page.concrete') }}</th>
                            <th scope="col" class="num">{{ $say('footing.compare.post_to_buy') }}</th>
                                <th scope="col" class="num">{{ $say('footing.compare.lengths') }}</th>
                        <th scope="col" class="num">{{ $say('footing.compare.cost') }}</th></tr></thead>
                    <tbody>@foreach ($form->comparison->ways as $way)<tr class="{{ $way === $form->comparison->cheapest ? 'row-chosen' : '' }}">
                        <th scope="row">{{ Names::of($way->mode) }}@if ($way->beyondAuger !== [])<br><span
                        class="state state-out">{{ $say('footing.compare.beyond_the_auger', count: count($way->beyondAuger),
                            join: collect($way->beyondAuger)->take(5)->map(fn ($post) => $post->label)->join(', '),
                                count_b: count($way->beyondAuger) > 5 ? ' …'
                        : '') }}</span>@endif <form method="post" action="{{ route('footing.way', $job) }}">@csrf<input type="hidden" name="based_on"
                        value="{{ $job->revision->number }}"><input type="hidden" name="mode" value="{{ $way->mode->value }}"><input type="hidden"
                        name="plane" value="{{ $form->sums->typed('plane') }}"><button class="button button-second button-small"
                        aria-label="{{ $say('footing.compare.take_it', what: Names::of($way->mode)) }}">{{
                            $say('footing.compare.take_it_2') }}</button></form></th>
                            <td class="num">{{ Typeset::volume($plan->notation, $way->dug) }}</td>
                        <td class="num"><x-length :of="$way->longest->depth" :plan="$plan" /> <span
                        class="muted">{{ $way->longest->of->label }}</span></td>
                            <td class="num">{{ Typeset::volume($plan->notation, $way->concrete) }}</td>
                        <td class="num"><x-length :of="$way->stock" :plan="$plan" /></td><td class="num">{{ $way->lengths }}</td>
                        <td class="num strong">{{ Typeset::money($way->cost) }}</td></tr>@endforeach</tbody>
                </table>
                @if ($section = $form->section())
                    <p class="hint">{{ $say('footing.compare.one_plane_as_tried_drag') }}</p>
                    <x-drawing.section :model="$section" field="sum-plane" />
                @endif
                @if ($form->comparison->flips === [])
                    <p class="hint">{{ count($site->state->footing->needs) === 1 ? $say('footing.compare.one_post_every_way_comes')
                        : $say('footing.compare.no_single_price_would_change') }}</p>
                @else
                    <h2>{{ $say('footing.compare.what_would_change_the_answer') }}</h2>
                    <ul class="plain">@foreach ($form->comparison->flips as $flip)
                        <li>{{ $say('footing.compare.at_instead_of_then_costs', part: ucfirst($form->per($flip->price)),
                            number: Typeset::number($form->flipAt($flip), 2), number_b: Typeset::number($form->prices[$flip->price], 2),
                                what: Names::of($flip->way->mode), now: $flip->at > $flip->now ? $say('page.above') : $say('page.below')) }}</li>
                                    @endforeach</ul>
                @endif
                <details class="why"><summary>{{ $say('page.why_these_numbers') }}</summary>
                    <p>{{ $say('footing.compare.every_way_keeps_every_rule', sold_by: $form->soldBy) }}</p></details>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <form method="get" action="{{ route('footing.compare', $job) }}" class="entry">
                <h2 class="field-wide">{{ $say('footing.compare.weigh_them_with') }}</h2>
                @include('footing.hold-choice', ['value' => $form->hold?->value])
                @if ($section = $form->section())<x-choice form="sum" name="along" :label="$say('page.section_along')" :value="$section->shown"
                    :options="$section->choices" />@endif
                <x-sum-field :f="$form->sums->field('plane', $say('footing.compare.one_plane_at_above_zero'),
                    $say('footing.compare.empty_as_high_as_the'))" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('auger', $say('footing.compare.auger_reaches'), $say('footing.compare.empty_not_minded'))"
                    :unit="$unit" />
                <x-sum-field :f="$form->sums->field('sold_by', $say('footing.compare.posts_are_sold_in_steps'), $say('page.empty',
                    write: $form->soldBy))" :unit="$unit"
                    />
                @foreach (DepthPrices::NAMES as $name)
                    <x-sum-field :f="$form->sums->field('price_'.$name, ucfirst($form->per($name)),
                        $say('footing.compare.empty_made_up', number: Typeset::number($form->prices[$name],
                        2)))"
                    />@endforeach
                <button class="button button-second">{{ $say('page.work_it_out') }}</button>
            </form>
        </div>
    </div>
</x-layout>
