@use('Aequus\Guide\Footing\DeepenShortHoles')
@use('Aequus\Logbook\Book\DecisionAbout')
@use('Aequus\Measure\Length')
@use('Aequus\Plan\Footing\DepthMode')
@use('Aequus\Plan\Footing\Firmer')
@use('Aequus\Plan\Posts\PostRole')
@use('Aequus\Site\Step')
@use('Aequus\Words\Names')
@use('App\View\Choices')
@use('App\Type\Typeset')
<x-layout :title="$say('footing.show.footing')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="footing" />
    <div class="two">
        <section class="paper">
            <div aria-live="polite">
                @if ($plan->footing === null)
                    <h1>{{ $say('footing.show.no_depth_is_decided_yet') }}</h1>
                    <p class="verdict-why">{{ $say('footing.show.frost_margin_embedment_pad_and') }}</p>
                @elseif ($page->longest === null)
                    <h1>{{ $say('footing.show.the_rules_stand_the_ground') }}</h1>
                    <p class="verdict-why">{{ $say('footing.show.a_hole_is_dug_from') }}</p>
                @elseif ($state->footing->refused)
                    <h1>{{ $say('footing.show.the_plane_asked_for_cant') }}</h1>
                    <p class="verdict-why">{{ $say('footing.show.until_then_the_depths_below',
                        it: $site->speech->say($state->footing->refused->fact)) }}</p>
                @elseif ($page->short)
                    <h1>{{ $say('footing.show.not_deep_enough', count: count($page->short) === 1 ? $say('footing.show.hole_is',
                        labels: $page->labels($page->short)) : $say('footing.show.holes_are', count: count($page->short))) }}</h1>
                    <p class="verdict-why">{{ $say('footing.show.not_deep_enough_even_with', labels: $page->labels($page->short),
                        count: count($state->footing->dug), count_b: count($plan->grid->posts)) }}</p>
                @else
                    <h1>{{ $say('footing.show.of', count: count($state->footing->dug), count_b: count($plan->grid->posts) === 1
                        ? $say('footing.show.1_hole_is_dug')
                            : $say('footing.show.holes_are_dug', count: count($plan->grid->posts)), count_c: count($state->footing->dug)
                        ? $say('footing.show.all_deep_enough') : '', labels: $page->taken === [] ? '' : $say('footing.show.but_taken_short_with_a',
                            labels: $page->labels($page->taken))) }}</h1>
                    <p class="verdict-why">{{ $say('footing.show.the_deepest_is', label: $page->longest->post->label,
                        hole_depth: $page->longest->holeDepth(), plane: $state->footing->depths->plane ? $say('footing.show.all_feet_stand_on_one',
                            part: ($state->footing->depths->deepest
                        ? $say('footing.show.set_by', label: $state->footing->depths->deepest->label) : $say('footing.show.as_asked_for')))
                            : ucfirst(Names::of($plan->footing->mode)).'.') }}
                            </p>
                @endif
                @foreach ($page->leftAside() as $decided)<p
                    class="verdict-why">{{ $say('footing.show.by_decision', decided: $decided) }}</p>@endforeach
            </div>
            @if ($page->longest)
                <form method="get" class="choose-section"><label for="along">{{ $say('page.section_along') }}</label>
                    <select id="along" name="along" data-submit>@foreach ($section->choices as $key => $words)
                        <option value="{{ $key }}" @selected($key === $section->shown)>{{ $words }}</option>@endforeach</select>
                    <button class="button button-small">{{ $say('page.show') }}</button></form>
                <x-drawing.section :model="$section" />
                <table>
                    <caption>{{ $say('footing.show.holes') }} <span class="muted">{{ $say('footing.show.from_todays_ground_to_the') }}</span>
                        </caption>
                    <thead><tr><th scope="col">{{ $say('page.hole') }}</th><th scope="col" class="num">{{ $say('page.depth') }}</th>
                        <th scope="col">{{ $say('footing.show.what_makes_it_so_deep') }}</th>
                        <th scope="col" class="num">{{ $say('page.dug') }}</th><th scope="col">{{ $say('page.stands') }}</th></tr></thead>
                    <tbody>
                        @foreach ($state->footing->inPlan() as [$post, $required, $hole])
                            <tr class="{{ $hole && ! $hole->serves() ? 'row-off' : '' }}"><th scope="row">{{ $post->label }}</th>
                                <td class="num strong"><x-length :of="$required?->holeDepth()" :plan="$plan" /></td>
                                <td>{{ Names::of($required?->governing) ?: 'ground not read' }}</td>
                                <td class="num"><x-length :of="$hole ? $hole->required->need->ground->minus($hole->bottom) : null" :plan="$plan"
                                /></td>
                                <td>@if ($hole === null)<span
                                    class="state state-to-pull">{{ $say('page.to_dig') }}</span>@elseif ($hole->deepEnough)<span
                                    class="state state-fits">{{ $say('footing.show.deep_enough', is_positive: $hole->overDugBy->isPositive()
                                        ? $say('footing.show.over_dug') : '') }}</span>@elseif ($hole->serves())<span
                                    class="state state-fits">{{ $say('footing.show.serves_with_gravel', gravel: $hole->gravel) }}</span>@else<span
                                    class="state state-off">{{ $say('drawing.plan_drawing.short_by',
                                        short_by: $hole->shortBy) }}</span>@endif{{ $hole?->found
                                        ? $say('drawing.plan_drawing.met', what: Names::of($hole->found)) : '' }}</td></tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase">
                @if ($site->next?->phase === $phase && $site->next->is(DeepenShortHoles::DigDeeper))
                    <p><a class="button" href="#entry" hx-boost="false">{{ $say('footing.show.enter_the_new_depth') }}</a></p>
                @endif
            </x-move>
            @foreach ($page->surprises as $surprise)<x-soil-surprise :site="$site" :surprise="$surprise" />@endforeach
            @foreach ($page->answers as $answer)<x-hole-options :site="$site" :answer="$answer" />@endforeach
            <x-cautions :step="Step::ChoosingDepths" :site="$site" />
            @if ($page->longest)
                <section id="entry">
                    <h2>{{ $say('footing.show.a_hole_as_dug') }}</h2>
                    <x-entry-form kind="hole" name="hole">
                        <x-posts name="post" form="hole" :label="$say('page.hole')" :posts="$plan->grid->posts"
                            :value="$site->moveIn($phase)?->posts[0]->label ?? ''" />
                        @include('footing.hole-fields', ['label' => $say('footing.hole_fields.depth_to_the_clean_bottom')])
                    </x-entry-form>
                </section>
            @endif
            <details class="change" @if ($plan->footing === null || old('form') === 'rules' || $page->sideways !== '') open @endif
                @if ($page->longest === null) id="entry"
                @endif>
                <summary>{{ $plan->footing ? $say('footing.show.change_the_rules_of_depth') : $say('footing.show.decide_the_rules_of_depth') }}
                    </summary>
                <form method="post" action="{{ route('footing.rules', $job) }}" class="entry">
                    @csrf
                    <input type="hidden" name="form" value="rules"><input type="hidden" name="based_on"
                        value="{{ old('based_on', $job->revision->number) }}">
                    <x-right form="rules" />
                    <x-field name="frost" form="rules" :label="$say('footing.show.frost_depth')" :hint="$say('page.from_your_local_office')"
                        :value="Typeset::typed($plan->notation, $plan->footing?->frost)"
                        :unit="$unit" />
                    <x-field name="margin" form="rules" :label="$say('footing.show.margin_below_frost')"
                        :value="$plan->footing ? Typeset::typed($plan->notation, $plan->footing->margin) : $plan->write(Length::zero())" :unit="$unit"
                            />
                    <x-choice name="embedment_by" form="rules" :label="$say('footing.show.least_embedment_as')"
                        :value="$plan->footing?->embedment->share ? 'share' : 'length'"
                        :options="['length' => $say('footing.show.a_length'), 'share' => $say('footing.show.a_share_of_the_whole')]" />
                    <x-field name="embedment" form="rules" :label="$say('footing.show.least_embedment')" :hint="$say('footing.show.a_length_or_1_3')"
                        :value="$plan->footing === null ? '' : ($plan->footing->embedment->length ? Typeset::typed($plan->notation,
                            $plan->footing->embedment->length) : round($plan->footing->embedment->share
                        * 100, 3).' %')" />
                    <x-field name="today" form="rules" :label="$say('footing.show.least_in_todays_ground')"
                        :hint="$say('footing.show.where_fill_comes_later_empty')"
                        :value="Typeset::typed($plan->notation, $plan->footing?->least->today)" :unit="$unit" />
                    <x-field name="local" form="rules" :label="$say('footing.show.local_minimum')"
                        :hint="$say('footing.show.from_your_local_office_empty')"
                        :value="Typeset::typed($plan->notation, $plan->footing?->least->local)" :unit="$unit" />
                    <x-field name="maker" form="rules" :label="$say('footing.show.makers_minimum')" :hint="$say('footing.show.of_what_stands_on_the')"
                        :value="Typeset::typed($plan->notation, $plan->footing?->least->maker)" :unit="$unit" />
                    <x-field name="sideways" form="rules" :label="$say('footing.show.for_a_load_from_the')"
                        :hint="$say('footing.show.from_the_load_sheet_empty')"
                        :value="$page->sideways ?: Typeset::typed($plan->notation, $plan->footing?->least->sideways)" :unit="$unit" />
                    <x-field name="for_role" form="rules" :label="$say('footing.show.firmer_posts_go_deeper_by')"
                        :hint="$say('footing.show.empty_not_deeper')"
                        :value="Typeset::typed($plan->notation, $plan->footing?->least->forRole)" :unit="$unit" />
                    @if (count($plan->grid->posts) > 1)<x-choice name="firmer" form="rules" :label="$say('footing.show.firmer_posts_are')"
                        :value="$plan->footing?->firmer->value ?? 'corners_and_named'" :options="Choices::of(Firmer::cases())" />@endif
                    @foreach ([PostRole::Gate, PostRole::Anchor, PostRole::Bracing] as $role)
                        <x-field :name="'posts_'.$role->value" form="rules"
                        :label="ucfirst(Names::of($role)).'s'" :hint="$say('footing.show.their_labels_such_as_b2')" :value="$page->posts($role)"
                            />@endforeach
                    <x-field name="pad" form="rules" :label="$say('footing.show.pad_under_the_post')"
                        :value="$plan->footing ? Typeset::typed($plan->notation, $plan->footing->pad) : $plan->write(Length::zero())" :unit="$unit" />
                    <x-field name="gravel" form="rules" :label="$say('footing.show.gravel_under_the_pad')"
                        :value="$plan->footing ? Typeset::typed($plan->notation, $plan->footing->gravel) : $plan->write(Length::zero())" :unit="$unit"
                            />
                    <x-field name="least_gravel" form="rules" :label="$say('footing.show.gravel_may_thin_to')"
                        :hint="$say('footing.show.in_a_hole_that_comes')"
                            :value="Typeset::typed($plan->notation, $plan->footing?->leastGravel)" :unit="$unit" />
                    <x-choice name="mode" form="rules" :label="$say('page.depth_2')" :value="$plan->footing?->mode->value ?? 'own'"
                        :options="Choices::of(DepthMode::cases())" />
                    <x-field name="asked_plane" form="rules" :label="$say('footing.show.plane_at_if_lower_than')"
                        :hint="$say('footing.show.height_above_zero_left_empty')"
                            :value="Typeset::typed($plan->notation, $plan->footing?->askedPlane)" :unit="$unit" />
                    <x-field name="finished_grade" form="rules" :label="$say('footing.show.finished_grade')"
                        :hint="$say('footing.show.height_above_zero_left_empty_2')"
                            :value="Typeset::typed($plan->notation, $plan->footing?->finishedGrade)" :unit="$unit" />
                    <x-choice name="fill_before_first_frost" form="rules" :label="$say('footing.show.fill_comes')"
                        :value="$plan->footing?->fillBeforeFirstFrost ? '1' : '0'"
                        :options="['0' => $say('footing.show.later_or_there_is_none'), '1' => $say('footing.show.before_the_first_winter')]" />
                    <button class="button {{ $plan->footing ? 'button-second' : '' }}">{{ $say('footing.show.put_the_rules_in_force') }}</button>
                </form>
            </details>
            @if ($plan->footing)
                <details class="change" id="fold-waive" @if (old('form') === 'waive') open @endif>
                    <summary>{{ $say('footing.show.leave_a_rule_aside_with') }}</summary>
                    <p class="hint">{{ $say('footing.show.for_light_things_where_heave') }}</p>
                    <x-entry-form kind="decision" name="waive">
                        <x-choice wide name="about" form="waive" :label="$say('footing.show.rule')"
                            :options="Choices::of(DecisionAbout::waivers())" />
                        <x-choice name="post" form="waive" :label="$say('footing.show.for')"
                            :options="['' => $say('page.all_posts')] + Choices::posts($plan->grid->posts)" />
                        <x-field name="lesser" form="waive" :label="$say('footing.show.so_deep_all_the_same')"
                            :hint="$say('footing.show.for_the_least_embedment_below')"
                            :unit="$unit" />
                        <x-field name="reason" form="waive" :label="$say('page.why')" :hint="$say('page.it_stands_in_the_record')" wide />
                        <button class="button button-second">{{ $say('footing.show.leave_it_aside') }}</button>
                    </x-entry-form>
                </details>
            @endif
            @if ($plan->footing && $page->longest)
                <details class="why"><summary>{{ $say('footing.show.why_is_so_deep', label: $page->longest->post->label) }}</summary>
                    <p>{{ $say('footing.show.ground_stands_at_each_rule', ground: $page->longest->need->ground,
                        write: $page->longest->need->finishedGrade->equals($page->longest->need->ground) ? ''
                            : $say('footing.show.and_will_stand_at', write: $page->longest->need->finishedGrade),
                                what: $page->longest->need->role ? $say('footing.show.is_a', label: $page->longest->post->label,
                                    what: Names::of($page->longest->need->role))
                                : '') }}</p>
                    <ul>@foreach ($page->longest->need->feet() as $foot)<li>{{ ucfirst(Names::of($foot->rule)) }}: <x-length :of="$foot->level"
                        :plan="$plan"
                        />{{ $page->longest->need->isWaived($foot->rule) ? $say('footing.show.left_aside_with_a_reason')
                            : ($foot->rule === $page->longest->highest->rule
                        ? $say('footing.show.the_lowest_it_governs') : '') }}</li>@endforeach</ul>
                    @if ($page->longest->need->isShallow($plan->standing))
                        <p class="refusal">{{ $say('footing.show.less_than_a_quarter_of') }}</p>@endif
                    <p>{{ $say('footing.show.frost_is_lowest_winter_ground', frost: $page->longest->need->frost, margin: $page->longest->need->margin,
                        pad: $page->longest->need->pad, foot: $page->longest->foot, what: Names::of($page->longest->governing),
                            gravel: $page->longest->need->gravel, hole_depth: $page->longest->holeDepth()) }}</p>
                </details>
            @endif
        </div>
    </div>
</x-layout>
