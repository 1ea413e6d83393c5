@use('App\View\Choices')
<x-layout title="Rod marks" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="cut.rods" />
    <div class="two">
        <section class="paper">
            @if ($plan->tops === null)
                <h1>Strike a datum line first</h1><p class="verdict-why">Every mark is told from the line struck on all posts. Decide the tops and the
                    line under Marks.</p>
            @elseif ($marks->sums->refusals !== [])
                @include('footing.refused')
            @elseif ($marks->marks === [])
                <h1>Marks at a height</h1><p class="verdict-why">For rails, brackets, boards: type a height and where it is counted from. On uneven
                    ground somebody must choose which ground.</p>
            @else
                <h1>{{ count($marks->marks) }} {{ count($marks->marks) === 1 ? 'mark' : 'marks' }} from {{ $marks::FROM[$marks->from] }}</h1>
                <p class="verdict-why">Measured on each post from the datum line: hold the tape or one rod on the line, never on the ground.</p>
                <table>
                    <caption>Marks</caption>
                    <thead><tr><th scope="col">Post</th><th scope="col" class="num">from the datum line</th>
                        <th scope="col" class="num">over its own ground</th></tr></thead>
                    <tbody>@foreach ($marks->marks as $mark)<tr><th scope="row">{{ $mark->post->label }}</th>
                        <td class="num strong"><x-length :of="$mark->aboveDatumLine()->magnitude()" :plan="$plan"
                        /> {{ $mark->aboveDatumLine()->isNegative() ? 'below' : 'above' }}</td><td class="num"><x-length :of="$mark->aboveItsGround"
                        :plan="$plan" /></td></tr>@endforeach</tbody>
                </table>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <form method="get" action="{{ route('cut.rods', $job) }}" class="entry">
                <h2 class="field-wide">Mark the posts at</h2>
                <x-sum-field :f="$marks->sums->field('height', 'Height')" :unit="$unit" />
                <x-sum-field :f="$marks->sums->field('posts', 'Posts', 'Their labels. Empty: all.')" />
                <x-choice wide form="sum" name="from" label="Counted from" :value="$marks->from" :options="$marks::FROM" />
                <x-choice form="sum" name="one" label="One ground" :value="$marks->sums->typed('one')"
                    :options="['' => '—'] + Choices::posts($plan->grid->posts)" />
                <x-choice form="sum" name="other" label="The other" :value="$marks->sums->typed('other')"
                    :options="['' => '—'] + Choices::posts($plan->grid->posts)" />
                @if ($marks->points() !== [])<x-choice wide form="sum" name="point" label="A point that was levelled"
                    :value="$marks->sums->typed('point')" :options="['' => '—'] + $marks->points()" />@endif
                <button class="button button-second">Work it out</button>
            </form>
        </div>
    </div>
</x-layout>
