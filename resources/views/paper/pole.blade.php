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
@foreach ($strips->pages() as $n => $onPage)
    <div class="page {{ $loop->last ? 'last' : '' }}">
        <div class="at" style="left: {{ $strips::MARGIN }}mm; top: {{ $strips::MARGIN - 6 }}mm;">@if ($job->copy_of){{ $say('paper.pole.copy_of',
            copy_of: $job->copy_of) }}
            @endif{{ $say('paper.pole.sheet_of_print_in_full', name: $job->name, title: $strips->title, n: $n + 1, count: count($strips->pages())) }}
                </div>
        <div class="bar" style="left: {{ $strips::MARGIN }}mm; top: {{ $strips::MARGIN }}mm; width: 100mm;"></div>
            <div class="at" style="left: {{ $strips::MARGIN + 102 }}mm; top: {{ $strips::MARGIN - .5 }}mm;">100 mm</div>
        <div class="bar" style="left: {{ $strips::MARGIN }}mm; top: {{ $strips::MARGIN + 6 }}mm; width: 101.6mm;"></div>
            <div class="at" style="left: {{ $strips::MARGIN + 104 }}mm; top: {{ $strips::MARGIN + 5.5 }}mm;">4 in</div>
        <div class="at" style="left: {{ $strips::MARGIN }}mm; top: {{ $strips::MARGIN + 11 }}mm;">{{ $strips->what }}</div>
        @foreach ($onPage as $strip)
            <div class="edge" style="left: {{ $strips->left($strip) }}mm; top: {{ $strips->bottom() - $strips->each }}mm;
                height: {{ $strips->each }}mm;"></div>
            <div class="line heavy" style="left: {{ $strips->left($strip) }}mm; top: {{ $strips->bottom() }}mm; width: 26mm;"></div>
            <div class="at" style="left: {{ $strips->left($strip) + 27 }}mm; top: {{ $strips->bottom() - 3 }}mm;">
                {{ $strip === 0 ? $strips->zero : $say('paper.pole.on_top_of_strip', strip: $strip) }}
                </div>
            <div class="line" style="left: {{ $strips->left($strip) }}mm; top: {{ $strips->bottom() - $strips->each }}mm; width: 26mm;"></div>
            <div class="at" style="left: {{ $strips->left($strip) + 27 }}mm; top: {{ $strips->bottom() - $strips->each - 1 }}mm;">
                {{ $say('paper.pole.end_of_strip', strip: $strip + 1) }}</div>
            @foreach ($strips->strips[$strip] as [$up, $height, $posts])
                <div class="line heavy" style="left: {{ $strips->left($strip) }}mm; top: {{ round($strips->bottom() - $up, 3) }}mm; width: 18mm;">
                    </div>
                <div class="at" style="left: {{ $strips->left($strip) + 19 }}mm; top: {{ round($strips->bottom() - $up, 3) - 5 }}mm; width: 38mm;">
                    <b>{{ $height }}</b><br>{{ Str::limit($posts, 40, '…') }}</div>
            @endforeach
        @endforeach
    </div>
@endforeach
@if ($strips->pages() === [])<div class="page last">
    <div class="at" style="left: 20mm; top: 20mm;">{{ $say('paper.pole.there_is_nothing_to_mark') }}</div>
    </div>@endif
</body>
</html>
