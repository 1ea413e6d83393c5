<x-layout :title="$say('bill.choices')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="footing.bill" />
    <section class="paper bill">
        <h1>{{ $say('bill.choices') }}</h1>
        @if ($page->tables() === [])<p class="hint">{{ $say('bill.choices_none') }}</p>
        @else<p class="verdict-why">{{ $say('bill.choices_how') }}
            <a href="{{ route('footing.bill', $job) }}">{{ $say('bill.to_the_bill') }}</a></p>@endif
        @if ($page->isOpen())<p class="verdict-why">{{ $say('bill.choices_ground') }}</p>@endif
        @foreach ($page->tables() as [$what, $ways])
            <div class="scroll-x"><table>
                <caption>{{ $what }}</caption>
                <thead><tr><th scope="col">{{ $say('page.what') }}</th><th scope="col" class="num">{{ $say('bill.costs') }}</th>
                    <th scope="col">{{ $say('bill.choices_beside') }}</th><th scope="col" class="num">{{ $say('bill.choices_carried') }}</th>
                    <th scope="col" class="num">{{ $say('bill.choices_dug') }}</th><th scope="col">{{ $say('bill.choices_here') }}</th></tr></thead>
                <tbody>@foreach ($ways as $choice)<tr><th scope="row" class="wraps">{{ $page->name($choice) }}</th>
                    <td class="num strong">{{ $page->sum($choice) }}</td>
                    <td>{{ $page->difference($choice, $ways) }}
                        @if ($choice->bill->unpriced)<div class="muted">{{ $say('bill.without_a_price',
                            names: $page->unpriced($choice)) }}</div>@endif</td>
                    <td class="num">{{ $page->carried($choice) }}</td><td class="num">{{ $page->dug($choice) }}</td>
                    <td class="reason">@if ($choice->isPossible === false)<span
                        class="state state-out">{{ $say('bill.choices_not_here') }}</span>@endif
                        {{ $page->against($choice) }}</td></tr>@endforeach</tbody>
            </table></div>
        @endforeach
        @if ($page->tables() !== [])<details class="why"><summary>{{ $say('page.why_2') }}</summary>
            <p>{{ $say('bill.choices_why') }}</p></details>@endif
    </section>
</x-layout>
