@use('App\Paper\RecordSheet')
@use('Aequus\Words\Handover\HandoverWords')
@use('Aequus\Words\Handover\LastingWords')
@use('Aequus\Words\Names')
@use('Illuminate\Support\Str')
<x-layout :title="$say('handover.show.hand_over')" :site="$site" :phase="$phase">
    <div class="two">
        <section class="paper record">
            <h1>{{ HandoverWords::title($handover, $state) }}</h1>
            @if (HandoverWords::besides($state))<p class="refusal">{{ HandoverWords::besides($state) }}</p>@endif
            <p class="verdict-why">{{ $say('handover.show.b_b_plan_revision_printed', name: $job->name, place: $job->place ? ', '.$job->place : '',
                what: Names::of($plan->kind), number: $job->revision->number, count: count($state->log->entries), remark: $handover->given?->remark
                    ? $say('handover.show.remark', remark: $handover->given->remark) : '') }}</p>
            <x-drawing.plan :model="$drawing" />
            <dl class="facts">
                <div><dt>{{ $say('page.tolerances') }}</dt>
                    <dd>{{ $say('handover.show.for_stakes_and_heights_plumb', squareness: $plan->tolerances->squareness,
                        plumb_one_in: $plan->tolerances->plumbOneIn) }}</dd></div>
                <div><dt>{{ $say('handover.show.layout') }}</dt><dd><x-words :say="$words->title" />. @foreach ($words->rests as $sentence)<x-words
                    :say="$sentence"
                    /> @endforeach</dd></div>
                <div><dt>{{ $say('handover.show.spans') }}</dt><dd>{{ $say('handover.show.not_checked_by_this_tool') }}</dd></div>
                @if ($plan->carriesNoRoof())<div><dt>{{ $say('handover.show.roof') }}</dt><dd>{{ $say('handover.show.no_roof') }}</dd></div>@endif
                @if (LastingWords::of($plan))<div><dt>{{ $say('handover.show.one_day') }}</dt><dd>{{ LastingWords::of($plan) }}</dd></div>@endif
                <div><dt>{{ $say('page.ground') }}</dt>
                    <dd>@if ($state->level->range()) @if ($state->level->range()->isZero()) {{ $say('handover.show.the_same_at_every_post') }}
                    @else {{ $say('handover.show.falls_from_to', range: $state->level->range(), label: $state->level->high->label,
                        label_b: $state->level->low->label) }} @endif {{ $say('handover.show.measured_from', name: $state->level->benchmark->name) }}
                    @else {{ $say('page.not_measured') }} @endif</dd></div>
            </dl>
            <table>
                <caption>{{ $say('page.tolerances') }}</caption>
                <thead><tr><th scope="col">{{ $say('page.what') }}</th><th scope="col">{{ $say('page.number') }}</th>
                    <th scope="col">{{ $say('page.verdict') }}</th></tr></thead>
                <tbody>@foreach ($sheet->tolerances as [$what, $number, $is])<tr><th scope="row">{{ $what }}</th><td><x-words :say="$number" /></td>
                    <td><span class="state state-{{ $is === null ? 'to-pull' : ($is ? 'fits' : 'off') }}">{{ $is === null
                        ? $say('page.not_measured') : ($is
                    ? $say('page.met') : $say('handover.show.not_met')) }}</span></td></tr>@endforeach</tbody>
            </table>
            <table class="record-table">
                <caption>{{ $say('handover.show.plan_against_what_was_measured') }}</caption>
                <thead><tr><th scope="col">{{ $say('page.post') }}</th><th scope="col" class="num">{{ $say('page.depth_asked') }}</th>
                    <th scope="col" class="num">{{ $say('page.dug') }}</th>
                    <th scope="col">{{ $say('page.depth_2') }}</th><th scope="col" class="num">{{ $say('page.top_out_by') }}</th>
                        <th scope="col">{{ $say('page.plumb') }}</th>
                    <th scope="col" class="num">{{ $say('page.cut_mark') }}</th><th scope="col">{{ $say('page.cut') }}</th>
                        <th scope="col">{{ $say('page.who_and_when') }}</th><th scope="col">{{ $say('handover.show.remarks') }}</th>
                    </tr></thead>
                <tbody>
                    @foreach ($handover->records as $record)
                        <tr><th scope="row">{{ $record->post->label }}</th><td class="num"><x-length :of="$record->depthRequired" :plan="$plan"
                            /></td><td class="num"><x-length :of="$record->depthDug" :plan="$plan" /></td>
                            <td>{{ RecordSheet::judged($record->deepEnough, $say('page.enough'), $say('page.short')) }}</td>
                                <td class="num"><x-length :of="$record->outOfPlumb"
                            :plan="$plan" /></td><td>{{ RecordSheet::judged($record->plumb, $say('paper.record_sheet.within'),
                                $say('drawing.set_legend.leaning')) }}</td>
                            <td class="num"><x-length :of="$record->cutMark" :plan="$plan" /></td>
                                <td>{{ $record->cut ? $say('page.cut_2') : $say('page.not_cut') }}</td>
                            <td>{{ $record->last ? implode(', ',
                            $record->by).', '.$record->last->setTimezone(new DateTimeZone($job->zone))->format('j M Y') : '' }}</td>
                            <td>{{ HandoverWords::remarks($record) }}</td></tr>
                    @endforeach
                </tbody>
            </table>
            @foreach ($sheet->also as $about => $says)<p class="record-more"><b>{{ $about }}.</b> <x-words :say="$says" /></p>
                @endforeach
            @if ($sheet->decisions !== [])<h2>{{ $say('page.decisions_and_their_reasons') }}</h2><ul>@foreach ($sheet->decisions as $decision)
                <li><x-words :say="$decision" /></li>@endforeach</ul>@endif
            <p class="signature">{{ $say('page.handed_over_by') }} <span></span> {{ $say('handover.show.taken_over_by') }} <span></span>
                {{ $say('handover.show.on') }} <span></span></p>
            <p class="muted">{{ $say('handover.show.local_code_the_permit_office') }}</p>
        </section>
        <div class="side-work no-print">
            <x-move :site="$site" :here="$phase" />
            <section id="entry">
                <h2>{{ $say('handover.show.hand_over') }}</h2>
                <x-entry-form kind="handed_over" name="handover">
                    <x-field name="to" form="handover" :label="$say('handover.show.to_whom')" />
                    <x-field name="remark" form="handover" :label="$say('page.remark')" wide />
                    <button class="button">{{ $say('handover.show.hand_it_over') }}</button>
                </x-entry-form>
            </section>
            <section><h2>{{ $say('handover.show.on_paper') }}</h2><p>{{ $say('handover.show.the_whole_record_with_plan') }}</p>
                <p><a class="button button-second" href="{{ route('handover.pdf', ['job' => $job, 'paper' => 'a4']) }}"
                hx-boost="false">{{ $say('handover.show.record_a4') }}</a> <a class="button button-second"
                href="{{ route('handover.pdf', ['job' => $job, 'paper' => 'letter']) }}"
                    hx-boost="false">{{ $say('handover.show.record_letter') }}</a></p>
                <p class="hint">{{ $say('handover.show.this_page_prints_too_from') }}</p></section>
            <details class="change" @if (old('form') === 'remark') open @endif><summary>{{ $say('handover.show.a_remark_on_the_job') }}</summary>
                <x-entry-form kind="remark" name="remark"><x-field name="text" form="remark" :label="$say('page.remark')" wide /><button
                    class="button button-second">{{ $say('page.write_it_down') }}</button></x-entry-form>
            </details>
        </div>
    </div>
</x-layout>
