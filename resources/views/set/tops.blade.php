@use('App\View\Choices')
<x-layout :title="$say('components.ways.set.tops')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="set.tops" />
    <div class="two">
        <section class="paper">
            <div aria-live="polite">
                <h1>@if (count($plan->grid->posts) < 2){{ $say('set.tops.one_post_has_no_neighbour') }}
                    @elseif ($page->tops === null){{ $say('set.tops.tops_cant_be_told_yet') }}
                    @elseif ($page->tops->out !== []){{ count($page->tops->out) === 1 ? $say('set.tops.the_top_of_is_out',
                        label: $page->label($page->tops->out[0]))
                    : $say('set.tops.the_tops_of_are_out', out: $page->out()) }}@else {{ $say('set.tops.all_tops_stand_square') }} @endif</h1>
                <p class="verdict-why">@if (count($plan->grid->posts) < 2){{
                    $say('set.tops.its_plumb_is_all_there') }}@elseif ($page->tops === null){{
                        $say('set.tops.stakes_must_be_proved_and') }}@elseif ($page->tops->strap){{ $say('set.tops.the_diagonal_is_the_longer',
                            corners: $page->tops->strap->alongAc ? $page->corners[0].'–'.$page->corners[2]
                                : $page->corners[1].'–'.$page->corners[3],
                                shorten_by: $page->tops->strap->shortenBy) }}
                    @if ($page->tops->sprung > 1 / $plan->tolerances->plumbOneIn)
                        {{ $say('set.tops.that_springs_set_posts_by', plumb_one_in: $plan->tolerances->plumbOneIn) }}@else
                            {{ $say('set.tops.that_stays_within_1_in', plumb_one_in: $plan->tolerances->plumbOneIn) }} @endif
                    @elseif (count($page->corners) === 4) {{ $say('set.tops.by_all_that_was_read', squareness: $plan->tolerances->squareness) }}@else
                        {{ $say('set.tops.each_top_is_judged_by') }}@endif</p>
                @if ($page->doubtful() !== [])
                    <p class="verdict-why"><b>{{ $say('set.tops.not_all_readings_can_be') }}</b>
                        {{ $say('set.tops.look_at_in_the_logbook', count: count($page->doubtful()), part: implode(', ', $page->doubtful())) }}</p>
                            @endif
            </div>
            @if ($page->tops)
                <x-drawing.plan :model="$drawing" :site="$site" link="set.post" :says="$say('set.tops.tops_seen_from_above')" />
                <table>
                    <caption>{{ $say('page.tops') }} <span class="muted">{{ $say('set.tops.off_their_places_along_the') }}</span></caption>
                    <thead><tr><th scope="col">{{ $say('page.post') }}</th>
                        <th scope="col" class="num">{{ $say('set.tops.toward', plus_x: $plan->sides->plusX) }}</th>
                        <th scope="col" class="num">{{ $say('set.tops.toward_2', plus_y: $plan->sides->plusY) }}</th>
                            <th scope="col">{{ $say('page.stands') }}</th></tr></thead>
                    <tbody>@foreach ($page->rows() as [$post, $isOut, $x, $y])
                        <tr class="{{ $isOut ? 'row-off' : '' }}"><th scope="row">{{ $post->label }}</th>
                        <td class="num"><x-length :of="$x" :plan="$plan" /></td>
                        <td class="num"><x-length :of="$y" :plan="$plan" /></td>
                        <td><span class="state state-{{ $isOut ? 'off' : 'fits' }}">{{ $isOut ? $say('page.out') : $say('page.square') }}</span>
                            </td></tr>
                            @endforeach</tbody>
                </table>
            @endif
            @if ($page->spacings !== [])
                <table>
                    <caption>{{ $say('set.tops.neighbours') }} <span class="muted">{{ $say('set.tops.spacing_at_the_ground_at') }}</span></caption>
                    <thead><tr><th scope="col">{{ $say('set.tops.pair') }}</th><th scope="col" class="num">{{ $say('page.ground_2') }}</th>
                        <th scope="col" class="num">{{ $say('set.tops.tops_by_the_leans') }}</th>
                        <th scope="col" class="num">{{ $say('set.tops.tops_by_tape') }}</th><th scope="col">{{ $say('set.tops.agree') }}</th></tr>
                            </thead>
                    <tbody>@foreach ($page->spacings as $check)<tr class="{{ $check->agrees ? '' : 'row-off' }}">
                        <th scope="row">{{ $check->from->post->label }}–{{ $check->to->post->label }}</th>
                        <td class="num"><x-length :of="$check->ground" :plan="$plan" /></td><td class="num"><x-length :of="$check->expected"
                        :plan="$plan" /></td><td class="num"><x-length :of="$check->top" :plan="$plan" /></td>
                        <td><span class="state state-{{ $check->agrees ? 'fits' : 'off' }}">@if ($check->agrees){{ $say('page.yes') }} @else
                            {{ $say('set.tops.apart', magnitude: $check->off->magnitude()) }} @endif</span></td></tr>@endforeach</tbody>
                </table>
                @foreach ($page->contradict as $check)
                    <p class="verdict-why"><b>{{ $say('set.tops.contradict', label: $check->from->post->label,
                        label_b: $check->to->post->label) }}</b>
                            {{ $say('set.tops.ground_spacing_top_spacing_and', magnitude: $check->off->magnitude()) }}</p>@endforeach
            @endif
            <details class="why"><summary>{{ $say('page.why_2') }}</summary>
                <p>{{ $say('set.tops.tapes_at_the_tops_and', squareness: $plan->tolerances->squareness) }}</p></details>
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <section id="entry">
                <h2>{{ $say('set.tops.a_tape_between_two_posts') }}</h2>
                <x-entry-form kind="spacing" name="spacing">
                    <x-posts name="from" form="spacing" :label="$say('page.from')" :posts="$plan->grid->posts" />
                    <x-choice name="to" form="spacing" :label="$say('page.to')" :value="$plan->grid->posts[1]->label ?? ''"
                        :options="Choices::posts($plan->grid->posts) + array_column($plan->fixedLines(), 'name', 'id')" />
                    <x-radios name="at" form="spacing" :label="$say('page.held')" value="top"
                        :options="['top' => $say('set.tops.at_the_tops'), 'ground' => $say('set.tops.at_the_ground')]" />
                    <x-field name="spacing" form="spacing" :label="$say('set.tops.reads_centre_to_centre')" :unit="$unit" wide />
                    <button class="button">{{ $say('page.write_it_down') }}</button>
                </x-entry-form>
            </section>
            <x-quick-line :site="$site" />
        </div>
    </div>
</x-layout>
