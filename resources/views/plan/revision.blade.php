@use('Aequus\Site\Phase')
@use('Aequus\Words\Names')
@use('Illuminate\Support\Str')
<x-layout :title="$say('plan.revision.plan', number: $revision->number)" :site="$site" :phase="Phase::Plan" :revision="$revision">
    <div class="two">
        <section class="paper" aria-label="{{ $say('page.drawing_and_marks') }}">
            <h1>{{ $say('page.posts_count', count: count($then->grid->posts)) }} <span
                class="h-note">{{ $say('plan.revision.revision_of', what: Names::of($then->kind), number: $revision->number,
                    number_b: $site->job->revision->number) }}</span></h1>
            <p class="verdict-why">{{ $revision->reason }}. <span class="muted">{{ $revision->by() }},
                {{ $revision->created_at->setTimezone($site->job->zone)->format('j M Y, H:i') }}</span></p>
            <x-drawing.plan :model="$drawing" />
            <x-marks :plan="$then" />
        </section>
        <div class="side-work">
            <section id="entry">
                @if ($revision->number === $site->job->revision->number)
                    <p class="empty">{{ $say('plan.revision.this_plan_is_in_force') }}</p>
                @else
                    <h2>{{ $say('plan.revision.put_it_in_force_again') }}</h2>
                    @foreach ($change as $sentence)<p>{{ $sentence }}</p>@endforeach
                    <p class="hint">{{ $say('plan.revision.it_becomes_the_next_revision') }}</p>
                    <form method="post" action="{{ route('plan.back', [$site->job, $revision->number]) }}">@csrf<input type="hidden" name="based_on"
                        value="{{ $site->job->revision->number }}"><button
                            class="button">{{ $say('page.back_to_revision', number: $revision->number) }}</button></form>
                @endif
                <p><a href="{{ route('plan', $site->job) }}">{{ $say('plan.revision.the_plan_in_force') }}</a></p>
            </section>
        </div>
    </div>
</x-layout>
