@use('Aequus\Measure\Length')
@use('Aequus\Set\Drifts')
@use('Aequus\Site\PourPoint')
@use('Aequus\Site\Step')
@use('Aequus\Words\Names')
@use('Aequus\Words\Plan\HoldWords')
@use('App\View\Links')
<x-layout title="Set" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="set" />
    <div class="two">
        <section class="paper">
            <div aria-live="polite">
                <h1>{{ $page->title() }}</h1>
                <p class="verdict-why">Plumb means within 1 in {{ $plan->tolerances->plumbOneIn }}, on two neighbouring faces. Choose a post to read
                    it.</p>
            </div>
            <x-drawing.plan :model="$drawing" :site="$site" link="set.post" />
            <table>
                <caption>Posts</caption>
                <thead><tr><th scope="col">Post</th><th scope="col" class="laptop-only">Hole</th><th scope="col" class="laptop-only">Fill</th>
                    <th scope="col">Stands</th><th scope="col" class="num">top out by</th><th scope="col">Pull the top</th></tr></thead>
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
                    <p><a class="button" href="{{ route('set.post', [$job, $site->next->posts[0]->label]) }}">Go to
                        {{ $site->next->posts[0]->label }}</a></p>
                @endif
            </x-move>
            @if ($page->stringsGoToTheFaces())
                <section><h2>Move the strings to the faces</h2><p>While digging they mark centre lines. To set posts by their faces, move each string
                out by half a post: those along the rows by <b><x-length :of="$plan->post->d->half()" :plan="$plan"
                /></b>, those along the columns by <b><x-length :of="$plan->post->b->half()" :plan="$plan" /></b>, all toward the same side. They go
                back to the same nails.</p></section>@endif
            @if ($ready->waiting > 0)
                <section><h2>{{ $ready->ready === [] ? 'No post is ready to fill' : 'Ready to fill: '.implode(', ', $ready->ready) }}</h2>
                    <p class="hint">{{ $ready->waiting === 1 ? '1 hole waits for its fill.' : $ready->waiting.' holes wait for their fill.' }}
                        {{ $ready->missing === [] ? 'Nothing is missing.' : 'What is missing:' }}</p>
                    <ul class="plain">@foreach ($ready->missing as $point => $labels)
                        <li><b>{{ ucfirst(Names::of(PourPoint::from($point))) }}</b>:
                        {{ count($labels) === $ready->waiting ? ($ready->waiting === 1 ? 'at it' : 'at all of them') : implode(', ',
                        array_slice($labels, 0, 8)).(count($labels) > 8 ? ' …' : '') }}</li>@endforeach</ul></section>
            @endif
            <section>
                @if ($rounds !== [])
                    <h2>A round of all posts</h2>
                    <p class="hint">One after the other, in the order of walking. It begins where it stopped.</p>
                @endif
                <ul class="plain rounds">@foreach ($rounds as $round)
                    <li><a class="button button-second" href="{{ route('set.walk', [$job, $round->what]) }}">{{ ucfirst($round->inWords()) }} <span
                    class="muted">{{ $round->done }} of {{ $round->of }}</span></a></li>@endforeach</ul>
                @if ($page->set > 0)<p><a class="jump" href="{{ route('round', [$job, 'plumb']) }}">Every post for plumb, on one screen</a></p>
                    @endif
            </section>
            @if ($drift)<section><h2>What filling does here</h2><p>@if ($drift->expected)So far it pushed the tops by <x-length
                :of="Length::millimetres($drift->expected->size() * $plan->standing->inMillimetres())" :plan="$plan" /> toward the
                {{ $plan->sides->of(Drifts::toward($drift->expected)) }}, the mean of {{ count($drift->seen) }}: expect as much at the next.@else
                {{ count($drift->seen) }} of three fills are known; after three it is told what to expect at the next.@endif
                {{ HoldWords::drift($plan->holdOf($plan->grid->posts[0]->id)) }}</p></section>@endif
            <x-helper />
            <x-quick-line :site="$site" />
            <x-cautions :step="Step::Setting" :site="$site" />
        </div>
    </div>
</x-layout>
