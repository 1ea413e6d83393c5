@use('Aequus\Words\Names')
@use('Illuminate\Support\Str')
<details class="pour" @if ($now) open @endif>
    <summary>The fill, step by step</summary>
    @if ($sheet->minutesIn !== null)<p class="walk-line"><b class="big-step">{{ $sheet->minutesIn }} min</b> since the fill began.</p>@endif
    <ol>@foreach ($sheet->pour->steps as $step)<li><x-words :say="$site->speech->say($step->do)"
        />@if ($step->below !== null && ! $step->below->isZero()): <b class="big-step"><x-length :of="$step->below->magnitude()" :plan="$plan"
        /></b> {{ $step->below->isNegative() ? 'above' : 'below' }} the ground @endif @if ($step->bags) <span
        class="muted">{{ Str::plural('bag', $step->bags, prependCount: true) }} in</span>@endif @if ($step->within !== null) <b
        class="big-step">{{ $sheet->begun === null ? "within {$step->within} min"
        : 'by '.$sheet->begun->modify("+{$step->within} minutes")->setTimezone(new DateTimeZone($job->zone))->format('H:i') }}</b>@endif</li>
        @endforeach</ol>
    <p class="hint">Bags of {{ $plan->notation->system()->bag }} {{ $plan->notation->system()->mass }}, a tenth for waste. Water as the label says.
        Mixed concrete stays workable about an hour at 20 °C, less in heat. Braces: {{ Names::of($state->bracesOff()) }} at 20 °C, longer in the cold
        by the maturity rule (time × degrees above freezing is the same; Nurse and Saul, ASTM C1074), and not at all at freezing. The label and a wet
        surface come before it.</p>
</details>
