@use('App\View\Choices')
<x-layout title="Spacing and tops" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="set.tops" />
    <div class="two">
        <section class="paper">
            <div aria-live="polite">
                <h1>@if (count($plan->grid->posts) < 2)One post has no neighbour to agree with @elseif ($page->tops === null)Tops can’t be told yet
                    @elseif ($page->tops->out !== []){{ count($page->tops->out) === 1 ? 'The top of '.$page->label($page->tops->out[0]).' is out'
                    : 'The tops of '.$page->out().' are out' }}@else All tops stand square @endif</h1>
                <p class="verdict-why">@if (count($plan->grid->posts) < 2)Its plumb is all there is: read two
                    faces.@elseif ($page->tops === null)Stakes
                    must be proved, and every post set and read on two faces: then a top is its stake and its lean times its height, and tapes at the
                    tops check it.@elseif ($page->tops->strap)The diagonal
                    {{ $page->tops->strap->alongAc ? $page->corners[0].'–'.$page->corners[2] : $page->corners[1].'–'.$page->corners[3] }} is the
                        longer one: a strap along it
                    shortens it by <b><x-length :of="$page->tops->strap->shortenBy" :plan="$plan" /></b>.
                    @if ($page->tops->sprung > 1 / $plan->tolerances->plumbOneIn) That springs set posts by more than 1 in
                        {{ $plan->tolerances->plumbOneIn }} of their height: do not force it. Move what is not set yet, or take it up in the
                        joints.@else That stays within 1 in {{ $plan->tolerances->plumbOneIn }} of the posts’ height. Straps under tension: stand
                        aside. @endif
                    @elseif (count($page->corners) === 4) By all that was read the diagonals of the outline agree within <x-length
                        :of="$plan->tolerances->squareness" :plan="$plan" />.@else Each top is judged by its own place: this layout has no four
                        corners.@endif</p>
                @if ($page->doubtful() !== [])
                    <p class="verdict-why"><b>Not all readings can be true.</b> Look at {{ count($page->doubtful()) === 1 ? 'entry' : 'entries' }}
                    {{ implode(', ', $page->doubtful()) }} in the logbook, and pull that tape again.</p>@endif
            </div>
            @if ($page->tops)
                <x-drawing.plan :model="$drawing" :site="$site" link="set.post" says="Tops seen from above" />
                <table>
                    <caption>Tops <span class="muted">off their places, along the sides</span></caption>
                    <thead><tr><th scope="col">Post</th><th scope="col" class="num">toward {{ $plan->sides->plusX }}</th>
                        <th scope="col" class="num">toward {{ $plan->sides->plusY }}</th><th scope="col">Stands</th></tr></thead>
                    <tbody>@foreach ($page->rows() as [$post, $isOut, $x, $y])
                        <tr class="{{ $isOut ? 'row-off' : '' }}"><th scope="row">{{ $post->label }}</th>
                        <td class="num"><x-length :of="$x" :plan="$plan" /></td>
                        <td class="num"><x-length :of="$y" :plan="$plan" /></td>
                        <td><span class="state state-{{ $isOut ? 'off' : 'fits' }}">{{ $isOut ? 'out' : 'square' }}</span></td></tr>
                            @endforeach</tbody>
                </table>
            @endif
            @if ($page->spacings !== [])
                <table>
                    <caption>Neighbours <span class="muted">spacing at the ground, at the tops, and plumb must agree</span></caption>
                    <thead><tr><th scope="col">Pair</th><th scope="col" class="num">ground</th><th scope="col" class="num">tops by the leans</th>
                        <th scope="col" class="num">tops by tape</th><th scope="col">Agree</th></tr></thead>
                    <tbody>@foreach ($page->spacings as $check)<tr class="{{ $check->agrees ? '' : 'row-off' }}">
                        <th scope="row">{{ $check->from->post->label }}–{{ $check->to->post->label }}</th>
                        <td class="num"><x-length :of="$check->ground" :plan="$plan" /></td><td class="num"><x-length :of="$check->expected"
                        :plan="$plan" /></td><td class="num"><x-length :of="$check->top" :plan="$plan" /></td>
                        <td><span class="state state-{{ $check->agrees ? 'fits' : 'off' }}">@if ($check->agrees)yes @else <x-length
                        :of="$check->off->magnitude()" :plan="$plan" /> apart @endif</span></td></tr>@endforeach</tbody>
                </table>
                @foreach ($page->contradict as $check)<p class="verdict-why"><b>{{ $check->from->post->label }}–{{ $check->to->post->label }}
                    contradict.</b> Ground spacing, top spacing and the plumb of both tell the same thing twice; one of the three is wrong by about
                    <x-length :of="$check->off->magnitude()" :plan="$plan" />. Tape the tops again first, then read both posts on the face along the
                    pair.</p>@endforeach
            @endif
            <details class="why"><summary>Why?</summary><p>Tapes at the tops and at the ground go into one network, joined by the leans: top = stake +
                slope × height. A top is out when it stands more than <x-length :of="$plan->tolerances->squareness" :plan="$plan"
                /> from where the plan, laid over the other tops, has it. A strap shortens the longer diagonal by D − √(L² + W²). Of a pair the tops
                should be ground spacing + the difference of the leans × height apart; what is allowed is 3.29 standard deviations of two tapes of 2
                mm and two readings of 0.5 mm in 1200.</p></details>
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <section id="entry">
                <h2>A tape between two posts</h2>
                <x-entry-form kind="spacing" name="spacing">
                    <x-posts name="from" form="spacing" label="From" :posts="$plan->grid->posts" />
                    <x-choice name="to" form="spacing" label="To" :value="$plan->grid->posts[1]->label ?? ''"
                        :options="Choices::posts($plan->grid->posts) + array_column($plan->fixedLines(), 'name', 'id')" />
                    <x-radios name="at" form="spacing" label="Held" value="top" :options="['top' => 'at the tops', 'ground' => 'at the ground']" />
                    <x-field name="spacing" form="spacing" label="Reads, centre to centre" :unit="$unit" wide />
                    <button class="button">Write it down</button>
                </x-entry-form>
            </section>
            <x-quick-line :site="$site" />
        </div>
    </div>
</x-layout>
