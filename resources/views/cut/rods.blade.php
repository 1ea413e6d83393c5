@use('App\View\Choices')
<x-layout :title="$say('components.ways.cut.rods')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="cut.rods" />
    <div class="two">
        <section class="paper">
            @if ($plan->tops === null)
                <h1>{{ $say('cut.rods.strike_a_datum_line_first') }}</h1><p class="verdict-why">{{ $say('cut.rods.every_mark_is_told_from') }}</p>
            @elseif ($marks->sums->refusals !== [])
                @include('footing.refused')
            @elseif ($marks->marks === [])
                <h1>{{ $say('cut.rods.marks_at_a_height') }}</h1><p class="verdict-why">{{ $say('cut.rods.for_rails_brackets_boards_type') }}</p>
            @else
                <h1>{{ $say('cut.rods.from', count: count($marks->marks), from: $marks::counted()[$marks->from]) }}</h1>
                <p class="verdict-why">{{ $say('cut.rods.measured_on_each_post_from') }}</p>
                <table>
                    <caption>{{ $say('page.marks') }}</caption>
                    <thead><tr><th scope="col">{{ $say('page.post') }}</th><th scope="col" class="num">{{ $say('cut.rods.from_the_datum_line') }}</th>
                        <th scope="col" class="num">{{ $say('cut.rods.over_its_own_ground') }}</th></tr></thead>
                    <tbody>@foreach ($marks->marks as $mark)<tr><th scope="row">{{ $mark->post->label }}</th>
                        <td class="num strong"><x-length :of="$mark->aboveDatumLine()->magnitude()" :plan="$plan"
                        /> {{ $mark->aboveDatumLine()->isNegative() ? $say('page.below') : $say('page.above') }}</td>
                            <td class="num"><x-length :of="$mark->aboveItsGround"
                        :plan="$plan" /></td></tr>@endforeach</tbody>
                </table>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <form method="get" action="{{ route('cut.rods', $job) }}" class="entry">
                <h2 class="field-wide">{{ $say('cut.rods.mark_the_posts_at') }}</h2>
                <x-sum-field :f="$marks->sums->field('height', $say('cut.rods.height'))" :unit="$unit" />
                <x-sum-field :f="$marks->sums->field('posts', $say('page.posts'), $say('cut.rods.their_labels_empty_all'))" />
                <x-choice wide form="sum" name="from" :label="$say('cut.rods.counted_from')" :value="$marks->from" :options="$marks::counted()" />
                <x-choice form="sum" name="one" :label="$say('cut.rods.one_ground')" :value="$marks->sums->typed('one')"
                    :options="['' => '—'] + Choices::posts($plan->grid->posts)" />
                <x-choice form="sum" name="other" :label="$say('cut.rods.the_other')" :value="$marks->sums->typed('other')"
                    :options="['' => '—'] + Choices::posts($plan->grid->posts)" />
                @if ($marks->points() !== [])<x-choice wide form="sum" name="point" :label="$say('cut.rods.a_point_that_was_levelled')"
                    :value="$marks->sums->typed('point')" :options="['' => '—'] + $marks->points()" />@endif
                <button class="button button-second">{{ $say('page.work_it_out') }}</button>
            </form>
        </div>
    </div>
</x-layout>
