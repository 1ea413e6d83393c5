<!DOCTYPE html>
<html lang="en">
<head><meta charset="utf-8"><title>{{ $say('plan.site.title') }}, {{ $job->name }}</title>
<style>
@page { margin: 0; }
body { margin: 0; font-family: 'DejaVu Sans'; color: #14201a; }
h1 { position: absolute; left: 18mm; top: 13mm; margin: 0; font-size: 16pt; }
p { position: absolute; left: 18mm; top: 22mm; margin: 0; font-size: 9.5pt; }
img { position: absolute; left: 0; top: 0; width: {{ $sheet->width() }}px; height: {{ $sheet->height() }}px; }
</style></head>
<body><h1>{{ $job->name }}</h1>
<p>{{ $say('plan.site.heading', place: $job->place, number: $job->revision->number, scale: $sheet->scale) }}</p>
<img src="{{ $image }}" alt=""></body>
</html>
