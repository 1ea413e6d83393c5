@use('Aequus\Words\Level\InstrumentWords')
@use('Aequus\Logbook\Book\DecisionAbout')
@use('Aequus\Logbook\Kind\EntryKind')
@use('Aequus\Logbook\Set\PointOfNoReturn')
@use('Aequus\Measure\Notation')
@use('Aequus\Plan\Terms\Side')
@use('Aequus\Site\Step')
@use('App\View\Typeset')
@php
    $tops = $plan->tops; $cut = $state->cut;
    $move = $site->next?->phase === $phase ? $site->next : $site->nextIn($phase);
    $short = $cut->short(); $about = DecisionAbout::AcceptShortPost;
    $open = array_filter($short, fn ($m) => $state->decided($about, $m->post) === null);
    $done = count(array_filter($plan->grid->posts, $cut->isCut(...)));
    $run = $plan->notation->system()->fallOver;
    $rowsTyped = $tops === null ? '' : collect($plan->grid->rows->lines)->filter(fn ($line) => isset($tops->rows[$line->id]))->map(fn ($line, $i) => ($i + 1).' '.$plan->write($tops->rows[$line->id]))->join('; ');
    $falls = $tops === null ? null : ($tops->alongX->ratio != 0.0 ? [Side::alongX(-$tops->alongX->ratio), $tops->alongX] : ($tops->alongY->ratio != 0.0 ? [Side::alongY(-$tops->alongY->ratio), $tops->alongY] : null));
