@props(['site'])
@php
    $square = $site->state->square; $outline = $square->outline; $plan = $site->plan;
    $closure = $outline?->closure(); $shift = $outline?->farSideShift(); $unproved = count($square->unproved());
@endphp
@if ($outline && $unproved)<p class="verdict-why muted">What can’t be told: these six say nothing of the {{ $unproved }} stakes between the corners, nor of an error that every tape shares.</p>@endif
@if ($closure)
    <details class="why"><summary>Why?</summary>
        <p>Four corners have five free distances; six were taped, so one checks the rest. From the other five, {{ $outline->pairs[5]->label() }} follows by the law of cosines at {{ $outline->corners->a->label }}.
            @if ($closure->misfit) It reads <x-length :of="$closure->misfit" :plan="$plan" /> more than that ({{ number_format(abs($closure->standardised), 1) }} standard deviations; beyond {{ number_format(\Aequus\Adjust\NormalDistribution::critical(6), 2) }} a contradiction is named, at 1 % for all six together, as in Baarda’s test). @endif
            @if ($shift) The far side’s shift is ({{ $outline->pairs[5]->label() }}² − {{ $outline->pairs[4]->label() }}²) / 4 × length. @endif</p>
    </details>
@endif
