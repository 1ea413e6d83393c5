@props(['parts', 'fresh', 'job', 'unit'])
<section id="parts">
    @foreach ($parts as $part)
        <details class="change" @if (old('form') === 'part-'.$part->id) open @endif>
            <summary>{{ $say('plan.part.one', kind: $part->kind, labels: $part->labels) }}</summary>
            @include('plan.part', ['part' => $part, 'form' => 'part-'.$part->id])
            <form method="post" action="{{ route('plan.part', $job) }}" class="inline">@csrf<input type="hidden" name="form"
                value="part-{{ $part->id }}"><input type="hidden" name="based_on" value="{{ $job->revision->number }}"><input type="hidden"
                name="what" value="drop"><input type="hidden" name="part" value="{{ $part->id }}">
                @if ($errors->has('change') && old('form') === 'part-'.$part->id && old('what') === 'drop')<label class="tick tick-sure"><input
                    type="checkbox" name="sure" value="1"> {{ $say('plan.show.do_it_all_the_same') }}</label>@endif
                <button class="link">{{ $say('page.take_away') }} {{ $part->labels }}</button></form>
        </details>
    @endforeach
    <details class="change" @if (old('form') === 'part') open @endif>
        <summary>{{ $say('plan.part.further') }}</summary>
        <p class="hint">{{ $say('plan.part.further_why') }}</p>
        @include('plan.part', ['part' => $fresh, 'form' => 'part'])
    </details>
</section>