@endphp
<x-layout title="Cut" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="cut" />
    <div class="two">
        <section class="paper">
            <div aria-live="polite">
                @if ($tops === null)
                    <h1>Where the tops shall be is not decided</h1>
                    <p class="verdict-why">One post gets the height; all others get it from the datum line, never from their own ground.</p>
                @elseif ($open)
                    <h1>{{ count($open) === 1 ? 'Post '.reset($open)->post->label.' is' : count($open).' posts are' }} short. Cut nothing yet</h1>
                    <p class="verdict-why">@foreach ($open as $mark){{ $mark->post->label }} by <b><x-length :of="$mark->cutOff()->magnitude()"
                        :plan="$plan" /></b>{{ $loop->last ? '.' : ', ' }}@endforeach @if ($form->short)Lowering all tops by <x-length
                        :of="$form->short->lowerAllBy" :plan="$plan" /> leaves <x-length :of="$form->short->clearanceThen" :plan="$plan"
                        /> of clearance at {{ $form->lowest->label }} instead of <x-length :of="$form->short->clearance" :plan="$plan"
                        />. @foreach ($form->short->packers as $label => $fits){{ $fits
                        ? "A packer of its own makes {$label} up: hardwood or steel, bearing in full." : "{$label} is too short for a packer: another
                        post, or lower tops." }} @endforeach @else Lower all tops, change the post, or decide how to make it good.@endif</p>
                @else
                    <h1>{{ $done === count($plan->grid->posts) ? 'Every post is cut' : ($done
                        ? $done.' of '.count($plan->grid->posts).' posts are cut' : 'The marks stand') }}</h1>
                    <p class="verdict-why">{{ $tops->rows !== [] ? 'Rows have heights of their own.' : '' }}
                        {{ $falls ? 'The tops fall toward the '.$plan->sides->of($falls[0]).'.' : 'All tops are level.' }} The datum line stands
                        <x-length :of="$tops->datumLine" :plan="$plan" /> above {{ $state->level->benchmark->name ?? 'the benchmark' }}’s zero.</p>
                @endif
            </div>
            @if ($tops)
                @if ($form->clearance)<p class="hint">Clearance under the lowest top, at {{ $form->lowest->label }}: <x-length :of="$form->clearance"
                    :plan="$plan" />. <a href="{{ route('cut.pole', $job) }}" hx-boost="false">The story pole in full size, to print</a></p>@endif
                @if ($form->stock)<p class="hint">Lowering all tops by <x-length :of="$form->stock->lowerBy" :plan="$plan"
                    /> costs as much clearance, and the longest post, {{ $form->stock->post->label }}, comes out of <x-length :of="$form->stock->then"
                    :plan="$plan" /> instead of <x-length :of="$form->stock->now" :plan="$plan" />.</p>@endif
                <div class="pole-and-table">
                    <x-drawing.pole :model="$pole" />
                    <table>
                        <caption>Marks <span class="muted">above the datum line</span></caption>
                        <thead><tr><th scope="col">Post</th><th scope="col" class="num">mark</th>@if ($falls)
                            <th scope="col" class="num">{{ $plan->sides->of($falls[0]) }} face</th>
                            <th scope="col" class="num">{{ $plan->sides->of($falls[0]->opposite()) }} face</th>@endif
                            <th scope="col" class="num">comes off</th><th scope="col">Stands</th></tr></thead>
                        <tbody>
                            @foreach ($plan->grid->posts as $post)
                                @php($mark = $cut->mark($post))
                                <tr class="{{ $mark->isShort() ? 'row-off' : '' }}"><th scope="row">{{ $post->label }}</th>
                                    <td class="num strong"><x-length :of="$mark->aboveDatumLine()" :plan="$plan" /></td>
                                    @if ($falls)<td class="num"><x-length :of="$mark->onFace($falls[0])" :plan="$plan" /></td>
                                        <td class="num"><x-length :of="$mark->onFace($falls[0]->opposite())" :plan="$plan" /></td>@endif
                                    <td class="num">@if ($mark->isShort()) — @else <x-length :of="$mark->cutOff()" :plan="$plan" /> @endif</td>
                                    <td>@if ($mark->isShort())<span class="state state-off">short by <x-length :of="$mark->cutOff()->magnitude()"
                                        :plan="$plan" /></span>@elseif ($cut->isCut($post))<span
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
                    <x-decide :site="$site" :about="$about" :post="$site->next->posts[0]" />
                    <p><a href="#tops" hx-boost="false">Change the heights instead</a></p>
                @elseif ($site->next?->phase === $phase && $site->next->asks === EntryKind::PostCut)
                    <x-entry-form kind="post_cut" name="cut">
                        <input type="hidden" name="post" value="{{ $site->next->posts[0]->label }}">
                        <button class="button button-yard">{{ $site->next->posts[0]->label }} is cut and sealed</button>
                    </x-entry-form>
                @endif
            </x-move>
            @if ($tops && $site->next?->asks === EntryKind::CrossChecked && $site->next->phase === $phase)
                <section>@include('set.check-form', ['before' => PointOfNoReturn::Cut])</section>@endif
            <p><a class="jump" href="{{ route('round', [$job, 'tops']) }}">The whole round on one screen</a></p>
            <x-cautions :step="Step::Cutting" :site="$site" />
            @if ($tops)
                <section id="entry">
                    <h2>Measure a top</h2>
                    <x-entry-form kind="top" name="top">
                        <x-posts name="post" form="top" label="Post" :posts="$plan->grid->posts" :value="$move?->posts[0]->label ?? ''" />
                        <x-field name="above" form="top" label="Its top now, above the datum line" :unit="$unit" wide />
                        <button class="button {{ $move?->asks === EntryKind::Top ? '' : 'button-second' }}">Write it down</button>
                    </x-entry-form>
                </section>
            @endif
            <details class="change" id="{{ $tops ? 'tops' : 'entry' }}" @if ($tops === null || old('form') === 'tops') open @endif>
                <summary>{{ $tops ? 'Change the heights' : 'Decide the heights' }}</summary>
                <form method="post" action="{{ route('cut.tops', $job) }}" class="entry">
                    @csrf
                    <input type="hidden" name="form" value="tops"><input type="hidden" name="based_on"
                        value="{{ old('based_on', $job->revision->number) }}">
                    <x-right form="tops" />
                    <x-choice wide name="height_by" form="tops" label="The height comes" :value="$tops?->under ? 'stack' : 'typed'"
                        :options="['typed' => 'typed: top of the post, above zero', 'stack' => 'from above: finished surface less what lies on the
                        posts', 'clearance' => 'from below: clear height over the highest ground']" />
                    <x-field name="height" form="tops" :label="'Height at '.$plan->grid->posts[0]->label"
                        :value="$tops ? $plan->write($tops->under->finished ?? $tops->heightAtA1) : ''" :unit="$unit" hint="Of the top, of the
                        finished surface, or clear over the ground, as chosen." />
                    <x-field name="layers" form="tops" label="What lies on the posts" hint="From above only: thicknesses, such as 28; 195; 45."
                        :value="implode('; ', array_map($plan->write(...), $tops?->under->layers ?? []))" />
                    <x-field name="clearance" form="tops" label="Clearance above them" hint="From above only."
                        :value="$tops?->under && ! $tops->under->clearance->isZero() ? $plan->write($tops->under->clearance) : ''" :unit="$unit" />
                    <x-field name="rows" form="tops" label="Rows that differ" hint="Row and height of its tops: 1 2300; 2 2450." :value="$rowsTyped"
                        />
                    <x-field name="datum_line" form="tops" label="Datum line, above zero" hint="The level line you strike on every post."
                        :value="$tops ? $plan->write($tops->datumLine) : ''" :unit="$unit" />
                    <x-choice name="falls_toward" form="tops" label="Tops" :value="$falls ? $falls[0]->value : ''"
                        :options="['' => 'level'] + collect(Side::cases())->mapWithKeys(fn ($s) => [$s->value => 'fall toward the
                        '.$plan->sides->of($s)])->all()" />
                    <x-field name="fall" form="tops" label="Fall" :value="$falls ? $plan->write($run->times(abs($falls[1]->ratio))) : ''"
                        :unit="$unit" />
                    <x-field name="fall_over" form="tops" label="Over a run of" :value="$plan->write($run)" :unit="$unit" />
                    <button class="button {{ $tops ? 'button-second' : '' }}">Put the heights in force</button>
                </form>
            </details>
            @if ($tops)
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
