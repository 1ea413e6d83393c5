<!DOCTYPE html>
<html lang="en">
<head><meta charset="utf-8"><title>{{ $say('frame.title') }}, {{ $job->name }}</title>
<style>
@page { margin: 14mm; }
body { margin: 0; font-family: 'DejaVu Sans'; color: #14201a; font-size: 10pt; }
h1 { margin: 0 0 1mm; font-size: 16pt; } h2 { margin: 5mm 0 1mm; font-size: 12pt; } p { margin: 0 0 2mm; font-size: 9.5pt; }
table { width: 100%; border-collapse: collapse; } th { text-align: left; font-size: 9pt; }
td, th { padding: 1mm 2mm 1mm 0; border-bottom: .1mm solid #8a8f88; vertical-align: top; }
.told { border-left: 1mm solid #8d1a1a; padding-left: 2mm; }
.view { page-break-inside: avoid; } .view img { width: 150mm; } .next { page-break-before: always; } tr { page-break-inside: avoid; }
</style></head>
<body>
@forelse ($sheet->frames as $page)
<div @if (! $loop->first) class="next" @endif>
<h1>{{ $say('frame.title') }}</h1>
<p>{{ $say('frame.sheet_of', job: $job->name, number: $job->revision->number, on: $page->standsOn()[$page->on]) }}</p>
@foreach ($page->hindrances() as $told)<p class="told">{{ $told }}</p>@endforeach
@foreach ($sheet->drawings($page) as [$view, $drawing])
<div class="view"><h2>{{ $say('frame.sheet_view', view: $view) }}</h2><img src="{{ $sheet->image($drawing) }}" alt=""></div>
@endforeach
<div class="view"><h2>{{ $say('frame.layers') }}</h2>
<table><tr><th>{{ $say('frame.layer') }}</th><th>{{ $say('frame.section') }}</th>
    <th>{{ $say('frame.pieces') }}</th><th>{{ $say('frame.relied_on') }}</th></tr>
@foreach ($page->rows() as $row)<tr><td>{{ $row->name() }}</td><td>{{ $say('frame.sides', one: $row->layer->thick, other: $row->layer->deep) }}</td>
    <td>@foreach ($row->lengths() as [$count, $length])<div>{{ $say('frame.of_each', count: $count, length: $length) }}</div>@endforeach</td>
    <td>{{ $row->layer->reliedOn === '' ? $say('frame.unchecked') : $row->layer->reliedOn }}</td></tr>@endforeach</table>
<p>{{ $say('frame.not_checked') }}</p></div>
@foreach ($page->marks() as [$what, $faces, $layer])<h2>{{ $what }}</h2>
<p>@foreach ($faces as $number => $face){{ $say('frame.mark_of', number: $number, face: $face) }} @endforeach</p>@endforeach
@foreach ($page->minded() as $minded)<p>{{ $minded }}</p>@endforeach
</div>
@empty<h1>{{ $say('frame.title') }}</h1><p>{{ $sheet->isNoneUsual ? $say('frame.none_usual') : $say('frame.no_line') }}</p>
@endforelse
</body>
</html>
