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
                        <th scope="col" class="num">{{ $say('frame.mass') }}</th></tr></thead>
                    <tbody>@foreach ($section->counted() as [$piece, $count])<tr><th scope="row">{{ $page->name($piece) }}</th>
                        <td class="num">{{ $say('frame.times', count: $count) }}</td>
                        <td class="num strong"><x-length :of="$piece->length" :plan="$plan" /></td><td>{{ $page->ends($piece) }}</td>
                        <td class="num">{{ $page->mass($piece) }}</td></tr>@endforeach</tbody>
                </table></div>
                @if ($page->hindered($section))<p class="refusal"><x-words :say="$page->hindered($section)" /></p>@endif
                @if ($section->cutting)
                    <table class="sawn">
                        <caption>{{ $say('frame.bought') }} <span class="muted">{{ $section->cutting->exact ? $say('frame.exact')
                            : $say('frame.not_exact', bound: $page->bound($section)) }}</span></caption>
                        <thead><tr><th scope="col" class="num">{{ $say('frame.how_many') }}</th>
                            <th scope="col" class="num">{{ $say('frame.out_of') }}</th>
                            <th scope="col">{{ $say('frame.pieces') }}</th><th scope="col" class="num">{{ $say('frame.left_over') }}</th></tr></thead>
                        <tbody>@foreach ($page->sawn($section) as [$board, $count, $rest])<tr>
                            <td class="num">{{ $say('frame.times', count: $count) }}</td>
                            <td class="num strong"><x-length :of="$board->stock->length" :plan="$plan" /></td>
                            <td><svg class="sawn-board" viewBox="0 0 100 6" preserveAspectRatio="none" aria-hidden="true" focusable="false">
                                @foreach (array_reverse($page->bar($board)) as [$from, $wide])<rect
                                    class="{{ $loop->first ? 'sawn-rest' : 'sawn-piece' }}"
                                    x="{{ $from }}" y="0.5" width="{{ $wide }}" height="5" />@endforeach</svg>
                                @foreach ($board->pieces as $piece)<span class="sawn-length"><x-length :of="$piece"
                                    :plan="$plan" /></span> @endforeach</td>
                            <td class="num"><x-length :of="$rest" :plan="$plan" /></td></tr>@endforeach</tbody>
                    </table>
                @endif
            @endforeach
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
                            other: $section->sides()[1])" :hint="$say('frame.sold_in_'.$unit->value)" :value="$page->sold($section)" />
                    @endforeach
                    <button class="button">{{ $say('frame.keep_sold') }}</button>
                </form>
            @endif
        </div>
    </div>
</x-layout>
