@use('Aequus\Adjust\Placement\PlacementWay')
@use('Aequus\Logbook\Book\DecisionAbout')
@use('Aequus\Logbook\Kind\EntryKind')
@use('Aequus\Logbook\Square\BoardsUp')
@use('Aequus\Plan\Layout\ReadyList')
@use('Aequus\Site\Step')
@use('Aequus\Words\Square\WantedWords')
@use('App\View\Links')
<x-layout title="Square" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="square" />
    <div class="two">
        <section class="paper">
            <div aria-live="polite"><h1><x-words :say="$words->title" /></h1><p class="verdict-why"><x-words :say="$words->says" /></p></div>
            <x-drawing.square :model="$drawing" :site="$site" />
            <x-square-verdict :words="$words" />
            @if (count($placements) > 1)
                <table class="placements">
                    <caption>How the plan is laid over the stakes</caption>
                    <thead><tr><th scope="col">Judged</th><th scope="col">Stakes to move</th><th scope="col" class="num">moves in all</th>
                        <th scope="col" class="num">can’t be told</th><th scope="col"><span class="vh">Choose</span></th></tr></thead>
                    <tbody>
                        @foreach ($placements as $one)
                            <tr class="{{ $one->inForce ? 'row-chosen' : '' }}"><th scope="row">{{ $one->words }}</th>
                                <td>{{ $one->out ? (count($one->out) > 6 ? count($one->out) : implode(', ', $one->out)) : 'none' }}</td>
                                <td class="num"><x-length :of="$one->out ? $one->sum : null" :plan="$plan" /></td>
                                <td class="num">{{ $one->undetermined ?: '—' }}</td>
                                <td>@if ($one->inForce)<span
                                    class="muted">in force</span>@elseif ($one->way !== PlacementWay::Held && $state->square->held === [])
                                    <form method="post" action="{{ route('square.placement', $job) }}">@csrf<input type="hidden" name="way"
                                    value="{{ $one->way->value }}"><input type="hidden" name="based_on" value="{{ $job->revision->number }}"><button
                                    class="link">Use this<span class="vh">: {{ $one->words }}</span></button></form>@endif</td></tr>
                        @endforeach
                    </tbody>
                </table>
                <p class="hint">From the base line, that line is right and all else follows it. By best fit every stake gives a little. By fewest
                    moves the most stakes stay where they are. Posts that are set hold the layout whatever is chosen.</p>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase">
                @if ($form->isTheNextMove && $site->asksIn($phase) !== null)
                    <div id="entry">@include('square.reading')</div>
                @elseif ($site->asksIn($phase) === EntryKind::BoardsUp)
                    <x-entry-form kind="boards_up" name="boards"><button class="button">Boards and strings stand</button></x-entry-form>
                @elseif ($site->asksIn($phase) === EntryKind::StakeMoved)
                    <x-entry-form kind="stake_moved" name="moved">
                        <input type="hidden" name="posts" value="{{ implode(' ', array_map(fn ($post) => $post->label, $site->next->posts)) }}">
                        <button class="button">Moved</button>
                    </x-entry-form>
                    <p class="hint">What was read to {{ count($site->next->posts) === 1 ? 'it' : 'them' }} before counts as old; the readings that
                        prove the new place are asked for next.</p>
                    <x-decide :site="$site" :about="DecisionAbout::AcceptOutline" />
                @elseif ($site->asksIn($phase) === EntryKind::Decision)
                    <x-decide :site="$site" :about="DecisionAbout::AcceptOutline" />
                @endif
            </x-move>
            @if (count($plan->grid->posts) < 2)
                <section id="entry"><p class="empty">One post has nothing to square. Measure its distance to the road or wall, and go on to the
                    level.</p></section>
            @else
                @if (! $form->isTheNextMove && ! $form->isAskedFor && $errors->isEmpty())
                    <details class="change" id="entry"><summary>Another reading</summary>@include('square.reading')</details>
                @elseif (! $form->isTheNextMove)
                    <section id="entry">
                        <h2>{{ $form->wanted ? ($form->wanted->isTape() ? 'The tape '.WantedWords::of($form->wanted) : WantedWords::of($form->wanted))
                            : 'Enter a reading' }}@if ($form->wanted) <span class="h-note">by the plan <x-length
                                :of="$form->wanted->planned()->magnitude()"
                            :plan="$plan" /></span>@endif</h2>
                        @include('square.reading')
                    </section>
                @endif
                <div class="after-drawing"><x-quick-line :site="$site" /></div>
                <x-cautions :step="Step::Squaring" :site="$site" />
                <p><a class="jump" href="{{ route('round', [$job, 'tapes']) }}">The whole round on one screen</a></p>
                @if ($state->square->rough === null && $plan->layout->list === ReadyList::Full && $plan->grid->corners() !== null
                    && $site->state->log->now(BoardsUp::class) !== [])
                    <form method="post" action="{{ route('square.rules', $job) }}">
                        @csrf <input type="hidden" name="form" value="strings"><input type="hidden" name="based_on"
                            value="{{ $job->revision->number }}"><input type="hidden" name="list" value="lean"><input type="hidden" name="reason"
                            value="The strings are up: offsets from them">
                        <p class="hint">The strings are up: an offset from one takes seconds where a tape takes minutes.</p>
                        <button class="button button-second">Use the strings: the lean list</button>
                    </form>
                @endif
                <section class="list">
                    <h2>Readings <span class="h-note">{{ $sheet->pulled }} of {{ $sheet->pulled + $sheet->toPull }}, in walking order</span></h2>
                    @if ($stake)<p class="hint">Those at {{ $stake }} are marked. <a href="{{ route('square', $job) }}">Clear the marks</a></p>@endif
                    <table class="readings">
                        <thead><tr><th scope="col">Between</th><th scope="col" class="num">reads</th><th scope="col" class="num">off</th>
                            <th scope="col">Stands</th></tr></thead>
                        <tbody>
                            @foreach ($sheet->rows as $row)
                                <tr class="row-{{ $row->state }}{{ $form->isOpenFor($row) ? ' row-now' : '' }}{{ $stake && $row->touches($stake)
                                    ? ' row-marked' : '' }}"><th scope="row"><a
                                    href="{{ Links::asking('square', $job, 'pull', $row->key) }}#entry">{{ $row->label() }}</a></th>
                                    <td class="num {{ $row->read ? 'strong' : 'muted' }}">{!! $row->figure($plan->notation) !!}</td>
                                    <td class="num">{!! $row->misfit($plan->notation) !!}</td>
                                    <td><span class="state state-{{ $row->state }}">{{ $row->word }}</span></td></tr>
                            @endforeach
                        </tbody>
                    </table>
                    <p class="hint">What is still to pull shows what it would read by the plan. “Off” is the reading less what all others say.</p>
                </section>
            @endif
        </div>
    </div>
</x-layout>
