<x-layout :title="$say('components.ways.cut.members')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="cut.members" />
    <div class="two">
        <section class="paper">
            <h1>{{ $say('frame.title') }}</h1>
            @if (count($page->standsOn()) > 1)<form method="get" action="{{ route('cut.members', $job) }}" class="entry">
                <x-choice form="sum" name="on" :label="$say('frame.stands_on')" :value="$page->on" :options="$page->standsOn()" />
                <button class="button button-second">{{ $say('frame.on_show') }}</button></form>@endif
            @unless ($page->isDecided)<p class="verdict-why">{{ $page->rules->layers === [] ? $say('frame.none_usual')
                : $say('frame.not_decided') }}</p>@endunless
            @foreach ($page->hindrances() as $told)<p class="refusal">{{ $told }}</p>@endforeach
            @if ($page->drawing)
                <figure class="drawing"><x-drawing.frame :model="$page->drawing" :view="$page->views()[$page->view->value]" />
                    <figcaption class="hint">{{ $say('frame.solid_stands') }}</figcaption></figure>
                <form method="get" action="{{ route('cut.members', $job) }}" class="entry" hx-trigger="change">
                    @if ($page->on !== '')<input type="hidden" name="on" value="{{ $page->on }}">@endif
                    <x-choice form="sum" name="view" :label="$say('frame.seen')" :value="$page->view->value" :options="$page->views()" />
                    <x-choice form="sum" name="up_to" :label="$say('frame.up_to')" :value="$page->upTo->value ?? ''" :options="$page->layers()" />
                    <x-choice form="sum" name="through" :label="$say('frame.through')" :value="$page->through" :options="$page->throughs()" />
                    <button class="button button-second">{{ $say('page.show') }}</button>
                </form>
                <p class="no-print"><a href="{{ route('cut.members.pdf', $job) }}" hx-boost="false">{{ $say('frame.as_pdf') }}</a></p>
                <div class="scroll-x"><table>
                    <caption>{{ $say('frame.layers') }} <span class="muted">{{ $say('frame.from_the_posts_up') }}</span></caption>
                    <thead><tr><th scope="col">{{ $say('frame.layer') }}</th><th scope="col" class="num">{{ $say('frame.section') }}</th>
                        <th scope="col" class="num">{{ $say('frame.pieces') }}</th><th scope="col" class="num">{{ $say('frame.fixings') }}</th>
                        <th scope="col">{{ $say('frame.relied_on') }}</th></tr></thead>
                    <tbody>@foreach ($page->rows() as $row)<tr><th scope="row">{{ $row->name() }}</th>
                        <td class="num">{{ $say('frame.sides', one: $row->layer->thick, other: $row->layer->deep) }}
                            @foreach ($row->otherwise($say) as [, $is])<div class="muted">{{ $is }}</div>@endforeach</td>
                        <td class="num strong">@foreach ($row->lengths() as [$count, $length])<div>{{ $say('frame.of_each', count: $count,
                            length: $length) }}</div>@endforeach</td>
                        <td class="num">{{ $row->fixings }}</td>
                        <td>@if ($row->layer->reliedOn === '')<span class="state state-unchecked">{{ $say('frame.unchecked') }}</span>@else{{
                            $row->layer->reliedOn }}@endif
                            @foreach ($row->otherwise($say) as [, $is, $relied])<div>@if ($relied === '')<span
                                class="state state-unchecked">{{ $say('frame.unchecked') }}</span>@else{{ $relied }}@endif</div>@endforeach
                        </td></tr>@endforeach</tbody>
                </table></div>
                <p class="hint">{{ $say('frame.not_checked') }}</p>
                @if ($panels)<x-panels :panels="$panels" />@endif
                @if ($page->marks() !== [])<h2>{{ $say('frame.marks') }}</h2>@endif
                @foreach ($page->marks() as [$what, $faces, $layer])<p>{{ $what }} <a hx-boost="false" href="{{ route('cut.members.pole',
                    ['job' => $job, 'of' => $layer, 'on' => $page->on]) }}">{{ $say('frame.full_size') }}</a></p>
                    <p class="strong">@foreach ($faces as $face)<span class="sawn-length"><x-length :of="$face"
                        :plan="$plan" /></span> @endforeach</p>
                @endforeach
                @if ($page->seats() !== [])<p>{{ $say('frame.marks_on_edge') }}</p>
                    <ul class="rows">@foreach ($page->seats() as [$post, $from, $to])<li>{{ $say('frame.seat_over', post: $post, from: $from,
                        to: $to) }}</li>@endforeach</ul>@endif
                @if ($page->minded() !== [])<h2>{{ $say('frame.minded') }}</h2>
                    <ul class="rows">@foreach ($page->minded() as $minded)<li>{{ $minded }}</li>@endforeach</ul>@endif
                <h2>{{ $say('frame.order') }}</h2>
                <ol class="rows">@foreach ($page->order() as [$layer, $before, $heaviest, $ground])<li><b>{{ $layer }}</b> {{ $before }}
                    @if ($ground)<b>{{ $say('frame.on_the_ground') }}</b> {{ $ground }}@endif
                    @if ($heaviest)<span class="muted">{{ $heaviest }}</span>@endif</li>@endforeach</ol>
                <details class="why"><summary>{{ $say('page.why_2') }}</summary><p>{{ $say('frame.why') }}</p></details>
            @elseif ($page->rules->layers !== [])
                <p class="hint">{{ $say('frame.no_line') }}</p>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            @if ($page->isDecided && $page->built() !== [])
                <x-entry-form kind="members_up" name="up">
                    <h2 class="field-wide">{{ $say('frame.up_title') }}</h2>
                    <p class="field-wide">{{ $page->up() }} <span class="hint">{{ $say('frame.up_numbers') }}</span></p>
                    <input type="hidden" name="on" value="{{ $page->frame?->footprint->key }}">
                    <x-choice wide form="up" name="layer" :label="$say('frame.up_layer')" value="" :options="$page->built()" />
                    <x-field form="up" name="from" :label="$say('frame.up_from')" value="" inputmode="numeric" />
                    <x-field form="up" name="to" :label="$say('frame.up_to_number')" value="" inputmode="numeric" />
                    <button class="button">{{ $say('frame.up_keep') }}</button>
                </x-entry-form>
            @endif
            <details class="change" @if (! $page->isDecided || old('form') === 'frame') open @endif>
            <summary>{{ $say('frame.change') }}</summary>
            <form method="post" action="{{ route('cut.members.decide', $job) }}" class="entry">
                @csrf <input type="hidden" name="form" value="frame"><input type="hidden" name="based_on"
                    value="{{ old('based_on', $job->revision->number) }}"><input type="hidden" name="on" value="{{ $page->on }}">
                <x-choice wide form="frame" name="beams_run" :label="$say('frame.beams_run')" :value="$page->rules->alongX ? 'x' : 'y'"
                    :options="['x' => $say('frame.along_rows'), 'y' => $say('frame.along_columns')]" />
                @foreach ($page->rows() as $row)
                    <h3 class="field-wide">{{ $row->name() }}</h3>
                    @foreach ($row->choices() as [$name, $label, $now, $ways])
                        <x-choice wide form="frame" :name="$name" :label="$label" :value="$now" :options="$ways" />
                    @endforeach
                    @foreach ($row->fields() as [$name, $label, $now, $hint])
                        <x-field form="frame" :name="$name" :label="$label" :hint="$hint" :value="$now ? $plan->write($now) : ''" :unit="$unit" />
                    @endforeach
                    @foreach ($row->counts() as [$name, $label, $now])
                        <x-field form="frame" :name="$name" :label="$label" :value="$now" inputmode="numeric" />
                    @endforeach
                    @foreach ($row->texts() as [$name, $label, $hint, $now])
                        <x-field form="frame" :name="$name" :label="$label" :hint="$hint" :value="$now" />
                    @endforeach
                    <x-field wide form="frame" :name="$row->layer->kind->value.'_relied'" :label="$say('frame.relied')"
                        :hint="$say('frame.relied_why')" :value="$row->layer->reliedOn" />
                    <label class="tick field-wide"><input type="checkbox" name="{{ $row->layer->kind->value }}_out" value="1">
                        {{ $say('frame.leave_out') }}</label>
                @endforeach
                <x-choice wide form="frame" name="add" :label="$say('frame.add')" value="" :options="$page->more()" />
                <button class="button">{{ $say('frame.keep') }}</button>
            </form>
            </details>
            @if ($page->frame && $singles->singles() !== [])<x-single-member :page="$page" :singles="$singles" :job="$job" :unit="$unit" />@endif
        </div>
    </div>
</x-layout>
