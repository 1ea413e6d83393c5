<x-layout title="Jobs">
    <div class="jobs">
        <div class="jobs-head">
            <h1>Jobs</h1>
            <a class="button" href="{{ route('plan.create') }}">Plan a new job</a>
        </div>
        @forelse ($sites as $site)
            @php($way = new \App\View\Way($site, null))
            <article class="job-card">
                <a class="job-thumb" href="{{ route('job', $site->job) }}" tabindex="-1" aria-hidden="true"><x-drawing.thumb :model="\App\Drawing\PlanDrawing::set($site->state)" /></a>
                <div class="job-facts">
                    <h2><a href="{{ route('job', $site->job) }}">{{ $site->job->name }}</a></h2>
                    <p>{{ $site->job->place }}</p>
                    <p class="muted">{{ $site->plan->kind->inWords() }}, {{ count($site->plan->grid->posts) }} {{ count($site->plan->grid->posts) === 1 ? 'post' : 'posts' }}</p>
                    <ol class="mini-way" aria-label="Where it stands">
                        @foreach ($way->stakes as $stake)
                            <li class="is-{{ $stake->standing->value }}"><span class="vh">{{ $stake->phase->inWords() }}: {{ $stake->standing->inWords() }}</span></li>
                        @endforeach
                    </ol>
                    <p class="muted">{{ $site->next ? 'Stands at '.$site->next->phase->inWords() : 'Handed over' }}</p>
                </div>
                <div class="job-next">
                    <p class="move-kicker">Next move</p>
                    <p class="job-do"><x-words :say="$site->next->do ?? 'Nothing is left to do'" /></p>
                    @if ($site->next?->number)
                        <p class="move-number"><span class="big"><x-length :of="$site->next->number" :plan="$site->plan" /></span> <span class="move-beside"><x-words :say="$site->next->beside" /></span></p>
                    @endif
                </div>
            </article>
        @empty
            <p class="empty">No job yet. Plan the first one: what stands on the posts, how far apart they are, and where the tape is held.</p>
        @endforelse
    </div>
</x-layout>
