@use('Aequus\Guide\Move\MoveKind')
@use('Aequus\Logbook\Book\DecisionAbout')
@use('Aequus\Measure\Length')
@use('Aequus\Plan\Footing\DepthMode')
@use('Aequus\Plan\Footing\Firmer')
@use('Aequus\Plan\Posts\PostRole')
@use('Aequus\Site\Step')
@use('Aequus\Words\Names')
@use('App\View\Choices')
@use('App\View\Typeset')
<x-layout title="Footing" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="footing" />
    <div class="two">
        <section class="paper">
            <div aria-live="polite">
                @if ($plan->footing === null)
                    <h1>No depth is decided yet</h1>
                    <p class="verdict-why">Frost, margin, embedment, pad and gravel give each hole its depth, from the ground at its own post.</p>
                @elseif ($page->longest === null)
                    <h1>The rules stand; the ground is not read</h1>
                    <p class="verdict-why">A hole is dug from today’s ground. Read the rod at the posts first.</p>
                @elseif ($state->footing->refused)
                    <h1>The plane asked for can’t be kept</h1>
                    <p class="verdict-why">{!! Typeset::sentence($site->speech->say($state->footing->refused->fact)) !!} Until then the depths below
                        are for
                        the highest plane the rules allow.</p>
                @elseif ($page->short)
                    <h1>{{ count($page->short) === 1 ? 'Hole '.$page->labels($page->short).' is' : count($page->short).' holes are' }} not deep
                        enough</h1>
                    <p class="verdict-why">{{ $page->labels($page->short) }}: not deep enough even
                        with the gravel at its thinnest. {{ count($state->footing->dug) }} of {{ count($plan->grid->posts) }} are dug.</p>
                @else
                    <h1>{{ count($state->footing->dug) }} of
                        {{ count($plan->grid->posts) === 1 ? '1 hole is dug'
                            : count($plan->grid->posts).' holes are dug' }}{{ count($state->footing->dug)
                        ? ', all deep enough' : ''
                        }}{{ $page->taken === [] ? '' : ' but '.$page->labels($page->taken).', taken short with a reason' }}</h1>
                    <p class="verdict-why">The deepest is {{ $page->longest->post->label }}, <x-length :of="$page->longest->holeDepth()" :plan="$plan"
                        />. {{ $state->footing->depths->plane ? 'All feet stand on one plane, '.($state->footing->depths->deepest
                        ? 'set by '.$state->footing->depths->deepest->label.'.' : 'as asked for.') : ucfirst(Names::of($plan->footing->mode)).'.' }}
                            </p>
                @endif
            </div>
            @if ($page->longest)
                <form method="get" class="choose-section"><label for="along">Section along</label>
                    <select id="along" name="along" data-submit>@foreach ($section->choices as $key => $words)
                        <option value="{{ $key }}" @selected($key === $section->shown)>{{ $words }}</option>@endforeach</select>
                    <button class="button button-small">Show</button></form>
                <x-drawing.section :model="$section" />
                <table>
                    <caption>Holes <span class="muted">from today’s ground to the clean bottom</span></caption>
                    <thead><tr><th scope="col">Hole</th><th scope="col" class="num">depth</th><th scope="col">What makes it so deep</th>
                        <th scope="col" class="num">dug</th><th scope="col">Stands</th></tr></thead>
                    <tbody>
                        @foreach ($state->footing->inPlan() as [$post, $required, $hole])
                            <tr class="{{ $hole && ! $hole->serves() ? 'row-off' : '' }}"><th scope="row">{{ $post->label }}</th>
                                <td class="num strong"><x-length :of="$required?->holeDepth()" :plan="$plan" /></td>
                                <td>{{ Names::of($required?->governing) ?: 'ground not read' }}</td>
                                <td class="num"><x-length :of="$hole ? $hole->required->need->ground->minus($hole->bottom) : null" :plan="$plan"
                                /></td>
                                <td>@if ($hole === null)<span class="state state-to-pull">to dig</span>@elseif ($hole->deepEnough)<span
                                    class="state state-fits">deep
                                    enough{{ $hole->overDugBy->isPositive() ? ', over-dug' : '' }}</span>@elseif ($hole->serves())<span
                                    class="state state-fits">serves with <x-length :of="$hole->gravel" :plan="$plan" /> gravel</span>@else<span
                                    class="state state-off">short by <x-length :of="$hole->shortBy" :plan="$plan"
                                    /></span>@endif{{ $hole?->found ? ', met '.Names::of($hole->found) : '' }}</td></tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase">
                @if ($site->next?->phase === $phase && $site->next->is(MoveKind::DigDeeper))
                    <p><a class="button" href="#entry" hx-boost="false">Enter the new depth</a></p>
                @endif
            </x-move>
            @foreach ($page->surprises as $surprise)<x-soil-surprise :site="$site" :surprise="$surprise" />@endforeach
            @foreach ($page->answers as $answer)<x-hole-options :site="$site" :answer="$answer" />@endforeach
            <x-cautions :step="Step::ChoosingDepths" :site="$site" />
            @if ($page->longest)
                <section id="entry">
                    <h2>A hole as dug</h2>
                    <x-entry-form kind="hole" name="hole">
                        <x-posts name="post" form="hole" label="Hole" :posts="$plan->grid->posts"
                            :value="$site->moveIn($phase)?->posts[0]->label ?? ''" />
                        @include('footing.hole-fields', ['label' => 'Depth to the clean bottom'])
                    </x-entry-form>
                </section>
            @endif
            <details class="change" @if ($plan->footing === null || old('form') === 'rules' || $page->sideways !== '') open @endif
                @if ($page->longest === null) id="entry"
                @endif>
                <summary>{{ $plan->footing ? 'Change the rules of depth' : 'Decide the rules of depth' }}</summary>
                <form method="post" action="{{ route('footing.rules', $job) }}" class="entry">
                    @csrf
                    <input type="hidden" name="form" value="rules"><input type="hidden" name="based_on"
                        value="{{ old('based_on', $job->revision->number) }}">
                    <x-right form="rules" />
                    <x-field name="frost" form="rules" label="Frost depth" hint="From your local office."
                        :value="Typeset::typed($plan->notation, $plan->footing?->frost)"
                        :unit="$unit" />
                    <x-field name="margin" form="rules" label="Margin below frost"
                        :value="$plan->footing ? Typeset::typed($plan->notation, $plan->footing->margin) : $plan->write(Length::zero())" :unit="$unit"
                            />
                    <x-choice name="embedment_by" form="rules" label="Least embedment as"
                        :value="$plan->footing?->embedment->share ? 'share' : 'length'"
                        :options="['length' => 'a length', 'share' => 'a share of the whole post']" />
                    <x-field name="embedment" form="rules" label="Least embedment" hint="A length, or 1/3 of the post."
                        :value="$plan->footing === null ? '' : ($plan->footing->embedment->length ? Typeset::typed($plan->notation,
                            $plan->footing->embedment->length) : round($plan->footing->embedment->share
                        * 100, 3).' %')" />
                    <x-field name="today" form="rules" label="Least in today’s ground" hint="Where fill comes later. Empty: no such rule."
                        :value="Typeset::typed($plan->notation, $plan->footing?->least->today)" :unit="$unit" />
                    <x-field name="local" form="rules" label="Local minimum" hint="From your local office. Empty: none."
                        :value="Typeset::typed($plan->notation, $plan->footing?->least->local)" :unit="$unit" />
                    <x-field name="maker" form="rules" label="Maker’s minimum" hint="Of what stands on the posts. Empty: none."
                        :value="Typeset::typed($plan->notation, $plan->footing?->least->maker)" :unit="$unit" />
                    <x-field name="sideways" form="rules" label="For a load from the side" hint="From the load sheet. Empty: none."
                        :value="$page->sideways ?: Typeset::typed($plan->notation, $plan->footing?->least->sideways)" :unit="$unit" />
                    <x-field name="for_role" form="rules" label="Firmer posts go deeper by" hint="Empty: not deeper."
                        :value="Typeset::typed($plan->notation, $plan->footing?->least->forRole)" :unit="$unit" />
                    @if (count($plan->grid->posts) > 1)<x-choice name="firmer" form="rules" label="Firmer posts are"
                        :value="$plan->footing?->firmer->value ?? 'corners_and_named'" :options="Choices::of(Firmer::cases())" />@endif
                    @foreach ([PostRole::Gate, PostRole::Anchor, PostRole::Bracing] as $role)<x-field :name="'posts_'.$role->value" form="rules"
                        :label="ucfirst(Names::of($role)).'s'" hint="Their labels, such as B2 C2." :value="$page->posts($role)" />@endforeach
                    <x-field name="pad" form="rules" label="Pad under the post"
                        :value="$plan->footing ? Typeset::typed($plan->notation, $plan->footing->pad) : $plan->write(Length::zero())" :unit="$unit" />
                    <x-field name="gravel" form="rules" label="Gravel under the pad"
                        :value="$plan->footing ? Typeset::typed($plan->notation, $plan->footing->gravel) : $plan->write(Length::zero())" :unit="$unit"
                            />
                    <x-field name="least_gravel" form="rules" label="Gravel may thin to"
                        hint="In a hole that comes out short. Left empty: it may not."
                            :value="Typeset::typed($plan->notation, $plan->footing?->leastGravel)" :unit="$unit" />
                    <x-choice name="mode" form="rules" label="Depth" :value="$plan->footing?->mode->value ?? 'own'"
                        :options="Choices::of(DepthMode::cases())" />
                    <x-field name="asked_plane" form="rules" label="Plane at, if lower than needed"
                        hint="Height above zero; left empty: as high as the rules allow."
                            :value="Typeset::typed($plan->notation, $plan->footing?->askedPlane)" :unit="$unit" />
                    <x-field name="finished_grade" form="rules" label="Finished grade"
                        hint="Height above zero; left empty: the ground stays as it is."
                            :value="Typeset::typed($plan->notation, $plan->footing?->finishedGrade)" :unit="$unit" />
                    <x-choice name="fill_before_first_frost" form="rules" label="Fill comes"
                        :value="$plan->footing?->fillBeforeFirstFrost ? '1' : '0'"
                        :options="['0' => 'later, or there is none', '1' => 'before the first winter']" />
                    <button class="button {{ $plan->footing ? 'button-second' : '' }}">Put the rules in force</button>
                </form>
            </details>
            @if ($plan->footing)
                <details class="change" id="fold-waive" @if (old('form') === 'waive') open @endif>
                    <summary>Leave a rule aside, with a reason</summary>
                    <p class="hint">For light things where heave or a shallow foot does no harm. Your local office decides whether you may.</p>
                    <x-entry-form kind="decision" name="waive">
                        <x-choice wide name="about" form="waive" label="Rule"
                            :options="Choices::of(DecisionAbout::waivers())" />
                        <x-choice name="post" form="waive" label="For"
                            :options="['' => 'all posts'] + Choices::posts($plan->grid->posts)" />
                        <x-field name="lesser" form="waive" label="So deep all the same" hint="For the least embedment: below finished grade."
                            :unit="$unit" />
                        <x-field name="reason" form="waive" label="Why" hint="It stands in the record that is handed over." wide />
                        <button class="button button-second">Leave it aside</button>
                    </x-entry-form>
                </details>
            @endif
            @if ($plan->footing && $page->longest)
                <details class="why"><summary>Why {{ $page->longest->post->label }} is so deep</summary>
                    <p>Ground stands at <x-length :of="$page->longest->need->ground" :plan="$plan"
                        />{{ $page->longest->need->finishedGrade->equals($page->longest->need->ground) ? ''
                            : ' and will stand at '.$plan->write($page->longest->need->finishedGrade) }}. Each rule
                        says how high the foot may
                            stand{{ $page->longest->need->role ? '; '.$page->longest->post->label.' is a '.Names::of($page->longest->need->role)
                                : '' }}:</p>
                    <ul>@foreach ($page->longest->need->feet() as $foot)<li>{{ ucfirst(Names::of($foot->rule)) }}: <x-length :of="$foot->level"
                        :plan="$plan"
                        />{{ $page->longest->need->isWaived($foot->rule) ? ', left aside with a reason'
                            : ($foot->rule === $page->longest->highest->rule
                        ? ', the lowest: it governs' : '') }}</li>@endforeach</ul>
                    @if ($page->longest->need->isShallow($plan->standing))
                        <p class="refusal">Less than a quarter of the post would stand in the ground. That is for
                        light things that nothing leans on.</p>@endif
                    <p>Frost is lowest winter ground − <x-length :of="$page->longest->need->frost" :plan="$plan" /> frost − <x-length
                        :of="$page->longest->need->margin"
                        :plan="$plan" /> margin + <x-length :of="$page->longest->need->pad" :plan="$plan" /> pad. The foot stands at <x-length
                            :of="$page->longest->foot"
                        :plan="$plan" /> ({{ Names::of($page->longest->governing) }}); below it come pad and <x-length
                            :of="$page->longest->need->gravel" :plan="$plan"
                        /> gravel: <x-length :of="$page->longest->holeDepth()" :plan="$plan" /> from today’s ground.</p>
                </details>
            @endif
        </div>
    </div>
</x-layout>
