@use('Aequus\Plan\Grid\TapeHeld')
@use('Aequus\Plan\Terms\Side')
@props(['plan'])
<div class="tables-side">
    @foreach ([[$say('page.along_the_base_line'), $plan->grid->columns, Side::PlusX, fn ($i) => $plan->grid::letters($i)],
        [$say('components.marks.away_from_the_base_line'),
            $plan->grid->rows, Side::PlusY, fn ($i) => (string) ($i + 1)]] as [$caption, $lines, $axis, $name])
        <table>
            <caption>{{ $caption }} <span class="muted">{{ $say('components.marks.from_one_zero_the_centre', name: $name(0)) }}</span></caption>
            <thead><tr><th scope="col">{{ $axis->isAlongX() ? $say('page.column') : $say('page.row') }}</th>
                <th scope="col" class="num">{{ $say('page.near_face') }}</th>
                <th scope="col" class="num">{{ $say('page.centre') }}</th><th scope="col" class="num">{{ $say('page.far_face') }}</th></tr></thead>
            @if (count($lines->spacing()->centres) > 1)
                <tfoot><tr><td colspan="4">{{ $say('components.marks.overall_outside_centres_clear_between',
                    size: TapeHeld::Outside->size($lines->length(), $plan->post->along($axis)), length: $lines->length(),
                        size_b: TapeHeld::Inside->size($lines->length(), $plan->post->along($axis))) }}</td></tr></tfoot>
            @endif
            <tbody>
                @foreach ($lines->spacing()->marks($plan->post->along($axis)) as $i => $mark)
                    <tr><th scope="row">{{ $name($i) }}</th><td class="num"><x-length :of="$mark->nearFace" :plan="$plan" /></td>
                        <td class="num strong"><x-length :of="$mark->centre" :plan="$plan" /></td><td class="num"><x-length :of="$mark->farFace"
                        :plan="$plan" /></td></tr>
                @endforeach
            </tbody>
        </table>
    @endforeach
</div>
