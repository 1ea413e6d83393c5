@use('Aequus\Logbook\Book\DecisionAbout')
@use('Aequus\Words\Names')
@props(['site', 'answer'])
<section class="options">
    <h2>{{ $say('components.hole_options.what_can_be_done', label: $answer->hole->required->post->label) }} <span
        class="h-note">{{ $answer->hole->deepEnough ? ($answer->hole->overDugBy->isPositive() ? $say('components.hole_options.dug_too_deep')
            : $say('page.deep_enough'))
            : $say('components.hole_options.stops_short') }}{{ $answer->hole->found
        ? $say('drawing.plan_drawing.met', what: Names::of($answer->hole->found)) : '' }}</span></h2>
    <ol class="plain">
        @foreach ($answer->options as $option)
            <li class="{{ $option->open ? '' : 'muted' }}"><b><x-words :say="$site->speech->say($option->do)"
                />{{ $option->number ? ':' : '' }}</b>@if ($option->number) <span class="strong"><x-length :of="$option->number" :plan="$site->plan"
                /></span>@endif @unless ($option->open) <span class="state state-out">{{ $say('page.not_here') }}</span>@endunless<br><x-words
                :say="$site->speech->say(...$option->effect)" /></li>
        @endforeach
    </ol>
    @if (! $answer->hole->deepEnough && ! $answer->hole->serves())
        @unless ($answer->hole->required->need->role?->isNeverShortened())<x-decide :site="$site" :about="DecisionAbout::AcceptShortHole"
            :post="$answer->hole->required->post" :name="'short-'.$answer->hole->required->post->label"
                />@endunless
        <x-decide :site="$site" :about="DecisionAbout::AsEngineerSays" :post="$answer->hole->required->post"
            :name="'engineer-'.$answer->hole->required->post->label"
            />
    @endif
</section>
