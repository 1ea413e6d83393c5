@use('Aequus\Adjust\Placement\PlacementWay')
@use('Aequus\Measure\TapeClass')
@use('Aequus\Words\Names')
@use('Aequus\Words\Square\WantedWords')
@use('Aequus\Words\VerdictWords')
@use('App\View\Choices')
@use('Illuminate\Support\Str')
<x-layout title="Before you pull" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="square.prove" />
    <div class="two">
        <section class="paper">
            @if ($proof === null)
                <h1>{{ count($plan->grid->posts) < 2 ? 'One post has nothing to square' : 'This list leaves stakes free' }}</h1>
            @else
                <h1>{{ $proof->isEnough ? 'These readings can prove it' : 'These readings can’t prove it yet' }}</h1>
                <p class="verdict-why">{{ Str::plural('reading', count($state->square->wanted), prependCount: true) }} with a
                    {{ Names::of($plan->layout->tape) }}
                    {{ count($state->square->wanted) === 1 ? 'leaves' : 'leave' }} {{ $proof->worstPost->label }} open by <x-length
                        :of="$proof->worst" :plan="$plan"
                    />, the most of all stakes; this job allows <x-length :of="$plan->tolerances->squareness" :plan="$plan" />.
                    @if ($proof->slipSeen) A slip of <x-length :of="$proof->slipSeen" :plan="$plan" /> or more in any one of them will show (four
                        times in five; larger ones more surely). @elseif ($proof->unchecked) Nothing checks
                        {{ collect($proof->unchecked)->map(WantedWords::of(...))->take(4)->join(', ', ' and ') }}: read
                        {{ count($proof->unchecked) === 1 ? 'it' : 'them' }} twice. @endif</p>
                @if (! $proof->isEnough)
                    <p class="verdict-why">@if ($proof->further)The further tape that helps most is <b>{{ WantedWords::of($proof->further) }}</b>:
                        with it <x-length :of="$proof->withFurther" :plan="$plan" /> is left open. @else No further tape between these stakes is left.
                        @endif
                        @if ($proof->roughestTape()) With a <b>{{ Names::of($proof->roughestTape()) }}</b> the same list would be enough.@else No
                            class of tape makes this list enough; more readings, another way to judge, or a wider tolerance would.@endif</p>
                @elseif ($proof->notWorthPulling)
                    <p class="verdict-why">Not worth pulling, all of them together:
                        {{ collect($proof->notWorthPulling)->map(WantedWords::of(...))->join(', ', ' and ') }}. Without them every stake is still
                        proved and every reading checked.</p>
                    <form method="post" action="{{ route('square.spare', $job) }}" class="no-print">@csrf<input type="hidden" name="based_on"
                        value="{{ $job->revision->number }}">
                        @if ($plan->layout->spared === [])<button class="button button-second">Leave them out</button>@else<input type="hidden"
                            name="all"
                            value="1"><p class="hint">{{ count($plan->layout->spared) }} left out: asked for only where the others leave a doubt.</p>
                            <button class="button button-second">Pull the whole list</button>@endif
                    </form>
                @endif
                <details class="why"><summary>Why?</summary>
                    <p>Every planned reading is given the standard deviation of its class, √(a² + (b·d)²), and the whole is adjusted as if it had been
                        read. What is left open of a stake is the 95 % ring of its move: 2.45 times the longest half-axis of its error ellipse,
                        {{ VerdictWords::way(PlacementWay::from($plan->layout->placement->value)) }}.
                        {{ Str::plural('reading', $proof->surplus, prependCount: true) }} more than
                        {{ $proof->surplus === 1 ? 'is needed checks' : 'are needed check' }} the others.</p>
                    <p>A slip shows when it is larger than the test’s limit and the noise together: σ·(limit + 0.84) / √r, with r the share of its own
                        mistake that the others see in a reading.</p>
                </details>
                <table>
                    <caption>Left open, by tape</caption>
                    <thead><tr><th scope="col">With a</th><th scope="col" class="num">worst stake open by</th>
                        <th scope="col">For <x-length :of="$plan->tolerances->squareness" :plan="$plan" /></th></tr></thead>
                    <tbody>@foreach ($proof->byTape as $class => $ring)
                        <tr class="{{ TapeClass::from($class) === $plan->layout->tape ? 'row-chosen' : '' }}">
                            <th scope="row">{{ Names::of(TapeClass::from($class)) }}</th>
                        <td class="num strong"><x-length :of="$ring" :plan="$plan" /></td>
                        <td><span class="state state-{{ $ring->isLongerThan($plan->tolerances->squareness) ? 'out'
                            : 'fits' }}">{{ $ring->isLongerThan($plan->tolerances->squareness)
                        ? 'not enough' : 'enough' }}</span></td></tr>@endforeach</tbody>
                </table>
                <div class="tables-side">
                    <table>
                        <caption>Left open, by stake</caption>
                        <thead><tr><th scope="col">Stake</th><th scope="col" class="num">open by</th></tr></thead>
                        <tbody>@foreach ($plan->grid->posts as $post)
                            <tr class="{{ $proof->ring($post)->isLongerThan($plan->tolerances->squareness) ? 'row-out' : '' }}">
                            <th scope="row">{{ $post->label }}</th><td class="num"><x-length :of="$proof->ring($post)" :plan="$plan" /></td></tr>
                            @endforeach</tbody>
                    </table>
                    <table>
                        <caption>The list, in walking order</caption>
                        <thead><tr><th scope="col">No.</th><th scope="col">Reading</th><th scope="col" class="num">by the plan</th></tr></thead>
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
                <h2>How it is proved</h2>
                <form method="post" action="{{ route('square.rules', $job) }}" class="entry">
                    @csrf <input type="hidden" name="form" value="prove"><input type="hidden" name="based_on"
                        value="{{ $job->revision->number }}"><input type="hidden" name="reason" value="How the layout is proved">
                    <x-choice name="list" form="prove" label="List" :value="$plan->layout->list->value"
                        :options="['full' => 'full: tapes alone', 'lean' => 'lean: the strings are up']" />
                    <x-choice name="tape" form="prove" label="Tape" :value="$plan->layout->tape->value"
                        :options="Choices::of(TapeClass::cases())" />
                    <x-choice name="placement" form="prove" label="Judged" :value="$plan->layout->placement->value"
                        :options="['base_line' => 'from the base line', 'best_fit' => 'by best fit', 'fewest_moves' => 'by fewest moves']" />
                    <x-choice name="stage" form="prove" label="Proved on" :value="$plan->layout->roughFirst ? 'rough' : 'stakes'"
                        :options="['stakes' => 'the stakes alone', 'rough' => 'boards and strings, stakes roughly first']" />
                    <x-field name="reach" form="prove" label="The tape reaches" hint="Empty: far enough." :unit="$unit"
                        :value="$plan->layout->reach ? $plan->write($plan->layout->reach) : ''" />
                    <x-choice name="base_from" form="prove" label="Base line from"
                        :value="$plan->layout->baseFrom ? $plan->grid->find($plan->layout->baseFrom)?->label : ''"
                            :options="['' => 'first of row 1'] +
                        Choices::posts($plan->grid->posts)" />
                    <x-choice name="base_to" form="prove" label="to"
                        :value="$plan->layout->baseTo ? $plan->grid->find($plan->layout->baseTo)?->label : ''"
                        :options="['' => 'last of row 1'] + Choices::posts($plan->grid->posts)" />
                    <button class="button button-second">Put it in force</button>
                </form>
                @if (count($plan->grid->posts) > 1)<p class="hint">Lean: sides and diagonals of the outline, edge stakes by mark and offset from the
                    edge string, inner stakes by two strings and one mark. Full: every bay side and diagonal and the long diagonals.</p>@endif
            </section>
        </div>
    </div>
</x-layout>
