<!DOCTYPE html>
<html lang="en">
<head><meta charset="utf-8"><title>{{ $say('packet.title') }}, {{ $job->name }}</title>
<style>
@page { margin: 14mm 14mm 18mm; }
body { font-family: 'DejaVu Sans'; font-size: 9pt; color: #111; line-height: 1.3; }
h1 { font-size: 18pt; margin: 0 0 1mm; } p { margin: 0 0 2mm; }
.sheet + .sheet { page-break-before: always; }
table { width: 100%; border-collapse: collapse; } thead { display: table-header-group; } tr { page-break-inside: avoid; }
th { font-size: 8pt; text-align: left; vertical-align: bottom; border-bottom: .5mm solid #111; padding: 1mm; }
td { border: .15mm solid #999; padding: 1.4mm 1mm; vertical-align: middle; } td.room { background: #f4f4f4; }
td.big { font-size: 13pt; font-weight: bold; white-space: nowrap; } img { width: 132mm; margin-left: 25mm; }
</style></head>
<body>
@if ($packet->hasCover())<div class="sheet"><h1>{{ $job->name }}</h1>
    <p>{{ $job->place }} @foreach ($packet->facts() as $fact)· {{ $fact }} @endforeach</p>
    <p>@foreach ($packet->tables as $table){{ $table->sheet->inWords() }}@if (! $loop->last), @endif @endforeach</p>
    <img src="{{ $image }}" alt=""></div>@endif
@foreach ($packet->tables as $table)<div class="sheet"><h1>{{ $table->sheet->inWords() }}</h1>
    <p>{{ $table->how }} @if ($table->sheet->round()){{ $say('packet.type_in',
        page: $table->sheet->round()->inWords()) }}@endif</p>
    @if ($table->empty)<p><b>{{ $table->empty }}</b></p>@else
    <table><thead><tr>@foreach ($table->head as $head)<th>{{ $head }}</th>@endforeach</tr></thead>
    <tbody>@foreach ($table->rows as $row)<tr>@foreach ($row as $i => $cell)<td
        class="{{ in_array($i, $table->big, true) ? 'big' : '' }} {{ $cell === '' ? 'room' : '' }}">{{ $cell }}</td>@endforeach</tr>@endforeach
    </tbody>
    </table>@endif</div>@endforeach
</body>
</html>
