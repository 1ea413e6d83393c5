@use('Aequus\Footing\Comparison\DepthPrices')
@use('Aequus\Words\Names')
@use('App\View\Typeset')
<x-layout title="Side by side" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="footing.compare" />
    <div class="two">
        <section class="paper">
            @if ($site->state->footing->needs === [])
                @include('footing.empty')
            @elseif ($form->comparison === null)
                @include('footing.refused')
            @else
                                <h1>Cheapest: {{ Names::of($form->comparison->cheapest->mode) }}</h1>
                <p class="verdict-why">It comes to {{ Typeset::money($form->comparison->cheapest->cost) }} in your money for posts, concrete, digging
                    and cutting.
                    @if ($form->comparison->cheapest->beyondAuger !== []) No way stays within the auger’s reach: dig those holes on by hand, or find a
                        longer
                    auger.@elseif ($form->auger === null) No auger is named, so none is minded.@endif</p>
                <table>
                    <caption>Ways to choose the depths <span class="muted">{{ Names::of($form->hold) ?: 'held as decided' }}</span></caption>
                    <thead><tr><th scope="col">Way</th><th scope="col" class="num">to dig</th><th scope="col" class="num">longest hole</th>
                        <th scope="col" class="num">concrete</th><th scope="col" class="num">post to buy</th><th scope="col" class="num">lengths</th>
                        <th scope="col" class="num">cost</th></tr></thead>
                    <tbody>@foreach ($form->comparison->ways as $way)<tr class="{{ $way === $form->comparison->cheapest ? 'row-chosen' : '' }}">
                        <th scope="row">{{ Names::of($way->mode) }}@if ($way->beyondAuger !== [])<br><span
                        class="state state-out">{{ count($way->beyondAuger) }} beyond the auger:
                        {{ collect($way->beyondAuger)->take(5)->map(fn ($post) => $post->label)->join(', ') }}{{ count($way->beyondAuger) > 5 ? ' …'
                        : '' }}</span>@endif <form method="post" action="{{ route('footing.way', $job) }}">@csrf<input type="hidden" name="based_on"
                        value="{{ $job->revision->number }}"><input type="hidden" name="mode" value="{{ $way->mode->value }}"><input type="hidden"
                        name="plane" value="{{ $form->sums->typed('plane') }}"><button class="button button-second button-small"
                        aria-label="Take it: {{ Names::of($way->mode) }}">Take it</button></form></th>
                            <td class="num">{{ Typeset::volume($plan->notation, $way->dug) }}</td>
                        <td class="num"><x-length :of="$way->longest->depth" :plan="$plan" /> <span
                        class="muted">{{ $way->longest->of->label }}</span></td>
                            <td class="num">{{ Typeset::volume($plan->notation, $way->concrete) }}</td>
                        <td class="num"><x-length :of="$way->stock" :plan="$plan" /></td><td class="num">{{ $way->lengths }}</td>
                        <td class="num strong">{{ Typeset::money($way->cost) }}</td></tr>@endforeach</tbody>
                </table>
                @if ($section = $form->section())
                    <p class="hint">One plane, as tried: drag it, or move it with the arrow keys, and all figures follow.</p>
                    <x-drawing.section :model="$section" field="sum-plane" />
                @endif
                @if ($form->comparison->flips === [])
                    <p class="hint">{{ count($site->state->footing->needs) === 1 ? 'One post: every way comes to the same.'
                        : 'No single price would change the answer.' }}</p>
                @else
                    <h2>What would change the answer</h2>
                    <ul class="plain">@foreach ($form->comparison->flips as $flip)
                        <li>{{ ucfirst($form->per($flip->price)) }} at {{ Typeset::number($form->flipAt($flip), 2) }} instead of
                        {{ Typeset::number($form->prices[$flip->price], 2) }}: then “{{ Names::of($flip->way->mode) }}” costs the same, and
                        {{ $flip->at > $flip->now ? 'above' : 'below' }} that less.</li>@endforeach</ul>
                @endif
                <details class="why"><summary>Why these numbers?</summary>
                    <p>Every way keeps every rule of depth: a common plane lies at the lowest foot any of its posts needs. Dug is π/4 × hole² × depth
                    of each; concrete is what each way of holding pours, less the post in it; a post is bought from foot to top in the next multiple
                    of <x-length :of="$form->soldBy" :plan="$plan" />. Own depths always dig least; feet and tops level make all posts alike, so that
                    they are cut on the trestle, and that is what a different length costs here. The cost of a way is a straight line in each price,
                    so the price at which two ways meet is exact.</p></details>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <form method="get" action="{{ route('footing.compare', $job) }}" class="entry">
                <h2 class="field-wide">Weigh them with</h2>
                @include('footing.hold-choice', ['value' => $form->hold?->value])
                @if ($section = $form->section())<x-choice form="sum" name="along" label="Section along" :value="$section->shown"
                    :options="$section->choices" />@endif
                <x-sum-field :f="$form->sums->field('plane', 'One plane at, above zero', 'Empty: as high as the rules allow.')" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('auger', 'Auger reaches', 'Empty: not minded.')" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('sold_by', 'Posts are sold in steps of', 'Empty: '.$plan->write($form->soldBy).'.')" :unit="$unit"
                    />
                @foreach (DepthPrices::NAMES as $name)
                    <x-sum-field :f="$form->sums->field('price_'.$name, ucfirst($form->per($name)), 'Empty: '.Typeset::number($form->prices[$name],
                        2).', made up.')"
                    />@endforeach
                <button class="button button-second">Work it out</button>
            </form>
        </div>
    </div>
</x-layout>
