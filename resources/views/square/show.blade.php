@use('Aequus\Adjust\Placement\PlacementWay')
@use('Aequus\Logbook\Book\DecisionAbout')
@use('Aequus\Logbook\EntryKind')
@use('Aequus\Logbook\Square\BoardsUp')
@use('Aequus\Plan\Layout\ReadingList')
@use('Aequus\Site\Step')
@use('Aequus\Words\Square\WantedWords')
@use('App\View\Links')
<x-layout :title="$say('square.show.square')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="square" />
    <div class="two">
        <section class="paper">
            <div aria-live="polite"><h1><x-words :say="$words->title" /></h1><p class="verdict-why"><x-words :say="$words->says" /></p></div>
            <x-drawing.square :model="$drawing" :site="$site" />
            <x-square-verdict :words="$words" />
            @if (count($placements) > 1)
                <table class="placements">
                    <caption>{{ $say('square.show.how_the_plan_is_laid') }}</caption>
                    <thead><tr><th scope="col">{{ $say('page.judged') }}</th><th scope="col">{{ $say('square.show.stakes_to_move') }}</th>
                        <th scope="col" class="num">{{ $say('square.show.moves_in_all') }}</th>
                        <th scope="col" class="num">{{ $say('square.show.cant_be_told') }}</th>
                            <th scope="col"><span class="vh">{{ $say('square.show.choose') }}</span></th></tr></thead>
                    <tbody>
                        @foreach ($placements as $one)
                            <tr class="{{ $one->inForce ? 'row-chosen' : '' }}"><th scope="row">{{ $one->words }}</th>
                                <td>{{ $one->out ? (count($one->out) > 6 ? count($one->out) : implode(', ', $one->out)) : $say('page.none') }}</td>
                                <td class="num"><x-length :of="$one->out ? $one->sum : null" :plan="$plan" /></td>
                                <td class="num">{{ $one->undetermined ?: '—' }}</td>
                                <td>@if ($one->inForce)<span
                                    class="muted">{{ $say('square.show.in_force') }}</span>@elseif ($one->way !== PlacementWay::Held
                                        && $state->square->held === [])
                                    <form method="post" action="{{ route('square.placement', $job) }}">@csrf<input type="hidden" name="way"
                                    value="{{ $one->way->value }}"><input type="hidden" name="based_on" value="{{ $job->revision->number }}"><button
                                    class="link">{{ $say('square.show.use_this') }}<span class="vh">: {{ $one->words }}</span></button></form>
                                        @endif</td></tr>
                        @endforeach
                    </tbody>
                </table>
                <p class="hint">{{ $say('square.show.from_the_base_line_that') }}</p>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase">
                @if ($form->isTheNextMove && $site->asksIn($phase) !== null)
                    <div id="entry">@include('square.reading')</div>
                @elseif ($site->asksIn($phase) === EntryKind::BoardsUp)
                    <x-entry-form kind="boards_up" name="boards"><button class="button">{{ $say('square.show.boards_and_strings_stand') }}</button>
                        </x-entry-form>
                @elseif ($site->asksIn($phase) === EntryKind::StakeMoved)
                    <x-entry-form kind="stake_moved" name="moved">
                        <input type="hidden" name="posts" value="{{ implode(' ', array_map(fn ($post) => $post->label, $site->next->posts)) }}">
                        <button class="button">{{ $say('square.show.moved') }}</button>
                    </x-entry-form>
                    <p class="hint">{{ $say('square.show.what_was_read_to_before', count: count($site->next->posts)) }}</p>
                    <x-decide :site="$site" :about="DecisionAbout::AcceptOutline" />
                @elseif ($face?->isOut)
                    <x-decide :site="$site" :about="DecisionAbout::AcceptDistance" :post="$face->post" :thing="$face->thing" />
                @elseif ($site->asksIn($phase) === EntryKind::Decision)
                    <x-decide :site="$site" :about="DecisionAbout::AcceptOutline" />
                @endif
            </x-move>
            @if (count($plan->grid->posts) < 2)
                <section id="entry">@if ($face)<p><span
                    class="state state-{{ $face->state }}"><span><x-words :say="$face->words" /></span></span></p>@else<p
                    class="empty">{{ $say('square.show.one_post_has_nothing_to') }}</p>@endif</section>
            @else
                @if (! $form->isTheNextMove && ! $form->isAskedFor && $errors->isEmpty())
                    <details class="change" id="entry"><summary>{{ $say('square.show.another_reading') }}</summary>
                        @include('square.reading')</details>
                @elseif (! $form->isTheNextMove)
                    <section id="entry">
                        <h2>{{ $form->wanted ? ($form->wanted->isTape() ? $say('square.show.the_tape', what: WantedWords::of($form->wanted))
                            : WantedWords::of($form->wanted))
                            : $say('square.show.enter_a_reading') }}@if ($form->wanted) <span
                                class="h-note">{{ $say('square.show.by_the_plan', magnitude: $form->wanted->planned()->magnitude()) }}</span>@endif
                                    </h2>
                        @include('square.reading')
                    </section>
                @endif
                <div class="after-drawing"><x-quick-line :site="$site" /></div>
                <x-cautions :step="Step::Squaring" :site="$site" />
                <p><a class="jump" href="{{ route('round', [$job, 'tapes']) }}">{{ $say('page.the_whole_round_on_one') }}</a></p>
                @if ($state->square->rough === null && $plan->layout->list === ReadingList::Full && $plan->grid->corners() !== null
                    && $site->state->log->now(BoardsUp::class) !== [])
                    <form method="post" action="{{ route('square.rules', $job) }}">
                        @csrf <input type="hidden" name="form" value="strings"><input type="hidden" name="based_on"
                            value="{{ $job->revision->number }}"><input type="hidden" name="list" value="lean"><input type="hidden" name="reason"
                            value="The strings are up: offsets from them">
                        <p class="hint">{{ $say('square.show.the_strings_are_up_an') }}</p>
                        <button class="button button-second">{{ $say('square.show.use_the_strings_the_lean') }}</button>
                    </form>
                @endif
                <section class="list">
                    <h2>{{ $say('page.readings') }} <span
                        class="h-note">{{ $say('square.show.of_in_walking_order', pulled: $sheet->pulled,
                            to_pull: $sheet->pulled + $sheet->toPull) }}</span></h2>
                    @if ($stake)<p class="hint">{{ $say('square.show.those_at_are_marked', stake: $stake) }} <a
                        href="{{ route('square', $job) }}">{{ $say('square.show.clear_the_marks') }}</a></p>@endif
                    <table class="readings">
                        <thead><tr><th scope="col">{{ $say('page.between') }}</th><th scope="col" class="num">{{ $say('page.reads') }}</th>
                            <th scope="col" class="num">{{ $say('square.show.off') }}</th>
                            <th scope="col">{{ $say('page.stands') }}</th></tr></thead>
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
                    <p class="hint">{{ $say('square.show.what_is_still_to_pull') }}</p>
                </section>
            @endif
        </div>
    </div>
</x-layout>
