@use('Aequus\Site\Step')
@use('App\View\Links')
<x-layout :title="$say('components.ways.set.start')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="set.start" />
    <div class="yard stop">
        <h1>{{ $say('night.start.title') }}</h1>
        <p class="verdict-line"><b>{{ $page->answer() }}</b></p>
        @if ($page->unknown())<p class="refusal">{{ $page->unknown() }}</p>@endif
        @if ($page->unknownWeather())<p class="verdict-why">{{ $page->unknownWeather() }} <a class="jump"
            href="{{ route('days', $job) }}#entry">{{ $say('night.start.write_weather') }}</a></p>@endif
        <ol class="plain stop-list">
            @foreach ($page->start->moves as $move)
                <li><h2><x-words :say="$site->speech->say($move->do)" /></h2>
                    <x-set.posts :posts="$move->posts" :job="$job" />
                    <p><x-words :say="$site->speech->say(...$move->why)" /></p></li>
            @endforeach
        </ol>
        @if ($page->rows() !== [])
            <div class="scroll-x"><table>
                <caption>{{ $say('night.start.poured') }}</caption>
                <thead><tr><th scope="col">{{ $say('page.post') }}</th><th scope="col" class="num">{{ $say('night.start.filled') }}</th>
                    <th scope="col" class="num">{{ $say('night.start.coldest') }}</th><th scope="col" class="num">{{ $say('night.start.ripe') }}</th>
                    <th scope="col" class="num">{{ $say('night.start.off') }}</th></tr></thead>
                <tbody>@foreach ($page->rows() as [$label, $filled, $coldest, $ripe, $off])<tr>
                    <th scope="row"><a href="{{ Links::post('set.post', $job, $label) }}">{{ $label }}</a></th>
                    <td class="num">{{ $filled }}</td><td class="num">{{ $coldest }}</td><td class="num">{{ $ripe }}</td>
                    <td class="num">{{ $off }}</td></tr>@endforeach</tbody>
            </table></div>
            <details class="why"><summary>{{ $say('page.why_2') }}</summary><p>{{ $say('night.start.why') }}</p></details>
        @endif
        <p class="stop-links"><a class="jump" href="{{ route('days', $job) }}">{{ $say('night.start.to_days') }}</a>
           <a class="jump" href="{{ route('set.stop', $job) }}">{{ $say('components.ways.set.stop') }}</a></p>
        <x-cautions :step="Step::Stopping" :site="$site" />
    </div>
</x-layout>
