@use('Aequus\Level\BoardLevel')
@use('Aequus\Measure\Length')
@use('Aequus\Words\Level\InstrumentWords')
@use('App\Level\InstrumentSums')
@use('App\Type\Typeset')
<x-layout :title="$say('components.ways.level.instruments')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="level.instruments" />
    <div class="two">
        <section class="paper">
            @if (count($plan->grid->posts) === 1)
            <h1>{{ $say('level.instruments.one_post_has_no_far') }}</h1>
            <p class="verdict-why">{{ $say('level.instruments.any_level_will_do_to') }}</p>
            @elseif (isset($tests->sums->refusals['board']))
            <h1>{{ $say('page.this_cant_be_worked_out') }}</h1>
            <p class="verdict-why">{{ $say('level.instruments.the_boards_length_below_is') }}</p>
            <form method="get" action="{{ route('level.instruments', $job) }}" class="entry">
                <x-sum-field :f="$tests->sums->field('board', $say('level.instruments.board_for_hopping'))"
                :unit="$unit" /><button class="button button-second">{{ $say('page.work_it_out') }}</button></form>
            @else
            <h1>{{ $choice->recommended() === null ? $say('level.instruments.no_instrument_here_meets_the')
                : $say('level.instruments.will_do', name: ucfirst(InstrumentWords::name($choice->recommended()->instrument))) }}</h1>
            <p class="verdict-why">@if ($choice->recommended()){{ $say('level.instruments.it_is_the_simplest_that',
                squareness: $plan->tolerances->squareness, it: $site->speech->say($choice->recommended()->how)) }}@else
                    {{ $say('level.instruments.none_keeps_the_far_corner', squareness: $plan->tolerances->squareness) }}@endif</p>
            <table>
                <caption>{{ $say('level.instruments.what_each_would_do_on') }} <span
                    class="muted">{{ $say('level.instruments.from_one_corner_to_the') }}</span></caption>
                <thead><tr><th scope="col">{{ $say('level.instruments.instrument') }}</th>
                    <th scope="col" class="num">{{ $say('page.off_by_up_to_95') }}</th>
                        <th scope="col" class="num">{{ $say('level.instruments.readings') }}</th>
                    <th scope="col">{{ $say('level.instruments.how') }}</th><th scope="col">{{ $say('page.will_it_do') }}</th></tr></thead>
                <tbody>@foreach ($choice->instruments as $one)<tr class="{{ $one === $choice->recommended() ? 'row-chosen' : '' }}">
                    <th scope="row">{{ InstrumentWords::name($one->instrument) }}</th><td class="num strong">{{ Typeset::tenth($one->error) }}</td>
                    <td class="num">{{ $one->readings }}</td><td><x-words :say="$site->speech->say($one->how)" /></td>
                    <td><span class="state state-{{ $one->meets ? 'fits' : 'out' }}">{{ $one->meets ? $say('page.yes') : $say('page.no_2') }}</span>
                        </td></tr>
                    @endforeach</tbody>
            </table>
            <form method="get" action="{{ route('level.instruments', $job) }}" class="entry">
                <x-sum-field :f="$tests->sums->field('board', $say('level.instruments.board_for_hopping'), $say('page.empty',
                    write: $tests->board))" :unit="$unit" /><button
                class="button button-second">{{ $say('page.work_it_out') }}</button></form>
            @endif
            <details class="why"><summary>{{ $say('page.why_2') }}</summary>
                <p>{{ $say('level.instruments.a_spirit_level_is_taken', r_e_a_d_i_n_g: BoardLevel::READING) }}</p></details>
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <form method="get" action="{{ route('level.instruments', $job) }}" class="stack sums">
                <section>
                    <h2>{{ $say('level.instruments.a_spirit_level_by_turning') }}</h2>
                    <p class="hint">{{ $say('level.instruments.board_on_two_points_read') }}</p>
                    <div class="entry">@foreach ([$tests->sums->field('one_way', $say('level.instruments.one_way')), $tests->sums->field('other_way',
                        $say('level.instruments.turned'))] as $f)
                        <x-sum-field :f="$f" :unit="$unit" />@endforeach</div>
                    @if ($tests->turned)<p class="answer">@if ($tests->turned->isZero()) {{ $say('level.instruments.it_shows_no_error_of') }}
                        @else {{ $say('level.instruments.over_this_length_it_shows', tenth: Typeset::tenth($tests->turned),
                            is_negative: $tests->turned->isNegative() ? $say('page.low') : $say('page.high')) }}@endif</p>@endif
                </section>
                <section>
                    <h2>{{ $say('level.instruments.a_laser_or_optical_level') }}</h2>
                    <p class="hint">{{ $say('level.instruments.read_both_pegs_from_the') }}</p>
                    <div class="entry">@foreach ([$tests->sums->field('a_1', $say('level.instruments.first_place_rod_on_a')),
                        $tests->sums->field('b_1', $say('level.instruments.rod_on_b')),
                        $tests->sums->field('to_a_1', $say('level.instruments.it_stood_from_a')),
                        $tests->sums->field('to_b_1', $say('level.instruments.from_b')), $tests->sums->field('a_2',
                            $say('level.instruments.second_place_rod_on_a')), $tests->sums->field('b_2',
                            $say('level.instruments.rod_on_b')), $tests->sums->field('to_a_2', $say('level.instruments.it_stood_from_a')),
                        $tests->sums->field('to_b_2', $say('level.instruments.from_b'))] as $f)<x-sum-field :f="$f" :unit="$unit" />@endforeach</div>
                    @if ($tests->sight)<p class="answer">{{ $say('level.instruments.the_line_of_sight_in', ratio: $tests->sight->ratio < 0
                        ? $say('page.falls') : $say('page.rises'), tenth: Typeset::tenth(Length::millimetres(10000 * $tests->sight->ratio))) }}
                        @if (abs($tests->sight->ratio) > 1e-4){{ $say('level.instruments.that_is_more_than_the') }}@else
                            {{ $say('level.instruments.that_is_within_the_1') }}@endif</p>@endif
                </section>
                <section>
                    <h2>{{ $say('level.instruments.a_line_level_on_a') }}</h2>
                    <div class="entry">@foreach ([$tests->sums->field('string', $say('level.instruments.string_long')), $tests->sums->field('hung',
                        $say('level.instruments.hung_from_the_first_end'),
                        $say('page.empty_in_the_middle'))] as $f)<x-sum-field :f="$f" :unit="$unit" />@endforeach</div>
                    @if ($tests->string)
                        <p class="answer">{{ $say('level.instruments.hung_in_the_middle_the', tenth: Typeset::tenth($tests->string->sag()),
                            right_higher: Typeset::tenth($tests->string->rightHigher(Length::zero())),
                                is_negative: $tests->string->rightHigher(Length::zero())->isNegative() ? $say('page.low')
                                    : $say('page.high')) }}@if ($tests->hungAt)
                                        {{ $say('level.instruments.hung_as_you_say_aequus',
                                            tenth: Typeset::tenth($tests->string->rightHigher($tests->hungAt))) }}@endif
                                                {{ $say('level.instruments.in_the_middle_is_the') }}</p>
                    @endif
                </section>
                <button class="button button-second">{{ $say('page.work_it_out') }}</button>
            </form>
            @if ($tests->sight)
                <x-entry-form kind="beam_tested" name="beam">
                    @foreach (InstrumentSums::TWO_PEGS as $field)<input type="hidden" name="{{ $field }}"
                        value="{{ $tests->sums->typed($field) }}">@endforeach
                    <p class="field-wide">{{ $say('level.instruments.what_the_two_pegs_showed') }}</p>
                    <button class="button">{{ $say('level.instruments.take_it_out_of_the') }}</button>
                </x-entry-form>
            @endif
        </div>
    </div>
</x-layout>
