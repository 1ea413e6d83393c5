@use('Aequus\Site\Phase')
@use('Aequus\Site\Step')
@use('Aequus\Words\Names')
@use('Illuminate\Support\Str')
<x-layout :title="$say('plan.show.plan')" :site="$site" :phase="Phase::Plan">
    <div class="two">
        <section class="paper" id="preview" aria-label="{{ $say('page.drawing_and_marks') }}">
            <h1>{{ $say('page.posts_count', count: count($site->plan->grid->posts)) }} <span
                class="h-note">{{ $say('plan.show.revision', what: Names::of($site->plan->kind), number: $job->revision->number) }}</span></h1>
            @if ($plan->answers)<p><a href="{{ route('thing', $job) }}">{{ $say('thing.show.what_it_comes_to') }}</a></p>@endif
            <x-drawing.plan :model="$drawing" />
            <x-fixed-lines :site="$site" :rows="$fixed" />
            <x-fit :site="$site" :openings="$openings" />
            <x-marks :plan="$site->plan" />
        </section>
        <div class="side-work">
            @include('plan.move')
            <x-cautions :step="Step::Planning" :site="$site" />
            <section>
                <h2>{{ $say('plan.show.revisions') }}</h2>
                <ol class="revisions">
                    @foreach ($revisions->reverse() as $revision)
                        <li><b><a href="{{ route('plan.revision', [$job, $revision->number]) }}">{{ $revision->number }}</a></b>
                            {{ $revision->reason }} <span class="muted">{{ $revision->by() }},
                            {{ $revision->created_at->setTimezone($job->zone)->format('j M Y, H:i') }}</span></li>
                    @endforeach
                </ol>
            </section>
            <p><a href="{{ route('plan.site', $job) }}">{{ $say('plan.site.open') }}</a></p>
            @include('plan.parts')
            <x-fixed-line-form :site="$site" />
            <x-fit-form :site="$site" />
            @include('plan.braces')
            <details class="change" id="entry" @if (old('form') === 'plan') open @endif>
                <summary>{{ $say('plan.show.change_the_plan') }}</summary>
                <form method="post" action="{{ route('plan.revise', $job) }}" class="stack" data-preview>
                    @csrf
                    <input type="hidden" name="form" value="plan"><input type="hidden" name="based_on"
                        value="{{ old('based_on', $job->revision->number) }}">
                    @if ($errors->has('change'))<p class="refusal field-wide" role="alert">{{ $errors->first('change') }}</p>
                        @if (session('asks_sure') === 'plan')<label class="tick tick-sure"><input type="checkbox" name="sure"
                        value="1"> {{ $say('plan.show.do_it_all_the_same') }}</label>@endif @endif
                    <x-right form="plan" />
                    @include('plan.fields', ['form' => $form, 'plan' => $site->plan])
                    <x-field name="reason" form="plan" :label="$say('plan.show.why_it_changes')" wide />
                    <button class="button" >{{ $say('plan.show.put_the_new_plan_in') }}</button>
                    <button class="button button-second" formaction="{{ route('plan.revise.preview', $job) }}"
                        hx-post="{{ route('plan.revise.preview', $job) }}" hx-target="#preview" hx-select="unset" hx-swap="innerHTML"
                        hx-push-url="false">{{ $say('plan.show.draw_it_first') }}</button>
                </form>
            </details>
        </div>
    </div>
</x-layout>
