<!DOCTYPE html>
<html lang="en">
<head><meta charset="utf-8"><title>{{ $say('files.tags') }}, {{ $job->name }}</title>
<style>
@page { margin: 0; }
body { margin: 0; font-family: 'DejaVu Sans'; color: #14201a; }
.page { position: relative; width: {{ $tags->paper->width() }}mm; height: {{ $tags->paper->height() - 1 }}mm; page-break-after: always; }
.page.last { page-break-after: auto; }
.tag { position: absolute; border: .2mm dashed #888; }
.tag b { position: absolute; left: 4mm; top: 1mm; font-size: 46pt; }
.tag img { position: absolute; right: 4mm; top: 4mm; width: 32mm; height: 32mm; }
.tag .depth { position: absolute; left: 4mm; top: 26mm; font-size: 13pt; }
.tag .code { position: absolute; left: 4mm; bottom: 3mm; font-size: 10pt; }
.tag .job { position: absolute; right: 4mm; bottom: 3mm; font-size: 7pt; }
</style></head>
<body>
@foreach ($tags->sheets as $sheet)
    <div class="page {{ $loop->last ? 'last' : '' }}">
        @foreach ($sheet as $i => $tag)<div class="tag" style="left: {{ $tags->left($i) }}mm; top: {{ $tags->top($i) }}mm;
            width: {{ $tags->wide() }}mm; height: {{ $tags->high() }}mm;"><b>{{ $tag['label'] }}</b>
            <img src="{{ $tag['square'] }}" alt=""><div class="depth">{{ $tag['depth'] }}</div>
            <div class="code">{{ $tag['code'] }}</div><div class="job">{{ $job->name }}</div></div>@endforeach
    </div>
@endforeach
</body>
</html>
