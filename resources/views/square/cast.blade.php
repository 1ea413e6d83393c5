@use('App\View\Typeset')
<x-layout title="As cast" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="square.cast" />
    <div class="two">
        <section class="paper">
            @if ($again->cast === [])
                <h1>Nothing is entered as cast yet</h1>
                <p class="verdict-why">After a pour put the strings back on their nails and read how far each pier or post stands off its mark. The
                    layout is then solved again from what really stands, and the rest takes up the difference.</p>
            @else
                <h1>{{ $again->cannot() === [] ? 'The difference can be taken up' : 'Not everything can be taken up' }}</h1>
                <p class="verdict-why">The plan is laid over {{ count($again->cast) === 1 ? 'the one pier' : count($again->cast).' piers or posts' }}
                    as cast{{ abs($again->turn) > 1e-6 ? ', turned by '.Typeset::number(abs($again->turn) * 1000, 2).' mm in a metre' : '' }}. What is
                    left at each of them its anchor or notch takes; every other post gets a new mark.
                    @foreach ($again->cannot() as $taken){{ $taken->post->label }} would need <x-length :of="$taken->size()" :plan="$plan"
                        />, and {{ $taken->isDug ? 'its hole leaves' : 'an anchor may shift' }} <x-length :of="$taken->most" :plan="$plan"
                        />. @endforeach</p>
                <table><caption>Cast <span class="muted">shift of the anchor or notch on the pier</span></caption>
                    <thead><tr><th scope="col">Post</th><th scope="col">Anchor goes</th><th scope="col" class="num">in all</th>
                        <th scope="col">Can it</th></tr></thead>
                    <tbody>@foreach ($again->cast as $taken)<tr class="{{ $taken->can() ? '' : 'row-out' }}">
                        <th scope="row">{{ $taken->post->label }}</th>
                            <td>{!! Typeset::shifts($plan, $taken->told($plan->notation->smallestMark()), 'stays') !!}</td>
                                <td class="num"><x-length :of="$taken->size()"
                        :plan="$plan" /></td><td><span
                        class="state state-{{ $taken->can() ? 'fits' : 'out' }}">{{ $taken->can() ? 'yes' : 'no, more than this job allows' }}</span>
                        </td></tr>@endforeach</tbody></table>
                <table><caption>The rest <span class="muted">shift of the mark on the strings, from where the plan had it</span></caption>
                    <thead><tr><th scope="col">Post</th><th scope="col">New mark</th><th scope="col" class="num">in all</th>
                        <th scope="col">Can it</th></tr></thead>
                    <tbody>@foreach ($again->others as $taken)<tr class="{{ $taken->can() ? '' : 'row-out' }}">
                        <th scope="row">{{ $taken->post->label }}</th>
                            <td>{!! Typeset::shifts($plan, $taken->told($plan->notation->smallestMark()), 'stays') !!}</td>
                                <td class="num"><x-length :of="$taken->size()"
                        :plan="$plan" /></td><td><span
                        class="state state-{{ $taken->can() ? 'fits' : 'out' }}">{{ $taken->can() ? ($taken->isDug ? 'yes, its hole leaves room'
                        : 'yes, not dug') : 'no, its hole is too narrow' }}</span></td></tr>@endforeach</tbody></table>
                <details class="why"><summary>Why?</summary>
                    <p>@if (count($again->cast) === 1)One pier says where the plan lies, not how it is turned: everything shifts with it and the
                        strings keep their direction.@else The plan is turned and shifted, never stretched, so that the squares of what is left at
                        the cast ones add up to the least: θ = atan2(Σ(p×q), Σ(p·q)) about their two centres.@endif A round hole leaves
                        (diameter − post across its corners) / 2 − cover.</p>
                    </details>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <section id="entry">
                <h2>As it stands</h2>
                <x-entry-form kind="as_cast" name="cast">
                    <x-posts name="cast_post" form="cast" label="Pier or post" :posts="$plan->grid->posts" />
                    <p class="hint field-wide">How far its middle stands off its mark on the strings, both ways. Empty: on it.</p>
                    <x-field name="along_x" form="cast" label="Off by" :unit="$unit" />
                    <x-choice name="toward_x" form="cast" label="toward the"
                        :options="['plus_x' => $plan->sides->plusX, 'minus_x' => $plan->sides->minusX]" />
                    <x-field name="along_y" form="cast" label="and off by" :unit="$unit" />
                    <x-choice name="toward_y" form="cast" label="toward the"
                        :options="['plus_y' => $plan->sides->plusY, 'minus_y' => $plan->sides->minusY]" />
                    <button class="button">Write it down</button>
                </x-entry-form>
            </section>
        </div>
    </div>
</x-layout>
