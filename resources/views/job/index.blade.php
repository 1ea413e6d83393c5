@use('Aequus\Words\Names')
@use('App\Drawing\PlanDrawing')
@use('App\View\Stepper')
<x-layout :title="$say('page.jobs')">
    <div class="jobs">
        <div class="jobs-head">
            <h1>{{ ['at_hand' => $say('page.jobs'), 'put_away' => $say('job.index.jobs_put_away'), 'bin'
                => $say('job.index.the_bin')][$shelf->value] }}</h1>
            <a class="button" href="{{ route('plan.create') }}">{{ $say('page.plan_a_new_job') }}</a>
        </div>
        @if ($count->sum() > 0)
            <form method="get" action="{{ route('jobs') }}" class="jobs-find" role="search">
                <nav aria-label="{{ $say('job.index.where_jobs_lie') }}">@foreach (['at_hand' => $say('job.index.at_hand'), 'put_away'
                    => $say('page.put_away'), 'bin' => $say('job.index.in_the_bin')] as $key
                    => $word)<a href="{{ route('jobs', $key === 'at_hand' ? [] : ['shelf' => $key]) }}" @if ($shelf->value === $key)
                    aria-current="page" @endif>{{ $word }} {{ $count[$key] ?? 0 }}</a> @endforeach</nav>
                <input type="hidden" name="shelf" value="{{ $shelf->value }}"><label for="find">{{ $say('job.index.find') }}</label><input id="find"
                    name="find"
                    value="{{ $sought }}" autocomplete="off"><button class="button button-second button-small">{{ $say('job.index.find') }}</button>
            </form>
        @endif
        @forelse ($sites as $site)
            <article class="job-card">
                <a class="job-thumb" href="{{ route('job', $site->job) }}" tabindex="-1" aria-hidden="true"><x-drawing.thumb
                    :model="PlanDrawing::set($site->state)" /></a>
                <div class="job-facts">
                    <h2><a href="{{ route('job', $site->job) }}">{{ $site->job->name }}</a></h2>
                    <p>{{ $site->job->place }}</p>
                    @if ($site->job->copy_of)<p class="state state-off">{{ $say('job.index.copy_of', copy_of: $site->job->copy_of) }}</p>@endif
                    <p class="muted">{{ Names::of($site->plan->kind) }}, {{ count($site->plan->grid->posts) }}
                        {{ count($site->plan->grid->posts) === 1 ? $say('job.index.post') : $say('page.posts_2') }}</p>
                    <ol class="mini-way" aria-label="{{ $say('page.where_it_stands') }}">
                        @foreach ((new Stepper($site, null))->stakes as $stake)
                            <li class="is-{{ $stake->standing->value }}"><span class="vh">{{ Names::of($stake->phase) }}:
                                {{ $stake->standing->inWords() }}</span></li>
                        @endforeach
                    </ol>
                    <p class="muted">{{ $site->next ? $say('job.index.stands_at', what: Names::of($site->next->phase))
                        : $say('job.index.handed_over') }}</p>
                </div>
                <div class="job-next">
                    <p class="move-kicker">{{ $say('page.next_move') }}</p>
                    <p class="job-do"><x-words :say="$site->next ? $site->speech->say($site->next->do) : 'Nothing is left to do'" /></p>
                    @if ($site->next?->number)
                        <p class="move-number"><span class="big"><x-length :of="$site->next->number" :plan="$site->plan" /></span> <span
                            class="move-beside"><x-words :say="$site->speech->say($site->next->beside)" /></span></p>
                    @endif
                    <x-job-shelf :job="$site->job" />
                </div>
            </article>
        @empty
            <p class="empty">{{ $sought !== '' ? $say('job.index.no_job_here_is_called') : ($shelf->value === 'at_hand'
                ? $say('job.index.no_job_yet_plan_the')
                    : $say('job.index.nothing_lies_here')) }}</p>
        @endforelse
        @if ($keeping)<p class="jobs-keeping"><a href="{{ route('backups') }}">{{ $say('keeping.backups') }}</a> {{ $keeping }}</p>@endif
    </div>
</x-layout>
