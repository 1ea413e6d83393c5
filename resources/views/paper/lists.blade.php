<!DOCTYPE html>
<html lang="en">
<head><meta charset="utf-8"><title>{{ $say('bill.lists') }}, {{ $job->name }}</title>
<style>
@page { margin: 16mm 14mm; }
body { margin: 0; font-family: 'DejaVu Sans'; color: #14201a; font-size: 10.5pt; }
h1 { margin: 0 0 1mm; font-size: 16pt; } h2 { margin: 6mm 0 1mm; font-size: 12.5pt; border-bottom: .4mm solid #14201a; }
p { margin: 0 0 2mm; font-size: 9.5pt; } table { width: 100%; border-collapse: collapse; }
td { padding: 1.4mm 2mm 1.4mm 0; border-bottom: .1mm solid #8a8f88; vertical-align: top; }
.tick { width: 7mm; } .tick span { display: inline-block; width: 4mm; height: 4mm; border: .3mm solid #14201a; }
.buy { width: 28mm; font-weight: bold; } .pack, .sum { color: #4a524c; } tr { page-break-inside: avoid; }
</style></head>
<body><h1>{{ $say('bill.lists') }}</h1>
<p>{{ $say('bill.lists_of', job: $job->name, number: $job->revision->number, way: $page->ways()[$page->by]) }}</p>
@foreach ($page->bill->openWords() as $open)<p>{{ $open }}</p>@endforeach
<p>{{ $page->bill->metal() }}</p>
@forelse ($page->lists() as [$name, $rows, $sum])
<h2>{{ $name }} <span class="sum">{{ $sum }}</span></h2>
<table>@foreach ($rows as $row)<tr><td class="tick"><span></span></td><td class="buy">{{ $row->buy }}</td><td>{{ $row->plain }}
    @if ($row->pack !== '1')<span class="pack">{{ $say('bill.in_packs', packs: $row->line->bought->packs, pack: $row->pack) }}</span>@endif</td></tr>
@endforeach</table>
@empty<p>{{ $say('bill.nothing_to_fetch') }}</p>
@endforelse
</body>
</html>
