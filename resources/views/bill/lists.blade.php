<x-layout :title="$say('bill.lists')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="footing.bill" />
    <section class="paper bill">
        <h1>{{ $say('bill.lists') }}</h1>
        <p class="verdict-why">@foreach ($page::ways() as $by => $words)@if ($by === $page->by)<b>{{ $words }}</b>@else<a
            href="{{ route('footing.bill.lists', ['job' => $job, 'by' => $by]) }}">{{ $words }}</a>@endif @endforeach
            <a href="{{ route('footing.bill', $job) }}">{{ $say('bill.to_the_bill') }}</a></p>
        @include('bill.open', ['page' => $page->bill])
        <p class="hint">{{ $page->bill->metal() }} @if ($page->by === 'delivery'){{ $say('bill.delivery_how') }}@endif</p>
        <p class="no-print"><a href="{{ route('footing.bill.lists.pdf', ['job' => $job, 'by' => $page->by]) }}" hx-boost="false">{{
            $say('bill.as_pdf') }}</a> <a href="{{ route('footing.bill.lists.csv', ['job' => $job, 'by' => $page->by]) }}"
            hx-boost="false">{{ $say('bill.as_csv') }}</a></p>
        @if ($page->by === 'day')<form method="post" action="{{ route('footing.bill.lists.need', $job) }}" class="entry">
            @csrf <input type="hidden" name="form" value="needed"><input type="hidden" name="based_on"
                value="{{ old('based_on', $job->revision->number) }}">
            @foreach ($page->days() as [$work, $name, $day])<x-field form="needed" :name="'on_'.$work" :label="$name" :value="$day"
                type="date" />@endforeach
            <button class="button button-second">{{ $say('bill.keep_days') }}</button></form>@endif
        @forelse ($page->lists() as [$name, $rows, $sum])
            <h2>{{ $name }} <span class="muted">{{ $sum }}</span></h2>
            <ul class="rows">@foreach ($rows as $row)<li><span class="box-to-tick" aria-hidden="true"></span> <b>{{ $row->buy }}</b>
                <x-words :say="$row->name" /> @if ($row->pack !== '1')<span class="muted">{{ $say('bill.in_packs', packs: $row->line->bought->packs,
                    pack: $row->pack) }}</span>@endif</li>@endforeach</ul>
        @empty<p class="hint">{{ $say('bill.nothing_to_fetch') }}</p>
        @endforelse
    </section>
</x-layout>
