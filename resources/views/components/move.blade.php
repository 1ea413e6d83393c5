@use('Aequus\Words\Names')
@props(['site', 'move' => null, 'here' => null, 'heading' => 'Next move'])
<section class="move" aria-labelledby="move-title">
    @if (($move ??= $site->next) === null)
        <p class="move-kicker">{{ $heading }}</p>
        <h2 id="move-title">Nothing is left to do</h2>
        <p class="move-why">The work is handed over. The record stays in the logbook.</p>
    @else
        <p class="move-kicker">{{ $heading }}{{ $here !== null && $move->phase !== $here ? ', in '.Names::of($move->phase) : '' }}</p>
        <h2 id="move-title"><x-words :say="$site->speech->say($move->do)" /></h2>
        @if ($move->number !== null)
            <p class="move-number"><span class="big"><x-length :of="$move->number" :plan="$site->plan" /></span> <span class="move-beside"><x-words
                :say="$site->speech->say($move->beside)" /></span></p>
        @endif
        <p class="move-why"><x-words :say="$site->speech->say(...$move->why)" /></p>
        @if (isset($slot) && trim($slot) !== '')
            {{ $slot }}
        @elseif ($here === $move->phase && request()->routeIs($move->phase->value, 'set.post'))
            <p><a class="button" href="#entry" hx-boost="false">{{ $move->asks === null ? 'To the form' : 'Enter it' }}</a></p>
        @else
            <p><a class="button" href="{{ route($move->phase->value, $site->job) }}">Go there</a></p>
        @endif
    @endif
</section>
