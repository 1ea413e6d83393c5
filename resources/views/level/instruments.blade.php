@use('Aequus\Level\BoardLevel')
@use('Aequus\Measure\Length')
@use('Aequus\Words\Level\InstrumentWords')
@use('App\Level\InstrumentSums')
@use('App\View\Typeset')
<x-layout title="Before you level" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="level.instruments" />
    <div class="two">
        <section class="paper">
            @if (count($plan->grid->posts) === 1)
            <h1>One post has no far corner</h1>
            <p class="verdict-why">Any level will do to bring its height from the benchmark; test it first, on the right.</p>
            @elseif (isset($tests->sums->refusals['board']))
            <h1>This can’t be worked out yet</h1>
            <p class="verdict-why">The board’s length below is not understood.</p>
            <form method="get" action="{{ route('level.instruments', $job) }}" class="entry">
                <x-sum-field :f="$tests->sums->field('board', 'Board for hopping')"
                :unit="$unit" /><button class="button button-second">Work it out</button></form>
            @else
            <h1>{{ $choice->recommended() === null ? 'No instrument here meets the tolerance'
                : ucfirst(InstrumentWords::name($choice->recommended()->instrument)).' will do' }}</h1>
            <p class="verdict-why">@if ($choice->recommended())It is the simplest that keeps the far corner within <x-length
                :of="$plan->tolerances->squareness"
                :plan="$plan" />, 19 times in 20: <x-words :say="$site->speech->say($choice->recommended()->how)"
                    />.@else None keeps the far corner within <x-length
                :of="$plan->tolerances->squareness" :plan="$plan" /> 19 times in 20. Read twice and take the mean, come nearer, or allow
                more.@endif</p>
            <table>
                <caption>What each would do on this grid <span class="muted">from one corner to the far one, before anything is read</span></caption>
                <thead><tr><th scope="col">Instrument</th><th scope="col" class="num">off by up to, 95 %</th><th scope="col" class="num">readings</th>
                    <th scope="col">How</th><th scope="col">Will it do</th></tr></thead>
                <tbody>@foreach ($choice->instruments as $one)<tr class="{{ $one === $choice->recommended() ? 'row-chosen' : '' }}">
                    <th scope="row">{{ InstrumentWords::name($one->instrument) }}</th><td class="num strong">{{ Typeset::tenth($one->error) }}</td>
                    <td class="num">{{ $one->readings }}</td><td><x-words :say="$site->speech->say($one->how)" /></td>
                    <td><span class="state state-{{ $one->meets ? 'fits' : 'out' }}">{{ $one->meets ? 'yes' : 'no' }}</span></td></tr>
                    @endforeach</tbody>
            </table>
            <form method="get" action="{{ route('level.instruments', $job) }}" class="entry">
                <x-sum-field :f="$tests->sums->field('board', 'Board for hopping', 'Empty: '.$plan->write($tests->board).'.')" :unit="$unit" /><button
                class="button button-second">Work it out</button></form>
            @endif
            <details class="why"><summary>Why?</summary><p>A spirit level is taken as true to 0.5 mm in a metre and read to {{ BoardLevel::READING }}
                mm: never turned, its own error adds up with every hop, √((n·c·ℓ)² + n·r²); turned end for end each time only an odd hop keeps it. A
                line level is good to 1 mm in a metre of string. A water level reads to 2 mm whatever the distance, as long as no bubble is in the
                hose. A laser reads to 1 mm and strays 0.1 mm in a metre. Times 1.96 is 95 %.</p></details>
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <form method="get" action="{{ route('level.instruments', $job) }}" class="stack sums">
                <section>
                    <h2>A spirit level, by turning it</h2>
                    <p class="hint">Board on two points; read how much the second is higher, turn the level end for end, read again. A minus where it
                        is lower.</p>
                    <div class="entry">@foreach ([$tests->sums->field('one_way', 'One way'), $tests->sums->field('other_way', 'Turned')] as $f)
                        <x-sum-field :f="$f" :unit="$unit" />@endforeach</div>
                    @if ($tests->turned)<p class="answer">@if ($tests->turned->isZero()) It shows no error of its own.
                        @else Over this length it shows the second end {{ Typeset::tenth($tests->turned) }} too
                        {{ $tests->turned->isNegative() ? 'low' : 'high' }}. Half the difference is the level’s, the mean of the two is the
                        ground’s.@endif</p>@endif
                </section>
                <section>
                    <h2>A laser or optical level, by two pegs</h2>
                    <p class="hint">Read both pegs from the middle, then again from close to one.</p>
                    <div class="entry">@foreach ([$tests->sums->field('a_1', 'First place: rod on A'), $tests->sums->field('b_1', 'rod on B'),
                        $tests->sums->field('to_a_1', 'It stood from A'),
                        $tests->sums->field('to_b_1', 'from B'), $tests->sums->field('a_2', 'Second place: rod on A'), $tests->sums->field('b_2',
                            'rod on B'), $tests->sums->field('to_a_2', 'It stood from A'),
                        $tests->sums->field('to_b_2', 'from B')] as $f)<x-sum-field :f="$f" :unit="$unit" />@endforeach</div>
                    @if ($tests->sight)<p class="answer">The line of sight {{ $tests->sight->ratio < 0 ? 'falls' : 'rises' }}
                        {{ Typeset::tenth(Length::millimetres(10000 * $tests->sight->ratio)) }} in 10 m.
                        @if (abs($tests->sight->ratio) > 1e-4)That is more than the 1 mm in 10 m it is counted on for: have it set right, or keep it
                        as far from one rod as from the other.@else That is within the 1 mm in 10 m it is counted on for.@endif</p>@endif
                </section>
                <section>
                    <h2>A line level on a string</h2>
                    <div class="entry">@foreach ([$tests->sums->field('string', 'String long'), $tests->sums->field('hung', 'Hung from the first end',
                        'Empty: in the middle.')] as $f)<x-sum-field :f="$f" :unit="$unit" />@endforeach</div>
                    @if ($tests->string)
                        <p class="answer">Hung in the middle, the sag of {{ Typeset::tenth($tests->string->sag()) }} is alike on both sides and the
                            ends come
                            level. Hung at one end, as some do to read it from there, the other end comes
                                {{ Typeset::tenth($tests->string->rightHigher(Length::zero())) }} too
                            {{ $tests->string->rightHigher(Length::zero())->isNegative() ? 'low' : 'high' }}.@if ($tests->hungAt) Hung as you say:
                            {{ Typeset::tenth($tests->string->rightHigher($tests->hungAt)) }}; Aequus takes that out of the reading.@endif In the
                                middle is
                            the school we keep: there the error is none, only the string’s. For a string of 0.01 N in a metre, pulled with 50 N.</p>
                    @endif
                </section>
                <button class="button button-second">Work it out</button>
            </form>
            @if ($tests->sight)
                <x-entry-form kind="beam_tested" name="beam">
                    @foreach (InstrumentSums::TWO_PEGS as $field)<input type="hidden" name="{{ $field }}"
                        value="{{ $tests->sums->typed($field) }}">@endforeach
                    <p class="field-wide">What the two pegs showed can be taken out of every rod whose distance to the instrument is written down.</p>
                    <button class="button">Take it out of the rods</button>
                </x-entry-form>
            @endif
        </div>
    </div>
</x-layout>
