@use('Aequus\Logbook\Book\DecisionAbout')
@use('Aequus\Logbook\Kind\EntryKind')
@use('Aequus\Measure\Length')
@use('Aequus\Site\Step')
@use('App\View\Typeset')
<x-layout title="Clear" :site="$site" :phase="$phase">
    <div class="two">
        <section class="paper">
            <h1>
                @if ($state->clear->services === []) No line is known here yet
                @elseif ($state->clear->conflicts === []) Every hole is clear of the known lines
                @else {{ count($state->clear->conflicts) }} {{ count($state->clear->conflicts) === 1 ? 'hole reaches' : 'holes reach' }} into a no-dig
                    band
                @endif
            </h1>
            <div data-draw-into="service-points" data-draw-unit="{{ $site->plan->notation->unit->value }}"
                data-draw-x0="{{ $drawing->frame->x(Length::zero()) }}" data-draw-y0="{{ $drawing->frame->y(Length::zero()) }}"
                data-draw-metre="{{ $drawing->frame->size(Length::millimetres(1000000)) / 1000 }}"><x-drawing.plan :model="$drawing" /></div>
            
            @if ($ways->whole)
                <p class="verdict-why">The smallest shift of the whole grid that clears every band:
                    <b>{!! Typeset::shifts($plan, $ways->whole) !!}</b>. For single
                    posts: @foreach ($ways->single as [$post, $parts, $allowed]){{ $post->label }}
                    {!! Typeset::shifts($plan, $parts) !!}{{ $allowed ? ', within this job’s tolerance'
                    : ', more than this job’s tolerance: it needs a new plan' }}{{ $loop->last ? '.' : '; ' }}@endforeach</p>
            @endif
            @if ($state->clear->conflicts)
                <table>
                    <caption>Holes too near a line</caption>
                    <thead><tr><th scope="col">Hole</th><th scope="col">Line</th><th scope="col" class="num">edge to line</th>
                        <th scope="col" class="num">inside the band by</th><th scope="col">Decided</th></tr></thead>
                    <tbody>
                        @foreach ($state->clear->conflicts as $conflict)
                            <tr><th scope="row">{{ $conflict->post->label }}</th><td>{{ $conflict->service->name }}</td>
                                <td class="num"><x-length :of="$conflict->room" :plan="$site->plan" /></td>
                                <td class="num strong"><x-length :of="$conflict->inside" :plan="$site->plan" /></td>
                                <td>{{ $site->state->decided(DecisionAbout::DigByHand, $conflict->post)?->reason ?? 'not yet' }}</td></tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase">
                @if ($site->next?->asks === EntryKind::Decision && $site->next->phase === $phase)
                    <x-decide :site="$site" :about="DecisionAbout::DigByHand" :post="$site->next->posts[0]" />
                    <p><a href="{{ route('plan', $job) }}#entry">Move the post in the plan</a></p>
                @endif
            </x-move>
            <x-cautions :step="Step::Clearing" :site="$site" />
            <section id="entry">
                <h2>Utility marks</h2>
                @if ($state->clear->notice)
                    <p>Asked for on <b>{{ $state->clear->notice->asked->askedOn }}</b>{{ $state->clear->notice->asked->reference
                        ? ', number '.$state->clear->notice->asked->reference : '' }}. After {{ $state->clear->notice->asked->workingDays }} full
                            working days
                        digging may begin on <b>{{ $state->clear->notice->runsOut }}</b>{{ $state->clear->notice->isOver($state->clear->today)
                            ? ': that day has come'
                        : '' }}. Weekends are left out; public holidays are yours to add.</p>
                @endif
                <x-entry-form kind="notice" name="notice">
                    <x-field name="asked_on" form="notice" label="Asked for on" hint="year-month-day" :value="$state->clear->today"
                        inputmode="numeric" />
                    <x-field name="working_days" form="notice" label="Working days of notice" hint="Your marking desk says how many." value="3"
                        inputmode="numeric" />
                    <x-field name="reference" form="notice" label="Their number" />
                    <button class="button {{ $state->clear->notice ? 'button-second' : '' }}">{{ $state->clear->notice ? 'Asked again'
                        : 'I have asked' }}</button>
                </x-entry-form>
            </section>
            <section>
                <h2>Lines in the ground</h2>
                @if ($state->clear->services)
                    <ul class="plain">@foreach ($state->clear->services as $sequence => $service)<li><svg class="swatch" viewBox="0 0 20 10"
                        width="20"
                        height="10" aria-hidden="true"><path class="service service-{{ $service->type->value }}" d="M0 5 h20" /></svg>
                        {{ $service->name }} ({{ $service->type->value }}, marked {{ $service->type->markingColour() }}), <x-length
                        :of="$service->noDig" :plan="$site->plan" /> no-dig each side <span class="muted">entry {{ $sequence }}</span></li>
                        @endforeach</ul>
                @else
                    <p class="empty">None entered. Enter what the marks show, and the private lines you know of.</p>
                @endif
                <x-entry-form kind="service" name="service">
                    <x-choice name="type" form="service" label="Carries"
                        :options="$ways->types()" />
                    <x-field name="name" form="service" label="Called" hint="Such as: water to the press." />
                    <x-field name="no_dig" form="service" label="No-dig, each side" hint="Your marking desk says how far; 2 ft or 600 mm is usual."
                        :unit="$site->plan->notation->unit" />
                    <div class="field field-wide {{ old('form') === 'service' && $errors->has('points') ? 'is-refused' : '' }}">
                        <label for="service-points">Points, one a row</label>
                        <p class="hint" id="service-points-hint">From A1: along the base line; away from it. Two points or more, such as -3' ; 17' 6
                            and 40' ; 15'.</p>
                        @if (old('form') === 'service' && $errors->has('points'))
                            <p class="refusal" id="service-points-refusal">{{ $errors->first('points') }}</p>@endif
                        <p class="hint" data-draw-hint hidden>Or press on the drawing, point after point.</p>
                        <textarea id="service-points" name="points"
                            rows="3" aria-describedby="service-points-hint" spellcheck="false">{{ old('form') === 'service' ? old('points')
                                : '' }}</textarea>
                    </div>
                    <button class="button button-second">Put the line on the plan</button>
                </x-entry-form>
            </section>
        </div>
    </div>
</x-layout>
