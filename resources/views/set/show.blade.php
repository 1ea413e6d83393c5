@use('Aequus\Measure\Length')
@use('Aequus\Set\Drifts')
@use('Aequus\Site\PourPoint')
@use('Aequus\Site\Step')
@use('Aequus\Words\Names')
@use('Aequus\Words\Plan\HoldWords')
@use('App\View\Links')
<x-layout :title="$say('page.set')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="set" />
    <div class="two">
        <section class="paper">
            <div aria-live="polite">
                <h1>{{ $page->title() }}</h1>
                <p class="verdict-why">{{ $say('set.show.plumb_means_within_1_in', plumb_one_in: $plan->tolerances->plumbOneIn) }}</p>
            </div>
            <x-drawing.plan :model="$drawing" :site="$site" link="set.post" />
            <table>
                <caption>{{ $say('page.posts') }}</caption>
                <thead><tr><th scope="col">{{ $say('page.post') }}</th><th scope="col" class="laptop-only">{{ $say('page.hole') }}</th>
                    <th scope="col" class="laptop-only">{{ $say('page.fill') }}</th>
                    <th scope="col">{{ $say('page.stands') }}</th><th scope="col" class="num">{{ $say('page.top_out_by') }}</th>
                        <th scope="col">{{ $say('set.show.pull_the_top') }}</th></tr></thead>
                <tbody>
                    @foreach ($page->rows as $row)
                        <tr class="{{ $row->leans ? 'row-off' : '' }}">
                            <th scope="row"><a href="{{ Links::post('set.post', $job, $row->post->label) }}">{{ $row->post->label }}</a></th>
                            <td class="laptop-only">{{ $row->hole }}</td>
                            <td class="laptop-only">{{ $row->fill }}</td>
                            <td><span class="state state-{{ $row->state }}">{{ $row->word }}</span></td>
                            <td class="num">@if (! $row->stands->lean->isUnread())<x-length :of="$row->stands->outOfPlumb()"
                                :plan="$plan" />@else — @endif</td>
                            <td>@if ($row->leans)<x-words :say="$row->pull()" />@endif</td>
                                </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase">
                @if ($site->next?->phase === $phase)
                    <p><a class="button" href="{{ route('set.post', [$job, $site->next->posts[0]->label]) }}">{{ $say('set.show.go_to',
                        label: $site->next->posts[0]->label) }}</a></p>
                @endif
            </x-move>
            @if ($page->stringsGoToTheFaces())
                <section><h2>{{ $say('set.show.move_the_strings_to_the') }}</h2>
                    <p>{{ $say('set.show.while_digging_they_mark_centre', half: $plan->stoutest()->d->half(),
                        half_b: $plan->stoutest()->b->half()) }}</p>
                        </section>@endif
            @if ($ready->waiting > 0)
                <section><h2>{{ $ready->ready === [] ? $say('set.show.no_post_is_ready_to') : $say('set.show.ready_to_fill', part: implode(', ',
                    $ready->ready)) }}</h2>
                    <p class="hint">{{ $ready->waiting === 1 ? $say('set.show.1_hole_waits_for_its') : $say('set.show.holes_wait_for_their_fill',
                        waiting: $ready->waiting) }}
                        {{ $ready->missing === [] ? $say('set.show.nothing_is_missing') : $say('set.show.what_is_missing') }}</p>
                    <ul class="plain">@foreach ($ready->missing as $point => $labels)
                        <li><b>{{ ucfirst(Names::of(PourPoint::from($point))) }}</b>:
                        {{ count($labels) === $ready->waiting ? ($ready->waiting === 1 ? $say('set.show.at_it') : $say('set.show.at_all_of_them'))
                            : implode(', ',
                        array_slice($labels, 0, 8)).(count($labels) > 8 ? ' …' : '') }}</li>@endforeach</ul></section>
            @endif
            <section>
                @if ($rounds !== [])
                    <h2>{{ $say('set.show.a_round_of_all_posts') }}</h2>
                    <p class="hint">{{ $say('set.show.one_after_the_other_in') }}</p>
                @endif
                <ul class="plain rounds">@foreach ($rounds as $round)
                    <li><a class="button button-second" href="{{ route('set.walk', [$job, $round->what]) }}">{{ ucfirst($round->inWords()) }} <span
                    class="muted">{{ $say('set.show.of', done: $round->done, what: $round->of) }}</span></a></li>@endforeach</ul>
                @if ($page->set > 0)<p><a class="jump" href="{{ route('round', [$job, 'plumb']) }}">{{ $say('set.show.every_post_for_plumb_on') }}</a>
                    </p>
                    @endif
            </section>
            @if ($drift)<section><h2>{{ $say('set.show.what_filling_does_here') }}</h2>
                <p>@if ($drift->expected){{ $say('set.show.so_far_it_pushed_the',
                    millimetres: Length::millimetres($drift->expected->size() * $plan->standing->inMillimetres()),
                        what: $plan->sides->nameOf(Drifts::toward($drift->expected)), count: count($drift->seen)) }}@else
                {{ $say('set.show.of_three_fills_are_known', count: count($drift->seen)) }}@endif
                {{ HoldWords::drift($plan->holdOf($plan->grid->posts[0]->id)) }}</p></section>@endif
            <x-helper />
            <x-quick-line :site="$site" />
            <x-cautions :step="Step::Setting" :site="$site" />
        </div>
    </div>
</x-layout>
