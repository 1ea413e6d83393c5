@use('Aequus\Adjust\Placement\PlacementWay')
@use('Aequus\Measure\TapeClass')
@use('Aequus\Words\Names')
@use('Aequus\Words\Square\WantedWords')
@use('Aequus\Words\Adjust\AdjustNames')
@use('App\View\Choices')
@use('Illuminate\Support\Str')
<x-layout :title="$say('components.ways.square.prove')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="square.prove" />
    <div class="two">
        <section class="paper">
            @if ($proof === null)
                <h1>{{ count($plan->grid->posts) < 2 ? $say('square.prove.one_post_has_nothing_to')
                    : $say('square.prove.this_list_leaves_stakes_free') }}</h1>
            @else
                <h1>{{ $proof->isEnough ? $say('square.prove.these_readings_can_prove_it') : $say('square.prove.these_readings_cant_prove_it') }}</h1>
                <p class="verdict-why">{{ $say('square.prove.with_a_open_by_the', count: count($state->square->wanted),
                    what: Names::of($plan->layout->tape), label: $proof->worstPost->label, worst: $proof->worst,
                        squareness: $proof->allowed()) }}
                    @if ($proof->slipSeen) {{ $say('square.prove.a_slip_of_or_more', slip_seen: $proof->slipSeen) }} @elseif ($proof->unchecked)
                        {{ $say('square.prove.nothing_checks_read_twice',
                            join: array_slice($proof->unchecked, 0, 4),
                                count: count($proof->unchecked)) }} @endif</p>
                @if (! $proof->isEnough)
                    <p class="verdict-why">@if ($proof->further){{ $say('square.prove.the_further_tape_that_helps',
                        what: WantedWords::of($proof->further), with_further: $proof->withFurther) }} @else
                            {{ $say('square.prove.no_further_tape_between_these') }}
                        @endif
                        @if ($proof->roughestTape()) {{ $say('square.prove.with_a_b_b_the', what: Names::of($proof->roughestTape())) }}@else
                            {{ $say('square.prove.no_class_of_tape_makes') }}@endif</p>
                @elseif ($proof->notWorthPulling)
                    <p class="verdict-why">{{ $say('square.prove.not_worth_pulling_all_of',
                        join: $proof->notWorthPulling) }}</p>
                    <form method="post" action="{{ route('square.spare', $job) }}" class="no-print">@csrf<input type="hidden" name="based_on"
                        value="{{ $job->revision->number }}">
                        @if ($plan->layout->spared === [])<button
                            class="button button-second">{{ $say('square.prove.leave_them_out') }}</button>@else<input type="hidden"
                            name="all"
                            value="1"><p class="hint">{{ $say('square.prove.left_out_asked_for_only', count: count($plan->layout->spared)) }}</p>
                            <button class="button button-second">{{ $say('square.prove.pull_the_whole_list') }}</button>@endif
                    </form>
                @endif
                <details class="why"><summary>{{ $say('page.why_2') }}</summary>
                    <p>{{ $say('square.prove.every_planned_reading_is_given',
                        way: AdjustNames::judged(PlacementWay::from($plan->layout->placement->value)), surplus: $proof->surplus) }}</p>
                    <p>{{ $say('square.prove.a_slip_shows_when_it') }}</p>
                </details>
                <table>
                    <caption>{{ $say('square.prove.left_open_by_tape') }}</caption>
                    <thead><tr><th scope="col">{{ $say('square.prove.with_a') }}</th>
                        <th scope="col" class="num">{{ $say('square.prove.worst_stake_open_by') }}</th>
                        <th scope="col">{{ $say('square.prove.for', squareness: $proof->allowed()) }}</th></tr></thead>
                    <tbody>@foreach ($proof->byTape as $class => $ring)
                        <tr class="{{ TapeClass::from($class) === $plan->layout->tape ? 'row-chosen' : '' }}">
                            <th scope="row">{{ Names::of(TapeClass::from($class)) }}</th>
                        <td class="num strong"><x-length :of="$ring" :plan="$plan" /></td>
                        <td><span class="state state-{{ $ring->isLongerThan($proof->allowed()) ? 'out'
                            : 'fits' }}">{{ $ring->isLongerThan($proof->allowed())
                        ? $say('square.prove.not_enough') : $say('page.enough') }}</span></td></tr>@endforeach</tbody>
                </table>
                <div class="tables-side">
                    <table>
                        <caption>{{ $say('square.prove.left_open_by_stake') }}</caption>
                        <thead><tr><th scope="col">{{ $say('page.stake') }}</th><th scope="col" class="num">{{ $say('square.prove.open_by') }}</th>
                            </tr></thead>
                        <tbody>@foreach ($plan->grid->posts as $post)
                            <tr class="{{ ! $proof->proves($post) ? 'row-out' : '' }}">
                            <th scope="row">{{ $post->label }}</th><td class="num"><x-length :of="$proof->ring($post)" :plan="$plan" /></td></tr>
                            @endforeach</tbody>
                    </table>
                    <table>
                        <caption>{{ $say('square.prove.the_list_in_walking_order') }}</caption>
                        <thead><tr><th scope="col">{{ $say('page.no') }}</th><th scope="col">{{ $say('square.prove.reading') }}</th>
                            <th scope="col" class="num">{{ $say('square.prove.by_the_plan') }}</th></tr></thead>
                        <tbody>@foreach ($state->square->wanted as $i => $wanted)<tr><td>{{ $i + 1 }}</td>
                            <th scope="row">{{ WantedWords::of($wanted) }}</th>
                            <td class="num"><x-length :of="$wanted->planned()->magnitude()" :plan="$plan" /></td></tr>@endforeach</tbody>
                    </table>
                </div>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <section id="entry">
                <h2>{{ $say('square.prove.how_it_is_proved') }}</h2>
                <form method="post" action="{{ route('square.rules', $job) }}" class="entry">
                    @csrf <input type="hidden" name="form" value="prove"><input type="hidden" name="based_on"
                        value="{{ $job->revision->number }}"><input type="hidden" name="reason" value="How the layout is proved">
                    <x-choice name="list" form="prove" :label="$say('square.prove.list')" :value="$plan->layout->list->value"
                        :options="['full' => $say('square.prove.full_tapes_alone'), 'lean' => $say('square.prove.lean_the_strings_are_up')]" />
                    <x-choice name="tape" form="prove" :label="$say('page.tape')" :value="$plan->layout->tape->value"
                        :options="Choices::of(TapeClass::cases())" />
                    <x-choice name="placement" form="prove" :label="$say('page.judged')" :value="$plan->layout->placement->value"
                        :options="['base_line' => $say('square.prove.from_the_base_line'), 'best_fit' => $say('square.prove.by_best_fit'),
                            'fewest_moves' => $say('square.prove.by_fewest_moves')]" />
                    <x-choice name="stage" form="prove" :label="$say('square.prove.proved_on')"
                        :value="$plan->layout->roughFirst ? 'rough' : 'stakes'"
                        :options="['stakes' => $say('square.prove.the_stakes_alone'), 'rough'
                            => $say('square.prove.boards_and_strings_stakes_roughly')]" />
                    <x-field name="reach" form="prove" :label="$say('square.prove.the_tape_reaches')" :hint="$say('square.prove.empty_far_enough')"
                        :unit="$unit"
                        :value="$plan->layout->reach ? $plan->write($plan->layout->reach) : ''" />
                    <x-choice name="base_from" form="prove" :label="$say('square.prove.base_line_from')"
                        :value="$plan->layout->baseFrom ? $plan->grid->find($plan->layout->baseFrom)?->label : ''"
                            :options="['' => $say('square.prove.first_of_row_1')] +
                        Choices::posts($plan->grid->posts)" />
                    <x-choice name="base_to" form="prove" :label="$say('page.to_2')"
                        :value="$plan->layout->baseTo ? $plan->grid->find($plan->layout->baseTo)?->label : ''"
                        :options="['' => $say('square.prove.last_of_row_1')] + Choices::posts($plan->grid->posts)" />
                    <button class="button button-second">{{ $say('page.put_it_in_force') }}</button>
                </form>
                @if (count($plan->grid->posts) > 1)<p class="hint">{{ $say('square.prove.lean_sides_and_diagonals_of') }}</p>@endif
            </section>
        </div>
    </div>
</x-layout>
