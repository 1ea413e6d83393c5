@use('Aequus\Words\Names')
@use('App\Drawing\PlanDrawing')
@use('App\View\Stepper')
<x-layout title="Jobs">
    <div class="jobs">
        <div class="jobs-head">
            <h1>{{ ['at_hand' => 'Jobs', 'put_away' => 'Jobs put away', 'bin' => 'The bin'][$shelf->value] }}</h1>
            <a class="button" href="{{ route('plan.create') }}">Plan a new job</a>
        </div>
        @if ($count->sum() > 0)
            <form method="get" action="{{ route('jobs') }}" class="jobs-find" role="search">
                <nav aria-label="Where jobs lie">@foreach (['at_hand' => 'At hand', 'put_away' => 'Put away', 'bin' => 'In the bin'] as $key
                    => $word)<a href="{{ route('jobs', $key === 'at_hand' ? [] : ['shelf' => $key]) }}" @if ($shelf->value === $key)
                    aria-current="page" @endif>{{ $word }} {{ $count[$key] ?? 0 }}</a> @endforeach</nav>
                <input type="hidden" name="shelf" value="{{ $shelf->value }}"><label for="find">Find</label><input id="find" name="find"
                    value="{{ $sought }}" autocomplete="off"><button class="button button-second button-small">Find</button>
            </form>
        @endif
        @forelse ($sites as $site)
            <article class="job-card">
                <a class="job-thumb" href="{{ route('job', $site->job) }}" tabindex="-1" aria-hidden="true"><x-drawing.thumb
                    :model="PlanDrawing::set($site->state)" /></a>
                <div class="job-facts">
                    <h2><a href="{{ route('job', $site->job) }}">{{ $site->job->name }}</a></h2>
                    <p>{{ $site->job->place }}</p>
                    @if ($site->job->copy_of)<p class="state state-off">Copy of {{ $site->job->copy_of }}</p>@endif
                    <p class="muted">{{ Names::of($site->plan->kind) }}, {{ count($site->plan->grid->posts) }}
                        {{ count($site->plan->grid->posts) === 1 ? 'post' : 'posts' }}</p>
                    <ol class="mini-way" aria-label="Where it stands">
                        @foreach ((new Stepper($site, null))->stakes as $stake)
                            <li class="is-{{ $stake->standing->value }}"><span class="vh">{{ Names::of($stake->phase) }}:
                                {{ $stake->standing->inWords() }}</span></li>
                        @endforeach
                    </ol>
                    <p class="muted">{{ $site->next ? 'Stands at '.Names::of($site->next->phase) : 'Handed over' }}</p>
                </div>
                <div class="job-next">
                    <p class="move-kicker">Next move</p>
                    <p class="job-do"><x-words :say="$site->next ? $site->speech->say($site->next->do) : 'Nothing is left to do'" /></p>
                    @if ($site->next?->number)
                        <p class="move-number"><span class="big"><x-length :of="$site->next->number" :plan="$site->plan" /></span> <span
                            class="move-beside"><x-words :say="$site->speech->say($site->next->beside)" /></span></p>
                    @endif
                    <x-job-shelf :job="$site->job" />
                </div>
            </article>
        @empty
            <p class="empty">{{ $sought !== '' ? 'No job here is called so.' : ($shelf->value === 'at_hand'
                ? 'No job yet. Plan the first one: what stands on the posts, how far apart they are, and where the tape is held.'
                    : 'Nothing lies here.') }}</p>
        @endforelse
    </div>
</x-layout>
