@use('Aequus\Plan\Place\BraceKind')
@use('App\View\Choices')
@props(['braces', 'job', 'unit', 'site'])
<section id="braces">
    @if ($braces)
        <h2>{{ $say('plan.braces.braces') }}</h2>
        <ul class="rows">@foreach ($braces as $i => $row)
            <li><x-words :say="$row->says" /> <span class="state state-{{ $row->isFree ? 'fits' : 'out' }}">{{ $row->isFree
                ? $say('plan.braces.free') : $say('plan.braces.in_the_way') }}</span>
                <form method="post" action="{{ route('plan.brace', $job) }}" class="inline">@csrf<input type="hidden" name="form"
                    value="brace"><input type="hidden" name="based_on" value="{{ $job->revision->number }}"><input type="hidden" name="what"
                    value="drop"><input type="hidden" name="place" value="{{ $i }}"><button
                        class="link">{{ $say('page.take_away') }}</button></form></li>
        @endforeach</ul>
    @endif
    <details class="change" @if (old('form') === 'brace') open @endif>
        <summary>{{ $say('plan.braces.put_one') }}</summary>
        <p class="hint">{{ $say('plan.braces.put_one_why') }}</p>
        <form method="post" action="{{ route('plan.brace', $job) }}" class="stack">
            @csrf <input type="hidden" name="form" value="brace"><input type="hidden" name="based_on"
                value="{{ old('based_on', $job->revision->number) }}">
            <div class="group asks">
                <x-choice name="brace_kind" form="brace" :label="$say('plan.part.kind')" value="knee" :options="Choices::of(BraceKind::cases())" />
                <x-posts name="brace_post" form="brace" :label="$say('plan.braces.at')" :posts="$site->plan->grid->posts" />
                <x-posts name="brace_to" form="brace" :label="$say('plan.braces.to')" :posts="$site->plan->grid->posts"
                    :value="$site->plan->grid->posts[1]->label ?? ''" />
                <x-choice name="brace_side" form="brace" :label="$say('plan.braces.side')" value="minus_y"
                    :options="Choices::sides($site->plan->sides)" />
                <x-field name="brace_high" form="brace" :label="$say('plan.braces.high')" :unit="$unit" />
                <x-field name="brace_reach" form="brace" :label="$say('plan.braces.reach')" :hint="$say('plan.braces.reach_why')" :unit="$unit" />
            </div>
            <button class="button button-second">{{ $say('components.fixed_line_form.put_it_on_the_plan') }}</button>
        </form>
    </details>
</section>
