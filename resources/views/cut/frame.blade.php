@use('App\Frame\FrameSums')
<x-layout :title="$say('components.ways.cut.frame')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="cut.frame" />
    <div class="two">
        <section class="paper">
            <h1>{{ $say('cut.frame.title') }}</h1>
            <p class="verdict-why">{{ $say('cut.frame.spans') }}</p>
            <h2>{{ $say('cut.frame.beam', line: $form->lines[$form->line] ?? '') }}</h2>
            @foreach ($form->asCast() as $says)<p class="verdict-why">{{ $says }}</p>@endforeach
            @if ($form->beam)
                <p class="answer">{{ $say('cut.frame.beam_is', long: $form->beamLong, pieces: $form->beam->pieces,
                    money: $form->money($form->beam->price)) }}</p>
                <table>
                    <caption>{{ $say('cut.frame.pieces') }} <span class="muted">{{ $say('cut.frame.joints_over_posts') }}</span></caption>
                    <thead><tr><th scope="col">{{ $say('cut.frame.ply') }}</th><th scope="col" class="num">{{ $say('cut.frame.piece') }}</th>
                        <th scope="col" class="num">{{ $say('cut.frame.from_stock') }}</th>
                        <th scope="col">{{ $say('cut.frame.joined_over') }}</th></tr></thead>
                    <tbody>@foreach ($form->beam->plies as $i => $ply) @foreach ($ply->pieces as $j => [$piece, $stock])
                        <tr><th scope="row">{{ $i + 1 }}</th>
                            <td class="num strong"><x-length :of="$piece" :plan="$plan" /></td>
                            <td class="num"><x-length :of="$stock->length" :plan="$plan" /></td><td>{{ $ply->joints[$j] ?? '' }}</td></tr>
                    @endforeach @endforeach</tbody>
                </table>
                @foreach ($form->shared() as $ply => $posts)<p class="refusal">{{ $say('cut.frame.shared', ply: $ply, next: $ply + 1,
                    posts: $posts) }}</p>@endforeach
                @unless ($form->beam->isExact)<p class="hint">{{ $say('cut.frame.not_proved') }}</p>@endunless
            @else<p class="hint">{{ $say('cut.frame.beam_how') }}</p>@endif
            <h2>{{ $say('cut.frame.rafters') }}</h2>
            @if ($form->slope)
                <p class="answer">{{ $say('cut.frame.slope_is', fall: $form->slope->high->minus($form->slope->low), run: $form->slope->run,
                    degrees: $form->degrees()) }}</p>
                @if ($form->rafter)<dl class="facts">
                    <div><dt>{{ $say('cut.frame.top_edge') }}</dt><dd class="strong"><x-length :of="$form->rafter->topEdge"
                        :plan="$plan" /></dd></div>
                    <div><dt>{{ $say('cut.frame.lower_edge') }}</dt><dd><x-length :of="$form->rafter->lowerEdge" :plan="$plan" /></dd></div>
                    <div><dt>{{ $say('cut.frame.stock') }}</dt><dd class="strong"><x-length :of="$form->rafter->stock" :plan="$plan" /></dd></div>
                    @if ($form->seat)<div><dt>{{ $say('cut.frame.seat_lines') }}</dt>
                        <dd>{{ $say('cut.frame.seat_lines_are', lines: $form->seatLines) }}</dd></div>
                        <div><dt>{{ $say('cut.frame.seat') }}</dt><dd>{{ $say('cut.frame.seat_is', heel: $form->seat->heel, notch: $form->seat->notch,
                            left: $form->seat->left) }} @if ($form->seat->isBelowTwoThirds)<span
                            class="state state-out">{{ $say('cut.frame.below_two_thirds') }}</span>@endif</dd></div>@endif
                </dl>@endif
            @else<p class="hint">{{ $say('cut.frame.rafters_how') }}</p>@endif
            <h2>{{ $say('cut.frame.boards') }}</h2>
            @if ($form->boards)<p class="answer">{{ $say('cut.frame.boards_are', count: $form->boards->count, first: $form->boards->first,
                last: $form->boards->last, ripped: $form->boards->ripped) }}</p>
            @else<p class="hint">{{ $say('cut.frame.boards_how') }}</p>@endif
            <h2>{{ $say('cut.frame.braces') }}</h2>
            @if ($form->brace)<p class="answer">{{ $say('cut.frame.brace_is', stock: $form->brace->longEdge, centre: $form->brace->centreLine,
                short: $form->brace->shortEdge, leg: $form->brace->leg, long: $form->brace->legLong) }}</p>
            @else<p class="hint">{{ $say('cut.frame.braces_how') }}</p>@endif
            <details class="why"><summary>{{ $say('page.why_2') }}</summary><p>{{ $say('cut.frame.why') }}</p></details>
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <form method="get" action="{{ route('cut.frame', $job) }}" class="entry">
                <h2 class="field-wide">{{ $say('cut.frame.a_beam') }}</h2>
                <x-choice wide form="sum" name="line" :label="$say('cut.frame.over_the_posts')" :value="$form->line" :options="$form->lines" />
                <x-sum-field :f="$form->sums->field('over', $say('cut.frame.past_the_first'))" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('past', $say('cut.frame.past_the_last'))" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('stocks', $say('cut.frame.stocks'),
                    $say('cut.frame.stocks_why', such: $unit->system()->examples['sold']))"
                    keys="text" wide />
                <x-sum-field :f="$form->sums->field('plies', $say('cut.frame.plies'), $say('cut.frame.plies_why'))" />
                <h2 class="field-wide">{{ $say('cut.frame.rafters') }}</h2>
                <x-sum-field :f="$form->sums->field('high', $say('cut.frame.high'))" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('low', $say('cut.frame.low'))" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('apart', $say('cut.frame.apart'), $say('page.empty',
                    write: $plan->grid->rows->length()))" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('beam_wide', $say('cut.frame.beam_wide'))" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('depth', $say('cut.frame.depth'))" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('seat', $say('cut.frame.seat_wide'), $say('cut.frame.seat_why'))" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('over_high', $say('cut.frame.over_high'))" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('over_low', $say('cut.frame.over_low'))" :unit="$unit" />
                <x-choice form="sum" name="high_end" :label="$say('cut.frame.high_end')" :value="$form->sums->typed('high_end')"
                    :options="FrameSums::ends()" />
                <x-choice form="sum" name="low_end" :label="$say('cut.frame.low_end')" :value="$form->sums->typed('low_end')"
                    :options="FrameSums::ends()" />
                <h2 class="field-wide">{{ $say('cut.frame.boards') }}</h2>
                <x-sum-field :f="$form->sums->field('across', $say('cut.frame.across'))" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('wide', $say('cut.frame.board_wide'))" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('board_gap', $say('cut.frame.board_gap'))" :unit="$unit" />
                <h2 class="field-wide">{{ $say('cut.frame.braces') }}</h2>
                <x-sum-field :f="$form->sums->field('leg', $say('cut.frame.leg'))" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('brace_wide', $say('cut.frame.brace_wide'))" :unit="$unit" />
                <x-choice wide form="sum" name="leg_to" :label="$say('cut.frame.leg_to')" :value="$form->sums->typed('leg_to')"
                    :options="['centre_line' => $say('cut.frame.to_centre'), 'long_edge' => $say('cut.frame.to_edge')]" />
                <button class="button button-second">{{ $say('page.work_it_out') }}</button>
            </form>
        </div>
    </div>
</x-layout>
