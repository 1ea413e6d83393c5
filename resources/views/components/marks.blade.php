@use('Aequus\Plan\Terms\Side')
@props(['plan'])
<div class="tables-side">
    @foreach ([[$say('page.along_the_base_line'), $plan->marks(Side::PlusX), Side::PlusX, fn ($i) => $plan->grid::letters($i)],
        [$say('components.marks.away_from_the_base_line'),
            $plan->marks(Side::PlusY), Side::PlusY, fn ($i) => (string) ($i + 1)]] as [$caption, $marks, $axis, $name])
        @continue(count($marks) < 2 && count($plan->grid->posts) > 1)
        <table>
            <caption>{{ $caption }} <span class="muted">{{ $say('components.marks.from_one_zero_the_centre', name: $name(0)) }}</span></caption>
            <thead><tr><th scope="col">{{ $axis->isAlongX() ? $say('page.column') : $say('page.row') }}</th>
                <th scope="col" class="num">{{ $say('page.near_face') }}</th>
                <th scope="col" class="num">{{ $say('page.centre') }}</th><th scope="col" class="num">{{ $say('page.far_face') }}</th></tr></thead>
            @if (count($marks) > 1)
                <tfoot><tr><td colspan="4">{{ $say('components.marks.overall_outside_centres_clear_between',
                    size: end($marks)->farFace->minus($marks[0]->nearFace), length: end($marks)->centre,
                        size_b: end($marks)->nearFace->minus($marks[0]->farFace)) }}</td></tr></tfoot>
            @endif
            <tbody>
                @foreach ($marks as $i => $mark)
                    <tr><th scope="row">{{ $name($i) }}</th><td class="num"><x-length :of="$mark->nearFace" :plan="$plan" /></td>
                        <td class="num strong"><x-length :of="$mark->centre" :plan="$plan" /></td><td class="num"><x-length :of="$mark->farFace"
                        :plan="$plan" /></td></tr>
                @endforeach
            </tbody>
        </table>
    @endforeach
</div>
