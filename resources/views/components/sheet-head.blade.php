{{-- Printed at the top of each page: whose sheet this is, of which plan, when. --}}
@props(['job', 'revision' => $job->revision, 'lines' => []])
<div class="printed"><p>{{ $say('components.sheet_head.plan_revision_printed', name: $job->name, place: $job->place ? ', '.$job->place : '',
    number: $revision->number, number_b: $revision->number === $job->revision->number ? '' : $say('components.sheet_head.no_longer_in_force'),
        format: now()->setTimezone($job->zone ?: 'UTC')->format('j M Y, H:i'), copy_line: implode(' ', $lines)) }}</p></div>
