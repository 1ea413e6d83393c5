@use('Aequus\Site\Phase')
@use('Aequus\Site\Step')
@use('Aequus\Words\Names')
<x-layout :title="$say('components.ways.set.stop')" :site="$site" :phase="Phase::Set">
    <x-ways :site="$site" here="set.stop" />
    <div class="yard stop">
        <h1>{{ $say('set.stop.stop_now_make_it_safe') }}</h1>
        <p class="verdict-why">{{ $say('set.stop.in_this_order_from_what') }}</p>
        <ol class="plain stop-list">
            @foreach ($stop->moves as $move)
                <li><h2><x-words :say="$site->speech->say($move->do)" /></h2>
                    @if ($move->posts !== [])<p class="stop-posts">@foreach ($move->posts as $post)<a
                        href="{{ route('set.post', [$job, $post->label]) }}">{{ $post->label }}</a> @endforeach</p>@endif
                    <p><x-words :say="$site->speech->say(...$move->why)" /></p></li>
            @endforeach
        </ol>
        <section><h2>{{ $say('set.stop.what_may_still_be_filled') }}</h2>
            <p>@if ($stop->mayFill === []){{ $say('set.stop.nothing', lack: $stop->lack === [] ? $say('set.stop.no_hole_waits_for_its')
                : $say('set.stop.of_what_is_due_something')) }} @else
                {{ $say('set.stop.ready_nothing_is_missing_only', join: collect($stop->mayFill)->map(fn ($post) => $post->label)->join(', ', ' and '),
                    count: count($stop->mayFill)) }}@endif</p>
            @if ($stop->lack !== [])<ul class="plain">@foreach ($stop->lack as $label => $missing)
                <li>{{ $say('set.stop.b_b_lacks', label: $label, part: implode('; ', array_map(Names::of(...), $missing))) }}</li>@endforeach</ul>
                    @endif</section>
        <x-cautions :step="Step::Stopping" :site="$site" />
    </div>
</x-layout>
