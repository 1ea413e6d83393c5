@use('Aequus\Words\Names')
<details class="pour" @if ($now) open @endif>
    <summary>{{ $say('set.pour.the_fill_step_by_step') }}</summary>
    @if ($sheet->minutesIn !== null)<p class="walk-line"><b class="big-step">{{ $say('set.pour.min', minutes_in: $sheet->minutesIn) }}</b>
        {{ $say('set.pour.since_the_fill_began') }}</p>@endif
    <ol>@foreach ($sheet->pour->steps as $step)<li><x-words :say="$site->speech->say($step->do)"
        />@if ($step->below !== null && ! $step->below->isZero()): <b class="big-step"><x-length :of="$step->below->magnitude()" :plan="$plan"
        /></b> {{ $say('set.pour.the_ground', is_negative: $step->below->isNegative() ? $say('page.above') : $say('page.below')) }} @endif
            @if ($step->bags) <span
        class="muted">{{ $say('set.pour.bags_in', bags: $step->bags) }}</span>@endif @if ($step->within !== null) <b
        class="big-step">{{ $sheet->begun === null ? $say('set.pour.within', minutes: $step->within)
        : $say('set.pour.by', time: $sheet->dueBy($step, $job->zone)) }}</b>@endif</li>
        @endforeach</ol>
    @if ($sheet->isPoured())<p class="hint">{{ $say('set.pour.bags_of_a_tenth_for',
        bag: $plan->notation->system()->bag, mass: $plan->notation->system()->mass,
        what: Names::of($state->customs()->bracesOff),
        datum: $state->customs()->cureDatum->temperature()->write($plan->notation->unit)) }}</p>@endif
</details>
