@props(['job'])
<details class="change job-shelf" @if ($errors->has('name') && old('of') === (string) $job->id) open @endif>
    <summary>{{ $say('components.job_shelf.rename_copy_put_away') }}</summary>
    <form method="post" action="{{ route('job.rename', $job) }}" class="entry">@csrf<input type="hidden" name="of" value="{{ $job->id }}"><input
        type="hidden" name="form" value="job-{{ $job->id }}">
        <x-field name="name" :form="'job-'.$job->id" :label="$say('page.name')" :value="$job->name" /><x-field name="place" :form="'job-'.$job->id"
            :label="$say('page.place')"
            :value="$job->place" /><button class="button button-second button-small">{{ $say('components.job_shelf.rename') }}</button></form>
    <form method="post" action="{{ route('job.copy', $job) }}" class="entry">@csrf<input type="hidden" name="form" value="copy-{{ $job->id }}">
        <x-field name="name" :form="'copy-'.$job->id" :label="$say('components.job_shelf.name_of_the_copy')"
            :value="$say('page.copy', name: $job->name)" />
            <x-choice name="how" :form="'copy-'.$job->id" :label="$say('page.with')"
            :options="['plan' => $say('components.job_shelf.its_plan_only'), 'log' => $say('components.job_shelf.its_log_too_no_evidence')]" /><button
            class="button button-second button-small">{{ $say('components.job_shelf.copy_2') }}</button></form>
    @foreach ($job->shelf->value === 'at_hand' ? ['put_away' => $say('page.put_away'), 'bin' => $say('components.job_shelf.into_the_bin')]
        : ($job->shelf->value === 'bin' ? ['at_hand'
        => $say('page.take_it_back')] : ['at_hand' => $say('page.take_it_back'), 'bin' => $say('components.job_shelf.into_the_bin')]) as $shelf
            => $word)
        <form method="post" action="{{ route('job.shelve', $job) }}" class="inline">@csrf<input type="hidden" name="shelf"
            value="{{ $shelf }}"><button class="link">{{ $word }}</button></form>
    @endforeach
</details>
