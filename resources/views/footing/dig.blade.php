@use('Aequus\Site\Step')
@use('Aequus\Words\Names')
@use('App\View\Links')
<x-layout :title="$say('components.ways.footing.dig')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="footing.dig" />
    <div class="two dig">
        <section class="paper">
            @if ($list->holes === [])
                @include('footing.empty')
            @elseif ($list->now === null)
                <h1>{{ count($list->holes) === 1 ? $say('footing.dig.the_one_hole_is_dug') : $say('footing.dig.all_holes_are_dug',
                    count: count($list->holes)) }}</h1>
                @foreach ($page->leftAside() as $decided)<p
                    class="verdict-why">{{ $say('footing.show.by_decision', decided: $decided) }}</p>@endforeach
            @else
                <div aria-live="polite">
                    <p class="move-kicker">{{ $list->isDug() ? $say('footing.dig.hole_at_hand') : $say('footing.dig.post_to_drive') }}</p>
                    <h1>{{ $list->now->post->label }}</h1>
                    <p class="move-number"><span class="big"><x-length :of="$list->toReach($list->now)" :plan="$plan" /></span> <span
                        class="move-beside">{{ $say('footing.dig.from_todays_ground_to', is_dug: $list->isDug() ? $say('footing.dig.the_clean_bottom')
                            : $say('footing.dig.its_foot')) }}</span></p>
                    <p class="verdict-why">{{ $say('footing.dig.what_makes_it_so_deep', what: Names::of($list->now->governing)) }}
                        @if ($list->isDug()){{ $say('footing.dig.above_the_bottom_come_gravel', gravel: $list->now->need->gravel,
                            pad: $list->now->need->pad) }}@elseif ($site->state->footing->firstDriven()){{ $say('footing.dig.never_less_and_so_deep',
                                label: $site->state->footing->firstDriven()->required->post->label) }}@else
                        {{ $say('footing.dig.plumb_it_every_few_blows') }}@endif</p>
                </div>
                <x-entry-form kind="hole" name="hole" id="entry">
                    <input type="hidden" name="post" value="{{ $list->now->post->label }}">
                    @include('footing.hole-fields', ['label' => $say('footing.hole_fields.came_out_at', label: $list->now->post->label)])
                </x-entry-form>
                @if ($list->after)<p>{{ $say('footing.dig.next') }} <a class="jump"
                    href="{{ route('footing.dig', ['job' => $job, 'hole' => $list->after->post->label]) }}">{{ $list->after->post->label }}</a></p>
                    @endif
            @endif
            @if ($list->holes !== [])<x-drawing.plan :model="$drawing" />@endif
            @foreach ($page->surprises as $surprise)<x-soil-surprise :site="$site" :surprise="$surprise" />@endforeach
            @foreach ($page->answers as $answer)<x-hole-options :site="$site" :answer="$answer" />@endforeach
            @if ($list->holes !== [])
                <table>
                    <caption>{{ $say('footing.dig.in_walking_order') }} <span
                        class="muted">{{ $say('footing.dig.every_second_row_backwards') }}</span></caption>
                    <thead><tr><th scope="col">{{ $say('page.hole') }}</th><th scope="col" class="num">{{ $say('footing.dig.dig') }}</th>
                        <th scope="col" class="num">{{ $say('page.dug') }}</th>
                        <th scope="col">{{ $say('page.stands') }}</th></tr></thead>
                    <tbody>@foreach ($list->withDug() as [$required, $hole])
                        <tr class="{{ $required === $list->now ? 'row-now' : '' }} {{ $hole && ! $hole->serves() ? 'row-off' : '' }}">
                            <th scope="row"><a
                                href="{{ Links::asking('footing.dig', $job, 'hole', $required->post->label) }}">{{ $required->post->label }}</a></th>
                            <td class="num strong"><x-length :of="$list->toReach($required)" :plan="$plan" /></td>
                            <td class="num"><x-length :of="$hole ? $required->need->ground->minus($hole->bottom) : null" :plan="$plan" /></td>
                            <td><span class="state state-{{ $hole === null ? 'to-pull' : ($hole->serves() ? 'fits' : 'off') }}">{{ $hole === null
                            ? $say('page.to_dig') : ($hole->serves() ? $say('page.deep_enough') : $say('page.short'))
                            }}{{ $hole?->found ? $say('drawing.plan_drawing.met', what: Names::of($hole->found)) : '' }}</span></td></tr>
                    @endforeach</tbody>
                </table>
            @endif
        </section>
        <div class="side-work">
            @if ($list->marks !== [])
                <section>
                    <h2>{{ $say('footing.dig.marks_on_the', is_dug: $list->isDug() ? $say('footing.dig.auger') : $say('page.posts_2')) }} <span
                        class="h-note">{{ $say('footing.dig.holes_of_equal_depth_share') }}</span></h2>
                    <table><thead><tr><th scope="col" class="num">{{ $say('footing.dig.mark_at') }}</th>
                        <th scope="col">{{ $say('footing.dig.for') }}</th></tr></thead>
                        <tbody>@foreach ($list->marks as $mark)<tr><td class="num strong"><x-length :of="$mark['depth']" :plan="$plan" /></td>
                            <td>{{ collect($mark['posts'])->map(fn ($post) => $post->label)->join(', ') }}</td></tr>@endforeach</tbody></table>
                    <p class="hint">{{ $list->isDug() ? $say('footing.dig.measured_from_the_augers_tip')
                        : $say('footing.dig.measured_from_the_foot_of') }}</p>
                </section>
            @endif
            <p><a class="jump" href="{{ route('round', [$job, 'holes']) }}">{{ $say('page.the_whole_round_on_one') }}</a></p>
            <x-cautions :step="Step::Digging" :site="$site" />
        </div>
    </div>
</x-layout>
