@props(['site', 'openings'])
@if ($openings)
    <table>
        <caption>What must fit <span class="muted">clear openings between faces</span></caption>
        <thead><tr><th scope="col">What</th><th scope="col">Where</th><th scope="col" class="num">there is</th>
            <th scope="col" class="num">it needs</th><th scope="col" class="num">to spare</th><th scope="col">Stands</th>
            <th scope="col"><span class="vh">Take away</span></th></tr></thead>
        <tbody>
            @foreach ($openings as $i => $one)
                <tr class="{{ $one->fits() ? '' : 'row-out' }}"><th scope="row">{{ $one->thing->name }}</th>
                    <td>{{ $one->from->label }} to {{ $one->to->label }}</td><td class="num"><x-length :of="$one->opening->opening"
                        :plan="$site->plan"
                    /></td><td class="num"><x-length :of="$one->opening->needed" :plan="$site->plan" /></td>
                    <td class="num strong"><x-length :of="$one->spare" :plan="$site->plan" /></td>
                    <td><span class="state state-{{ $one->fits() ? 'fits' : 'out' }}">{{ $one->fits() ? 'fits' : ($one->isTooWide() ? 'gap too wide'
                        : 'too narrow') }}</span></td>
                    <td><form method="post" action="{{ route('plan.fit', $site->job) }}">@csrf<input type="hidden" name="based_on"
                        value="{{ $site->job->revision->number }}"><input type="hidden" name="what" value="drop_thing"><input type="hidden"
                        name="place" value="{{ $i }}"><button class="link">Take away<span class="vh"> {{ $one->thing->name }}</span></button></form>
                        </td></tr>
            @endforeach
        </tbody>
    </table>
@endif
