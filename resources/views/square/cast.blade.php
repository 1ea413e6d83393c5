@use('Aequus\Plan\Layout\StringAt')
@use('Aequus\Plan\Terms\Side')
@use('App\Type\Typeset')
<x-layout :title="$say('components.ways.square.cast')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="square.cast" />
    <div class="two">
        <section class="paper">
            @if ($again->cast === [])
                <h1>{{ $say('square.cast.nothing_is_entered_as_cast') }}</h1>
                <p class="verdict-why">{{ $say('square.cast.after_a_pour_put_the') }}</p>
            @else
                <h1>{{ $again->cannot() === [] ? $say('square.cast.the_difference_can_be_taken') : $say('square.cast.not_everything_can_be_taken') }}
                    </h1>
                <p class="verdict-why">{{ $say('square.cast.the_plan_is_laid_over', count: count($again->cast) === 1
                    ? $say('square.cast.the_one_pier') : $say('square.cast.piers_or_posts', count: count($again->cast)),
                        number: abs($again->turn) > 1e-6 ? $say('square.cast.turned_by_mm_in_a', number: Typeset::number(abs($again->turn) * 1000, 2))
                            : '') }}
                    @foreach ($again->cannot() as $taken){{ $say('square.cast.would_need_and', label: $taken->post->label, size: $taken->size(),
                        is_dug: $taken->isDug ? $say('square.cast.its_hole_leaves') : $say('square.cast.an_anchor_may_shift'), most: $taken->most) }}
                            @endforeach</p>
                <table><caption>{{ $say('square.cast.cast') }} <span class="muted">{{ $say('square.cast.shift_of_the_anchor_or') }}</span></caption>
                    <thead><tr><th scope="col">{{ $say('page.post') }}</th><th scope="col">{{ $say('square.cast.anchor_goes') }}</th>
                        <th scope="col" class="num">{{ $say('square.cast.in_all') }}</th>
                        <th scope="col">{{ $say('square.cast.can_it') }}</th></tr></thead>
                    <tbody>@foreach ($again->cast as $taken)<tr class="{{ $taken->can() ? '' : 'row-out' }}">
                        <th scope="row">{{ $taken->post->label }}</th>
                            <td>{!! Typeset::shifts($plan, $taken->told($plan->notation->smallestMark()), 'stays') !!}</td>
                                <td class="num"><x-length :of="$taken->size()"
                        :plan="$plan" /></td><td><span
                        class="state state-{{ $taken->can() ? 'fits' : 'out' }}">{{ $taken->can() ? $say('page.yes')
                            : $say('square.cast.no_more_than_this_job') }}</span>
                        </td></tr>@endforeach</tbody></table>
                <table><caption>{{ $say('square.cast.the_rest') }} <span class="muted">{{ $say('square.cast.shift_of_the_mark_on') }}</span></caption>
                    <thead><tr><th scope="col">{{ $say('page.post') }}</th><th scope="col">{{ $say('square.cast.new_mark') }}</th>
                        <th scope="col" class="num">{{ $say('square.cast.in_all') }}</th>
                        <th scope="col">{{ $say('square.cast.can_it') }}</th></tr></thead>
                    <tbody>@foreach ($again->others as $taken)<tr class="{{ $taken->can() ? '' : 'row-out' }}">
                        <th scope="row">{{ $taken->post->label }}</th>
                            <td>{!! Typeset::shifts($plan, $taken->told($plan->notation->smallestMark()), 'stays') !!}</td>
                                <td class="num"><x-length :of="$taken->size()"
                        :plan="$plan" /></td><td><span
                        class="state state-{{ $taken->can() ? 'fits' : 'out' }}">{{ $taken->can() ? ($taken->isDug
                            ? $say('square.cast.yes_its_hole_leaves_room')
                        : $say('square.cast.yes_not_dug')) : $say('square.cast.no_its_hole_is_too') }}</span></td></tr>@endforeach</tbody></table>
                <details class="why"><summary>{{ $say('page.why_2') }}</summary>
                    <p>@if (count($again->cast) === 1){{ $say('square.cast.one_pier_says_where_the') }}@else
                        {{ $say('square.cast.the_plan_is_turned_and') }}@endif {{ $say('square.cast.a_round_hole_leaves_diameter') }}</p>
                    </details>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <section id="entry">
                <h2>{{ $say('square.cast.as_it_stands') }}</h2>
                <x-entry-form kind="as_cast" name="cast">
                    <x-posts name="cast_post" form="cast" :label="$say('square.cast.pier_or_post')" :posts="$plan->grid->posts" />
                    <p class="hint field-wide">{{ $say('square.cast.how_far_its_middle_stands') }}
                        @if ($plan->layout->strings->at !== StringAt::Centre){{ $say('square.cast.the_strings_run_beside_it',
                            off_x: $plan->layout->strings->off($plan->stoutestOn($plan->grid->columns->lines[0], Side::PlusX), Side::PlusX),
                            off_y: $plan->layout->strings->off($plan->stoutestOn($plan->grid->rows->lines[0], Side::PlusY), Side::PlusY)) }}
                        @endif</p>
                    <x-field name="along_x" form="cast" :label="$say('page.off_by')" :unit="$unit" />
                    <x-choice name="toward_x" form="cast" :label="$say('square.cast.toward_the')"
                        :options="['plus_x' => $plan->sides->plusX, 'minus_x' => $plan->sides->minusX]" />
                    <x-field name="along_y" form="cast" :label="$say('square.cast.and_off_by')" :unit="$unit" />
                    <x-choice name="toward_y" form="cast" :label="$say('square.cast.toward_the')"
                        :options="['plus_y' => $plan->sides->plusY, 'minus_y' => $plan->sides->minusY]" />
                    <button class="button">{{ $say('page.write_it_down') }}</button>
                </x-entry-form>
            </section>
        </div>
    </div>
</x-layout>
