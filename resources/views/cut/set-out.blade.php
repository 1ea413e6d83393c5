@use('Aequus\Plan\Terms\Side')
<x-layout :title="$say('components.ways.cut.set-out')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="cut.set-out" />
    <div class="two">
        <section class="paper">
            @if ($form->members === null)
                @include('footing.refused')
            @else
                <h1>{{ $say('cut.set_out.across', count: count($form->members->nearFaces), length: $form->length) }}</h1>
                <p class="verdict-why">{{ $say('cut.set_out.all_marks_run_from_one', what: $plan->sides->nameOf($form->alongX ? Side::MinusX
                    : Side::MinusY)) }} @if ($form->members->gap){{ $say('cut.set_out.clear_between_two_b_b', gap: $form->members->gap) }}@endif
                        @if ($form->members->remainder){{ $say('cut.set_out.the_last_bay_is_cut', remainder: $form->members->remainder) }}@endif</p>
                <table>
                    <caption>{{ $say('cut.set_out.marking_list') }} <span
                        class="muted">{{ $say('cut.set_out.near_face_of_each_the') }}</span></caption>
                    <thead><tr><th scope="col" class="num">{{ $say('page.no') }}</th><th scope="col" class="num">{{ $say('page.near_face') }}</th>
                        <th scope="col" class="num">{{ $say('page.centre') }}</th>
                        </tr></thead>
                    <tbody>@foreach ($form->members->nearFaces as $i => $face)<tr><th scope="row" class="num">{{ $i + 1 }}</th>
                        <td class="num strong"><x-length :of="$face" :plan="$plan" /></td>
                        <td class="num"><x-length :of="$face->plus($form->thickness->half())" :plan="$plan" /></td></tr>@endforeach</tbody>
                </table>
                <p><a href="{{ route('cut.set-out.pole', ['job' => $job] + request()->query()) }}"
                    hx-boost="false">{{ $say('cut.set_out.the_list_in_full_size') }}</a></p>
                <table>
                    <caption>{{ $say('cut.set_out.posts_under_it') }} <span class="muted">{{ $say('cut.set_out.centres_from_the_same_zero') }}</span>
                        </caption>
                    <thead><tr><th scope="col">{{ $form->alongX ? $say('page.column') : $say('page.row') }}</th>
                        <th scope="col" class="num">{{ $say('page.centre') }}</th></tr></thead>
                    <tbody>@foreach ($form->posts as $line => $at)<tr><th scope="row">{{ $line }}</th>
                        <td class="num"><x-length :of="$at" :plan="$plan" /></td></tr>@endforeach</tbody>
                </table>
                @if ($form->seat)<p class="answer">{{ $say('cut.set_out.seat_cut_a_shoulder_below', shoulder_below_top: $form->seat->shoulderBelowTop,
                    depth: $form->seat->depth, left: $form->seat->left, leaves_enough: $form->seat->leavesEnough
                        ? $say('cut.set_out.the_beam_bears_on_wood')
                    : $say('cut.set_out.that_is_less_than_half')) }}</p>@endif
                <details class="why"><summary>{{ $say('cut.set_out.why_these_marks') }}</summary>
                    <p>{{ $say('cut.set_out.even_gap_length_n_thickness') }}</p></details>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <form method="get" action="{{ route('cut.set-out', $job) }}" class="entry">
                <h2 class="field-wide">{{ $say('cut.set_out.rafters_joists_battens_or_boards') }}</h2>
                <x-choice wide form="sum" name="along" :label="$say('cut.set_out.marked_on_a_beam_along')" :value="$form->alongX ? 'x' : 'y'"
                    :options="['x' => $say('cut.set_out.a_row_a1_b1'), 'y' => $say('cut.set_out.a_column_a1_a2')]" />
                <x-sum-field :f="$form->sums->field('overhang', $say('cut.set_out.overhang_past_the_posts'))" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('length', $say('cut.set_out.or_its_whole_length'), $say('page.empty',
                    write: $form->length))" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('thickness', $say('cut.set_out.each_is_thick'), $say('page.empty',
                    write: $form->thickness))" :unit="$unit" />
                <x-choice wide form="sum" name="spread" :label="$say('cut.set_out.spread')" :value="$form->spread" :options="$form::spreads()" />
                <x-sum-field :f="$form->sums->field('gap', $say('cut.set_out.gap_or_centres'), $say('cut.set_out.as_chosen_beside'))" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('count', $say('cut.set_out.how_many'), $say('cut.set_out.for_even_so_many'))" />
                <h2 class="field-wide">{{ $say('cut.set_out.a_seat_for_the_beam') }}</h2>
                <x-sum-field :f="$form->sums->field('beam', $say('cut.set_out.beam_high'))" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('notch', $say('cut.set_out.notch_deep'), $say('cut.set_out.empty_a_third_of_the'))" :unit="$unit"
                    />
                <button class="button button-second">{{ $say('page.work_it_out') }}</button>
            </form>
        </div>
    </div>
</x-layout>
