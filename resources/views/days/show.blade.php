<x-layout :title="$say('days.title')" :site="$site" :phase="$phase">
    <div class="two days">
        <section class="paper">
            <h1>{{ $page->answer() }}</h1>
            @if ($progress->moved)<p class="verdict-why">{{ $progress->moved }}</p>@endif
            @if ($progress->soFar)<p class="verdict-why">{{ $progress->soFar }}</p>@endif
            @if ($page->fewer())<p class="verdict-why">{{ $page->fewer() }}</p>@endif
            @foreach ($page->heldBy() as $held)<p class="refusal">{{ $held }}</p>@endforeach
            @if ($isMadeUp && $page->hasDays())<p class="verdict-why">{{ $say('days.made_up') }}</p>@endif
            @if ($page->hasDays())
                @if ($page->chance)<p>@foreach ($page->chances() as $chance){{ $chance }} @endforeach</p>
                @elseif ($page->days->toDo->held === null)<p class="no-print"><a
                    href="{{ route('days', ['job' => $job, 'chance' => 1]) }}">{{ $say('days.chance') }}</a></p>@endif
                <figure class="drawing"><div class="days-scroll" tabindex="0" role="region" aria-label="{{ $say('days.title')
                    }}"><x-drawing.days :model="$drawing" /></div><figcaption class="hint">{{ $say('days.drawn_how')
                    }}</figcaption></figure>
                @if ($page->waits->calls() !== [])<h2>{{ $say('days.calls') }}</h2>
                    <ul class="rows">@foreach ($page->waits->calls() as $call)<li><b>{{ $call }}</b></li>@endforeach</ul>@endif
                @if ($page->waits->said() !== [])<h2>{{ $say('days.waits') }}</h2>
                    <ul class="rows">@foreach ($page->waits->said() as $wait)<li>{{ $wait }}</li>@endforeach</ul>@endif
                <p class="no-print"><a href="{{ route('days.ics', $job) }}" hx-boost="false">{{ $say('days.as_calendar') }}</a>
                    · <a href="{{ route('days.compare', $job) }}">{{ $say('days.vary_to') }}</a>
                    · <a href="{{ route('set.stop', $job) }}">{{ $say('components.ways.set.stop') }}</a>
                    · <a href="{{ route('set.start', $job) }}">{{ $say('components.ways.set.start') }}</a></p>
                <div class="scroll-x"><table>
                    <thead><tr><th scope="col">{{ $say('days.day') }}</th><th scope="col">{{ $say('days.work') }}</th>
                        <th scope="col">{{ $say('days.weather') }}</th></tr></thead>
                    <tbody>@foreach ($page->shown() as $day)<tr><th scope="row">{{ $day === 0 ? $say('days.today') : $page->day($day) }}</th>
                        <td>@forelse ($page->done($day) as [$when, $what])<div><span class="num">{{ $when }}</span> <b>{{ $what }}</b></div>
                            @empty<span class="muted">{{ $page->isWorked($day) ? $say('days.nothing') : $say('days.rest') }}</span>@endforelse</td>
                        <td>{{ $page->warmth($day) }} {{ $page->sky($day) }} <span class="muted">{{ $page->light($day) }}</span>
                            @foreach ($means->of($day) as $held)<div><b>{{ $held }}</b></div>@endforeach</td>
                    </tr>@endforeach</tbody>
                </table></div>
                <h2>{{ $say('days.left') }}</h2>
                <table><thead><tr><th scope="col">{{ $say('days.work') }}</th><th scope="col" class="num">{{ $say('days.left') }}</th>
                    <th scope="col" class="num">{{ $say('days.how_fast') }}</th></tr></thead>
                <tbody>@foreach ($page->left() as [$what, $left, $rate, $learned])<tr><th scope="row">{{ $what }}</th><td class="num">{{ $left }}</td>
                    <td class="num">{{ $rate }} <span class="muted">{{ $learned }}</span></td></tr>@endforeach</tbody></table>
                <details class="why"><summary>{{ $say('page.why_2') }}</summary><p>{{ $say('days.why') }}</p></details>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="null" />
            @include('days.forms')
        </div>
    </div>
</x-layout>
