@use('Aequus\Words\Handover\HandoverWords')
@use('Aequus\Words\Names')
@use('Illuminate\Support\Str')
<!DOCTYPE html>
<html lang="en">
<head><meta charset="utf-8"><title>{{ $say('paper.record.record', name: $job->name) }}</title>
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
<div class="foot">{{ $say('paper.record.plan_revision_local_code_the', copy_line: $job->copyLine(), name: $job->name, number: $job->revision->number,
    count: count($state->log->entries)) }}</div>
<h1>{{ $job->name }}</h1>
@if ($job->copy_of)<p><b>{{ $job->copyLine() }}</b></p>@endif
<p>{{ $say('paper.record.plan_revision', place: $job->place ? $job->place.'. ' : '', what: Names::of($plan->kind), count: count($plan->grid->posts),
    number: $job->revision->number) }}
    @if ($state->handover()->given){{ $say('paper.record.handed_over_to', to: $state->handover()->given->to, remark: $state->handover()->given->remark
        ? ' '.$state->handover()->given->remark
        : '') }}@elseif ($changed){{ $say('paper.record.handed_over_under_an_earlier') }}@else {{ $say('paper.record.not_handed_over_yet') }}@endif
    @if ($state->handover()->incomplete() !== []){{ $say('paper.record.in_the_book_a_depth', part: implode(', ',
        $state->handover()->incomplete())) }}@endif</p>
<h2>{{ $say('page.tolerances') }}</h2>
<table><thead><tr><th>{{ $say('page.what') }}</th><th>{{ $say('page.number') }}</th><th>{{ $say('page.verdict') }}</th></tr></thead>
<tbody>@foreach ($sheet->tolerances as [$what, $number, $is])<tr><td>{{ $what }}</td><td>{{ $number }}</td>
    <td class="{{ $is === false ? 'no' : '' }}">{{ $sheet->met($is) }}</td></tr>@endforeach
<tr><td>{{ $say('paper.record.spans_of_beams_and_joists') }}</td><td>{{ $say('paper.record.not_checked_by_this_tool') }}</td>
    <td>{{ $say('paper.record.rely_on_the_table_or') }}</td></tr></tbody></table>
<h2>{{ $say('paper.record.plan_as_built') }}</h2>
<p>{{ $say('paper.record.lines_lead_from_the_plans', factor: $built->factor) }}</p>
<img class="drawn" src="{{ $built->plan() }}" alt="">
<h2>{{ $say('paper.record.sections_as_built') }}</h2>
@foreach ($built->sections() as $row => $section)<div style="page-break-inside: avoid"><b>{{ $row }}</b><br><img class="drawn" src="{{ $section }}"
    alt=""></div>@endforeach
<h2>{{ $say('paper.record.every_post_plan_against_what') }}</h2>
<table><thead><tr><th>{{ $say('page.post') }}</th><th>{{ $say('page.held') }}</th><th>{{ $say('page.depth_asked') }}</th>
    <th>{{ $say('page.dug') }}</th><th>{{ $say('page.depth_2') }}</th><th>{{ $say('page.top_out_by') }}</th><th>{{ $say('page.plumb') }}</th>
        <th>{{ $say('page.cut_mark') }}</th>
    <th>{{ $say('page.cut') }}</th><th>{{ $say('page.who_and_when') }}</th></tr></thead>
<tbody>@foreach ($state->handover()->records as $record)<tr><td><b>{{ $record->post->label }}</b></td>
    <td>{{ Names::of($plan->holdOf($record->post->id)) }}</td><td class="n">{{ $sheet->figure($record->depthRequired) }}</td>
    <td class="n">{{ $sheet->figure($record->depthDug) }}</td>
        <td>{{ $record->deepEnough === null ? '—' : ($record->deepEnough ? $say('page.enough') : $say('page.short')) }}</td>
    <td class="n">{{ $sheet->figure($record->outOfPlumb) }}</td>
        <td>{{ $record->plumb === null ? '—' : ($record->plumb ? $say('paper.record.within') : $say('drawing.set_legend.leaning')) }}</td>
    <td class="n">{{ $sheet->figure($record->cutMark) }}</td><td>{{ $record->cut ? $say('page.cut_2') : $say('page.not_cut') }}</td>
    <td>{{ $record->last ? implode(', ', $record->by).', '.$record->last->setTimezone(new DateTimeZone($job->zone))->format('j M Y') : '' }}</td></tr>
@if ($record->remarks !== [])<tr><td></td><td colspan="9">{{ HandoverWords::remarks($record) }}</td></tr>@endif @endforeach</tbody></table>
@foreach ($sheet->also as $about => $says)<p><b>{{ $about }}.</b> {{ $says }}</p>@endforeach
@if ($sheet->decisions !== [])<h2>{{ $say('page.decisions_and_their_reasons') }}</h2><ul>@foreach ($sheet->decisions as $decision)
    <li>{{ $decision }}</li>
    @endforeach</ul>@endif
@if ($sheet->pictures !== [])<h2>{{ $say('paper.record.pictures') }}</h2>@foreach ($sheet->pictures as [$image, $says])
    <div class="pic">@if ($image)<img src="{{ $image }}"
    alt="">@endif<br>{{ $says }}</div>@endforeach @endif
<table class="sign"><tr><td><span>{{ $say('page.handed_over_by') }}</span></td><td><span>{{ $say('paper.record.taken_over_by') }}</span></td>
    <td><span>{{ $say('paper.record.on') }}</span></td></tr></table>
</body>
</html>
