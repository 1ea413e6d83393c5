@use('Aequus\Words\Names')
@use('App\View\Choices')
@use('Aequus\Plan\Layout\StringAt')
@use('Aequus\Measure\Notation')
@use('Aequus\Site\Step')
@use('Aequus\Square\SettingOut\Diagonal')
@use('Aequus\Square\SettingOut\Rack')
@use('App\Type\Typeset')
<x-layout :title="$say('components.ways.square.hand')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="square.hand" />
    <div class="two">
        <section class="paper">
            <h1>{{ $say('square.hand.setting_out_by_hand') }}</h1>
            <p class="verdict-why">{{ $say('square.hand.strings_run') }}
                <b>{{ Names::of($plan->layout->strings->at) }}@if ($plan->layout->strings->at->value === 'offset')
                <x-length
                :of="$plan->layout->strings->typed()" :plan="$plan" />@endif</b>{{ $say('square.hand.every_mark_is_counted_from') }}</p>
            @if ($outline->backAlong->isPositive())<p class="verdict-why">{{ $outline->backAlong->equals($outline->backAway)
                ? $say('square.hand.stands_back', back: $outline->backAlong)
                : $say('square.hand.stands_back_both_ways', along: $outline->backAlong, away: $outline->backAway) }}</p>@endif
            @if ($plan->grid->corners())
                <dl class="facts">
                    <div><dt>{{ $say('square.hand.between_the_outer_strings') }}</dt>
                        <dd class="strong">{{ $say('square.hand.by', length: $outline->length, width: $outline->width) }}</dd></div>
                    <div><dt>{{ $say('square.hand.both_diagonals_of_the_strings') }}</dt><dd class="strong"><x-length :of="$outline->diagonal"
                        :plan="$plan" /></dd></div>
                    @if ($hand->rightAngle())<div><dt>{{ $say('square.hand.largest_3_4_5_that', multiple: $hand->rightAngle()->multiple) }}</dt>
                        <dd class="strong">{{ $say('square.hand.along_across_between', on_x: $hand->rightAngle()->onX, on_y: $hand->rightAngle()->onY,
                            across: $hand->rightAngle()->across) }}</dd></div>@endif
                    <div><dt>{{ $say('square.hand.a_far_side_off_by', squareness: $plan->tolerances->squareness) }}</dt>
                        <dd>{{ $say('square.hand.makes_the_diagonals_differ_by', what: Rack::diagonalDifference($plan->tolerances->squareness,
                            $plan->grid->corners()->length(), Diagonal::of($plan->grid->corners()->length(), $plan->grid->corners()->width()),
                                Diagonal::of($plan->grid->corners()->length(), $plan->grid->corners()->width()))) }}</dd></div>
                </dl>
                <details class="why"><summary>{{ $say('page.why_2') }}</summary>
                    <p>{{ $say('square.hand.the_diagonal_is_length_width', length: $outline->length, width: $outline->width) }}</p>
                    </details>
            @endif
            <div class="tables-side">
                @foreach ([[$say('page.along_the_base_line'), $outline->columns, $say('page.column')],
                    [$say('square.hand.marks_away_from_it'), $outline->rows, $say('page.row')]] as [$caption,
                    $marks, $what])
                    @continue(count($marks) < 2)
                    <table><caption>{{ $caption }} <span class="muted">{{ $plan->grid->isRow()
                        ? $say('components.marks.from_one_zero_the_centre', name: $marks[0]->line)
                        : $say('square.hand.zero_where_the_outer_strings') }}</span></caption>
                        <thead><tr><th scope="col">{{ $what }}</th><th scope="col" class="num">{{ $say('page.near_face') }}</th>
                            <th scope="col" class="num">{{ $say('page.centre') }}</th>
                            <th scope="col" class="num">{{ $say('page.far_face') }}</th></tr></thead>
                        <tbody>@foreach ($marks as $mark)<tr><th scope="row">{{ $mark->line }}</th><td class="num"><x-length :of="$mark->nearFace"
                            :plan="$plan" /></td><td class="num strong"><x-length :of="$mark->centre" :plan="$plan" /></td>
                            <td class="num"><x-length :of="$mark->farFace" :plan="$plan" /></td></tr>@endforeach</tbody></table>
                @endforeach
            </div>
            @if ($alike)<table>
                <caption>{{ $say('square.hand.batter_boards') }} <span
                    class="muted">{{ $plan->layout->boards->height === null
                        ? $say('square.hand.set_back_tops_level', setback: $plan->layout->boards->setback)
                        : $say('square.hand.set_back_tops_at', setback: $plan->layout->boards->setback,
                            height: $plan->layout->boards->height) }}</span></caption>
                <thead><tr><th scope="col">{{ $say('square.hand.side') }}</th><th scope="col">{{ $say('square.hand.nails') }}</th>
                    <th scope="col" class="num">{{ $say('square.hand.board_long') }}</th>
                    <th scope="col" class="num">{{ $say('square.hand.centre_mark_from_its_near') }}</th>
                        <th scope="col" class="num">{{ $say('square.hand.nail_from_its_near_end') }}</th>
                    <th scope="col" class="num">{{ $say('square.hand.nail_from_the_centre_mark') }}</th></tr></thead>
                <tbody>@foreach ($alike as $row)<tr><th scope="row">{{ $plan->sides->nameOf($row->side) }}</th>
                    <td>{{ implode(', ', $row->lines) }}</td>
                    <td class="num"><x-length :of="$row->length" :plan="$plan" /></td><td class="num"><x-length :of="$row->nail->centre" :plan="$plan"
                    /></td><td class="num strong decides"><x-length :of="$row->nail->nail" :plan="$plan" /></td>
                    <td class="num">@if ($row->nail->fromCentre->isZero()) {{ $say('page.on_it') }} @elseif ($row->nail->fromCentre->isNegative())
                        {{ $say('square.hand.back', magnitude: $row->nail->fromCentre->magnitude()) }} @else
                            {{ $say('square.hand.on', from_centre: $row->nail->fromCentre) }}
                    @endif</td></tr>@endforeach</tbody>
            </table>@endif
            @foreach ($hindered as $fact)<p class="verdict-why"><x-words :say="$site->speech->say($fact)" /></p>@endforeach
            @if ($alike)<p class="hint">{{ $say('square.hand.the_near_end_is_the', label: $plan->grid->posts[0]->label) }}</p>@endif
            @if ($hold)
                <table>
                    <caption>{{ $say('square.hand.two_tapes_crossing') }} <span
                        class="muted">{{ $say('square.hand.hooked_at_and_drawn_tight', label: $hold->p->label, label_b: $hold->q->label) }}</span>
                            </caption>
                    <thead><tr><th scope="col">{{ $say('page.post') }}</th>
                        <th scope="col" class="num">{{ $say('page.from_post', label: $hold->p->label) }}</th>
                        <th scope="col" class="num">{{ $say('page.from_post', label: $hold->q->label) }}</th>
                            <th scope="col">{{ $say('square.hand.they_cross_at') }}</th></tr></thead>
                    <tbody>@foreach ($hold->posts as $number)<tr><th scope="row">{{ $number->post->label }}</th>
                        <td class="num strong"><x-length :of="$number->fromP" :plan="$plan" /></td>
                        <td class="num strong"><x-length :of="$number->fromQ" :plan="$plan" /></td>
                        <td>{{ $number->isFlat ? $say('square.hand.too_flat_to_mark_set') : round($number->angle).'°' }}</td></tr>@endforeach</tbody>
                </table>
                @if ($hold->furthest())<details class="why"><summary>{{ $say('page.why_2') }}</summary>
                    <p>{{ $say('square.hand.stands_along_and_away_from', label: $hold->furthest()->post->label,
                        magnitude: $hold->furthest()->post->at->x->minus($hold->p->at->x)->magnitude(),
                            magnitude_b: $hold->furthest()->post->at->y->minus($hold->p->at->y)->magnitude(), label_b: $hold->p->label,
                                distance_to: $hold->p->at->distanceTo($hold->furthest()->post->at), conditions: $hand->conditions
                                    ? $say('square.hand.held_as_noted_the_tape') : '') }}@if ($hand->conditions)<x-length
                    :of="$hold->furthest()->fromP" :plan="$plan" />@endif{{ $say('square.hand.the_same_from_tapes_that', label: $hold->q->label) }}
                        </p></details>@endif
                @if ($hand->conditions)<p
                    class="hint">{{ $say('square.hand.held_for_the_marks_that', celsius: $hand->conditions->celsius !== null
                        ? $hand->conditions->celsius.' °C '
                    : '', newtons: $hand->conditions->newtons !== null ? $hand->conditions->newtons.' N ' : '',
                        hangs_whole: $hand->conditions->hangsWhole
                    ? $say('square.hand.hanging_free') : '') }}</p>@endif
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <section id="entry">
                <h2>{{ $say('square.hand.strings_and_boards') }}</h2>
                <form method="post" action="{{ route('square.rules', $job) }}" class="entry">
                    @csrf <input type="hidden" name="form" value="boards"><input type="hidden" name="based_on"
                        value="{{ $job->revision->number }}"><input type="hidden" name="reason" value="Strings and boards">
                    <x-choice name="strings" form="boards" :label="$say('square.hand.strings_run')" :value="$plan->layout->strings->at->value"
                        :options="Choices::of(StringAt::cases())" />
                    <x-field name="string_off" form="boards" :label="$say('page.off_by')" :hint="$say('square.hand.only_where_it_is_typed')"
                        :unit="$unit"
                        :value="Typeset::typed($plan->notation, $plan->layout->strings->typed())" />
                    <x-field name="setback" form="boards" :label="$say('square.hand.boards_stand_back')" :unit="$unit"
                        :value="Typeset::typed($plan->notation, $plan->layout->boards->setback)" />
                    <x-field name="board_length" form="boards" :label="$say('square.hand.board_length')" :unit="$unit"
                        :value="Typeset::typed($plan->notation, $plan->layout->boards->length)" />
                    <x-field name="board_height" form="boards" :label="$say('square.hand.tops_above_zero')"
                        :hint="$say('square.hand.empty_not_decided')" :unit="$unit"
                        :value="Typeset::typed($plan->notation, $plan->layout->boards->height)" />
                    <x-field name="cover" form="boards" :label="$say('page.cover_round_the_post')" :hint="$say('square.hand.that_the_hole_must_keep')"
                        :unit="$unit"
                        :value="Typeset::typed($plan->notation, $plan->layout->cover)" />
                    <button class="button button-second">{{ $say('page.put_it_in_force') }}</button>
                </form>
            </section>
            <form method="get" action="{{ route('square.hand', $job) }}" class="stack sums">
                <section>
                    <h2>{{ $say('square.hand.parallel_to_a_wall') }}</h2>
                    <div class="entry">@foreach ([$hand->sums->field('offset_1', $say('square.hand.offset_at_the_near_end')),
                        $hand->sums->field('station_1',
                        $say('square.hand.taken_at'),
                        $say('square.hand.along_the_line_0_to')), $hand->sums->field('offset_2', $say('square.hand.offset_at_the_far_end')),
                            $hand->sums->field('station_2',
                            $say('square.hand.taken_at'))] as $f)
                        <x-sum-field :f="$f" :unit="$unit" />@endforeach</div>
                    @if ($hand->swing)<p class="answer">@if ($hand->swing->isZero()) {{ $say('square.hand.it_runs_parallel_already') }}
                        @elseif ($hand->swing->isNegative()) {{ $say('square.hand.swing_the_far_end_toward', magnitude: $hand->swing->magnitude()) }}
                        @else {{ $say('square.hand.swing_the_far_end_away', magnitude: $hand->swing->magnitude()) }} @endif</p>@endif
                </section>
                <section>
                    <h2>{{ $say('square.hand.how_the_tape_is_held') }}</h2>
                    <div class="entry">@foreach ([$hand->sums->field('celsius', $say('page.temperature_c')), $hand->sums->field('newtons',
                        $say('page.pull_n'))] as $f)
                        <x-sum-field :f="$f" />@endforeach<label class="tick"><input type="checkbox" name="hangs" value="1"
                        @checked($hand->sums->ticked('hangs'))> {{ $say('square.hand.hangs_free') }}</label></div>
                </section>
                <section>
                    <h2>{{ $say('square.hand.two_tapes_compared') }}</h2>
                    <div class="entry">@foreach ([$hand->sums->field('short_1', $say('square.hand.short_first_tape')), $hand->sums->field('short_2',
                        $say('square.hand.second_tape')),
                        $hand->sums->field('long_1',
                        $say('square.hand.long_first_tape')), $hand->sums->field('long_2', $say('square.hand.second_tape'))] as $f)
                            <x-sum-field :f="$f" :unit="$unit" />@endforeach</div>
                    @if ($hand->tapes)<p class="answer">{{ $say('square.hand.at_its_hook_the_second', magnitude: $hand->tapes->constant->magnitude(),
                        is_negative: $hand->tapes->constant->isNegative() ? $say('square.hand.little') : $say('square.hand.much'),
                            roundly: $plan->notation->system()->roundly($plan->notation->system()->longTape),
                                times: $say->fine($plan->notation->system()->longTape->times(abs($hand->tapes->perLength))),
                                    per_length: $hand->tapes->perLength < 0 ? $say('square.hand.little') : $say('square.hand.much')) }}</p>@endif
                </section>
                <section>
                    <h2>{{ $say('square.hand.a_line_over_an_obstacle') }}</h2>
                    <div class="entry"><x-sum-field :f="$hand->sums->field('over', $say('square.hand.carried_over_at_a_height'))" :unit="$unit"
                        /></div>
                    @if ($hand->plumbed)<p class="answer">{{ $say('square.hand.plumbed_down_at_both_ends',
                        times: $say->fine($hand->plumbed->withLevel->times(1.96)), times_b: $say->fine($hand->plumbed->withBob->times(1.96))) }}
                        @if ($hand->plumbed->highestWithLevel){{ $say('square.hand.for_this_jobs_tolerance_the',
                            highest_with_level: $hand->plumbed->highestWithLevel) }} @endif {{ $say('square.hand.or_run_the_string_beside') }}</p>
                                @endif
                </section>
                <button class="button button-second">{{ $say('page.work_it_out') }}</button>
            </form>
            <x-fixed-line-form :site="$site" />
            <x-cautions :step="Step::Squaring" :site="$site" />
        </div>
    </div>
</x-layout>
