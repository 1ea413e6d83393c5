@php
    $job = $site->job; $phase = \Aequus\Site\Phase::Footing; $best = $form->adviser->ranked[0];
    $ticks = ['wood' => 'posts of wood that can rot', 'no_brace' => 'nothing but the ground keeps the frame upright', 'roof' => 'a roof or floor stands on them', 'water' => 'water stands in the holes', 'repair' => 'a post shall be replaceable one day', 'carried' => 'bags and water are carried in by hand'];
@endphp
<x-layout title="Ways to hold" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="footing.hold" />
    <div class="two">
        <section class="paper">
            <h1>{{ $best->possible ? 'Best here: '.$best->hold->inWords() : 'None of these is possible here' }}</h1>
            <p class="verdict-why">{{ $best->possible ? ($best->for[0] ?? 'Least speaks against it.').' Each reason below counts one to four points; the choice is yours.' : 'Each is barred or would not hold. Ask a licensed engineer.' }}</p>
            <ol class="plain holds">
                @foreach ($form->adviser->ranked as $advice)
                    <li class="{{ $advice->possible ? '' : 'muted' }}">
                        <h2>{{ ucfirst($advice->hold->inWords()) }} <span class="h-note">{{ $advice->possible ? ($advice->points > 0 ? '+' : '').str_replace('-', '−', (string) $advice->points) : 'not here' }}</span></h2>
                        @if ($advice->for !== [])<p><b>For it:</b> {{ implode(' ', $advice->for) }}</p>@endif
                        @if ($advice->against !== [])<p><b>Against it:</b> {{ implode(' ', $advice->against) }}</p>@endif
                        <details class="why"><summary>How it is done</summary>
                            <p>At the foot: {{ $advice->hold->foot() }}. Held down by {{ $advice->hold->holdsDown() }}. Time: {{ $advice->hold->time() }}.@if ($takes = $form->takes($advice->hold)) This job’s holes would take {{ $takes }}.@endif</p></details>
                    </li>
                @endforeach
            </ol>
            <p class="hint">Rules of thumb for small frames. Your local code, the maker’s label and a licensed engineer come first.</p>
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <form method="get" action="{{ route('footing.hold', $job) }}" class="entry">
                <h2 class="field-wide">What the site is like</h2>
                <x-choice wide form="sum" name="soil" label="Soil" :value="$form->is->soil->value" :options="collect(\Aequus\Footing\Soil::cases())->mapWithKeys(fn ($one) => [$one->value => $one->inWords()])->all()" />
                @foreach ($ticks as $name => $words)<label class="tick field-wide"><input type="checkbox" name="{{ $name }}" value="1" @checked($form->ticked($name))> {{ $words }}</label>@endforeach
                <h2 class="field-wide">Not allowed here</h2>
                @foreach (\Aequus\Footing\Hold::cases() as $hold)<label class="tick field-wide"><input type="checkbox" name="ban_{{ $hold->value }}" value="1" @checked(in_array($hold, $form->is->banned, true))> {{ $hold->inWords() }}</label>@endforeach
                <button class="button button-second">Weigh them</button>
            </form>
        </div>
    </div>
</x-layout>
