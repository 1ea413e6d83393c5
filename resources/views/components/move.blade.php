@use('Aequus\Words\Names')
@use('App\View\Ahead')
@use('App\View\Links')
@props(['site', 'move' => null, 'here' => null, 'heading' => null])
<section class="move" aria-labelledby="move-title">
    @if (($move ??= $site->next) === null)
        <p class="move-kicker">{{ $heading ?? $say('page.next_move') }}</p>
        <h2 id="move-title">{{ $say('components.move.nothing_is_left_to_do') }}</h2>
        <p class="move-why">{{ $say('components.move.the_work_is_handed_over') }}</p>
    @else
        <p class="move-kicker">{{ $heading ?? $say('page.next_move') }}{{ $here !== null && $move->phase !== $here
            ? $say('components.move.in').Names::of($move->phase) : '' }}
            </p>
        <h2 id="move-title"><x-words :say="$site->speech->say($move->do)" /></h2>
        @if ($move->number !== null)
            <p class="move-number"><span class="big"><x-length :of="$move->number" :plan="$site->plan" /></span> <span class="move-beside"><x-words
                :say="$site->speech->say($move->beside)" /></span></p>
        @endif
        <p class="move-why"><x-words :say="$site->speech->say(...$move->why)" /></p>
        <div hidden data-ahead="{{ json_encode(new Ahead($site, $move)) }}" data-job="/jobs/{{ $site->job->id }}/"></div>
        @if (isset($slot) && trim($slot) !== '')
            {{ $slot }}
        @elseif ($here === $move->phase && request()->routeIs($move->phase->value, 'set.post'))
            <p><a class="button" href="#entry"
                hx-boost="false">{{ $move->asks === null ? $say('components.move.to_the_form') : $say('components.move.enter_it') }}</a></p>
        @else
            <p><a class="button" href="{{ Links::move($site->job, $move) }}">{{ $say('page.go_there') }}</a></p>
        @endif
        <x-reader :site="$site" :move="$move" :post="request()->routeIs('set.post') ? request()->route('label') : ''" />
    @endif
</section>
