<x-layout :title="$say('components.ways.cut.fixings')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="cut.fixings" />
    <div class="two">
        <section class="paper">
            <h1>{{ $say('frame.fixings_title') }}</h1>
            @if (count($page->standsOn()) > 1)<form method="get" action="{{ route('cut.fixings', $job) }}" class="entry">
                <x-choice form="sum" name="on" :label="$say('frame.stands_on')" :value="$page->on" :options="$page->standsOn()" />
                <button class="button button-second">{{ $say('frame.on_show') }}</button></form>@endif
            @if ($page->rules->layers === [])
                <p class="hint">{{ $say('frame.nothing_to_cut') }} <a href="{{ route('cut.members', $job) }}">{{ $say('frame.to_the_frame') }}</a></p>
            @else
                @foreach ($page->misfits() as $told)<p class="refusal">{{ $told }}</p>@endforeach
                <p class="verdict-why">{{ $page->metal() }}</p>
                <div class="scroll-x"><table>
                    <caption>{{ $say('frame.what_holds') }} <span class="muted">{{ $say('frame.not_what_it_carries') }}</span></caption>
                    <thead><tr><th scope="col">{{ $say('frame.layer') }}</th><th scope="col" class="num">{{ $say('frame.fixings') }}</th>
                        <th scope="col">{{ $say('frame.what') }}</th></tr></thead>
                    <tbody>@foreach ($page->layers() as [$layer, $name, $count, $known])<tr><th scope="row">{{ $name }}</th>
                        <td class="num strong">{{ $count }}</td>
                        <td>@forelse ($known as $line)<div>{{ $line }}</div>@empty<span class="state state-unchecked">{{ $say('frame.not_chosen')
                            }}</span>@endforelse</td></tr>@endforeach</tbody>
                </table></div>
                @if ($page->base() !== [])<h2>{{ $say('frame.bases') }}</h2>
                    <ul class="rows">@foreach ($page->base() as $line)<li>{{ $line }}</li>@endforeach</ul>@endif
                <details class="why"><summary>{{ $say('page.why_2') }}</summary><p>{{ $say('frame.fixings_why') }}</p></details>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            @if ($page->rules->layers !== [])
                <form method="post" action="{{ route('cut.fixings.decide', $job) }}" class="entry">
                    @csrf <input type="hidden" name="form" value="fixings"><input type="hidden" name="based_on"
                        value="{{ old('based_on', $job->revision->number) }}">
                    <input type="hidden" name="on" value="{{ $page->on }}">
                    <x-choice wide form="fixings" name="air" :label="$say('frame.air')" :value="$page->rules->air->value" :options="$page->airs()" />
                    @if ($page->hasBases())
                        <h2 class="field-wide">{{ $say('frame.bases') }}</h2>
                        <x-connector-fields use="base" :now="$page->rules->base" :page="$page" :plan="$plan" :unit="$unit" />
                    @endif
                    @foreach ($page->layers() as [$layer, $name, $count, $known])
                        <h2 class="field-wide">{{ $name }}</h2>
                        <x-fastener-fields :kind="$layer->kind->value" :now="$layer->joinery->fastener" :page="$page" :plan="$plan" :unit="$unit" />
                        @if ($page->takesConnector($layer->kind))
                            <x-connector-fields :use="$layer->kind->value" :now="$layer->joinery->connector" :page="$page" :plan="$plan"
                                :unit="$unit" />
                        @endif
                    @endforeach
                    <button class="button">{{ $say('frame.keep_fixings') }}</button>
                </form>
            @endif
        </div>
    </div>
</x-layout>
