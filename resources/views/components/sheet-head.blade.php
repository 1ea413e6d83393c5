{{-- Printed at the top of each page: whose sheet this is, of which plan, when. --}}
@props(['job', 'revision' => $job->revision])
<div class="printed"><p>{{ $job->name }}{{ $job->place ? ', '.$job->place : '' }}. Plan revision
    {{ $revision->number }}{{ $revision->number === $job->revision->number ? '' : ', no longer in force' }}. Printed
    {{ now()->setTimezone($job->zone ?: 'UTC')->format('j M Y, H:i') }}. {{ $job->copyLine() }}</p></div>
