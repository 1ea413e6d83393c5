@use('Aequus\Logbook\Kind\LevelPoint')
@use('Aequus\Level\Laser')
@use('Aequus\Logbook\Book\DecisionAbout')
@use('Aequus\Logbook\EntryKind')
@use('Aequus\Logbook\Level\LevelInstrument')
@use('Aequus\Measure\Length')
@use('Aequus\Plan\Posts\PostFeature')
@use('Aequus\Site\Step')
@use('App\View\Choices')
@use('App\View\Links')
@use('App\Type\Typeset')
<x-layout :title="$say('level.show.level')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="level" />
    <div class="two">
        <section class="paper">
            <div aria-live="polite">
                <h1><x-words :say="$words->title" /></h1>
                <p class="verdict-why">
                    @if ($state->level->range() === null)
                        {{ $say('level.show.a_benchmark_a_set_up') }}
                    @else
                        {{ $state->level->isComplete() ? $say('level.show.every_post_is_read') : $say('level.show.posts_still_to_read',
                            count: count($state->level->unread)) }}
                        @if ($state->level->plane && $state->level->plane->direction !== null)
                            {{ $say('level.show.on_the_whole_it_falls', over: $state->level->plane->fall->over($plan->notation->system()->run),
                                roundly: $plan->notation->system()->roundly($plan->notation->system()->run),
                                    on_one_line: $state->level->plane->onOneLine ? $say('level.show.along_the_row') : '',
                                        falls_toward: $sheet->fallsToward($state->level->plane->direction)) }}
                        @endif
                    @endif
                </p>
                @if ($words->told)<p class="verdict-why muted"><x-words :say="$words->told" /></p>@endif
            </div>
            <x-drawing.plan :model="$drawing" />
            <table>
                <caption>{{ $say('page.ground') }} <span
                    class="muted">{{ $say('level.show.above_s_zero_is_the', name: $state->level->benchmark->name ?? 'the benchmark') }}</span>
                        </caption>
                <thead><tr><th scope="col">{{ $say('page.post') }}</th><th scope="col" class="num">{{ $say('page.ground_2') }}</th>
                    <th scope="col" class="num">±</th>
                    <th scope="col" class="num">{{ $say('level.show.below_the_highest') }}</th>@if ($grade->work)
                        <th scope="col" class="num">{{ $say('level.show.to_the_grade') }}</th>@endif</tr>
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
                                @if ($grade->heightOf($post) === null)—@elseif ($plan->notation->round($grade->heightOf($post))->isZero()){{
                                    $say('page.on_it') }}
                                @else{{ $grade->heightOf($post)->isNegative() ? $say('level.show.fill') : $say('page.cut_2') }} <x-length
                                    :of="$grade->heightOf($post)->magnitude()"
                                    :plan="$plan" />@endif</td>
                                @endif</tr>
                    @endforeach
                </tbody>
            </table>
            @if ($sheet->others !== [])
                <table>
                    <caption>{{ $say('level.show.other_heights') }} <span class="muted">{{ $say('level.show.points_between_and_parts_of') }}</span>
                        </caption>
                    <thead><tr><th scope="col">{{ $say('level.show.point') }}</th><th scope="col" class="num">{{ $say('level.show.height') }}</th>
                        <th scope="col" class="num">±</th></tr></thead>
                    <tbody>@foreach ($sheet->others as $known)<tr><th scope="row">{{ $state->level->readings->name($known->point->key()) }}</th>
                        <td class="num strong"><x-length :of="$known->height" :plan="$plan" /></td>
                        <td class="num muted">{{ $known->sigma > 0 ? Typeset::number($known->within()->inMillimetres(), 1)
                            : $say('level.show.as_chosen') }}</td></tr>
                        @endforeach</tbody>
                </table>
            @endif
            @foreach ($state->level->ownErrors as $name => $error)
                <p class="hint">{{ $say('level.show.the_spirit_level_itself_shows', name: $name === '' ? '' : " “{$name}”",
                    fine: $say->fine($error->magnitude()), is_negative: $error->isNegative() ? $say('page.low') : $say('page.high')) }}</p>
            @endforeach
            @if ($state->level->readings->beam)
                <p class="hint">{{ $say('level.show.the_line_of_sight_was', ratio: $state->level->readings->beam->ratio < 0 ? $say('page.falls')
                    : $say('page.rises'), millimetres: $say->fine(Length::millimetres(10000 * abs($state->level->readings->beam->ratio)))) }}</p>
                        @endif
            @if ($sheet->loops !== [])
                <details class="why"><summary>{{ $say('level.show.within', count: count($sheet->loops) === 1 ? $say('level.show.one_way_round_closes')
                    : $say('level.show.ways_round_close', count: count($sheet->loops)),
                        millimetres: $say->fine(Length::millimetres(max(array_map(fn ($round) => abs($round->chain->closure), $sheet->loops)))),
                            all_close: $sheet->allClose() ? '' : $say('level.show.not_all_as_they_should')) }}</summary>
                    <table>
                        <caption>{{ $say('level.show.closures') }} <span class="muted">{{ $say('level.show.back_to_the_start_or') }}</span></caption>
                        <thead><tr><th scope="col">{{ $say('level.show.round_by') }}</th>
                            <th scope="col" class="num">{{ $say('level.show.misses_by') }}</th>
                                <th scope="col" class="num">{{ $say('level.show.allowed') }}</th>
                            <th scope="col">{{ $say('level.show.closes') }}</th></tr></thead>
                        <tbody>@foreach (array_slice($sheet->loops, 0, 12) as $round)<tr>
                            <th scope="row">{{ implode(' – ', array_map($state->level->readings->name(...), $round->through)) }}</th>
                            <td class="num">{!! Typeset::fine(Length::millimetres(abs($round->chain->closure))) !!}</td>
                            <td class="num muted">{!! Typeset::fine(Length::millimetres($round->chain->allowed)) !!}</td>
                            <td><span class="state state-{{ $round->chain->closes ? 'fits' : 'off' }}">{{ $round->chain->closes ? $say('page.yes')
                            : $say('page.no_2') }}</span></td></tr>@endforeach</tbody>
                    </table>
                </details>
            @endif
            @if ($state->level->range() !== null)
                <form method="get" action="{{ route('level', $job) }}" class="entry grade">
                    <h2 class="field-wide">{{ $say('level.show.cut_and_fill_to_a') }}</h2>
                    <x-sum-field :f="$grade->sums->field('grade', $say('level.show.grade_at', label: $plan->grid->posts[0]->label),
                        $say('level.show.above_zero'))" :unit="$unit" />
                    <x-choice form="sum" name="toward" :label="$say('level.show.falls_toward_the')" :value="$grade->toward?->value ?? ''"
                        :options="['' => $say('page.level')] + Choices::sides($plan->sides)" />
                    <x-sum-field :f="$grade->sums->field('grade_fall', $say('level.show.falls_by'))" :unit="$unit" />
                    <x-sum-field :f="$grade->sums->field('grade_over', $say('level.show.over'))" :unit="$unit" />
                    <button class="button button-second">{{ $say('page.work_it_out') }}</button>
                    @if ($grade->work)<p class="answer field-wide">{{ $say('level.show.cut_fill_within_the_grid',
                        volume: Typeset::volume($plan->notation, $grade->work->cut), volume_b: Typeset::volume($plan->notation,
                            $grade->work->fill)) }}</p>@endif
                </form>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase">
                @if ($site->asksIn($phase) === EntryKind::Decision)<x-decide :site="$site" :about="DecisionAbout::AcceptHeights" />@endif
            </x-move>
            @if ($state->level->benchmark === null)
                <section id="entry">
                    <h2>{{ $say('level.show.benchmark') }}</h2>
                    <x-entry-form kind="benchmark" name="benchmark">
                        <x-field name="name" form="benchmark" :label="$say('level.show.what_it_is')" :hint="$say('level.show.a_sill_a_kerb_a')" />
                        <x-field name="height" form="benchmark" :label="$say('level.show.counts_as')" :hint="$say('level.show.zero_is_simplest')"
                            :value="$plan->write(Length::zero())"
                            :unit="$unit" />
                        <button class="button">{{ $say('level.show.choose_it') }}</button>
                    </x-entry-form>
                </section>
            @else
                <section @if ($form->difference === null) id="entry" @endif>
                    <h2>{{ $say('level.show.read_the_rod') }}</h2>
                    <x-entry-form kind="rod" name="rod">
                        <x-posts name="post" form="rod" :label="$say('level.show.rod_stands_at')" :posts="$plan->grid->posts" :value="$form->on"
                            :more="$site->benchmarkChoice()" />
                        <x-field name="set_up" form="rod" :label="$say('page.from_set_up')" :value="$form->setUp" />
                        <x-field name="rod" form="rod" :label="$say('level.show.the_rod_reads')" :unit="$unit" wide />
                        @if (session('asks_sure') === 'set_up')<label class="tick"><input type="checkbox" name="sure"
                            value="1"> {{ $say('level.show.i_read_a_known_point') }}</label>@endif
                        <details class="field-wide change"
                            @if ($form->named !== '' || $form->part !== 'ground' || (old('form') === 'rod' && (old('post_name') || old('distance')
                            || old('post_part', 'ground') !== 'ground'))) open @endif>
                            <summary>{{ $say('level.show.a_turning_point_a_part') }}</summary>
                            <div class="entry">
                                <x-choice name="post_part" form="rod" :label="$say('level.show.on_the_posts')" :value="$form->part"
                                    :options="Choices::of(PostFeature::cases())" />
                                <x-field name="post_name" form="rod" :label="$say('page.or_on_another_point')"
                                    :hint="$say('level.show.its_name_such_as_t1')" :value="$form->named" />
                                <x-field name="distance" form="rod" :label="$say('level.show.from_the_level_to_the')"
                                    :hint="$say('level.show.empty_counted_as',
                                        roundly: $plan->notation->system()->roundly($plan->notation->system()->farRod))"
                                    :unit="$unit" />
                            </div>
                        </details>
                        <button class="button">{{ $say('page.write_it_down') }}</button>
                    </x-entry-form>
                    @if ($state->level->ofInstrument)
                        <details class="why"><summary>{{ $say('level.show.why_these_heights') }}</summary>
                            <p>{{ $say('level.show.the_beam_of_set_up', set_up: $state->level->setUp ?: '1',
                                of_instrument: $state->level->ofInstrument, name: $state->level->benchmark->name,
                                    height: $state->level->benchmark->height, number: Typeset::number(Laser::sigma(), 1)) }}</p></details>
                    @endif
                </section>
                <details class="change" @if ($form->difference !== null || old('form') === 'difference') open @endif @if ($form->difference !== null)
                    id="entry" @endif>
                    <summary>{{ $say('level.show.read_one_point_from_another') }}</summary>
                    <p class="hint">{{ $say('level.show.with_a_spirit_level_on') }}</p>
                    <x-entry-form kind="height_difference" name="difference">
                        <x-choice name="instrument" form="difference" :label="$say('page.with')"
                            :value="$form->difference?->instrument->value ?? 'board'"
                            :options="Choices::of(LevelInstrument::held())" />
                        <x-field name="over" form="difference" :label="$say('level.show.board_or_string_long')"
                            :hint="$say('level.show.a_water_level_has_none')" :unit="$unit"
                            :value="$form->difference?->over ? $plan->write($form->difference->over) : ''" />
                        <x-level-point name="from" form="difference" :label="$say('level.show.first_point')" :site="$site"
                            :value="$form->difference ? $form->labelOf($form->difference->from) : LevelPoint::SENT_FOR_BENCHMARK"
                                :part="$form->difference?->from->feature->value ?? 'ground'"
                            :named="$form->difference?->from->name ?? ''" />
                        <x-level-point name="to" form="difference" :label="$say('level.show.second_point')" :site="$site"
                            :value="$form->difference ? $form->labelOf($form->difference->to) : $form->on"
                                :part="$form->difference?->to->feature->value ?? 'ground'"
                            :named="$form->difference?->to->name ?? ''" />
                        <x-phone-level on="board" :plan="$plan" :sides="$plan->sides" :unit="$unit" />
                        <x-field name="difference" form="difference" :label="$say('level.show.they_differ_by')" :unit="$unit" />
                        <x-choice name="higher" form="difference" :label="$say('level.show.higher_is')"
                            :options="['to' => $say('level.show.the_second'), 'from' => $say('level.show.the_first')]" />
                        <label class="tick"><input type="checkbox" name="turned" value="1" @checked(old('form') === 'difference' && old('turned'))>
                            {{ $say('level.show.spirit_level_turned_end_for') }}</label>
                        <x-field name="level" form="difference" :label="$say('level.show.which_spirit_level')"
                            :hint="$say('level.show.only_where_there_are_two')" />
                        <x-field name="hung_at" form="difference" :label="$say('level.show.line_level_hung_from_the')"
                            :hint="$say('page.empty_in_the_middle')"
                            :unit="$unit" />
                        <button class="button button-second">{{ $say('page.write_it_down') }}</button>
                        @if ($isPractice)<button class="button button-second"
                            formaction="{{ route('practice.level', $job) }}">{{ $say('practice.read_made_up') }}</button>@endif
                    </x-entry-form>
                </details>
                @if ($sheet->rows !== [])
                    <section class="list">
                        <h2>{{ $say('page.readings') }} <span
                            class="h-note">{{ $say('level.show.the_newest_first', count: count($sheet->rows)) }}</span></h2>
                        <table class="readings">
                            <thead><tr><th scope="col">{{ $say('level.show.at') }}</th><th scope="col">{{ $say('level.show.from') }}</th>
                                <th scope="col" class="num">{{ $say('page.reads') }}</th>
                                <th scope="col" class="num">{{ $say('level.show.off_mm') }}</th><th scope="col">{{ $say('page.stands') }}</th></tr>
                                    </thead>
                            <tbody>@foreach ($sheet->rows as $row)<tr class="row-{{ $row->state }}">
                                <th scope="row"><a href="{{ Links::asking('level', $job, 'again', $row->sequence) }}#entry">{{ $row->where }}</a></th>
                                    <td>{{ $row->from }}</td>
                                <td class="num strong">{!! $row->read->isNegative() ? '−' : '' !!}<x-length :of="$row->read->magnitude()"
                                :plan="$plan" /></td><td class="num">{{ $row->off === null ? '—' : ($row->state === 'unchecked' ? '—'
                                : Typeset::number($row->off->inMillimetres(), 1)) }}</td>
                                <td><span class="state state-{{ $row->state }}">{{ $row->word }}</span></td></tr>@endforeach</tbody>
                        </table>
                        <p class="hint">{{ $say('level.show.off_is_the_reading_less') }} <a
                            href="{{ route('logbook', $job) }}">{{ $say('level.show.logbook') }}</a>.</p>
                    </section>
                @endif
                <details class="change" @if (old('form') === 'benchmark') open @endif>
                    <summary>{{ $say('level.show.choose_another_benchmark') }}</summary>
                    <x-entry-form kind="benchmark" name="benchmark">
                        <x-field name="name" form="benchmark" :label="$say('level.show.what_it_is')" />
                        <x-field name="height" form="benchmark" :label="$say('level.show.counts_as')" :unit="$unit" />
                        <button class="button button-second">{{ $say('level.show.choose_it') }}</button>
                    </x-entry-form>
                </details>
            @endif
            <p><a class="jump" href="{{ route('round', [$job, 'rods']) }}">{{ $say('page.the_whole_round_on_one') }}</a></p>
            <x-cautions :step="Step::Levelling" :site="$site" />
        </div>
    </div>
</x-layout>
