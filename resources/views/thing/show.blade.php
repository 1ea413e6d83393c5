@use('Aequus\Site\Phase')
@use('Aequus\Words\Names')
<x-layout :title="$say('thing.show.what_it_comes_to')" :site="$site" :phase="Phase::Plan">
    <div class="two">
        <section class="paper" aria-label="{{ $say('thing.show.what_it_comes_to') }}">
            <h1>{{ $say('thing.show.what_it_comes_to') }} <span class="h-note">{{ Names::of($plan->kind) }}</span></h1>
            @if ($page->isChangedByHand)<p class="copy-of" role="note">{{ $say('thing.show.changed_by_hand') }}</p>@endif
            @if ($face)<p><span class="state state-{{ $face->state }}"><span>
                <x-words :say="$face->words" /></span></span></p>@endif
            @if ($top)<p><span class="state state-{{ $top->state }}"><span>
                <x-words :say="$top->words" /></span></span></p>@endif
            @include('thing.figures', ['figures' => $page->figures, 'notation' => $plan->notation])
            @if ($panels)<x-panels :panels="$panels" />@endif
            <figure class="drawing"><x-drawing.profile :model="$page->drawing" /></figure>
            @if ($page->isMoreThanOne())
                <h2>{{ $say('thing.show.from_above') }}</h2>
                <x-drawing.plan :model="$page->above()" />
                <x-marks :plan="$plan" />
            @endif
            <h2>{{ $say('thing.show.in_this_order') }}</h2>
            <ol class="order">@foreach ($page->order as $step)<li>{{ $step }}</li>@endforeach</ol>
            <h2>{{ $say('thing.ask.why_this_kind') }}</h2><p>{{ $page->why }}</p>
            <details class="change" id="entry" @if (old('form') === 'thing') open @endif>
                <summary>{{ $say('thing.show.change_an_answer') }}</summary>
                <form method="post" action="{{ route('thing.revise', $job) }}" class="stack">
                    @csrf
                    <input type="hidden" name="form" value="thing"><input type="hidden" name="based_on"
                        value="{{ old('based_on', $job->revision->number) }}">
                    @if ($errors->has('thing'))<p class="refusal field-wide" role="alert">{{ $errors->first('thing') }}</p>@endif
                    @if ($errors->has('change'))<p class="refusal field-wide" role="alert">{{ $errors->first('change') }}</p>
                        @if (session('asks_sure') === 'thing')<label class="tick tick-sure"><input type="checkbox" name="sure"
                        value="1"> {{ $say('plan.show.do_it_all_the_same') }}</label>@endif @endif
                    <x-right form="thing" :said="$errors->has('thing')" />
                    <div class="group asks">@include('thing.fields', ['fields' => [...$page->form->asked, ...$page->form->folded], 'form' => 'thing'])
                        <x-field name="reason" form="thing" :label="$say('plan.show.why_it_changes')" wide /></div>
                    <button class="button">{{ $say('thing.show.answer_anew') }}</button>
                </form>
            </details>
            <p><a href="{{ route('plan', $job) }}">{{ $say('thing.show.every_field') }}</a></p>
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="Phase::Plan" />
        </div>
    </div>
</x-layout>
