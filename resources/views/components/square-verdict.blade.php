@props(['site'])
@php
    $square = $site->state->square; $outline = $square->outline; $plan = $site->plan;
    $accepted = $site->state->decided(\Aequus\Logbook\DecisionAbout::AcceptOutline);
    $verdict = $outline?->verdict()->value ?? (count($plan->grid->posts) < 2 ? 'one' : ($square->row ? 'row' : 'irregular'));
    $closure = $outline?->closure(); $shift = $outline?->farSideShift(); $unproved = count($square->unproved());
@endphp
@switch($verdict)
    @case('one') <h1>One post has nothing to square</h1> @break
    @case('row')
        <h1>{{ $square->nextUnread() ? 'A row: marks from one zero' : ($square->holds() ? 'Every stake is on its mark' : 'A stake is off its mark') }}</h1>
        <p class="verdict-why">A single row has no diagonal. Each stake is taped from the first; that they stand in one line is the string’s to show.</p>
        @break
    @case('irregular')
        <h1>This outline has no four standing corners</h1>
        <p class="verdict-why">Four sides and two diagonals can’t be taped here, so nothing is said about square. Tapes you enter are compared with the plan one by one.</p>
        @break
    @case('nothing_read')
        <h1>Nothing is taped yet</h1>
        <p class="verdict-why">Four sides and two diagonals of the outline show whether it is square, and check each other.</p>
        @break
    @case('readings_missing')
        <h1>{{ count($outline->unread()) }} of six tapes still to pull</h1>
        <p class="verdict-why">
            @if ($outline->hasDiagonals() && ! $outline->hasSides()) The diagonals differ by <x-length :of="$outline->diagonalDifference()->magnitude()" :plan="$plan" />. Equal diagonals alone prove no right angle: the sides are missing.
            @elseif ($outline->hasSides() && ! $outline->hasDiagonals()) The sides alone leave the outline free to lean: any slanted figure can have them. The diagonals are missing.
            @elseif (count($outline->unread()) === 1) Five tapes fix the figure, and nothing checks them. The sixth does.
            @else From these alone nothing can be told of the angles. @endif
        </p>
        @break
    @case('read_twice_differs')
        <h1>One pair was read twice, and differs</h1>
        <p class="verdict-why">Nothing is concluded before that is settled.</p>
        @break
    @case('contradiction')
        <h1>These six tapes contradict each other</h1>
        <p class="verdict-why">
            @if ($closure->misfit) Five of them put the last one <b><x-length :of="$closure->misfit->magnitude()" :plan="$plan" /></b> from what it reads; the tape’s own roughness explains <x-length :of="$closure->allowed" :plan="$plan" />.
            @else No figure at all has these six distances. @endif
            Any one of them may be wrong; from six it can’t be told which.
        </p>
        @break
    @case('racked')
        <h1>The outline leans by <x-length :of="$shift->magnitude()" :plan="$plan" /></h1>
        <p class="verdict-why">The six tapes agree with each other. {{ ucfirst($outline->corners->d->label) }} and {{ $outline->corners->c->label }} stand too far toward the {{ $plan->sides->of(\Aequus\Plan\Side::alongX(-$shift->nanometres)) }}, by <x-length :of="$shift->magnitude()" :plan="$plan" /> give or take <x-length :of="$outline->shiftUncertainty()" :plan="$plan" />.</p>
        @break
    @case('sides_off')
        <h1>Square, but {{ $outline->sidesOff()[0]->pair->label() }} is off the plan</h1>
        <p class="verdict-why">The tapes agree with each other and the outline does not lean; a side is longer or shorter than the plan has it.</p>
        @break
    @case('tape_too_rough')
        <h1>Nothing looks wrong, and these tapes can’t prove it</h1>
        <p class="verdict-why">The diagonals leave the far side open by <x-length :of="$outline->shiftUncertainty()" :plan="$plan" /> either way; this job allows <x-length :of="$plan->tolerances->squareness" :plan="$plan" />.</p>
        @break
    @case('square')
        <h1>The four corners are square</h1>
        <p class="verdict-why">Six tapes agree; the far side stands within <x-length :of="$shift->magnitude()->plus($outline->shiftUncertainty())" :plan="$plan" /> of where it should, and this job allows <x-length :of="$plan->tolerances->squareness" :plan="$plan" />.</p>
        @break
@endswitch
@if ($accepted)<p class="verdict-why"><b>Taken as it stands:</b> {{ $accepted->reason }}</p>@endif
