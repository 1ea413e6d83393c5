@use('Aequus\Words\Names')
@use('App\View\Choices')
@use('Aequus\Plan\Layout\StringAt')
@use('Aequus\Measure\Notation')
@use('Aequus\Site\Step')
@use('Aequus\Square\SettingOut\Diagonal')
@use('Aequus\Square\SettingOut\Rack')
@use('App\View\Typeset')
<x-layout title="Setting out" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="square.hand" />
    <div class="two">
        <section class="paper">
            <h1>Setting out by hand</h1>
            <p class="verdict-why">Strings run <b>{{ Names::of($plan->layout->strings->at) }}@if ($plan->layout->strings->at->value === 'offset')
                <x-length
                :of="$plan->layout->strings->typed()" :plan="$plan" />@endif</b>. Every mark is counted from one zero, never bay by bay.</p>
            @if ($plan->grid->corners())
                <dl class="facts">
                    <div><dt>Between the outer strings</dt><dd class="strong"><x-length :of="$outline->length" :plan="$plan" /> by <x-length
                        :of="$outline->width" :plan="$plan" /></dd></div>
                    <div><dt>Both diagonals of the strings</dt><dd class="strong"><x-length :of="$outline->diagonal" :plan="$plan" /></dd></div>
                    @if ($hand->rightAngle())<div><dt>Largest 3-4-5 that fits, {{ $hand->rightAngle()->multiple }} times over</dt>
                        <dd class="strong"><x-length :of="$hand->rightAngle()->onX"
                        :plan="$plan" /> along, <x-length :of="$hand->rightAngle()->onY" :plan="$plan" /> across, <x-length
                            :of="$hand->rightAngle()->across" :plan="$plan"
                        /> between</dd></div>@endif
                    <div><dt>A far side off by <x-length :of="$plan->tolerances->squareness" :plan="$plan" /></dt>
                        <dd>makes the diagonals differ by <x-length
                        :of="Rack::diagonalDifference($plan->tolerances->squareness, $plan->grid->corners()->length(),
                            Diagonal::of($plan->grid->corners()->length(),
                        $plan->grid->corners()->width()), Diagonal::of($plan->grid->corners()->length(), $plan->grid->corners()->width()))"
                            :plan="$plan" /></dd></div>
                </dl>
                <details class="why"><summary>Why?</summary><p>The diagonal is √(length² + width²), by Pythagoras: √(<x-length :of="$outline->length"
                    :plan="$plan" />² + <x-length :of="$outline->width" :plan="$plan" />²). 3-4-5 is the same rule in whole numbers; the largest
                    multiple that fits inside both legs is the sharpest. The difference of the diagonals is 4 × length × offset over their sum.</p>
                    </details>
            @endif
            <div class="tables-side">
                @foreach ([['Marks along the base line', $outline->columns, 'Column'], ['Marks away from it', $outline->rows, 'Row']] as [$caption,
                    $marks, $what])
                    <table><caption>{{ $caption }} <span class="muted">zero where the outer strings cross</span></caption>
                        <thead><tr><th scope="col">{{ $what }}</th><th scope="col" class="num">near face</th><th scope="col" class="num">centre</th>
                            <th scope="col" class="num">far face</th></tr></thead>
                        <tbody>@foreach ($marks as $mark)<tr><th scope="row">{{ $mark->line }}</th><td class="num"><x-length :of="$mark->nearFace"
                            :plan="$plan" /></td><td class="num strong"><x-length :of="$mark->centre" :plan="$plan" /></td>
                            <td class="num"><x-length :of="$mark->farFace" :plan="$plan" /></td></tr>@endforeach</tbody></table>
                @endforeach
            </div>
            <table>
                <caption>Batter boards <span class="muted">set back <x-length :of="$plan->layout->boards->setback" :plan="$plan"
                    /> from the outer post centres@if ($plan->layout->boards->height), tops at <x-length :of="$plan->layout->boards->height" :plan="$plan"
                    /> above zero @else, tops level with each other @endif</span></caption>
                <thead><tr><th scope="col">Side</th><th scope="col">Nails</th><th scope="col" class="num">board long</th>
                    <th scope="col" class="num">centre mark from its near end</th><th scope="col" class="num">nail from its near end</th>
                    <th scope="col" class="num">nail from the centre mark</th></tr></thead>
                <tbody>@foreach ($alike as $row)<tr><th scope="row">{{ $plan->sides->of($row->side) }}</th><td>{{ implode(', ', $row->lines) }}</td>
                    <td class="num"><x-length :of="$row->length" :plan="$plan" /></td><td class="num"><x-length :of="$row->nail->centre" :plan="$plan"
                    /></td><td class="num strong decides"><x-length :of="$row->nail->nail" :plan="$plan" /></td>
                    <td class="num">@if ($row->nail->fromCentre->isZero()) on it @elseif ($row->nail->fromCentre->isNegative()) <x-length
                    :of="$row->nail->fromCentre->magnitude()" :plan="$plan" /> back @else <x-length :of="$row->nail->fromCentre" :plan="$plan" /> on
                    @endif</td></tr>@endforeach</tbody>
            </table>
            @foreach ($hindered as $fact)<p class="verdict-why"><x-words :say="$site->speech->say($fact)" /></p>@endforeach
            <p class="hint">The near end is the one toward {{ $plan->grid->posts[0]->label }}. “Back” is toward that end. Boards stand clear of the
                auger, so that strings come off and go back to the same nail; a mark on a string is lost when it comes off.</p>
            @if ($hold)
                <table>
                    <caption>Two tapes crossing <span class="muted">hooked at {{ $hold->p->label }} and {{ $hold->q->label }}, drawn tight
                        together</span></caption>
                    <thead><tr><th scope="col">Post</th><th scope="col" class="num">from {{ $hold->p->label }}</th>
                        <th scope="col" class="num">from {{ $hold->q->label }}</th><th scope="col">They cross at</th></tr></thead>
                    <tbody>@foreach ($hold->posts as $number)<tr><th scope="row">{{ $number->post->label }}</th>
                        <td class="num strong"><x-length :of="$number->fromP" :plan="$plan" /></td>
                        <td class="num strong"><x-length :of="$number->fromQ" :plan="$plan" /></td>
                        <td>{{ $number->isFlat ? 'too flat to mark: set it by the string' : round($number->angle).'°' }}</td></tr>@endforeach</tbody>
                </table>
                @if ($hold->furthest())<details class="why"><summary>Why?</summary><p>{{ $hold->furthest()->post->label }} stands <x-length
                    :of="$hold->furthest()->post->at->x->minus($hold->p->at->x)->magnitude()" :plan="$plan" /> along and <x-length
                    :of="$hold->furthest()->post->at->y->minus($hold->p->at->y)->magnitude()" :plan="$plan" /> away from {{ $hold->p->label }}: the
                        root of the
                    two squares added is <x-length :of="$hold->p->at->distanceTo($hold->furthest()->post->at)" :plan="$plan"
                    /> (Pythagoras){{ $hand->conditions ? '; held as noted, the tape must show ' : '' }}@if ($hand->conditions)<x-length
                    :of="$hold->furthest()->fromP" :plan="$plan" />@endif. The same from {{ $hold->q->label }}. Tapes that cross flatter than 30° set
                        a stake
                    badly: there the string does it better.</p></details>@endif
                @if ($hand->conditions)<p
                    class="hint">Held for {{ $hand->conditions->celsius !== null ? $hand->conditions->celsius.' °C '
                    : '' }}{{ $hand->conditions->newtons !== null ? $hand->conditions->newtons.' N ' : '' }}{{ $hand->conditions->hangsWhole
                    ? 'hanging free' : '' }}: the marks that lay out the level distance.</p>@endif
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <section id="entry">
                <h2>Strings and boards</h2>
                <form method="post" action="{{ route('square.rules', $job) }}" class="entry">
                    @csrf <input type="hidden" name="form" value="boards"><input type="hidden" name="based_on"
                        value="{{ $job->revision->number }}"><input type="hidden" name="reason" value="Strings and boards">
                    <x-choice name="strings" form="boards" label="Strings run" :value="$plan->layout->strings->at->value"
                        :options="Choices::of(StringAt::cases())" />
                    <x-field name="string_off" form="boards" label="Off by" hint="Only where it is typed." :unit="$unit"
                        :value="Typeset::typed($plan->notation, $plan->layout->strings->typed())" />
                    <x-field name="setback" form="boards" label="Boards stand back" :unit="$unit"
                        :value="Typeset::typed($plan->notation, $plan->layout->boards->setback)" />
                    <x-field name="board_length" form="boards" label="Board length" :unit="$unit"
                        :value="Typeset::typed($plan->notation, $plan->layout->boards->length)" />
                    <x-field name="board_height" form="boards" label="Tops above zero" hint="Empty: not decided." :unit="$unit"
                        :value="Typeset::typed($plan->notation, $plan->layout->boards->height)" />
                    <x-field name="cover" form="boards" label="Cover round the post" hint="That the hole must keep." :unit="$unit"
                        :value="Typeset::typed($plan->notation, $plan->layout->cover)" />
                    <button class="button button-second">Put it in force</button>
                </form>
            </section>
            <form method="get" action="{{ route('square.hand', $job) }}" class="stack sums">
                <section>
                    <h2>Parallel to a wall</h2>
                    <div class="entry">@foreach ([$hand->sums->field('offset_1', 'Offset at the near end'), $hand->sums->field('station_1',
                        'Taken at',
                        'Along the line, 0 to begin.'), $hand->sums->field('offset_2', 'Offset at the far end'), $hand->sums->field('station_2',
                            'Taken at')] as $f)
                        <x-sum-field :f="$f" :unit="$unit" />@endforeach</div>
                    @if ($hand->swing)<p class="answer">@if ($hand->swing->isZero()) It runs parallel already.
                        @elseif ($hand->swing->isNegative()) Swing the far end <x-length :of="$hand->swing->magnitude()" :plan="$plan"
                        /> toward the wall.
                        @else Swing the far end <x-length :of="$hand->swing->magnitude()" :plan="$plan" /> away from the wall. @endif</p>@endif
                </section>
                <section>
                    <h2>How the tape is held</h2>
                    <div class="entry">@foreach ([$hand->sums->field('celsius', 'Temperature, °C'), $hand->sums->field('newtons', 'Pull, N')] as $f)
                        <x-sum-field :f="$f" />@endforeach<label class="tick"><input type="checkbox" name="hangs" value="1"
                        @checked($hand->sums->ticked('hangs'))> hangs free</label></div>
                </section>
                <section>
                    <h2>Two tapes compared</h2>
                    <div class="entry">@foreach ([$hand->sums->field('short_1', 'Short, first tape'), $hand->sums->field('short_2', 'second tape'),
                        $hand->sums->field('long_1',
                        'Long, first tape'), $hand->sums->field('long_2', 'second tape')] as $f)<x-sum-field :f="$f" :unit="$unit" />@endforeach</div>
                    @if ($hand->tapes)<p class="answer">At its hook the second shows
                        {!! Typeset::length($plan->notation, $hand->tapes->constant->magnitude()) !!} too
                        {{ $hand->tapes->constant->isNegative() ? 'little' : 'much' }}, and over every
                        {{ $plan->notation->system()->roundly($plan->notation->system()->longTape) }}
                        {!! Typeset::length(Notation::millimetres(1), $plan->notation->system()->longTape->times(abs($hand->tapes->perLength))) !!}
                        too {{ $hand->tapes->perLength < 0 ? 'little' : 'much' }}.</p>@endif
                </section>
                <section>
                    <h2>A line over an obstacle</h2>
                    <div class="entry"><x-sum-field :f="$hand->sums->field('over', 'Carried over at a height of')" :unit="$unit" /></div>
                    @if ($hand->plumbed)<p class="answer">Plumbed down at both ends with a spirit level the line is good to
                        {!! Typeset::length(Notation::millimetres(1), $hand->plumbed->withLevel->times(1.96)) !!}, with a bob at rest to
                        {!! Typeset::length(Notation::millimetres(1), $hand->plumbed->withBob->times(1.96)) !!} (95 %).
                        @if ($hand->plumbed->highestWithLevel)For this job’s tolerance the level will do up to
                        {!! Typeset::length($plan->notation, $hand->plumbed->highestWithLevel) !!}. @endif Or run the string beside it at an offset,
                        chosen above: every mark carries it.</p>@endif
                </section>
                <button class="button button-second">Work it out</button>
            </form>
            <x-fixed-line-form :site="$site" />
            <x-cautions :step="Step::Squaring" :site="$site" />
        </div>
    </div>
</x-layout>
