@use('Aequus\Site\Phase')
@use('Aequus\Site\Step')
@use('Aequus\Words\Names')
<x-layout title="Stop now" :site="$site" :phase="Phase::Set">
    <x-ways :site="$site" here="set.stop" />
    <div class="yard stop">
        <h1>Stop now: make it safe</h1>
        <p class="verdict-why">In this order, from what the book knows of every post. People first: lightning, or wind that moves timber, and
            everybody leaves.</p>
        <ol class="plain stop-list">
            @foreach ($stop->moves as $move)
                <li><h2><x-words :say="$site->speech->say($move->do)" /></h2>
                    @if ($move->posts !== [])<p class="stop-posts">@foreach ($move->posts as $post)<a
                        href="{{ route('set.post', [$job, $post->label]) }}">{{ $post->label }}</a> @endforeach</p>@endif
                    <p><x-words :say="$site->speech->say(...$move->why)" /></p></li>
            @endforeach
        </ol>
        <section><h2>What may still be filled</h2>
            <p>@if ($stop->mayFill === [])Nothing:
                {{ $stop->lack === [] ? 'no hole waits for its fill' : 'of what is due something is missing everywhere' }}. @else
                {{ collect($stop->mayFill)->map(fn ($post) => $post->label)->join(', ', ' and ') }} {{ count($stop->mayFill) === 1 ? 'is' : 'are' }}
                ready: nothing is missing. Only what can be filled to the top and covered before the weather comes; a pour that stops half-way is
                worse than none.@endif</p>
            @if ($stop->lack !== [])<ul class="plain">@foreach ($stop->lack as $label => $missing)
                <li><b>{{ $label }}</b> lacks: {{ implode('; ', array_map(Names::of(...), $missing)) }}.</li>@endforeach</ul>@endif</section>
        <x-cautions :step="Step::Stopping" :site="$site" />
    </div>
</x-layout>
