@use('Aequus\Plan\Grid\TapeHeld')
@use('Aequus\Plan\Terms\Side')
@props(['plan'])
<div class="tables-side">
    @foreach ([['Marks along the base line', $plan->grid->columns, Side::PlusX, fn ($i) => $plan->grid::letters($i)],
        ['Marks away from the base line', $plan->grid->rows, Side::PlusY, fn ($i) => (string) ($i + 1)]] as [$caption, $lines, $axis, $name])
        <table>
            <caption>{{ $caption }} <span class="muted">from one zero, the centre of {{ $name(0) }}</span></caption>
            <thead><tr><th scope="col">{{ $axis->isAlongX() ? 'Column' : 'Row' }}</th><th scope="col" class="num">near face</th>
                <th scope="col" class="num">centre</th><th scope="col" class="num">far face</th></tr></thead>
            @if (count($lines->spacing()->centres) > 1)
                <tfoot><tr><td colspan="4">Overall: outside <x-length :of="TapeHeld::Outside->size($lines->length(), $plan->post->along($axis))"
                    :plan="$plan" />, centres <x-length :of="$lines->length()" :plan="$plan" />, clear between the end posts <x-length
                    :of="TapeHeld::Inside->size($lines->length(), $plan->post->along($axis))" :plan="$plan" /></td></tr></tfoot>
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
