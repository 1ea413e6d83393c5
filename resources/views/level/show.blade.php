@use('Aequus\Level\Laser')
@use('Aequus\Logbook\Book\DecisionAbout')
@use('Aequus\Logbook\Kind\EntryKind')
@use('Aequus\Logbook\Level\LevelInstrument')
@use('Aequus\Measure\Length')
@use('Aequus\Plan\Posts\PostFeature')
@use('Aequus\Site\Step')
@use('App\View\Choices')
@use('App\View\Links')
@use('App\View\Typeset')
<x-layout title="Level" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="level" />
    <div class="two">
        <section class="paper">
            <div aria-live="polite">
                <h1><x-words :say="$words->title" /></h1>
                <p class="verdict-why">
                    @if ($state->level->range() === null)
                        A benchmark, a set-up that sees it, and the rod at every post: that gives every hole its true depth. A board, a water level or
                            a line level on a string do it too, and all may be mixed.
                    @else
                        {{ $state->level->isComplete() ? 'Every post is read.' : 'Posts still to read: '.count($state->level->unread).'.' }}
                        @if ($state->level->plane && $state->level->plane->direction !== null)
                            On the whole it falls <x-length :of="$state->level->plane->fall->over($plan->notation->system()->run)" :plan="$plan"
                                /> in {{ $plan->notation->system()->roundly($plan->notation->system()->run) }},
                                {{ $state->level->plane->onOneLine ? 'along the row' : '' }} toward the
                                    {{ $sheet->fallsToward($state->level->plane->direction) }}.
                        @endif
                    @endif
                </p>
                @if ($words->told)<p class="verdict-why muted"><x-words :say="$words->told" /></p>@endif
            </div>
            <x-drawing.plan :model="$drawing" />
            <table>
                <caption>Ground <span class="muted">above {{ $state->level->benchmark->name ?? 'the benchmark' }}’s zero; ± is the 95 % of it, in
                    mm</span></caption>
                <thead><tr><th scope="col">Post</th><th scope="col" class="num">ground</th><th scope="col" class="num">±</th>
                    <th scope="col" class="num">below the highest</th>@if ($grade->work)<th scope="col" class="num">to the grade</th>@endif</tr>
                    </thead>
                <tbody>
                    @foreach ($plan->grid->posts as $post)
                        <tr><th scope="row">{{ $post->label }}</th><td class="num strong"><x-length :of="$state->level->groundAt($post)" :plan="$plan"
                            /></td>
                            <td class="num muted">{{ $state->level->knownGround($post) === null ? '—'
                            : Typeset::number($state->level->knownGround($post)->within()->inMillimetres(), 1) }}</td>
                            <td class="num"><x-length
                                :of="$state->level->groundAt($post) === null ? null
                                    : $state->level->groundAt($state->level->high)->minus($state->level->groundAt($post))" :plan="$plan"
                            /></td>
                            @if ($grade->work)<td class="num">
                                @if ($grade->of($post) === null)—@elseif ($plan->notation->round($grade->of($post))->isZero())on it
                                @else{{ $grade->of($post)->isNegative() ? 'fill' : 'cut' }} <x-length :of="$grade->of($post)->magnitude()"
                                    :plan="$plan" />@endif</td>
                                @endif</tr>
                    @endforeach
                </tbody>
            </table>
            @if ($sheet->others !== [])
                <table>
                    <caption>Other heights <span class="muted">points between, and parts of posts</span></caption>
                    <thead><tr><th scope="col">Point</th><th scope="col" class="num">height</th><th scope="col" class="num">±</th></tr></thead>
                    <tbody>@foreach ($sheet->others as $known)<tr><th scope="row">{{ $state->level->readings->name($known->point->key()) }}</th>
                        <td class="num strong"><x-length :of="$known->height" :plan="$plan" /></td>
                        <td class="num muted">{{ $known->sigma > 0 ? Typeset::number($known->within()->inMillimetres(), 1) : 'as chosen' }}</td></tr>
                        @endforeach</tbody>
                </table>
            @endif
            @foreach ($state->level->ownErrors as $name => $error)
                <p class="hint">The spirit level{{ $name === '' ? '' : " “{$name}”" }} itself shows {!! Typeset::fine($error->magnitude()) !!} too
                    {{ $error->isNegative() ? 'low' : 'high' }} at its far end over 1 m: worked out with the heights, and taken out of them.</p>
            @endforeach
            @if ($state->level->readings->beam)
                <p class="hint">The line of sight was tested by two pegs: it {{ $state->level->readings->beam->ratio < 0 ? 'falls' : 'rises' }}
                {!! Typeset::fine(Length::millimetres(10000 * abs($state->level->readings->beam->ratio))) !!} in 10 m, taken out of every rod whose
                    distance is
                written down.</p>@endif
            @if ($sheet->loops !== [])
                <details class="why"><summary>{{ count($sheet->loops) === 1 ? 'One way round closes' : count($sheet->loops).' ways round close' }}
                    within
                    {!! Typeset::fine(Length::millimetres(max(array_map(fn ($round) => abs($round->chain->closure),
                    $sheet->loops)))) !!}{{ $sheet->allClose() ? '' : ', not all as they should' }}</summary>
                    <table>
                        <caption>Closures <span class="muted">back to the start, or from one known height to another; 99.9 % of honest ones stay
                            within what is allowed</span></caption>
                        <thead><tr><th scope="col">Round by</th><th scope="col" class="num">misses by</th><th scope="col" class="num">allowed</th>
                            <th scope="col">Closes</th></tr></thead>
                        <tbody>@foreach (array_slice($sheet->loops, 0, 12) as $round)<tr>
                            <th scope="row">{{ implode(' – ', array_map($state->level->readings->name(...), $round->through)) }}</th>
                            <td class="num">{!! Typeset::fine(Length::millimetres(abs($round->chain->closure))) !!}</td>
                            <td class="num muted">{!! Typeset::fine(Length::millimetres($round->chain->allowed)) !!}</td>
                            <td><span class="state state-{{ $round->chain->closes ? 'fits' : 'off' }}">{{ $round->chain->closes ? 'yes'
                            : 'no' }}</span></td></tr>@endforeach</tbody>
                    </table>
                </details>
            @endif
            @if ($state->level->range() !== null)
                <form method="get" action="{{ route('level', $job) }}" class="entry grade">
                    <h2 class="field-wide">Cut and fill to a finished grade</h2>
                    <x-sum-field :f="$grade->sums->field('grade', 'Grade at '.$plan->grid->posts[0]->label, 'Above zero.')" :unit="$unit" />
                    <x-choice form="sum" name="toward" label="Falls toward the" :value="$grade->toward?->value ?? ''"
                        :options="['' => 'level'] + Choices::sides($plan->sides)" />
                    <x-sum-field :f="$grade->sums->field('grade_fall', 'Falls by')" :unit="$unit" />
                    <x-sum-field :f="$grade->sums->field('grade_over', 'over')" :unit="$unit" />
                    <button class="button button-second">Work it out</button>
                    @if ($grade->work)<p class="answer field-wide">Cut {{ Typeset::volume($plan->notation, $grade->work->cut) }}, fill
                        {{ Typeset::volume($plan->notation, $grade->work->fill) }} within the grid, before any swelling or settling. Each post speaks
                        for the ground half-way to its neighbours.</p>@endif
                </form>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase">
                @if ($site->asksIn($phase) === EntryKind::Decision)<x-decide :site="$site" :about="DecisionAbout::AcceptHeights" />@endif
            </x-move>
            @if ($state->level->benchmark === null)
                <section id="entry">
                    <h2>Benchmark</h2>
                    <x-entry-form kind="benchmark" name="benchmark">
                        <x-field name="name" form="benchmark" label="What it is" hint="A sill, a kerb, a nail in a tree." />
                        <x-field name="height" form="benchmark" label="Counts as" hint="Zero is simplest." :value="$plan->write(Length::zero())"
                            :unit="$unit" />
                        <button class="button">Choose it</button>
                    </x-entry-form>
                </section>
            @else
                <section @if ($form->difference === null) id="entry" @endif>
                    <h2>Read the rod</h2>
                    <x-entry-form kind="rod" name="rod">
                        <x-posts name="post" form="rod" label="Rod stands at" :posts="$plan->grid->posts" :value="$form->on"
                            :more="$site->benchmarkChoice()" />
                        <x-field name="set_up" form="rod" label="From set-up" :value="$form->setUp" />
                        <x-field name="rod" form="rod" label="The rod reads" :unit="$unit" wide />
                        @if (session('asks_sure') === 'set_up')<label class="tick"><input type="checkbox" name="sure"
                            value="1"> I read a known point later</label>@endif
                        <details class="field-wide change"
                            @if ($form->named !== '' || $form->part !== 'ground' || (old('form') === 'rod' && (old('post_name') || old('distance')
                            || old('post_part', 'ground') !== 'ground'))) open @endif>
                            <summary>A turning point, a part of the post, the distance</summary>
                            <div class="entry">
                                <x-choice name="post_part" form="rod" label="On the post’s" :value="$form->part"
                                    :options="Choices::of(PostFeature::cases())" />
                                <x-field name="post_name" form="rod" label="Or on another point" hint="Its name, such as T1." :value="$form->named" />
                                <x-field name="distance" form="rod" label="From the level to the rod"
                                    :hint="'Empty: counted as '.$plan->notation->system()->roundly($plan->notation->system()->farRod).'.'"
                                    :unit="$unit" />
                            </div>
                        </details>
                        <button class="button">Write it down</button>
                    </x-entry-form>
                    @if ($state->level->ofInstrument)
                        <details class="why"><summary>Why these heights?</summary>
                            <p>The beam of set-up {{ $state->level->setUp ?: '1' }} stands <x-length
                            :of="$state->level->ofInstrument" :plan="$plan" /> above zero: {{ $state->level->benchmark->name }} counts as <x-length
                            :of="$state->level->benchmark->height" :plan="$plan" />, and the rods it shares with known points read the rest. A height
                                is the
                            beam less what the rod reads there: the height-of-instrument rule. All readings of all instruments are adjusted together
                            by least squares, each weighted by what it is good for; a laser’s rod counts as good to
                            {{ Typeset::number(Laser::sigma(), 1) }} mm at 15 m.</p></details>
                    @endif
                </section>
                <details class="change" @if ($form->difference !== null || old('form') === 'difference') open @endif @if ($form->difference !== null)
                    id="entry" @endif>
                    <summary>Read one point from another</summary>
                    <p class="hint">With a spirit level on a board, a water level, or a line level on a string.</p>
                    <x-entry-form kind="height_difference" name="difference">
                        <x-choice name="instrument" form="difference" label="With" :value="$form->difference?->instrument->value ?? 'board'"
                            :options="Choices::of(LevelInstrument::cases())" />
                        <x-field name="over" form="difference" label="Board or string long" hint="A water level has none." :unit="$unit"
                            :value="$form->difference?->over ? $plan->write($form->difference->over) : ''" />
                        <x-level-point name="from" form="difference" label="First point" :site="$site"
                            :value="$form->difference ? $form->labelOf($form->difference->from) : 'Benchmark'"
                                :part="$form->difference?->from->feature->value ?? 'ground'"
                            :named="$form->difference?->from->name ?? ''" />
                        <x-level-point name="to" form="difference" label="Second point" :site="$site"
                            :value="$form->difference ? $form->labelOf($form->difference->to) : $form->on"
                                :part="$form->difference?->to->feature->value ?? 'ground'"
                            :named="$form->difference?->to->name ?? ''" />
                        <x-field name="difference" form="difference" label="They differ by" :unit="$unit" />
                        <x-choice name="higher" form="difference" label="Higher is" :options="['to' => 'the second', 'from' => 'the first']" />
                        <label class="tick"><input type="checkbox" name="turned" value="1" @checked(old('form') === 'difference' && old('turned'))>
                            spirit level turned end for end</label>
                        <x-field name="level" form="difference" label="Which spirit level" hint="Only where there are two." />
                        <x-field name="hung_at" form="difference" label="Line level hung, from the first point" hint="Empty: in the middle."
                            :unit="$unit" />
                        <button class="button button-second">Write it down</button>
                    </x-entry-form>
                </details>
                @if ($sheet->rows !== [])
                    <section class="list">
                        <h2>Readings <span class="h-note">{{ count($sheet->rows) }}, the newest first</span></h2>
                        <table class="readings">
                            <thead><tr><th scope="col">At</th><th scope="col">from</th><th scope="col" class="num">reads</th>
                                <th scope="col" class="num">off, mm</th><th scope="col">Stands</th></tr></thead>
                            <tbody>@foreach ($sheet->rows as $row)<tr class="row-{{ $row->state }}">
                                <th scope="row"><a href="{{ Links::asking('level', $job, 'again', $row->sequence) }}#entry">{{ $row->where }}</a></th>
                                    <td>{{ $row->from }}</td>
                                <td class="num strong">{!! $row->read->isNegative() ? '−' : '' !!}<x-length :of="$row->read->magnitude()"
                                :plan="$plan" /></td><td class="num">{{ $row->off === null ? '—' : ($row->state === 'unchecked' ? '—'
                                : Typeset::number($row->off->inMillimetres(), 1)) }}</td>
                                <td><span class="state state-{{ $row->state }}">{{ $row->word }}</span></td></tr>@endforeach</tbody>
                        </table>
                        <p class="hint">“Off” is the reading less what all others say. Choose a line to read it again; a wrong one is struck in the <a
                            href="{{ route('logbook', $job) }}">logbook</a>.</p>
                    </section>
                @endif
                <details class="change" @if (old('form') === 'benchmark') open @endif><summary>Choose another benchmark</summary>
                    <x-entry-form kind="benchmark" name="benchmark">
                        <x-field name="name" form="benchmark" label="What it is" />
                        <x-field name="height" form="benchmark" label="Counts as" :unit="$unit" />
                        <button class="button button-second">Choose it</button>
                    </x-entry-form>
                </details>
            @endif
            <p><a class="jump" href="{{ route('round', [$job, 'rods']) }}">The whole round on one screen</a></p>
            <x-cautions :step="Step::Levelling" :site="$site" />
        </div>
    </div>
</x-layout>
