@use('Aequus\Words\Names')
@use('Illuminate\Support\Str')
<!DOCTYPE html>
<html lang="en">
<head><meta charset="utf-8"><title>Record, {{ $job->name }}</title>
<style>
@page { margin: 15mm 14mm 18mm; }
body { font-family: 'DejaVu Sans'; font-size: 8.5pt; color: #14201a; line-height: 1.35; }
h1 { font-size: 17pt; margin: 0 0 1mm; } h2 { font-size: 11pt; margin: 6mm 0 1.5mm; border-bottom: .5mm solid #14201a; }
table { width: 100%; border-collapse: collapse; } th, td { text-align: left; vertical-align: top; padding: 1mm 2mm 1mm 0; border-bottom: .15mm solid
    #b9b3a4; }
thead { display: table-header-group; } th { font-size: 7.5pt; } tr { page-break-inside: avoid; } td.n { text-align: right; white-space: nowrap; }
.no { font-weight: bold; } img.drawn { width: 100%; } .pic { display: inline-block; width: 84mm; margin: 0 3mm 3mm 0; vertical-align: top;
    page-break-inside: avoid; } .pic img { width: 84mm; }
.foot { position: fixed; bottom: -10mm; left: 0; right: 0; font-size: 7pt; color: #555; } .sign td { border: 0; padding-top: 12mm; } .sign span {
    border-top: .3mm solid #14201a; display: block; padding-top: 1mm; }
</style></head>
<body>
<div class="foot">{{ $job->copyLine() }} {{ $job->name }}, plan revision {{ $job->revision->number }},
    {{ Str::plural('entry', count($state->log->entries), prependCount: true) }}. Local code, the permit office, the maker’s instructions and a
    licensed engineer come before anything on this sheet.</div>
<h1>{{ $job->name }}</h1>
@if ($job->copy_of)<p><b>{{ $job->copyLine() }}</b></p>@endif
<p>{{ $job->place ? $job->place.'. ' : '' }}{{ Names::of($plan->kind) }}, {{ Str::plural('post', count($plan->grid->posts), prependCount: true) }},
    plan revision {{ $job->revision->number }}.
    @if ($state->handover()->given)Handed over to
        {{ $state->handover()->given->to }}.{{ $state->handover()->given->remark ? ' '.$state->handover()->given->remark
        : '' }}@elseif ($changed)Handed over under an earlier plan; this one was not taken over yet.@else Not handed over yet.@endif
    @if ($state->handover()->incomplete() !== [])In the book a depth, a plumb reading or a cut is missing at
        {{ implode(', ', $state->handover()->incomplete()) }}.@endif</p>
<h2>Tolerances</h2>
<table><thead><tr><th>What</th><th>Number</th><th>Verdict</th></tr></thead>
<tbody>@foreach ($sheet->tolerances as [$what, $number, $is])<tr><td>{{ $what }}</td><td>{{ $number }}</td>
    <td class="{{ $is === false ? 'no' : '' }}">{{ $sheet->met($is) }}</td></tr>@endforeach
<tr><td>Spans of beams and joists</td><td>not checked by this tool</td><td>rely on the table or engineer named on site</td></tr></tbody></table>
<h2>Plan as built</h2>
<p>Lines lead from the plan’s place to where a post really stands, {{ $built->factor }} times enlarged. Filled squares are proved plumb.</p>
<img class="drawn" src="{{ $built->plan() }}" alt="">
<h2>Sections as built</h2>
@foreach ($built->sections() as $row => $section)<div style="page-break-inside: avoid"><b>{{ $row }}</b><br><img class="drawn" src="{{ $section }}"
    alt=""></div>@endforeach
<h2>Every post, plan against what was measured</h2>
<table><thead><tr><th>Post</th><th>Held</th><th>depth asked</th><th>dug</th><th>Depth</th><th>top out by</th><th>Plumb</th><th>cut mark</th>
    <th>Cut</th><th>Who and when</th></tr></thead>
<tbody>@foreach ($state->handover()->records as $record)<tr><td><b>{{ $record->post->label }}</b></td>
    <td>{{ Names::of($plan->holdOf($record->post->id)) }}</td><td class="n">{{ $sheet->figure($record->depthRequired) }}</td>
    <td class="n">{{ $sheet->figure($record->depthDug) }}</td>
        <td>{{ $record->deepEnough === null ? '—' : ($record->deepEnough ? 'enough' : 'short') }}</td>
    <td class="n">{{ $sheet->figure($record->outOfPlumb) }}</td><td>{{ $record->plumb === null ? '—' : ($record->plumb ? 'within' : 'leans') }}</td>
    <td class="n">{{ $sheet->figure($record->cutMark) }}</td><td>{{ $record->cut ? 'cut' : 'not cut' }}</td>
    <td>{{ $record->last ? implode(', ', $record->by).', '.$record->last->setTimezone(new DateTimeZone($job->zone))->format('j M Y') : '' }}</td></tr>
@if ($record->remarks !== [])<tr><td></td><td colspan="9">{{ implode('; ', $record->remarks) }}</td></tr>@endif @endforeach</tbody></table>
@foreach ($sheet->also as $about => $says)<p><b>{{ $about }}.</b> {{ implode('; ', $says) }}.</p>@endforeach
@if ($sheet->decisions !== [])<h2>Decisions and their reasons</h2><ul>@foreach ($sheet->decisions as $decision)<li>{{ $decision }}</li>
    @endforeach</ul>@endif
@if ($sheet->pictures !== [])<h2>Pictures</h2>@foreach ($sheet->pictures as [$image, $says])<div class="pic">@if ($image)<img src="{{ $image }}"
    alt="">@endif<br>{{ $says }}</div>@endforeach @endif
<table class="sign"><tr><td><span>Handed over by</span></td><td><span>Taken over by</span></td><td><span>On</span></td></tr></table>
</body>
</html>
