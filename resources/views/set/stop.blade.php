@use('Aequus\Site\Step')
<x-layout :title="$say('components.ways.set.stop')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="set.stop" />
    <div class="yard stop">
        <h1>{{ $say('night.stop.stop_now_make_it_safe') }}</h1>
        <p class="verdict-line {{ $page->isTooLong() ? 'refusal' : '' }}"><b>{{ $page->answer() }}</b></p>
        <ul class="rows">@foreach ($page->comes() as $comes)<li>{{ $comes }}</li>@endforeach</ul>
        <p class="verdict-why">{{ $say('night.stop.in_this_order_from_what') }} @if (! $page->isKnown()){{ $say('days.made_up') }}@endif</p>
        <ol class="plain stop-list">
            @foreach ($page->moves() as [$move, $about])
                <li><h2><x-words :say="$site->speech->say($move->do)" /> <span class="muted num">{{ $about }}</span></h2>
                    <x-set.posts :posts="$move->posts" :job="$job" />
                    <p><x-words :say="$site->speech->say(...$move->why)" /></p></li>
            @endforeach
        </ol>
        <section><h2>{{ $say('night.stop.what_may_still_be_filled') }}</h2>
            <p>{{ $page->fills() }}</p>
            @foreach ($page->waits() as $waits)<p class="refusal">{{ $waits }}</p>@endforeach
            @if ($page->lacks() !== [])<ul class="plain">@foreach ($page->lacks() as $label => $lacks)
                <li>{{ $say('night.stop.b_b_lacks', label: $label, part: $lacks) }}</li>@endforeach</ul>@endif</section>
        <p class="stop-links"><a class="jump" href="{{ route('set.start', $job) }}">{{ $say('night.stop.to_start') }}</a>
           <a class="jump" href="{{ route('days', $job) }}">{{ $say('days.title') }}</a></p>
        <x-cautions :step="Step::Stopping" :site="$site" />
    </div>
</x-layout>
