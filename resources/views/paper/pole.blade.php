@use('Illuminate\Support\Str')
<!DOCTYPE html>
<html lang="en">
<head><meta charset="utf-8"><title>{{ ucfirst($strips->title) }}, {{ $job->name }}</title>
<style>
@page { margin: 0; }
body { margin: 0; font-family: 'DejaVu Sans'; font-size: 8pt; color: #14201a; }
.page { position: relative; width: {{ $strips->paper->width() }}mm; height: {{ $strips->paper->height() - 1 }}mm; page-break-after: always; }
.page.last { page-break-after: auto; }
.at { position: absolute; }
.line { position: absolute; border-top: .35mm solid #14201a; height: 0; }
.heavy { border-top-width: .8mm; }
.edge { position: absolute; border-left: .2mm solid #888; }
.bar { position: absolute; height: 3mm; background: #14201a; }
b { font-size: 10pt; }
</style></head>
<body>
@php($pages = array_chunk(array_keys($strips->strips), $strips->perPage)) @php($m = $strips::MARGIN) @php($bottom = $strips->paper->height() - $m - 4)
@foreach ($pages as $n => $onPage)
    <div class="page {{ $loop->last ? 'last' : '' }}">
        <div class="at" style="left: {{ $m }}mm; top: {{ $m - 6 }}mm;">@if ($job->copy_of)Copy of {{ $job->copy_of }}. @endif{{ $job->name }}:
            {{ $strips->title }}, sheet {{ $n + 1 }} of {{ count($pages) }}. Print in full size (100 %, no fitting), then check both bars with a
            tape.</div>
        <div class="bar" style="left: {{ $m }}mm; top: {{ $m }}mm; width: 100mm;"></div>
            <div class="at" style="left: {{ $m + 102 }}mm; top: {{ $m - .5 }}mm;">100 mm</div>
        <div class="bar" style="left: {{ $m }}mm; top: {{ $m + 6 }}mm; width: 101.6mm;"></div>
            <div class="at" style="left: {{ $m + 104 }}mm; top: {{ $m + 5.5 }}mm;">4 in</div>
        @foreach ($onPage as $strip)
            @php($left = $strips->left($strip))
            <div class="edge" style="left: {{ $left }}mm; top: {{ $bottom - $strips->each }}mm; height: {{ $strips->each }}mm;"></div>
            <div class="line heavy" style="left: {{ $left }}mm; top: {{ $bottom }}mm; width: 26mm;"></div>
            <div class="at" style="left: {{ $left + 27 }}mm; top: {{ $bottom - 3 }}mm;">{{ $strip === 0 ? $strips->zero : 'on top of strip '.$strip }}
                </div>
            <div class="line" style="left: {{ $left }}mm; top: {{ $bottom - $strips->each }}mm; width: 26mm;"></div>
            <div class="at" style="left: {{ $left + 27 }}mm; top: {{ $bottom - $strips->each - 1 }}mm;">end of strip {{ $strip + 1 }}</div>
            @foreach ($strips->strips[$strip] as [$up, $height, $posts])
                <div class="line heavy" style="left: {{ $left }}mm; top: {{ round($bottom - $up, 3) }}mm; width: 18mm;"></div>
                <div class="at" style="left: {{ $left + 19 }}mm; top: {{ round($bottom - $up, 3) - 5 }}mm; width: 38mm;">
                    <b>{{ $height }}</b><br>{{ Str::limit($posts, 40, '…') }}</div>
            @endforeach
        @endforeach
    </div>
@endforeach
@if ($pages === [])<div class="page last"><div class="at" style="left: 20mm; top: 20mm;">There is nothing to mark yet: decide the tops first.</div>
    </div>@endif
</body>
</html>
