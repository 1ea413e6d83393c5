@use('Aequus\Logbook\Book\DecisionAbout')
@use('Aequus\Logbook\Kind\EntryKind')
@use('Aequus\Logbook\Set\PointOfNoReturn')
@use('Aequus\Measure\Notation')
@use('Aequus\Site\Step')
@use('Aequus\Words\Level\InstrumentWords')
@use('App\View\Choices')
@use('App\View\Typeset')
<x-layout title="Cut" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="cut" />
    <div class="two">
        <section class="paper">
            <div aria-live="polite">
                @if ($plan->tops === null)
                    <h1>Where the tops shall be is not decided</h1>
                    <p class="verdict-why">One post gets the height; all others get it from the datum line, never from their own ground.</p>
                @elseif ($form->open)
                    <h1>{{ count($form->open) === 1 ? 'Post '.$form->open[0]->post->label.' is' : count($form->open).' posts are' }} short. Cut
                        nothing yet</h1>
                    <p class="verdict-why">@foreach ($form->open as $mark){{ $mark->post->label }} by <b><x-length :of="$mark->cutOff()->magnitude()"
                        :plan="$plan" /></b>{{ $loop->last ? '.' : ', ' }}@endforeach @if ($form->short)Lowering all tops by <x-length
                        :of="$form->short->lowerAllBy" :plan="$plan" /> leaves <x-length :of="$form->short->clearanceThen" :plan="$plan"
                        /> of clearance at {{ $form->lowest->label }} instead of <x-length :of="$form->short->clearance" :plan="$plan"
                        />. @foreach ($form->short->packers as $label => $fits){{ $fits
                        ? "A packer of its own makes {$label} up: hardwood or steel, bearing in full."
                            : "{$label} is too short for a packer: another post, or lower tops." }} @endforeach @else Lower all tops, change the post,
                                or decide how to make it good.@endif</p>
                @else
                    <h1>{{ $form->done === count($plan->grid->posts) ? 'Every post is cut' : ($form->done
                        ? $form->done.' of '.count($plan->grid->posts).' posts are cut' : 'The marks stand') }}</h1>
                    <p class="verdict-why">{{ $plan->tops->rows !== [] ? 'Rows have heights of their own.' : '' }}
                        {{ $form->fallsToward ? 'The tops fall toward the '.$plan->sides->of($form->fallsToward).'.' : 'All tops are level.' }} The
                            datum line stands
                        <x-length :of="$plan->tops->datumLine" :plan="$plan" /> above {{ $state->level->benchmark->name ?? 'the benchmark' }}’s
                            zero.</p>
                @endif
            </div>
            @if ($plan->tops)
                @if ($form->clearance)<p class="hint">Clearance under the lowest top, at {{ $form->lowest->label }}: <x-length :of="$form->clearance"
                    :plan="$plan" />. <a href="{{ route('cut.pole', $job) }}" hx-boost="false">The story pole in full size, to print</a></p>@endif
                @if ($form->stock)<p class="hint">Lowering all tops by <x-length :of="$form->stock->lowerBy" :plan="$plan"
                    /> costs as much clearance, and the longest post, {{ $form->stock->post->label }}, comes out of <x-length :of="$form->stock->then"
                    :plan="$plan" /> instead of <x-length :of="$form->stock->now" :plan="$plan" />.</p>@endif
                <div class="pole-and-table">
                    <x-drawing.pole :model="$pole" />
                    <table>
                        <caption>Marks <span class="muted">above the datum line</span></caption>
                        <thead><tr><th scope="col">Post</th><th scope="col" class="num">mark</th>@if ($form->fallsToward)
                            <th scope="col" class="num">{{ $plan->sides->of($form->fallsToward) }} face</th>
                            <th scope="col" class="num">{{ $plan->sides->of($form->fallsToward->opposite()) }} face</th>@endif
                            <th scope="col" class="num">comes off</th><th scope="col">Stands</th></tr></thead>
                        <tbody>
                            @foreach ($state->cut->marks as $mark)
                                <tr class="{{ $mark->isShort() ? 'row-off' : '' }}"><th scope="row">{{ $mark->post->label }}</th>
                                    <td class="num strong"><x-length :of="$mark->aboveDatumLine()" :plan="$plan" /></td>
                                    @if ($form->fallsToward)<td class="num"><x-length :of="$mark->onFace($form->fallsToward)" :plan="$plan" /></td>
                                        <td class="num"><x-length :of="$mark->onFace($form->fallsToward->opposite())" :plan="$plan" /></td>@endif
                                    <td class="num">@if ($mark->isShort()) — @else <x-length :of="$mark->cutOff()" :plan="$plan" /> @endif</td>
                                    <td>@if ($mark->isShort())<span class="state state-off">short by <x-length :of="$mark->cutOff()->magnitude()"
                                        :plan="$plan" /></span>@elseif ($state->cut->isCut($mark->post))<span
                                        class="state state-fits">cut</span>@elseif ($mark->topNow)<span
                                        class="state state-to-pull">to cut</span>@else<span class="state state-to-pull">to measure</span>@endif</td>
                                        </tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
                <details class="why"><summary>How far does a line struck on all posts err?</summary>
                    <table><caption>From one post to the far one <span class="muted">and half a mark of the pencil more</span></caption><thead><tr>
                        <th scope="col">Struck with</th><th scope="col" class="num">off by up to, 95 %</th><th scope="col">Will it do</th></tr>
                        </thead>
                    <tbody>@foreach ($form->transfer->instruments as $one)<tr><th scope="row">{{ InstrumentWords::name($one->instrument) }}</th>
                        <td class="num">{!! Typeset::length(Notation::millimetres(1), $one->error) !!}</td>
                        <td><span class="state state-{{ $one->meets ? 'fits' : 'out' }}">{{ $one->meets ? 'yes' : 'no' }}</span></td></tr>
                        @endforeach</tbody></table>
                    <p>A cut is as true as the line it is measured from. Never from a post’s own ground, never from one post to the next.</p>
                        </details>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase">
                @if ($site->next?->phase === $phase && $site->next->asks === EntryKind::Decision)
                    <x-decide :site="$site" :about="DecisionAbout::AcceptShortPost" :post="$site->next->posts[0]" />
                    <p><a href="#tops" hx-boost="false">Change the heights instead</a></p>
                @elseif ($site->next?->phase === $phase && $site->next->asks === EntryKind::PostCut)
                    <x-entry-form kind="post_cut" name="cut">
                        <input type="hidden" name="post" value="{{ $site->next->posts[0]->label }}">
                        <button class="button button-yard">{{ $site->next->posts[0]->label }} is cut and sealed</button>
                    </x-entry-form>
                @endif
            </x-move>
            @if ($plan->tops && $site->next?->asks === EntryKind::CrossChecked && $site->next->phase === $phase)
                <section>@include('set.check-form', ['before' => PointOfNoReturn::Cut])</section>@endif
            <p><a class="jump" href="{{ route('round', [$job, 'tops']) }}">The whole round on one screen</a></p>
            <x-cautions :step="Step::Cutting" :site="$site" />
            @if ($plan->tops)
                <section id="entry">
                    <h2>Measure a top</h2>
                    <x-entry-form kind="top" name="top">
                        <x-posts name="post" form="top" label="Post" :posts="$plan->grid->posts"
                            :value="$site->moveIn($phase)?->posts[0]->label ?? ''" />
                        <x-field name="above" form="top" label="Its top now, above the datum line" :unit="$unit" wide />
                        <button class="button {{ $site->moveIn($phase)?->asks === EntryKind::Top ? '' : 'button-second' }}">Write it down</button>
                    </x-entry-form>
                </section>
            @endif
            <details class="change" id="{{ $plan->tops ? 'tops' : 'entry' }}" @if ($plan->tops === null || old('form') === 'tops') open @endif>
                <summary>{{ $plan->tops ? 'Change the heights' : 'Decide the heights' }}</summary>
                <form method="post" action="{{ route('cut.tops', $job) }}" class="entry">
                    @csrf
                    <input type="hidden" name="form" value="tops"><input type="hidden" name="based_on"
                        value="{{ old('based_on', $job->revision->number) }}">
                    <x-right form="tops" />
                    <x-choice wide name="height_by" form="tops" label="The height comes" :value="$plan->tops?->under ? 'stack' : 'typed'"
                        :options="['typed' => 'typed: top of the post, above zero',
                            'stack' => 'from above: finished surface less what lies on the posts', 'clearance'
                                => 'from below: clear height over the highest ground']" />
                    <x-field name="height" form="tops" :label="'Height at '.$plan->grid->posts[0]->label"
                        :value="$plan->tops ? $plan->write($plan->tops->under->finished ?? $plan->tops->heightAtA1) : ''" :unit="$unit"
                            hint="Of the top, of the finished surface, or clear over the ground, as chosen." />
                    <x-field name="layers" form="tops" label="What lies on the posts" hint="From above only: thicknesses, such as 28; 195; 45."
                        :value="implode('; ', array_map($plan->write(...), $plan->tops?->under->layers ?? []))" />
                    <x-field name="clearance" form="tops" label="Clearance above them" hint="From above only."
                        :value="$plan->tops?->under && ! $plan->tops->under->clearance->isZero() ? $plan->write($plan->tops->under->clearance) : ''"
                            :unit="$unit" />
                    <x-field name="rows" form="tops" label="Rows that differ" hint="Row and height of its tops: 1 2300; 2 2450."
                        :value="$form->rows()"
                        />
                    <x-field name="datum_line" form="tops" label="Datum line, above zero" hint="The level line you strike on every post."
                        :value="$plan->tops ? $plan->write($plan->tops->datumLine) : ''" :unit="$unit" />
                    <x-choice name="falls_toward" form="tops" label="Tops" :value="$form->fallsToward ? $form->fallsToward->value : ''"
                        :options="['' => 'level'] + Choices::sides($plan->sides, 'fall toward the %s')" />
                    <x-field name="fall" form="tops" label="Fall" :value="Typeset::typed($plan->notation, $form->fallOverRun())"
                        :unit="$unit" />
                    <x-field name="fall_over" form="tops" label="Over a run of" :value="$plan->write($form->run)" :unit="$unit" />
                    <button class="button {{ $plan->tops ? 'button-second' : '' }}">Put the heights in force</button>
                </form>
            </details>
            @if ($plan->tops)
                <details class="change" @if ($errors->has('by')) open @endif><summary>Move all tops together</summary>
                    <form method="post" action="{{ route('cut.raise', $job) }}" class="entry">
                        @csrf
                        <input type="hidden" name="form" value="raise"><input type="hidden" name="based_on"
                            value="{{ old('based_on', $job->revision->number) }}">
                        <x-choice name="way" form="raise" label="All tops" :options="['down' => 'lower by', 'up' => 'higher by']" />
                        <x-field name="by" form="raise" label="So much" :value="$form->short ? $plan->write($form->short->lowerAllBy) : ''"
                            :unit="$unit" />
                        <button class="button button-second">Move them</button>
                    </form>
                </details>
            @endif
        </div>
    </div>
</x-layout>
