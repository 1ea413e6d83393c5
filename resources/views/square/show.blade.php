@php
    $job = $site->job; $phase = \Aequus\Site\Phase::Square; $square = $site->state->square; $outline = $square->outline; $plan = $site->plan;
    $move = $site->next?->phase === $phase ? $site->next : $site->nextIn($phase);
    $pair = $move !== null && $move->asks === \Aequus\Logbook\EntryKind::Tape ? $move->posts : [];
    $again = $pair ? $square->find(new \Aequus\Square\Pair($pair[0], $pair[1])) : null;
    $unit = $plan->notation->unit;
    $corners = $plan->grid->corners();
@endphp
<x-layout title="Square" :site="$site" :phase="$phase">
    <div class="two">
        <section class="paper">
            <div aria-live="polite"><x-square-verdict :site="$site" /></div>
            <x-drawing.plan :model="$drawing" />
            <x-square-limits :site="$site" />
            <table class="tapes">
                <caption>Tapes <span class="muted">{{ $sheet->pulled }} pulled, {{ $sheet->toPull }} to pull</span></caption>
                <thead><tr><th scope="col">Between</th><th scope="col" class="num">plan</th><th scope="col" class="num">read</th><th scope="col" class="num">more or less</th><th scope="col">Stands</th></tr></thead>
                <tbody>
                    @foreach ($sheet->rows as $row)
                        <tr class="row-{{ $row->state }}"><th scope="row">{{ $row->pair->label() }}@if ($row->needed)<span class="muted"> needed</span>@endif</th><td class="num"><x-length :of="$row->pair->planned()" :plan="$plan" /></td><td class="num strong"><x-length :of="$row->read" :plan="$plan" /></td><td class="num"><x-length :of="$row->offPlan" :plan="$plan" /></td><td><span class="state state-{{ $row->state }}">{{ $row->word }}</span></td></tr>
                    @endforeach
                </tbody>
            </table>
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase">
                @if ($site->next?->asks === \Aequus\Logbook\EntryKind::StakeMoved && $site->next->phase === $phase)
                    <x-entry-form :action="route('square.moved', $job)" name="moved">
                        <input type="hidden" name="posts" value="{{ implode(' ', array_map(fn ($post) => $post->label, $site->next->posts)) }}">
                        <button class="button">Moved</button>
                    </x-entry-form>
                    <p class="hint">What was taped to {{ count($site->next->posts) === 1 ? 'it' : 'them' }} before counts as old and is pulled again.</p>
                    <x-decide :site="$site" :about="\Aequus\Logbook\DecisionAbout::AcceptOutline" />
                @elseif ($site->next?->asks === \Aequus\Logbook\EntryKind::Decision && $site->next->phase === $phase)
                    <x-decide :site="$site" :about="\Aequus\Logbook\DecisionAbout::AcceptOutline" />
                @endif
            </x-move>
            <section id="entry">
                <h2>{{ $again ? 'Pull it again' : 'Enter a tape' }}</h2>
                @if (count($plan->grid->posts) < 2)
                    <p class="empty">One post has nothing to square. Measure its distance to the road or wall, and go on to the level.</p>
                @else
                    <x-entry-form :action="route('square.tape', $job)" name="tape">
                        @if ($again)<input type="hidden" name="replaces" value="{{ array_key_last($again->readings) }}">@endif
                        <x-posts name="from" form="tape" label="From" :posts="$plan->grid->posts" :value="$pair[0]->label ?? ''" />
                        <x-posts name="to" form="tape" label="To" :posts="$plan->grid->posts" :value="$pair[1]->label ?? ''" />
                        <x-field name="distance" form="tape" label="The tape reads" :unit="$unit" wide autofocus-later />
                        <x-choice name="tape" form="tape" label="Tape" :value="'steel'" :options="collect(\Aequus\Measure\TapeClass::cases())->mapWithKeys(fn ($t) => [$t->value => ucfirst($t->inWords())])->all()" />
                        <x-field name="read_by" form="tape" label="Read by" hint="If not you." />
                        <button class="button">{{ $again ? 'Put this in its place' : 'Write it down' }}</button>
                        @if ($again)<p class="hint">The earlier reading stays in the book, corrected by this one.</p>@endif
                    </x-entry-form>
                    <x-entry-form :action="route('square.tape', $job)" name="quick" class="entry quick">
                        <x-field name="quick" form="quick" label="Quick line" :hint="$unit->value === 'mm' ? 'Two stakes and the reading: a1-c3 6490' : 'Two stakes and the reading: a1-c3 36\' 10 1/4'" wide />
                        <button class="button button-second">Write it down</button>
                    </x-entry-form>
                @endif
            </section>
            @if ($corners)
                @php
                    $step = $unit->value === 'mm' ? \Aequus\Measure\Length::millimetres(100) : \Aequus\Measure\Length::feet(1);
                    $angle = \Aequus\Square\RightAngle::largest($corners->length(), $corners->width(), $step);
                @endphp
                <section>
                    <h2>By hand</h2>
                    <p>Both diagonals must read <b><x-length :of="\Aequus\Square\Diagonal::of($corners->length(), $corners->width())" :plan="$plan" /></b>.
                        @if ($angle)A right angle at {{ $corners->a->label }}: mark <b><x-length :of="$angle->onX" :plan="$plan" /></b> along the base line and <b><x-length :of="$angle->onY" :plan="$plan" /></b> along the other string; between the marks the tape reads <b><x-length :of="$angle->across" :plan="$plan" /></b>. That is 3-4-5 taken {{ $angle->multiple }} times: the largest that fits, so the sharpest.@endif</p>
                    <details class="why"><summary>Why?</summary>
                        <p>The diagonal is the root of length squared and width squared: √(<x-length :of="$corners->length()" :plan="$plan" />² + <x-length :of="$corners->width()" :plan="$plan" />²), the rule of Pythagoras. A far side that is off by <x-length :of="$plan->tolerances->squareness" :plan="$plan" /> makes the diagonals differ by <x-length :of="\Aequus\Square\Rack::diagonalDifference($plan->tolerances->squareness, $corners->length(), \Aequus\Square\Diagonal::of($corners->length(), $corners->width()), \Aequus\Square\Diagonal::of($corners->length(), $corners->width()))" :plan="$plan" />: 4 × length × offset over the sum of the diagonals.</p>
                    </details>
                </section>
            @endif
        </div>
    </div>
</x-layout>
