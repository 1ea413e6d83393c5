@use('Aequus\Logbook\Book\DecisionAbout')
@use('Aequus\Logbook\EntryKind')
@use('Aequus\Logbook\Set\PointOfNoReturn')
@use('Aequus\Measure\Notation')
@use('Aequus\Site\Step')
@use('Aequus\Words\Level\InstrumentWords')
@use('App\View\Choices')
@use('App\Type\Typeset')
<x-layout :title="$say('page.cut')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="cut" />
    <div class="two">
        <section class="paper">
            <div aria-live="polite">
                @if ($plan->tops === null)
                    <h1>{{ $say('cut.show.where_the_tops_shall_be') }}</h1>
                    <p class="verdict-why">{{ $say('cut.show.one_post_gets_the_height') }}</p>
                @elseif ($form->open)
                    <h1>{{ $say('cut.show.short_cut_nothing_yet', count: count($form->open) === 1 ? $say('cut.show.post_is',
                        label: $form->open[0]->post->label) : $say('cut.show.posts_are', count: count($form->open))) }}</h1>
                    <p class="verdict-why">@foreach ($form->open as $mark){{ $say('cut.show.by_b_b', label: $mark->post->label,
                        magnitude: $mark->cutOff()->magnitude(), last: $loop->last ? '.' : ', ') }}@endforeach
                            @if ($form->short){{ $say('cut.show.lowering_all_tops_by_leaves', lower_all_by: $form->short->lowerAllBy,
                                clearance_then: $form->short->clearanceThen, label: $form->lowest->label, clearance: $form->short->clearance) }}
                                    @foreach ($form->short->packers as $label => $fits){{ $fits
                        ? $say('cut.show.packer_makes_up', label: $label)
                            : $say('cut.show.too_short_for_a_packer', label: $label) }} @endforeach @else
                                {{ $say('cut.show.lower_all_tops_change_the') }}@endif</p>
                @else
                    <h1>{{ $form->done === count($plan->grid->posts) ? $say('cut.show.every_post_is_cut') : ($form->done
                        ? $say('cut.show.of_posts_are_cut', done: $form->done, count: count($plan->grid->posts))
                            : $say('cut.show.the_marks_stand')) }}</h1>
                    <p class="verdict-why">{{ $say('cut.show.the_datum_line_stands_above', rows: $plan->tops->rows !== []
                        ? $say('cut.show.rows_have_heights_of_their') : '', what: $form->fallsToward ? $say('cut.show.the_tops_fall_toward_the',
                            what: $plan->sides->nameOf($form->fallsToward)) : $say('cut.show.all_tops_are_level'), datum_line: $plan->tops->datumLine,
                                name: $state->level->benchmark->name ?? 'the benchmark') }}</p>
                @endif
            </div>
            @if ($plan->tops)
                @if ($form->clearance)<p class="hint">{{ $say('cut.show.clearance_under_the_lowest_top', label: $form->lowest->label,
                    clearance: $form->clearance) }} <a href="{{ route('cut.pole', $job) }}"
                        hx-boost="false">{{ $say('cut.show.the_story_pole_in_full') }}</a></p>@endif
                @if ($form->stock)<p class="hint">{{ $say('cut.show.lowering_all_tops_by_costs', lower_by: $form->stock->lowerBy,
                    label: $form->stock->post->label, then: $form->stock->then, now: $form->stock->now) }}</p>@endif
                <div class="pole-and-table">
                    <x-drawing.pole :model="$pole" />
                    <table>
                        <caption>{{ $say('page.marks') }} <span class="muted">{{ $say('cut.show.above_the_datum_line') }}</span></caption>
                        <thead><tr><th scope="col">{{ $say('page.post') }}</th><th scope="col" class="num">{{ $say('cut.show.mark') }}</th>
                            @if ($form->fallsToward)
                            <th scope="col" class="num">{{ $say('cut.show.face', what: $plan->sides->nameOf($form->fallsToward)) }}</th>
                            <th scope="col" class="num">{{
                                $say('cut.show.face', what: $plan->sides->nameOf($form->fallsToward->opposite())) }}</th>@endif
                            <th scope="col" class="num">{{ $say('cut.show.comes_off') }}</th><th scope="col">{{ $say('page.stands') }}</th></tr>
                                </thead>
                        <tbody>
                            @foreach ($state->cut->marks as $mark)
                                <tr class="{{ $mark->isShort() ? 'row-off' : '' }}"><th scope="row">{{ $mark->post->label }}</th>
                                    <td class="num strong"><x-length :of="$mark->aboveDatumLine()" :plan="$plan" /></td>
                                    @if ($form->fallsToward)<td class="num"><x-length :of="$mark->onFace($form->fallsToward)"
                                            :plan="$plan" /> {{ $form->ownName($mark, $form->fallsToward) }}</td>
                                        <td class="num"><x-length :of="$mark->onFace($form->fallsToward->opposite())"
                                            :plan="$plan" /> {{ $form->ownName($mark, $form->fallsToward->opposite()) }}</td>@endif
                                    <td class="num">@if ($mark->isShort()) — @else <x-length :of="$mark->cutOff()" :plan="$plan" /> @endif</td>
                                    <td>@if ($mark->isShort())<span
                                        class="state state-off">{{ $say('cut.show.short_by',
                                            magnitude: $mark->cutOff()->magnitude()) }}</span>@elseif ($state->cut->isCut($mark->post))<span
                                        class="state state-fits">{{ $say('page.cut_2') }}</span>@elseif ($mark->topNow)<span
                                        class="state state-to-pull">{{ $say('cut.show.to_cut') }}</span>@else<span
                                            class="state state-to-pull">{{ $say('cut.show.to_measure') }}</span>@endif</td>
                                        </tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
                <details class="why"><summary>{{ $say('cut.show.how_far_does_a_line') }}</summary>
                    <table><caption>{{ $say('cut.show.from_one_post_to_the') }} <span
                        class="muted">{{ $say('cut.show.and_half_a_mark_of') }}</span></caption><thead><tr>
                        <th scope="col">{{ $say('cut.show.struck_with') }}</th><th scope="col" class="num">{{ $say('page.off_by_up_to_95') }}</th>
                            <th scope="col">{{ $say('page.will_it_do') }}</th></tr>
                        </thead>
                    <tbody>@foreach ($form->transfer->instruments as $one)<tr><th scope="row">{{ InstrumentWords::name($one->instrument) }}</th>
                        <td class="num">{!! Typeset::length(Notation::millimetres(1), $one->error) !!}</td>
                        <td><span class="state state-{{ $one->meets ? 'fits' : 'out' }}">{{ $one->meets ? $say('page.yes')
                            : $say('page.no_2') }}</span></td></tr>
                        @endforeach</tbody></table>
                    <p>{{ $say('cut.show.a_cut_is_as_true') }}</p>
                        </details>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase">
                @if ($site->next?->phase === $phase && $site->next->asks === EntryKind::Decision)
                    <x-decide :site="$site" :about="DecisionAbout::AcceptShortPost" :post="$site->next->posts[0]" />
                    <p><a href="#tops" hx-boost="false">{{ $say('cut.show.change_the_heights_instead') }}</a></p>
                @elseif ($site->next?->phase === $phase && $site->next->asks === EntryKind::PostCut)
                    <x-entry-form kind="post_cut" name="cut">
                        <input type="hidden" name="post" value="{{ $site->next->posts[0]->label }}">
                        <button class="button button-yard">{{ $say('page.is_cut_and_sealed', label: $site->next->posts[0]->label) }}</button>
                    </x-entry-form>
                @endif
            </x-move>
            @if ($plan->tops && $site->next?->asks === EntryKind::CrossChecked && $site->next->phase === $phase)
                <section>@include('set.check-form', ['before' => PointOfNoReturn::Cut])</section>@endif
            <p><a class="jump" href="{{ route('round', [$job, 'tops']) }}">{{ $say('page.the_whole_round_on_one') }}</a></p>
            <x-cautions :step="Step::Cutting" :site="$site" />
            @if ($plan->tops)
                <section id="entry">
                    <h2>{{ $say('cut.show.measure_a_top') }}</h2>
                    <x-entry-form kind="top" name="top">
                        <x-posts name="post" form="top" :label="$say('page.post')" :posts="$plan->grid->posts"
                            :value="$site->moveIn($phase)?->posts[0]->label ?? ''" />
                        <x-field name="above" form="top" :label="$say('page.its_top_now_above_the')" :unit="$unit" wide />
                        <button class="button {{ $site->moveIn($phase)?->asks === EntryKind::Top ? '' : 'button-second' }}">{{
                            $say('page.write_it_down') }}</button>
                    </x-entry-form>
                </section>
            @endif
            <details class="change" id="{{ $plan->tops ? 'tops' : 'entry' }}" @if ($plan->tops === null || old('form') === 'tops') open @endif>
                <summary>{{ $plan->tops ? $say('cut.show.change_the_heights') : $say('cut.show.decide_the_heights') }}</summary>
                <form method="post" action="{{ route('cut.tops', $job) }}" class="entry">
                    @csrf
                    <input type="hidden" name="form" value="tops"><input type="hidden" name="based_on"
                        value="{{ old('based_on', $job->revision->number) }}">
                    <x-right form="tops" />
                    <x-choice wide name="height_by" form="tops" :label="$say('cut.show.the_height_comes')"
                        :value="$plan->tops?->under ? 'stack' : 'typed'"
                        :options="['typed' => $say('cut.show.typed_top_of_the_post'),
                            'stack' => $say('cut.show.from_above_finished_surface_less'), 'clearance'
                                => $say('cut.show.from_below_clear_height_over')]" />
                    <x-field name="height" form="tops" :label="$say('cut.show.height_at', label: $plan->grid->posts[0]->label)"
                        :value="$plan->tops ? $plan->write($plan->tops->under->finished ?? $plan->tops->heightAtA1) : ''" :unit="$unit"
                            :hint="$say('cut.show.of_the_top_of_the')" />
                    <x-field name="layers" form="tops" :label="$say('page.what_lies_on_the_posts')"
                        :hint="$say('cut.show.from_above_only_thicknesses_such')"
                        :value="implode('; ', array_map($plan->write(...), $plan->tops?->under->layers ?? []))" />
                    <x-field name="clearance" form="tops" :label="$say('cut.show.clearance_above_them')" :hint="$say('cut.show.from_above_only')"
                        :value="$plan->tops?->under && ! $plan->tops->under->clearance->isZero() ? $plan->write($plan->tops->under->clearance) : ''"
                            :unit="$unit" />
                    <x-field name="rows" form="tops" :label="$say('cut.show.rows_that_differ')" :hint="$say('cut.show.row_and_height_of_its')"
                        :value="$form->rows()"
                        />
                    <x-field name="datum_line" form="tops" :label="$say('cut.show.datum_line_above_zero')"
                        :hint="$say('cut.show.the_level_line_you_strike')"
                        :value="$plan->tops ? $plan->write($plan->tops->datumLine) : ''" :unit="$unit" />
                    <x-choice name="falls_toward" form="tops" :label="$say('page.tops')" :value="$form->fallsToward ? $form->fallsToward->value : ''"
                        :options="['' => $say('page.level')] + Choices::sides($plan->sides, $say('cut.show.fall_toward_the_s'))" />
                    <x-field name="fall" form="tops" :label="$say('cut.show.fall')" :value="Typeset::typed($plan->notation, $form->fallOverRun())"
                        :unit="$unit" />
                    <x-field name="fall_over" form="tops" :label="$say('cut.show.over_a_run_of')" :value="$plan->write($form->run)" :unit="$unit" />
                    <button class="button {{ $plan->tops ? 'button-second' : '' }}">{{ $say('cut.show.put_the_heights_in_force') }}</button>
                </form>
            </details>
            @if ($plan->tops)
                <details class="change" @if ($errors->has('by')) open @endif><summary>{{ $say('cut.show.move_all_tops_together') }}</summary>
                    <form method="post" action="{{ route('cut.raise', $job) }}" class="entry">
                        @csrf
                        <input type="hidden" name="form" value="raise"><input type="hidden" name="based_on"
                            value="{{ old('based_on', $job->revision->number) }}">
                        <x-choice name="way" form="raise" :label="$say('cut.show.all_tops')"
                            :options="['down' => $say('cut.show.lower_by'), 'up' => $say('cut.show.higher_by')]" />
                        <x-field name="by" form="raise" :label="$say('cut.show.so_much')"
                            :value="$form->short ? $plan->write($form->short->lowerAllBy) : ''"
                            :unit="$unit" />
                        <button class="button button-second">{{ $say('cut.show.move_them') }}</button>
                    </form>
                </details>
            @endif
        </div>
    </div>
</x-layout>
