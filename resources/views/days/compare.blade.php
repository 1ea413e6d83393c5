<x-layout :title="$say('days.vary')" :site="$site" :phase="$phase">
    <div class="two">
        <section class="paper">
            <h1>{{ $say('days.vary') }}</h1>
            <p><a href="{{ route('days', $job) }}">{{ $say('days.title') }}</a></p>
            @if ($page->answer !== '')<p class="verdict-why">{{ $page->answer }}</p>@endif
            @foreach ($page->tables as [$what, $ways])
                <div class="scroll-x"><table>
                    <caption>{{ $what }}</caption>
                    <thead><tr><th scope="col">{{ $say('days.vary_way') }}</th><th scope="col">{{ $say('days.vary_done') }}</th>
                        <th scope="col" class="num">{{ $say('days.vary_work') }}</th><th scope="col" class="num">{{ $say('days.vary_costs') }}</th>
                        <th scope="col" class="num">{{ $say('days.vary_carried') }}</th><th scope="col" class="num">{{ $say('days.vary_dug') }}</th>
                        <th scope="col" class="num">{{ $say('days.vary_rain') }}</th></tr></thead>
                    <tbody>@foreach ($ways as [$name, $done, $hours, $money, $carried, $dug, $rain, $isNow])<tr>
                        <th scope="row" class="wraps">{{ $name }} @if ($isNow)<span class="muted">{{ $say('days.vary_now') }}</span>@endif</th>
                        <td>{{ $done }}</td><td class="num">{{ $hours }}</td><td class="num">{{ $money }}</td><td class="num">{{ $carried }}</td>
                        <td class="num">{{ $dug }}</td><td class="num">{{ $rain }}</td></tr>@endforeach</tbody>
                </table></div>
            @endforeach
            @if ($page->tables !== [])<details class="why"><summary>{{ $say('page.why_2') }}</summary>
                <p>{{ $say('days.vary_why') }}</p></details>@endif
        </section>
        <div class="side-work">
            <section><h2>{{ $say('days.winter') }}</h2>
                <ul class="rows">@foreach ($winter->said as $said)<li>{{ $said }}</li>@endforeach</ul></section>
            <form method="get" action="{{ route('days.compare', $job) }}" class="entry">
                <h2 class="field-wide">{{ $say('days.vary_ask') }}</h2>
                @if ($page->refusal)<p class="refusal field-wide">{{ $page->refusal }}</p>@endif
                <x-field form="vary" name="from" type="date" :label="$say('days.vary_day')" :value="$page->from" />
                <x-field form="vary" name="people" :label="$say('days.vary_people_field')" :value="$page->people" inputmode="numeric" />
                <button class="button">{{ $say('days.vary_show') }}</button>
            </form>
        </div>
    </div>
</x-layout>
