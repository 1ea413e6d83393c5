{{-- Pieces of a page that were made before, or the place where they will stand. --}}
<article class="job-card" id="job-{{ $job->id }}" @if ($card === null) hx-get="{{ route('job.card', $job) }}" hx-trigger="load" hx-target="this"
    hx-select="unset" hx-swap="outerHTML" hx-push-url="false" @endif>
    <a class="job-thumb" href="{{ route('job', $job) }}" tabindex="-1" aria-hidden="true">{!! $card?->thumb !!}</a>
    <div class="job-facts">
        <h2><a href="{{ route('job', $job) }}">{{ $job->name }}</a></h2>
        <p>{{ $job->place }}</p>
        @if ($job->copy_of)<p class="state state-off">{{ $say('job.index.copy_of', copy_of: $job->copy_of) }}</p>@endif
        {!! $card?->facts !!}
    </div>
    <div class="job-next">
        @if ($card){!! $card->next !!}@else<p>{{ $say('job.index.takes_longer') }}</p>@endif
        <x-job-shelf :job="$job" />
    </div>
</article>
