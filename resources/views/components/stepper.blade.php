@use('Aequus\Words\Names')
@props(['stepper'])
<nav class="way" aria-label="{{ $say('components.stepper.the_way_through_the_job') }}">
    <ol>
        @foreach ($stepper->stakes as $i => $stake)
            <li class="way-stake is-{{ $stake->standing->value }} {{ $stake->passed ? 'is-passed' : '' }} {{ $stake->shown ? 'is-shown' : '' }}">
                <a href="{{ route($stake->phase->value, $stepper->site->job) }}" @if ($stake->shown) aria-current="step" @endif>
                    <svg viewBox="0 0 120 54" preserveAspectRatio="none" class="way-string" aria-hidden="true" focusable="false">
                        <path d="{{ $stake->standing->value === 'out' ? 'M0 14 C30 14 40 28 60 28 S90 14 120 14' : 'M0 14 H120' }}" />
                    </svg>
                    <svg viewBox="0 0 28 54" class="way-peg" aria-hidden="true" focusable="false">
                        @switch($stake->standing->value)
                            @case('done')
                                <path class="peg" d="M9 8 h10 v26 l-5 9 l-5 -9 z" /><circle class="knot" cx="14" cy="14" r="4" />
                                    <path class="tick" d="M11 24 l2.5 3 l4 -6" />
                                @break
                            @case('now')
                                <path class="peg peg-now" d="M8 2 h12 v36 l-6 11 l-6 -11 z" /><path class="flag" d="M20 3 l8 4.5 l-8 4.5 z" />
                                @break
                            @case('out')
                                <path class="peg peg-out" d="M8 14 h12 v24 l-6 11 l-6 -11 z" /><path class="bang" d="M14 19 v9 M14 32 v2" />
                                @break
                            @default
                                <path class="peg peg-open" d="M10 10 h8 v24 l-4 8 l-4 -8 z" />
                        @endswitch
                    </svg>
                    <span class="way-name">{{ Names::of($stake->phase) }}</span>
                    <span class="vh">, {{ $stake->standing->inWords() }}</span>
                </a>
            </li>
        @endforeach
    </ol>
</nav>
