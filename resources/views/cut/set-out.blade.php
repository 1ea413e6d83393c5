@use('Aequus\Plan\Terms\Side')
<x-layout title="Set-out" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="cut.set-out" />
    <div class="two">
        <section class="paper">
            @if ($form->members === null)
                @include('footing.refused')
            @else
                <h1>{{ count($form->members->nearFaces) }} across <x-length :of="$form->length" :plan="$plan" /></h1>
                <p class="verdict-why">All marks run from one zero, the end at {{ $plan->sides->of($form->alongX ? Side::MinusX : Side::MinusY) }}:
                    hook the tape once and leave it. @if ($form->members->gap)Clear between two: <b><x-length :of="$form->members->gap" :plan="$plan"
                    /></b>; so long is each block.@endif @if ($form->members->remainder)The last bay is <x-length :of="$form->members->remainder"
                        :plan="$plan"
                    />: cut its blocks and sheets to measure.@endif</p>
                <table>
                    <caption>Marking list <span class="muted">near face of each; the member lies on the far side of its mark</span></caption>
                    <thead><tr><th scope="col" class="num">No.</th><th scope="col" class="num">near face</th><th scope="col" class="num">centre</th>
                        </tr></thead>
                    <tbody>@foreach ($form->members->nearFaces as $i => $face)<tr><th scope="row" class="num">{{ $i + 1 }}</th>
                        <td class="num strong"><x-length :of="$face" :plan="$plan" /></td>
                        <td class="num"><x-length :of="$face->plus($form->thickness->half())" :plan="$plan" /></td></tr>@endforeach</tbody>
                </table>
                <p><a href="{{ route('cut.set-out.pole', ['job' => $job] + request()->query()) }}" hx-boost="false">The list in full size, to print in
                    strips</a></p>
                <table>
                    <caption>Posts under it <span class="muted">centres, from the same zero</span></caption>
                    <thead><tr><th scope="col">{{ $form->alongX ? 'Column' : 'Row' }}</th><th scope="col" class="num">centre</th></tr></thead>
                    <tbody>@foreach ($form->posts as $line => $at)<tr><th scope="row">{{ $line }}</th>
                        <td class="num"><x-length :of="$at" :plan="$plan" /></td></tr>@endforeach</tbody>
                </table>
                @if ($form->seat)<p class="answer">Seat: cut a shoulder <x-length :of="$form->seat->shoulderBelowTop" :plan="$plan"
                    /> below the top mark, <x-length :of="$form->seat->depth" :plan="$plan" /> deep; <x-length :of="$form->seat->left" :plan="$plan"
                    /> of the post are left. {{ $form->seat->leavesEnough ? 'The beam bears on wood, the bolts only hold it there.'
                    : 'That is less than half of the post: make the notch shallower, or use a steel seat.' }} Slope what lies open so that it sheds
                    water.</p>@endif
                <details class="why"><summary>Why these marks?</summary><p>Even: gap = (length − n × thickness) / (n − 1), each mark rounded once from
                    zero, the last ending exactly at the length. At centres: 0, then i × centres − half a thickness, the last at the end; what is left
                    over is named. The length is post centre to centre + one post + 2 × overhang, unless typed. Spans of beams, joists and rafters are
                    not checked here.</p></details>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <form method="get" action="{{ route('cut.set-out', $job) }}" class="entry">
                <h2 class="field-wide">Rafters, joists, battens or boards</h2>
                <x-choice wide form="sum" name="along" label="Marked on a beam along" :value="$form->alongX ? 'x' : 'y'"
                    :options="['x' => 'a row (A1, B1 …)', 'y' => 'a column (A1, A2 …)']" />
                <x-sum-field :f="$form->sums->field('overhang', 'Overhang past the posts')" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('length', 'Or its whole length', 'Empty: '.$plan->write($form->length).'.')" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('thickness', 'Each is thick', 'Empty: '.$plan->write($form->thickness).'.')" :unit="$unit" />
                <x-choice wide form="sum" name="spread" label="Spread" :value="$form->spread" :options="$form::SPREAD" />
                <x-sum-field :f="$form->sums->field('gap', 'Gap or centres', 'As chosen beside.')" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('count', 'How many', 'For: even, so many.')" />
                <h2 class="field-wide">A seat for the beam</h2>
                <x-sum-field :f="$form->sums->field('beam', 'Beam high')" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('notch', 'Notch deep', 'Empty: a third of the post.')" :unit="$unit" />
                <button class="button button-second">Work it out</button>
            </form>
        </div>
    </div>
</x-layout>
