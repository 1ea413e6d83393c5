<x-layout :title="$say('components.ways.cut.boards')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="cut.boards" />
    <div class="two">
        <section class="paper">
            <h1>{{ $say('frame.cut_title') }}</h1>
            @if ($page->sections === [])
                <p class="hint">{{ $say('frame.nothing_to_cut') }} <a href="{{ route('cut.members', $job) }}">{{ $say('frame.to_the_frame') }}</a></p>
            @elseif ($page->boards() === 0)
                <p class="verdict-why">{{ $say('frame.say_stocks') }}</p>
            @else
                <p class="answer">{{ $say('frame.buys', boards: $say('frame.boards_count', count: $page->boards()), cost: $page->cost()) }}
                    @if ($page->isOpen()){{ $say('frame.some_open') }}@endif</p>
            @endif
            @if ($page->isFrameHindered())<p class="refusal">{{ $say('bill.frame_not_right') }}
                <a href="{{ route('cut.members', $job) }}">{{ $say('frame.to_the_frame') }}</a></p>@endif
            @foreach ($page->sections as $section)
                <h2>{{ $say('frame.of_section', one: $section->sides()[0], other: $section->sides()[1]) }}
                    <span class="muted">{{ $say('frame.in_all', length: $section->inAll()) }}</span></h2>
                <div class="scroll-x"><table>
                    <thead><tr><th scope="col">{{ $say('frame.what') }}</th><th scope="col" class="num">{{ $say('frame.how_many') }}</th>
                        <th scope="col" class="num">{{ $say('frame.length') }}</th><th scope="col">{{ $say('frame.ends') }}</th>
                        <th scope="col" class="num">{{ $say('frame.mass') }}</th><th scope="col">{{ $say('frame.where') }}</th></tr></thead>
                    <tbody>@foreach ($section->counted() as [$piece, $count, $numbers])<tr><th scope="row">{{ $page->name($piece) }}</th>
                        <td class="num">{{ $say('frame.times', count: $count) }}</td>
                        <td class="num strong"><x-length :of="$piece->length" :plan="$plan" /></td><td>{{ $page->ends($piece) }}</td>
                        <td class="num">{{ $page->mass($piece) }}</td><td class="wraps">{{ $page->where($numbers) }}</td></tr>@endforeach</tbody>
                </table></div>
                @if ($page->hindered($section))<p class="refusal"><x-words :say="$page->hindered($section)" /></p>@endif
                @foreach ($page->cuttings($section) as [$cutting, $caption])
                    <x-sawn-boards :page="$page" :section="$section" :cutting="$cutting" :caption="$caption" :plan="$plan" />
                @endforeach
                @if ($section->cutting && $page->offcuts($section) !== [])<p>{{ $say('frame.offcuts') }}</p>
                    <ul class="rows">@foreach ($page->offcuts($section) as $offcut)<li>{{ $offcut }}</li>@endforeach</ul>@endif
            @endforeach
            @if ($page->posts() !== [])<h2>{{ $say('frame.posts') }}</h2>
                <div class="scroll-x"><table><thead><tr><th scope="col">{{ $say('frame.post') }}</th><th scope="col" class="num">{{
                    $say('frame.length') }}</th><th scope="col">{{ $say('frame.cut_out') }}</th>
                    <th scope="col">{{ $say('frame.head') }}</th></tr></thead>
                <tbody>@foreach ($page->posts() as [$post, $length, $cut, $head])<tr><th scope="row">{{ $post }}</th>
                    <td class="num strong"><x-length :of="$length" :plan="$plan" /></td><td>{{ $cut }}</td>
                    <td>{{ $head }}</td></tr>@endforeach</tbody></table></div>
                <p class="hint">{{ $say('frame.posts_cut_later') }}</p>@endif
            @if ($page->lastCut())<p class="verdict-why">{{ $page->lastCut() }}</p>@endif
            @if ($page->sections !== [])<details class="why"><summary>{{ $say('page.why_2') }}</summary>
                <p>{{ $say('frame.cut_why', kerf: $plan->notation->system()->kerf) }}</p></details>@endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            @if ($page->sections !== [])
                <form method="post" action="{{ route('cut.boards.sold', $job) }}" class="entry">
                    @csrf <input type="hidden" name="form" value="sold"><input type="hidden" name="based_on"
                        value="{{ old('based_on', $job->revision->number) }}">
                    <h2 class="field-wide">{{ $say('frame.sold') }}</h2>
                    @foreach ($page->sections as $section)
                        <x-field wide form="sold" :name="'sold_'.$section->key" :label="$say('frame.sold_in', one: $section->sides()[0],
                            other: $section->sides()[1])"
                                :hint="$say('frame.sold_in_why', such: $unit->system()->examples['sold'])" :value="$page->sold($section)" />
                        <x-field wide form="sold" :name="'lying_'.$section->key" :label="$say('frame.lying', one: $section->sides()[0],
                            other: $section->sides()[1])"
                                :hint="$say('frame.lying_why', such: $unit->system()->examples['lying'])" :value="$page->lying($section)" />
                    @endforeach
                    <button class="button">{{ $say('frame.keep_sold') }}</button>
                </form>
            @endif
        </div>
    </div>
</x-layout>
