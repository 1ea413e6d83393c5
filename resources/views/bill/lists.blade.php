<x-layout :title="$say('bill.lists')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="footing.bill" />
    <section class="paper bill">
        <h1>{{ $say('bill.lists') }}</h1>
        <p class="verdict-why">@foreach ($page::ways() as $by => $words)@if ($by === $page->by)<b>{{ $words }}</b>@else<a
            href="{{ route('footing.bill.lists', ['job' => $job, 'by' => $by]) }}">{{ $words }}</a>@endif @endforeach
            <a href="{{ route('footing.bill', $job) }}">{{ $say('bill.to_the_bill') }}</a></p>
        @include('bill.open', ['page' => $page->bill])
        @forelse ($page->lists() as [$name, $rows, $sum])
            <h2>{{ $name }} <span class="muted">{{ $sum }}</span></h2>
            <ul class="rows">@foreach ($rows as $row)<li><span class="box-to-tick" aria-hidden="true"></span> <b>{{ $row->buy }}</b>
                <x-words :say="$row->name" /> @if ($row->pack !== '1')<span class="muted">{{ $say('bill.in_packs', packs: $row->line->bought->packs,
                    pack: $row->pack) }}</span>@endif</li>@endforeach</ul>
        @empty<p class="hint">{{ $say('bill.nothing_to_fetch') }}</p>
        @endforelse
    </section>
</x-layout>
