@use('Aequus\Words\Logbook\LogbookNames')
@use('Aequus\Logbook\Book\DecisionAbout')
@use('Aequus\Logbook\EntryKind')
@use('Aequus\Measure\Length')
@use('Aequus\Site\Step')
@use('App\Type\Typeset')
<x-layout :title="$say('clear.show.clear')" :site="$site" :phase="$phase">
    <div class="two">
        <section class="paper">
            <h1>
                @if ($state->clear->services === []) {{ $say('clear.show.no_line_is_known_here') }}
                @elseif ($state->clear->conflicts === []) {{ $say('clear.show.every_hole_is_clear_of') }}
                @else {{ $say('clear.show.into_a_no_dig_band', count: count($state->clear->conflicts)) }}
                @endif
            </h1>
            <div data-draw-into="service-points"
                data-draw-one="{{ $site->plan->notation->system()->isDivided ? '' : $site->plan->notation->system()->one }}"
                data-draw-x0="{{ $drawing->frame->x(Length::zero()) }}" data-draw-y0="{{ $drawing->frame->y(Length::zero()) }}"
                data-draw-metre="{{ $drawing->frame->size(Length::millimetres(1000000)) / 1000 }}"><x-drawing.plan :model="$drawing" /></div>
            
            @if ($ways->whole)
                <p class="verdict-why">{{ $say('clear.show.the_smallest_shift_of_the', whole: $ways->whole) }}
                    @foreach ($ways->single as [$post, $parts, $allowed]){{ $post->label }}
                    {!! Typeset::shifts($plan, $parts) !!}{{ $allowed ? $say('clear.show.within_this_jobs_tolerance')
                    : $say('clear.show.more_than_this_jobs_tolerance') }}{{ $loop->last ? '.' : '; ' }}@endforeach</p>
            @endif
            @if ($state->clear->conflicts)
                <table>
                    <caption>{{ $say('clear.show.holes_too_near_a_line') }}</caption>
                    <thead><tr><th scope="col">{{ $say('page.hole') }}</th><th scope="col">{{ $say('clear.show.line') }}</th>
                        <th scope="col" class="num">{{ $say('clear.show.edge_to_line') }}</th>
                        <th scope="col" class="num">{{ $say('clear.show.inside_the_band_by') }}</th>
                            <th scope="col">{{ $say('clear.show.decided') }}</th></tr></thead>
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
                    <p><a href="{{ route('plan', $job) }}#entry">{{ $say('clear.show.move_the_post_in_the') }}</a></p>
                @endif
            </x-move>
            <x-cautions :step="Step::Clearing" :site="$site" />
            <section id="entry">
                <h2>{{ $say('clear.show.utility_marks') }}</h2>
                @if ($state->clear->notice)
                    <p>{{ $say('clear.show.asked_for_on_b_b', asked_on: $state->clear->notice->asked->askedOn,
                        reference: $state->clear->notice->asked->reference
                        ? $say('clear.show.number', reference: $state->clear->notice->asked->reference) : '',
                            working_days: $state->clear->notice->asked->workingDays, runs_out: $state->clear->notice->runsOut,
                                is_over: $state->clear->notice->isOver($state->clear->today)
                            ? $say('clear.show.that_day_has_come')
                        : '') }}</p>
                @endif
                <x-entry-form kind="notice" name="notice">
                    <x-field name="asked_on" form="notice" :label="$say('clear.show.asked_for_on')" :hint="$say('clear.show.year_month_day')"
                        :value="$state->clear->today"
                        inputmode="numeric" />
                    <x-field name="working_days" form="notice" :label="$say('clear.show.working_days_of_notice')"
                        :hint="$say('clear.show.your_marking_desk_says_how')" value="3"
                        inputmode="numeric" />
                    <x-field name="reference" form="notice" :label="$say('clear.show.their_number')" />
                    <button class="button {{ $state->clear->notice ? 'button-second' : '' }}">{{ $state->clear->notice
                        ? $say('clear.show.asked_again')
                        : $say('clear.show.i_have_asked') }}</button>
                </x-entry-form>
            </section>
            <section>
                <h2>{{ $say('clear.show.lines_in_the_ground') }}</h2>
                @if ($state->clear->services)
                    <ul class="plain">@foreach ($state->clear->services as $sequence => $service)<li><svg class="swatch" viewBox="0 0 20 10"
                        width="20"
                        height="10" aria-hidden="true"><path class="service service-{{ $service->type->value }}" d="M0 5 h20" /></svg>
                        {{ $say('clear.show.marked_no_dig_each_side', name: $service->name, carries: $service->type,
                            marking_colour: LogbookNames::markedIn($service->type), no_dig: $service->noDig) }} <span
                                class="muted">{{ $say('clear.show.entry', sequence: $sequence) }}</span></li>
                        @endforeach</ul>
                @else
                    <p class="empty">{{ $say('clear.show.none_entered_enter_what_the') }}</p>
                @endif
                <x-entry-form kind="service" name="service">
                    <x-choice name="type" form="service" :label="$say('clear.show.carries')"
                        :options="$ways->types()" />
                    <x-field name="name" form="service" :label="$say('page.called')" :hint="$say('clear.show.such_as_water_to_the')" />
                    <x-field name="no_dig" form="service" :label="$say('clear.show.no_dig_each_side')"
                        :hint="$say('clear.show.your_marking_desk_says_how_2')"
                        :unit="$site->plan->notation->unit" />
                    <div class="field field-wide {{ old('form') === 'service' && $errors->has('points') ? 'is-refused' : '' }}">
                        <label for="service-points">{{ $say('clear.show.points_one_a_row') }}</label>
                        <p class="hint" id="service-points-hint">{{ $say('clear.show.from_a1_along_the_base') }}</p>
                        @if (old('form') === 'service' && $errors->has('points'))
                            <p class="refusal" id="service-points-refusal">{{ $errors->first('points') }}</p>@endif
                        <p class="hint" data-draw-hint hidden>{{ $say('clear.show.or_press_on_the_drawing') }}</p>
                        <textarea id="service-points" name="points"
                            rows="3" aria-describedby="service-points-hint" spellcheck="false">{{ old('form') === 'service' ? old('points')
                                : '' }}</textarea>
                    </div>
                    <button class="button button-second">{{ $say('clear.show.put_the_line_on_the') }}</button>
                </x-entry-form>
            </section>
        </div>
    </div>
</x-layout>
