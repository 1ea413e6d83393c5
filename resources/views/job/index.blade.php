<x-layout :title="$say('page.jobs')">
    <div class="jobs">
        <div class="jobs-head">
            <h1>{{ ['at_hand' => $say('page.jobs'), 'put_away' => $say('job.index.jobs_put_away'), 'bin'
                => $say('job.index.the_bin')][$shelf->value] }}</h1>
            <a class="button" href="{{ route('thing.choose') }}">{{ $say('page.plan_a_new_job') }}</a>
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
        @forelse ($jobs as $job)
            @include('job.card', ['card' => $cards[$job->id]])
        @empty
            <p class="empty">{{ $sought !== '' ? $say('job.index.no_job_here_is_called') : ($shelf->value === 'at_hand'
                ? $say('job.index.no_job_yet_plan_the')
                    : $say('job.index.nothing_lies_here')) }}</p>
        @endforelse
        <details class="change" @error('job') open @enderror><summary>{{ $say('files.bring_in') }}</summary>
            <form method="post" action="{{ route('files.bring') }}" class="stack" enctype="multipart/form-data" hx-encoding="multipart/form-data">
                @csrf <p class="hint">{{ $say('files.bring_in_why') }}</p>
                <x-file-field name="job" :label="$say('files.file')" accept=".zip,application/zip" />
                <button class="button button-second">{{ $say('files.bring') }}</button>
            </form></details>
        <p class="jobs-keeping no-copy">{{ $say('job.index.keeps_none') }} <a href="{{ route('trust') }}"
            hx-boost="false">{{ $say('network.trust.title') }}</a></p>
        @if ($keeping)<p class="jobs-keeping"><a href="{{ route('backups') }}">{{ $say('keeping.backups') }}</a> {{ $keeping }}</p>@endif
    </div>
</x-layout>
