@use('Aequus\Site\Phase')
@use('Aequus\Words\Names')
@use('Illuminate\Support\Str')
<x-layout :title="'Plan '.$revision->number" :site="$site" :phase="Phase::Plan" :revision="$revision">
    <div class="two">
        <section class="paper" aria-label="Drawing and marks">
            <h1>{{ Str::plural('post', count($then->grid->posts), prependCount: true) }} <span class="h-note">{{ Names::of($then->kind) }}, revision
                {{ $revision->number }} of {{ $site->job->revision->number }}</span></h1>
            <p class="verdict-why">{{ $revision->reason }}. <span class="muted">{{ $revision->user->name }},
                {{ $revision->created_at->setTimezone($site->job->zone)->format('j M Y, H:i') }}</span></p>
            <x-drawing.plan :model="$drawing" />
            <x-marks :plan="$then" />
        </section>
        <div class="side-work">
            <section id="entry">
                @if ($revision->number === $site->job->revision->number)
                    <p class="empty">This plan is in force.</p>
                @else
                    <h2>Put it in force again</h2>
                    @foreach ($change as $sentence)<p>{{ $sentence }}</p>@endforeach
                    <p class="hint">It becomes the next revision; the one in force now stays in the list.</p>
                    <form method="post" action="{{ route('plan.back', [$site->job, $revision->number]) }}">@csrf<input type="hidden" name="based_on"
                        value="{{ $site->job->revision->number }}"><button class="button">Back to revision {{ $revision->number }}</button></form>
                @endif
                <p><a href="{{ route('plan', $site->job) }}">The plan in force</a></p>
            </section>
        </div>
    </div>
</x-layout>
