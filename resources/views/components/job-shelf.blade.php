@props(['job'])
<details class="change job-shelf" @if ($errors->has('name') && old('of') === (string) $job->id) open @endif>
    <summary>Rename, copy, put away</summary>
    <form method="post" action="{{ route('job.rename', $job) }}" class="entry">@csrf<input type="hidden" name="of" value="{{ $job->id }}"><input
        type="hidden" name="form" value="job-{{ $job->id }}">
        <x-field name="name" :form="'job-'.$job->id" label="Name" :value="$job->name" /><x-field name="place" :form="'job-'.$job->id" label="Place"
            :value="$job->place" /><button class="button button-second button-small">Rename</button></form>
    <form method="post" action="{{ route('job.copy', $job) }}" class="entry">@csrf<input type="hidden" name="form" value="copy-{{ $job->id }}">
        <x-field name="name" :form="'copy-'.$job->id" label="Name of the copy" :value="$job->name.', copy'" />
            <x-choice name="how" :form="'copy-'.$job->id" label="With"
            :options="['plan' => 'its plan only', 'log' => 'its log too: no evidence for a hand-over']" /><button
            class="button button-second button-small">Copy</button></form>
    @foreach ($job->shelf->value === 'at_hand' ? ['put_away' => 'Put away', 'bin' => 'Into the bin'] : ($job->shelf->value === 'bin' ? ['at_hand'
        => 'Take it back'] : ['at_hand' => 'Take it back', 'bin' => 'Into the bin']) as $shelf => $word)
        <form method="post" action="{{ route('job.shelve', $job) }}" class="inline">@csrf<input type="hidden" name="shelf"
            value="{{ $shelf }}"><button class="link">{{ $word }}</button></form>
    @endforeach
</details>
