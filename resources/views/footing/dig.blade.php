@use('Aequus\Site\Step')
@use('Aequus\Words\Names')
@use('App\View\Links')
<x-layout title="Dig list" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="footing.dig" />
    <div class="two dig">
        <section class="paper">
            @if ($list->holes === [])
                @include('footing.empty')
            @elseif ($list->now === null)
                <h1>{{ count($list->holes) === 1 ? 'The one hole is dug' : 'All '.count($list->holes).' holes are dug' }}</h1>
            @else
                <div aria-live="polite">
                    <p class="move-kicker">{{ $list->isDug() ? 'Hole at hand' : 'Post to drive' }}</p>
                    <h1>{{ $list->now->post->label }}</h1>
                    <p class="move-number"><span class="big"><x-length :of="$list->toReach($list->now)" :plan="$plan" /></span> <span
                        class="move-beside">from today’s ground to {{ $list->isDug() ? 'the clean bottom' : 'its foot' }}</span></p>
                    <p class="verdict-why">What makes it so deep: {{ Names::of($list->now->governing) }}. @if ($list->isDug())Above the bottom come
                        <x-length
                        :of="$list->now->need->gravel" :plan="$plan" /> gravel and <x-length :of="$list->now->need->pad" :plan="$plan"
                        /> pad.@elseif ($site->state->footing->firstDriven())Never less; and so deep that its top comes level with
                        {{ $site->state->footing->firstDriven()->required->post->label }}’s, if the posts are alike. Plumb it every few blows.@else
                        Plumb it every few blows.@endif</p>
                </div>
                <x-entry-form kind="hole" name="hole" id="entry">
                    <input type="hidden" name="post" value="{{ $list->now->post->label }}">
                    @include('footing.hole-fields', ['label' => $list->now->post->label.' came out at'])
                </x-entry-form>
                @if ($list->after)<p>Next: <a class="jump"
                    href="{{ route('footing.dig', ['job' => $job, 'hole' => $list->after->post->label]) }}">{{ $list->after->post->label }}</a></p>
                    @endif
            @endif
            @if ($list->holes !== [])<x-drawing.plan :model="$drawing" />@endif
            @foreach ($page->surprises as $surprise)<x-soil-surprise :site="$site" :surprise="$surprise" />@endforeach
            @foreach ($page->answers as $answer)<x-hole-options :site="$site" :answer="$answer" />@endforeach
            @if ($list->holes !== [])
                <table>
                    <caption>In walking order <span class="muted">every second row backwards</span></caption>
                    <thead><tr><th scope="col">Hole</th><th scope="col" class="num">dig</th><th scope="col" class="num">dug</th>
                        <th scope="col">Stands</th></tr></thead>
                    <tbody>@foreach ($list->withDug() as [$required, $hole])
                        <tr class="{{ $required === $list->now ? 'row-now' : '' }} {{ $hole && ! $hole->serves() ? 'row-off' : '' }}">
                            <th scope="row"><a
                                href="{{ Links::asking('footing.dig', $job, 'hole', $required->post->label) }}">{{ $required->post->label }}</a></th>
                            <td class="num strong"><x-length :of="$list->toReach($required)" :plan="$plan" /></td>
                            <td class="num"><x-length :of="$hole ? $required->need->ground->minus($hole->bottom) : null" :plan="$plan" /></td>
                            <td><span class="state state-{{ $hole === null ? 'to-pull' : ($hole->serves() ? 'fits' : 'off') }}">{{ $hole === null
                            ? 'to dig' : ($hole->serves() ? 'deep enough' : 'short')
                            }}{{ $hole?->found ? ', met '.Names::of($hole->found) : '' }}</span></td></tr>
                    @endforeach</tbody>
                </table>
            @endif
        </section>
        <div class="side-work">
            @if ($list->marks !== [])
                <section>
                    <h2>Marks on the {{ $list->isDug() ? 'auger' : 'posts' }} <span class="h-note">holes of equal depth share one</span></h2>
                    <table><thead><tr><th scope="col" class="num">Mark at</th><th scope="col">for</th></tr></thead>
                        <tbody>@foreach ($list->marks as $mark)<tr><td class="num strong"><x-length :of="$mark['depth']" :plan="$plan" /></td>
                            <td>{{ collect($mark['posts'])->map(fn ($post) => $post->label)->join(', ') }}</td></tr>@endforeach</tbody></table>
                    <p class="hint">{{ $list->isDug() ? 'Measured from the auger’s tip. Loose earth falls back: clean the bottom before you measure.'
                        : 'Measured from the foot of each post.' }}</p>
                </section>
            @endif
            <p><a class="jump" href="{{ route('round', [$job, 'holes']) }}">The whole round on one screen</a></p>
            <x-cautions :step="Step::Digging" :site="$site" />
        </div>
    </div>
</x-layout>
