@props(['page', 'section', 'cutting', 'caption', 'plan'])
<table class="sawn">
    <caption>{{ $caption }} <span class="muted">{{ $cutting->exact ? $say('frame.exact') : $say('frame.not_exact',
        bound: $page->bound($cutting)) }}</span></caption>
    <thead><tr><th scope="col" class="num">{{ $say('frame.how_many') }}</th><th scope="col" class="num">{{ $say('frame.out_of') }}</th>
        <th scope="col">{{ $say('frame.pieces') }}</th><th scope="col" class="num">{{ $say('frame.left_over') }}</th></tr></thead>
    <tbody>@foreach ($page->sawn($cutting) as [$board, $count, $rest])<tr>
        <td class="num">{{ $say('frame.times', count: $count) }}</td>
        <td class="num strong"><x-length :of="$board->stock->length" :plan="$plan" />@if ($board->isAtHand)
            <span class="muted">{{ $say('frame.at_hand') }}</span>@endif</td>
        <td><svg class="sawn-board" viewBox="0 0 100 6" preserveAspectRatio="none" aria-hidden="true" focusable="false">
            @foreach (array_reverse($page->bar($board)) as [$from, $wide])<rect class="{{ $loop->first ? 'sawn-rest' : 'sawn-piece' }}"
                x="{{ $from }}" y="0.5" width="{{ $wide }}" height="5" />@endforeach</svg>
            @foreach ($board->pieces as $piece)<span class="sawn-length"><x-length :of="$piece" :plan="$plan" /></span> @endforeach
            <details class="why" @if (old('form') === 'spoiled_'.$section->key.'_'.$loop->index) open @endif><summary>{{
                $say('frame.spoiled') }}</summary>
                <x-entry-form kind="board_spoiled" :name="'spoiled_'.$section->key.'_'.$loop->index">
                    <input type="hidden" name="section" value="{{ $section->sides()[0]->nanometres }},{{ $section->sides()[1]->nanometres }}">
                    <input type="hidden" name="board" value="{{ $board->stock->length->nanometres }}">
                    <input type="hidden" name="pieces" value="{{ $page->pieces($board) }}">
                    <x-field :form="'spoiled_'.$section->key.'_'.$loop->index" name="right" :label="$say('frame.came_right')"
                        :hint="$say('frame.came_right_why')" value="" />
                    <x-field :form="'spoiled_'.$section->key.'_'.$loop->index" name="left" :label="$say('frame.left_whole')"
                        :hint="$say('frame.left_whole_why')" value="" :unit="$plan->notation->unit" />
                    <button class="button button-second">{{ $say('frame.write_off') }}</button>
                </x-entry-form></details></td>
        <td class="num"><x-length :of="$rest" :plan="$plan" /></td></tr>@endforeach</tbody>
</table>
