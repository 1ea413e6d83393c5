@use('App\Paper\RecordSheet')
@use('Aequus\Words\Handover\HandoverWords')
@use('Aequus\Words\Names')
@use('Illuminate\Support\Str')
<x-layout title="Hand over" :site="$site" :phase="$phase">
    <div class="two">
        <section class="paper record">
            <h1>{{ HandoverWords::title($handover) }}</h1>
            @if (HandoverWords::besides($state))<p class="refusal">{{ HandoverWords::besides($state) }}</p>@endif
            <p class="verdict-why"><b>{{ $job->name }}</b>{{ $job->place ? ', '.$job->place : '' }}. {{ Names::of($plan->kind) }}, plan revision
                {{ $job->revision->number }}. Printed from {{ Str::plural('entry', count($state->log->entries), prependCount: true) }} of the
                logbook{{ $handover->given?->remark ? '. Remark: '.$handover->given->remark : '' }}.</p>
            <x-drawing.plan :model="$drawing" />
            <dl class="facts">
                <div><dt>Tolerances</dt><dd><x-length :of="$plan->tolerances->squareness" :plan="$plan" /> for stakes and heights, plumb within 1 in
                    {{ $plan->tolerances->plumbOneIn }}</dd></div>
                <div><dt>Layout</dt><dd><x-words :say="$words->title" />. @foreach ($words->rests as $sentence)<x-words :say="$sentence"
                    /> @endforeach</dd></div>
                <div><dt>Spans</dt><dd>not checked by this tool; rely on the table or engineer named on site</dd></div>
                <div><dt>Ground</dt><dd>@if ($state->level->range()) @if ($state->level->range()->isZero()) the same at every post read,
                    @else falls <x-length :of="$state->level->range()" :plan="$plan" /> from {{ $state->level->high->label }} to
                    {{ $state->level->low->label }}, @endif measured from {{ $state->level->benchmark->name }}
                    @else not measured @endif</dd></div>
            </dl>
            <table>
                <caption>Tolerances</caption>
                <thead><tr><th scope="col">What</th><th scope="col">Number</th><th scope="col">Verdict</th></tr></thead>
                <tbody>@foreach ($sheet->tolerances as [$what, $number, $is])<tr><th scope="row">{{ $what }}</th><td><x-words :say="$number" /></td>
                    <td><span class="state state-{{ $is === null ? 'to-pull' : ($is ? 'fits' : 'off') }}">{{ $is === null ? 'not measured' : ($is
                    ? 'met' : 'not met') }}</span></td></tr>@endforeach</tbody>
            </table>
            <table class="record-table">
                <caption>Plan against what was measured</caption>
                <thead><tr><th scope="col">Post</th><th scope="col" class="num">depth asked</th><th scope="col" class="num">dug</th>
                    <th scope="col">Depth</th><th scope="col" class="num">top out by</th><th scope="col">Plumb</th>
                    <th scope="col" class="num">cut mark</th><th scope="col">Cut</th><th scope="col">Who and when</th><th scope="col">Remarks</th>
                    </tr></thead>
                <tbody>
                    @foreach ($handover->records as $record)
                        <tr><th scope="row">{{ $record->post->label }}</th><td class="num"><x-length :of="$record->depthRequired" :plan="$plan"
                            /></td><td class="num"><x-length :of="$record->depthDug" :plan="$plan" /></td>
                            <td>{{ RecordSheet::judged($record->deepEnough, 'enough', 'short') }}</td>
                                <td class="num"><x-length :of="$record->outOfPlumb"
                            :plan="$plan" /></td><td>{{ RecordSheet::judged($record->plumb, 'within', 'leans') }}</td>
                            <td class="num"><x-length :of="$record->cutMark" :plan="$plan" /></td><td>{{ $record->cut ? 'cut' : 'not cut' }}</td>
                            <td>{{ $record->last ? implode(', ',
                            $record->by).', '.$record->last->setTimezone(new DateTimeZone($job->zone))->format('j M Y') : '' }}</td>
                            <td>{{ implode('; ', $record->remarks) }}</td></tr>
                    @endforeach
                </tbody>
            </table>
            @foreach ($sheet->also as $about => $says)<p class="record-more"><b>{{ $about }}.</b> <x-words :say="implode('; ', $says).'.'" /></p>
                @endforeach
            @if ($sheet->decisions !== [])<h2>Decisions and their reasons</h2><ul>@foreach ($sheet->decisions as $decision)
                <li><x-words :say="$decision" /></li>@endforeach</ul>@endif
            <p class="signature">Handed over by <span></span> taken over by <span></span> on <span></span></p>
            <p class="muted">Local code, the permit office, the maker’s instructions and a licensed engineer come before anything on this sheet.</p>
        </section>
        <div class="side-work no-print">
            <x-move :site="$site" :here="$phase" />
            <section id="entry">
                <h2>Hand over</h2>
                <x-entry-form kind="handed_over" name="handover">
                    <x-field name="to" form="handover" label="To whom" />
                    <x-field name="remark" form="handover" label="Remark" wide />
                    <button class="button">Hand it over</button>
                </x-entry-form>
            </section>
            <section><h2>On paper</h2><p>The whole record with plan and section as built, every tolerance, decisions and pictures, as PDF:</p>
                <p><a class="button button-second" href="{{ route('handover.pdf', ['job' => $job, 'paper' => 'a4']) }}"
                hx-boost="false">Record, A4</a> <a class="button button-second"
                href="{{ route('handover.pdf', ['job' => $job, 'paper' => 'letter']) }}" hx-boost="false">Record, Letter</a></p>
                <p class="hint">This page prints too, from the browser’s own print command.</p></section>
            <details class="change"><summary>A remark on the job</summary>
                <x-entry-form kind="remark" name="remark"><x-field name="text" form="remark" label="Remark" wide /><button
                    class="button button-second">Write it down</button></x-entry-form>
            </details>
        </div>
    </div>
</x-layout>
