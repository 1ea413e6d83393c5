@php
    $job = $site->job; $phase = \Aequus\Site\Phase::Level; $level = $site->state->level; $plan = $site->plan; $unit = $plan->notation->unit;
    $move = $site->next?->phase === $phase ? $site->next : $site->nextIn($phase);
    $for = $level->ofInstrument === null ? 'Benchmark' : ($move?->posts[0]->label ?? $plan->grid->posts[0]->label);
    $down = fn (float $angle) => $plan->sides->of(abs(cos($angle)) >= abs(sin($angle)) ? \Aequus\Plan\Side::alongX(cos($angle)) : \Aequus\Plan\Side::alongY(sin($angle)));
@endphp
<x-layout title="Level" :site="$site" :phase="$phase">
    <div class="two">
        <section class="paper">
            <div aria-live="polite">
                @if ($level->range() === null)
                    <h1>No ground is read yet</h1>
                    <p class="verdict-why">One benchmark, one set-up of the laser, the rod at every post: that gives every hole its true depth.</p>
                @else
                    <h1>The ground falls <x-length :of="$level->range()" :plan="$plan" /> from {{ $level->high->label }} to {{ $level->low->label }}</h1>
                    <p class="verdict-why">
                        {{ $level->isComplete() ? 'Every post is read.' : count($level->unread).' posts are still to read.' }}
                        @if ($level->plane && $level->plane->direction !== null)
                            On the whole it falls <x-length :of="$level->plane->fall->over($unit->value === 'mm' ? \Aequus\Measure\Length::millimetres(1000) : \Aequus\Measure\Length::feet(10))" :plan="$plan" /> in {{ $unit->value === 'mm' ? '1 m' : '10 ft' }}, {{ $level->plane->onOneLine ? 'along the row' : '' }} toward the {{ $down($level->plane->direction) }}.
                        @endif
                    </p>
                    <p class="verdict-why muted">What can’t be told: from one set-up each rod is read once, so a slip shows only where a height stands out. A reading is good to about {{ number_format(\Aequus\Level\Laser::sigma(), 1) }} mm at 15 m.</p>
                @endif
            </div>
            <x-drawing.plan :model="$drawing" />
            <table>
                <caption>Ground <span class="muted">above {{ $level->benchmark->name ?? 'the benchmark' }}’s zero</span></caption>
                <thead><tr><th scope="col">Post</th><th scope="col" class="num">ground</th><th scope="col" class="num">below the highest</th></tr></thead>
                <tbody>
                    @foreach ($plan->grid->posts as $post)
                        @php($height = $level->groundAt($post))
                        <tr><th scope="row">{{ $post->label }}</th><td class="num strong"><x-length :of="$height" :plan="$plan" /></td><td class="num"><x-length :of="$height === null ? null : $level->groundAt($level->high)->minus($height)" :plan="$plan" /></td></tr>
                    @endforeach
                </tbody>
            </table>
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            @if ($level->benchmark === null)
                <section id="entry">
                    <h2>Benchmark</h2>
                    <x-entry-form :action="route('level.benchmark', $job)" name="benchmark">
                        <x-field name="name" form="benchmark" label="What it is" hint="A sill, a kerb, a nail in a tree." />
                        <x-field name="height" form="benchmark" label="Counts as" hint="Zero is simplest." :value="$plan->write(\Aequus\Measure\Length::zero())" :unit="$unit" />
                        <button class="button">Choose it</button>
                    </x-entry-form>
                </section>
            @else
                <section id="entry">
                    <h2>Read the rod</h2>
                    <x-entry-form :action="route('level.rod', $job)" name="rod">
                        <x-posts name="post" form="rod" label="Rod stands at" :posts="$plan->grid->posts" :value="$for" :more="['Benchmark' => 'the benchmark: '.$level->benchmark->name]" />
                        <x-field name="rod" form="rod" label="The rod reads" :unit="$unit" wide />
                        <button class="button">Write it down</button>
                    </x-entry-form>
                    @if ($level->ofInstrument)
                        <details class="why"><summary>Why these heights?</summary><p>The beam stands <x-length :of="$level->ofInstrument" :plan="$plan" /> above zero: {{ $level->benchmark->name }} counts as <x-length :of="$level->benchmark->height" :plan="$plan" />, and the rod on it reads the rest. Ground is the beam less what the rod reads there: the height-of-instrument rule.</p></details>
                    @endif
                </section>
                <details class="change"><summary>Choose another benchmark</summary>
                    <x-entry-form :action="route('level.benchmark', $job)" name="benchmark">
                        <x-field name="name" form="benchmark" label="What it is" />
                        <x-field name="height" form="benchmark" label="Counts as" :unit="$unit" />
                        <button class="button button-second">Choose it</button>
                    </x-entry-form>
                </details>
            @endif
        </div>
    </div>
</x-layout>
